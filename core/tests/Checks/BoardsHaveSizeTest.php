<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Checks;

use Incastro\Core\Checks\BoardsHaveSize;
use Incastro\Core\Design\Panel;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Fit\Fit;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Planning\Planning;
use Incastro\Core\Tests\Demo;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What a room leaves no size for is a stop, told by name and size; whether a room comes to it is for the fit to say. */
final class BoardsHaveSizeTest extends TestCase
{
    #[TestWith([-3.0, ['fit.no_board']])]
    #[TestWith([0.0, ['fit.no_board']])]
    #[TestWith([0.1, []])]
    public function test_a_board_shorter_than_nothing_cannot_be_cut(float $mm, array $codes): void
    {
        $placed = array_values((new Planning(Demo::document('chart-room-left-niche')))->pieces())[0];
        $panels = $placed->fit->panels;
        $panels[3] = new Panel(...array_replace(self::asked($panels[3]), ['width' => Figure::of(Length::fromMillimetres($mm), Text::of('part.top'))]));
        $fit = new Fit(...array_replace(self::asked($placed->fit), ['panels' => $panels]));
        $found = (new BoardsHaveSize)->of(new PlacedPiece($placed->project, $placed->piece, $placed->room, $placed->design, $fit));
        self::assertSame($codes, array_column($found, 'code'));
        foreach ($found as $finding) {
            self::assertSame(Severity::Stop, $finding->severity);
            self::assertSame($panels[3]->id, $finding->place->ref);
            self::assertEqualsWithDelta($mm, $finding->says->args['size']->millimetres(), 1e-9);
        }
    }

    /** @return array<string, mixed> what its constructor asks for, by name */
    private static function asked(object $of): array
    {
        $asked = array_map(fn (\ReflectionParameter $p): string => $p->getName(), (new \ReflectionMethod($of, '__construct'))->getParameters());

        return array_intersect_key(get_object_vars($of), array_flip($asked));
    }
}
