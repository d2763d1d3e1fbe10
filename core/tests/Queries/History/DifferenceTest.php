<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Queries\History;

use Eris\Generators;
use Eris\TestTrait;
use Incastro\Core\Document\Change\Change;
use Incastro\Core\Document\Change\Changes;
use Incastro\Core\Document\Reading\CanonicalJson;
use Incastro\Core\Queries\History\Difference;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

final class DifferenceTest extends TestCase
{
    use TestTrait;

    public function test_the_difference_makes_the_one_into_the_other_and_nothing_is_different_then(): void
    {
        $this->forAll(Generators::choose(0, 100_000))->then(function (int $seed): void {
            mt_srand($seed);
            [$a, $b] = [self::grown(), self::grown()];
            $ops = Difference::between($a, $b);
            $made = $ops === [] ? $a : Changes::apply($a, Change::of($ops))->document;
            self::assertSame(self::standing($b), self::standing($made), "seed $seed");
            self::assertSame([], Difference::between($made, $b), "seed $seed");
        });
    }

    public function test_only_the_leaves_that_differ_are_set(): void
    {
        $other = $document = Sample::e1();
        $other['pieces'][Sample::PIECE]['depth'] = 360;
        $other['pieces'][Sample::PIECE]['left']['set_off'] = 15;
        self::assertSame(
            [[['pieces', Sample::PIECE, 'depth'], 360], [['pieces', Sample::PIECE, 'left', 'set_off'], 15]],
            array_map(fn (array $op): array => [$op['path'], $op['value']], Difference::between($document, $other)),
        );
    }

    public function test_a_length_written_as_a_fraction_of_itself_is_no_difference(): void
    {
        $other = $document = Sample::e1();
        $other['pieces'][Sample::PIECE]['depth'] = 350.0;
        self::assertSame([], Difference::between($document, $other));
    }

    public function test_another_kind_of_edge_comes_whole(): void
    {
        $other = $document = Sample::e1();
        $other['pieces'][Sample::PIECE]['left'] = ['kind' => 'scribed_side', 'set_off' => 6];
        $ops = Difference::between($document, $other);
        self::assertCount(1, $ops);
        self::assertSame(['pieces', Sample::PIECE, 'left'], $ops[0]['path']);
    }

    public function test_a_fact_the_other_does_not_have_is_struck_and_one_it_has_comes_back(): void
    {
        $more = $document = Sample::e1();
        $fact = ['kind' => 'take', 'reading' => Sample::id('W', 1), 'value' => 1211, 'typed' => '1211'];
        $more['facts'][Sample::id('TAKE', 90)] = $fact;
        self::assertSame('append', Difference::between($document, $more)[0]['op']);
        self::assertSame('strike', Difference::between($more, $document)[0]['op']);
        $struck = $more;
        $struck['facts'][Sample::id('TAKE', 90)]['struck'] = true;
        self::assertSame('restore', Difference::between($struck, $more)[0]['op']);
        self::assertSame([], Difference::between($struck, $document));
    }

    /** @return array<string, mixed> the sample after some edits */
    private static function grown(): array
    {
        $document = Sample::bays(Sample::e1(), [[null, 400], [null]]);
        $piece = &$document['pieces'][Sample::PIECE];
        mt_rand(0, 1) && $piece['depth'] = mt_rand(200, 600);
        mt_rand(0, 1) && $piece['left'] = ['kind' => 'trim', 'set_off' => mt_rand(0, 9)];
        mt_rand(0, 1) && $piece['methods']['front'] = 'face_frame';
        if (mt_rand(0, 1)) {
            unset($piece['runs'][Sample::RUN]['bands'][Sample::PLINTH]);
        }
        mt_rand(0, 1) && $piece['runs'][Sample::RUN]['bands'][Sample::BOX]['bays'][Sample::id('BAY', 9)] = ['order' => '99', 'fill' => ['kind' => 'hanging']];
        mt_rand(0, 1) && $document['facts'][Sample::id('TAKE', 80)] = ['kind' => 'take', 'reading' => Sample::id('W', 1), 'value' => 1211, 'typed' => '1211'];
        mt_rand(0, 1) && $document['facts'][Sample::id('TAKE', 1)]['struck'] = true;
        mt_rand(0, 1) && $document['shop'] = ['currency' => 'EUR', 'tax_percent' => 21];

        return $document;
    }

    /** @param  array<string, mixed>  $document */
    private static function standing(array $document): string
    {
        $document['facts'] = array_filter($document['facts'], fn (array $f): bool => ! ($f['struck'] ?? false));

        return CanonicalJson::encode($document);
    }
}
