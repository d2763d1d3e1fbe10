<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Checks;

use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Limits of docs: filler 12–75, stile ≥ 12, lip ≤ 25, trim ≤ 40, play ≤ 6. Each: inside, on the limit, beyond. */
final class EdgesCloseTest extends TestCase
{
    #[DataProvider('gaps')]
    public function test_each_way_of_closing_has_its_limits(string $kind, float $least, float $greatest, ?string $code): void
    {
        // A plumb niche whose right wall leans away: the right gap runs from the set-off to the set-off plus the lean.
        $lean = $greatest - $least;
        $document = Sample::width(Sample::width(Sample::empty('mm'), 1, 100, 1000), 2, 2300, 1000 + $lean);
        $document = Sample::plumb($document, 1, 'left', 100, 2300, 0);
        $document['pieces'][Sample::PIECE]['left'] = ['kind' => 'play', 'set_off' => 6];
        $document['pieces'][Sample::PIECE]['right'] = ['kind' => $kind, 'set_off' => $least];
        $document['pieces'][Sample::PIECE]['methods'] = ['front' => 'face_frame'];
        $plan = Planned::of($document);
        $edge = $plan->piece()['edges']['right'];
        self::assertEqualsWithDelta([$least, $greatest], [$edge['least'], $edge['greatest']], 1e-9);
        $closing = array_values(array_filter($plan->codes(), fn (string $c): bool => preg_match('/^fit\.(filler|stile|lip|trim|play)_/', $c) === 1));
        self::assertSame($code === null ? [] : [$code], $closing);
        if ($code !== null) {
            self::assertSame(['look', Sample::PIECE.'/right'], [$plan->finding($code)['severity'], $plan->finding($code)['place']['ref']]);
        }
    }

    /** @return iterable<string, array{string, float, float, ?string}> */
    public static function gaps(): iterable
    {
        yield 'filler inside' => ['filler', 20, 60, null];
        yield 'filler on its least' => ['filler', 12, 30, null];
        yield 'filler thin' => ['filler', 11.9, 30, 'fit.filler_thin'];
        yield 'filler on its most' => ['filler', 60, 75, null];
        yield 'filler wide' => ['filler', 60, 75.1, 'fit.filler_wide'];
        yield 'stile on its least' => ['extended_stile', 12, 20, null];
        yield 'stile tight' => ['extended_stile', 11.9, 20, 'fit.stile_tight'];
        yield 'lip on its most' => ['scribed_side', 6, 25, null];
        yield 'lip wide' => ['scribed_side', 6, 25.1, 'fit.lip_wide'];
        yield 'trim on its most' => ['trim', 6, 40, null];
        yield 'trim wide' => ['trim', 6, 40.1, 'fit.trim_wide'];
        yield 'play on its most' => ['play', 6, 6, null];
        yield 'play wide' => ['play', 6, 6.1, 'fit.play_wide'];
    }

    public function test_the_free_side_of_a_piece_that_stands_by_itself_is_no_gap(): void
    {
        $codes = function (float $at): array {
            $document = Sample::width(Sample::width(Sample::empty('mm'), 1, 100, 2400), 2, 2300, 2400);
            $document['pieces'][Sample::PIECE] = ['width' => 600, 'stand' => ['from' => 'left', 'at' => $at],
                'left' => ['kind' => 'play', 'set_off' => 0], 'right' => ['kind' => 'play', 'set_off' => 0]] + $document['pieces'][Sample::PIECE];

            return array_keys(Planned::of($document)->codes(), 'fit.play_wide', true);
        };
        self::assertCount(0, $codes(0), '1800 to the right is the room');
        self::assertCount(0, $codes(900));
        self::assertCount(1, $codes(150), '150 to the left wall is a gap');
        self::assertCount(0, $codes(150.1), 'more is a way past');
    }

    public function test_a_stile_without_a_frame_is_only_a_note(): void
    {
        self::assertSame('note', Planned::of(Sample::e1())->finding('fit.stile_without_frame')['severity']);
    }

    public function test_play_beside_an_opening_or_an_appliance_is_air(): void
    {
        foreach (['wall' => true, 'open' => false, 'appliance' => false] as $side => $said) {
            $document = Sample::e1();
            $document['spaces'][Sample::SPACE]['right'] = $side;
            $document['pieces'][Sample::PIECE]['right'] = ['kind' => 'play', 'set_off' => 40];
            self::assertSame($said, in_array('fit.play_wide', Planned::of($document)->codes(), true), $side);
        }
    }
}
