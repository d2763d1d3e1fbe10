<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Measure;

use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use PHPUnit\Framework\TestCase;

final class FigureTest extends TestCase
{
    public function test_it_keeps_the_arithmetic_that_made_it(): void
    {
        $mm = Length::fromMillimetres(...);
        $figure = Figure::of($mm(1203), Text::of('a'))->minus($mm(12), Text::of('b'))->minus($mm(25), Text::of('c'))->named(Text::of('d'));
        self::assertSame(1166, $figure->value->millimetres());
        self::assertSame([['start', 1203], ['minus', 12], ['minus', 25], ['equals', 1166]],
            array_map(fn ($line): array => [$line->operation->value, $line->value->millimetres()], $figure->trail));
    }

    public function test_an_inexact_term_makes_the_figure_inexact(): void
    {
        $about = Figure::of(Length::fromMillimetres(3), Text::of('a'), null, false);
        self::assertFalse(Figure::of(Length::fromMillimetres(10), Text::of('b'))->minus($about, Text::of('a'))->exact);
    }

    public function test_shares_that_do_not_divide_are_marked_and_still_sum_to_the_whole(): void
    {
        $whole = Figure::of(Length::fromMillimetres(100), Text::of('a'));
        $shares = $whole->sharedInto(3, Text::of('b'));
        self::assertFalse($shares[0]->exact);
        self::assertSame(100 * Length::PER_MM, array_sum(array_map(fn (Figure $f): int => $f->value->units, $shares)));
        self::assertTrue($whole->sharedInto(4, Text::of('b'))[0]->exact);
    }
}
