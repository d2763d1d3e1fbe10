<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Checks;

use Incastro\Core\Document\Change\Change;
use Incastro\Core\Document\Change\Changes;
use Incastro\Core\Tests\Cut\Machining\Niche;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** Whole documents that fail a rule, pass it with room or piece moved, and stand on its limit. */
final class FixingAndCablesTest extends TestCase
{
    public function test_a_desk_before_a_closed_back_has_no_cable_way_and_the_fix_makes_one(): void
    {
        $document = self::desk();
        $finding = Planned::of($document)->finding('piece.no_cable_way');
        self::assertSame(['piece', Sample::id('BAY', 1)], [$finding['place']['stage'], $finding['place']['ref']]);
        $open = Changes::apply($document, Change::read(['change_id' => Sample::id('CHG', 1), 'base_revision' => 1, 'ops' => $finding['fix']['ops']]))->document;
        self::assertNotContains('piece.no_cable_way', Planned::of($open)->codes());
        $none = $document;
        $none['methods']['back'] = 'none';
        self::assertNotContains('piece.no_cable_way', Planned::of($none)->codes(), 'no back, nothing shut');
        $shelves = Niche::document(['back' => 'applied'], [[null]]);
        self::assertNotContains('piece.no_cable_way', Planned::of($shelves)->codes(), 'shelves want no cable');
    }

    public function test_a_hole_in_the_back_lets_a_plug_through_from_40_mm_up(): void
    {
        $seen = [];
        foreach (range(20, 60, 2) as $wide) {
            $document = self::desk();
            $document['spaces'][Sample::SPACE]['things'] = [Sample::id('THNG', 1) => ['kind' => 'socket', 'order' => 'a', 'face' => 'back',
                'across' => 400, 'up' => 400, 'width' => $wide, 'height' => 90, 'out' => 10, 'treatment' => 'cut_through']];
            $plan = Planned::of($document);
            $holes = array_filter($plan->part('back')['taken'], fn (array $t): bool => $t['kind'] === 'cut_out');
            $least = $holes === [] ? 0 : min(array_map(fn (array $t): float => min($t['length'], $t['width']), $holes));
            self::assertSame($least < 40, in_array('piece.no_cable_way', $plan->codes(), true), "$wide wide, hole $least");
            $seen[] = $least;
        }
        self::assertContains(40, array_map(intval(...), $seen), 'the limit itself was among them');
        self::assertLessThan(40, min($seen));
    }

    public function test_two_studs_behind_the_nailers_hold_a_piece_and_one_does_not(): void
    {
        $codes = fn (float ...$at): array => Planned::of(self::studs(...$at))->codes();
        self::assertNotContains('fit.few_studs', $codes(300, 700));
        self::assertContains('fit.few_studs', $codes(300, 1008), 'one of them stands beside the piece');
        self::assertNotContains('fit.few_studs', $codes(), 'nothing is known of the wall');
        $masonry = self::studs(300);
        $masonry['spaces'][Sample::SPACE]['build']['wall'] = 'masonry';
        self::assertNotContains('fit.few_studs', Planned::of($masonry)->codes());
    }

    /** The side is 18 from 5: a nailer begins at 23, and a screw stands 15 from its end. */
    public function test_a_stud_15_mm_in_from_a_nailer_s_end_counts_just(): void
    {
        self::assertNotContains('fit.few_studs', Planned::of(self::studs(38, 700))->codes());
        $plan = Planned::of(self::studs(37.9, 700));
        self::assertContains('fit.few_studs', $plan->codes());
        // Nailer 18 and back 6 before the wall, 12.5 of lining, 32 of wood.
        $screw = $plan->finding('fit.few_studs')['remedy']['args']['screw']['mm'];
        self::assertEqualsWithDelta(18 + 6 + 12.5 + 32, $screw, 1.001);
    }

    /** @return array<string, mixed> */
    private static function desk(): array
    {
        $document = Niche::document(['back' => 'applied']);
        $document['pieces'][Sample::PIECE]['back_material'] = Sample::BACK;
        $document['pieces'][Sample::PIECE]['depth'] = 560;
        $document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::BOX]['bays'][Sample::id('BAY', 1)]['fill'] = ['kind' => 'desk'];

        return $document;
    }

    /** @return array<string, mixed> */
    private static function studs(float ...$at): array
    {
        $document = Niche::document(['back' => 'applied']);
        $document['pieces'][Sample::PIECE]['back_material'] = Sample::BACK;
        $studs = [];
        foreach ($at as $n => $x) {
            $studs[Sample::id('STVD', $n + 1)] = ['x' => $x];
        }
        $document['spaces'][Sample::SPACE]['build'] = ['wall' => 'wood_stud', 'lining' => 12.5, 'floor' => 'fixed', 'studs' => $studs];

        return $document;
    }
}
