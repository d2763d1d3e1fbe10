<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Checks\Rules;

use Incastro\Core\Assembly\Loads\Bending;
use Incastro\Core\Design\HungLeaf;
use Incastro\Core\Document\Model\MadeOf;
use Incastro\Core\Measure\Length;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What carries, holds and tips: a document that fails, one moved that passes, and the limit by the formula turned round. */
final class StrengthTest extends TestCase
{
    use Speaks;

    private const KG = 680e-9;

    private const G = 9.81;

    /** 282 × 18 and 18 × 50 about their own axis, 11.4096 under the top: 137 052 + 29 472 + 187 500 + 166 229 = 520 253 mm⁴. */
    public function test_a_nosing_by_hand(): void
    {
        $shelf = new Bending(900, 300, 18, 10_000, 0.4, false);
        $nosed = $shelf->nosed(50);
        self::assertEqualsWithDelta(520_253, $nosed->inertia(), 5);
        self::assertEqualsWithDelta(300 * 18 ** 3 / 12, $shelf->inertia(), 1e-6);
        self::assertEqualsWithDelta($shelf->sag() * 145_800 / 520_253, $nosed->sag(), 1e-4);
        $point = new Bending(900, 300, 18, 10_000, 0.0, false, 0.0, 500);
        self::assertEqualsWithDelta(500 * 900 ** 3 / (48 * 10_000 * 145_800), $point->sag(), 1e-9);
        self::assertEqualsWithDelta(500 * 900 / 4 / (300 * 18 ** 2 / 6), $point->stress(), 1e-9);
        // Of a nosed board the lower edge of the strip is stressed most: 38.5904 from the axis.
        self::assertEqualsWithDelta(0.4 * 900 ** 2 / 8 * (50 - 11.4096) / 520_253, $nosed->stress(), 1e-4);
        // A person on a wide board: 100 + 0.8 · 600 of it, half at a free edge; all of a narrow one.
        self::assertSame([580.0, 290.0, 90.0], [Bending::strip(900, 600, false), Bending::strip(900, 600, true), Bending::strip(90, 600, true)]);
    }

    /** Fixed shelves of particleboard under cans: nothing more to hold, so a nosing is the cure. */
    public function test_a_nosing_cures_what_holding_cannot(): void
    {
        $shelf = self::holding(['shelves' => 'fixed'],
            ['fill' => ['kind' => 'shelves', 'load' => 'cans', 'shelves' => [Sample::id('SH', 1) => ['order' => 'a']]]]);
        $shelf['stock'][Sample::PLY]['made_of'] = 'particleboard';
        $finding = self::told('strength.shelf_sags', $shelf);
        self::assertSame('strength.shelf_sags.nose', $finding['remedy']['key']);
        $cured = self::cured($shelf, $finding);
        self::silent('strength.shelf_sags', $cured);
        $plan = Planned::of($cured);
        self::assertSame([350 - 18, $finding['fix']['ops'][0]['value']],
            [$plan->part('shelf')['finished']['width']['mm'], $plan->part('nosing')['finished']['width']['mm']]);
    }

    /** Let in 6 at each end the shelf is 976, what hangs before it 964 between the sides; and it hangs no lower than what is below. */
    public function test_a_nosing_keeps_between_the_uprights_and_over_what_is_below(): void
    {
        $nosed = fn (float $clear, string $joint): Planned => Planned::of(self::holding(['shelves' => 'fixed', 'joint' => $joint],
            ['fill' => ['kind' => 'shelves', 'nosing' => 120, 'shelves' => [Sample::id('SH', 1) => ['order' => 'a', 'clear_below' => $clear]]]]));
        $plan = $nosed(500, 'dado');
        self::assertSame([976, 964, 120],
            [$plan->part('shelf')['finished']['length']['mm'], $plan->part('nosing')['finished']['length']['mm'],
                $plan->part('nosing')['finished']['width']['mm']]);
        self::assertSame(20 + 18, $nosed(20, 'screws')->part('nosing')['finished']['width']['mm']);
    }

    /** A desk of 964 on cleats of 18: 928 clear, 560 deep, its front edge free. 500 N at the middle of that, on (100 + 0.8 · 928)/2 = 421.2 of it. */
    public function test_a_top_over_a_knee_space(): void
    {
        $desk = function (string $of, int $layers = 1, ?float $parts = null): array {
            $document = self::holding(['back' => 'none'], ['fill' => ['kind' => 'desk', 'layers' => $layers]]);
            $document['pieces'][Sample::PIECE]['depth'] = 560;
            $document['stock'][Sample::PLY]['made_of'] = $of;
            $document['limits'] = $parts === null ? [] : ['strength.top_sags' => $parts];

            return $document;
        };
        $sag = fn (float $e): float => (new Bending(928, 421.2, 18, $e, 421.2 * 18 * self::KG * self::G, false, 0.0, 500))->sag();
        self::assertEqualsWithDelta(5 * 421.2 * 18 * self::KG * self::G * 928 ** 4 / (384 * 10_000 * 204_703.2)
            + 500 * 928 ** 3 / (48 * 10_000 * 204_703.2), $sag(10_000), 1e-9);
        self::silent('strength.top_sags', $desk('birch_ply'));
        $finding = self::told('strength.top_sags', $desk('particleboard'));
        self::assertEqualsWithDelta($sag(2_000), $finding['measured'], 0.1);
        self::assertSame(4.6, $finding['limit'], '928/200, down to a tenth');
        self::silent('strength.top_sags', $desk('particleboard', 2), 'two boards are an eighth');
        $exactly = 928 / $sag(10_000);
        self::silent('strength.top_sags', $desk('birch_ply', 1, $exactly));
        self::told('strength.top_sags', $desk('birch_ply', 1, $exactly + 0.1));
    }

    /**
     * A lid 288 deep over a bay of 976: 1350 N on it and on the two flat rails of 80 that bend with it, all of 12: (288 + 160) · 12³/12. One
     * flat board over 976 breaks under it, one over 470 does not.
     */
    public function test_a_seat_under_one_who_sits_down(): void
    {
        $seat = function (string $of, float $parts): array {
            $document = self::holding(['top' => 'rails'], ['fill' => ['kind' => 'open']]);
            $document['pieces'][Sample::PIECE]['height'] = 450;
            $document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::id('SEAT', 1)] = ['order' => 'c', 'kind' => 'seat', 'lids' => true];
            $document['stock'][Sample::PLY] = [...$document['stock'][Sample::PLY], 'thickness' => 12, 'made_of' => $of];
            $document['limits'] = ['strength.top_sags' => $parts];

            return $document;
        };
        $sag = fn (float $e): float => 5 * 288 * 12 * self::KG * self::G * 976 ** 4 / (384 * $e * 448 * 144) + 1350 * 976 ** 3 / (48 * $e * 448 * 144);
        $lid = fn (array $document): float => max(array_map(fn (array $f): float => $f['measured'],
            array_filter(Planned::of($document)->plan['findings'],
                fn (array $f): bool => $f['code'] === 'strength.seat_sags' && $f['says']['args']['part']['text']['key'] === 'part.lid')));
        self::assertEqualsWithDelta($sag(2_000), $lid($seat('particleboard', 200)), 0.1);
        self::assertEqualsWithDelta($sag(10_000), $lid($seat('birch_ply', 200)), 0.1);
        self::assertSame('stop', self::told('strength.board_breaks', $seat('birch_ply', 200))['severity']);
        $short = $seat('birch_ply', 200);
        $bays = &$short['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::BOX]['bays'];
        $bays[Sample::id('BAY', 7)] = ['order' => 'b', 'fill' => ['kind' => 'open']];
        $short['stock'][Sample::PLY]['thickness'] = 18;
        self::silent('strength.board_breaks', $short, '1350 · 470/4 on 448 · 18²/6 = 24 192: 6.6 of 12');
    }

    /**
     * Slats of 68 on 1510 with a rail under their middle: (1510 − 3·18)/2 clear, so thick as L/100 asks; and as one person on three of them
     * asks, of stuff that is stiff and weak: 333 N over 300.
     */
    #[TestWith(['birch_ply', 12])]
    #[TestWith(['softwood_ply', 7])]
    #[TestWith(['particleboard', 3])]
    public function test_slats_give_as_much_as_a_bed_may(string $of, int $bends): void
    {
        $seen = [];
        foreach (range(6, 40, 2) as $t) {
            $document = self::bed();
            $document['stock'][Sample::PLY]['made_of'] = $of;
            $document['stock'][Sample::PLY]['thickness'] = $t;
            $plan = Planned::of($document);
            $slats = array_values(array_filter($plan->plan['parts'], fn (array $p): bool => $p['role'] === 'slat'));
            $pitch = (1000 - 2 * $t - 68) / (count($slats) - 1);
            $clear = (1510 - 3 * $t) / 2;
            $sag = 5 * $pitch * 2.0e-3 * $clear ** 4 / (384 * MadeOf::from($of)->along() * 68 * $t ** 3 / 12);
            $stress = 1_000 / 3 * ($clear / 4 - 300 / 8) / (68 * $t ** 2 / 6);
            $broken = array_filter($plan->plan['findings'],
                fn (array $f): bool => $f['code'] === 'strength.board_breaks' && $f['place']['ref'] === $slats[0]['id']);
            self::assertSame($stress > $bends * 12 / 7, $broken !== [], "$t thick: $stress N/mm²");
            $told = in_array('strength.slats_sag', $plan->codes(), true);
            self::assertSame($sag > $clear / 100 && $broken === [], $told, "$t thick gives $sag");
            $seen[] = $told || $broken !== [];
        }
        self::assertSame([true, false], array_values(array_unique($seen)));
    }

    /** 2000 · L/4 over what rail and ledger are stiff by together: the higher of the two bends most. */
    public function test_what_one_person_bends_the_front_rail_with(): void
    {
        $seen = [];
        foreach ([24, 18, 12, 6] as $t) {
            $document = self::openBed(self::bed());
            $document['stock'][Sample::PLY]['thickness'] = $t;
            $document['stock'][Sample::PLY]['made_of'] = 'particleboard';
            $plan = Planned::of($document);
            [$rail, $ledger] = [$plan->part('bed_rail'), $plan->part('ledger_front')];
            [$high, $low] = [$rail['finished']['width']['mm'], $ledger['finished']['width']['mm']];
            // It stands on a leg of 90 behind the post at each end.
            $stress = 2_000 * ($rail['finished']['length']['mm'] - 180) / 4 * $high / 2 / ($t * ($high ** 3 + $low ** 3) / 12);
            $own = array_values(array_filter($plan->plan['findings'], fn (array $f): bool => $f['code'] === 'strength.board_breaks'
                && $f['place']['ref'] === $rail['id']));
            self::assertSame($stress > 3, $own !== [], "$t: $stress");
            self::assertEqualsWithDelta($stress, (float) ($own[0]['says']['args']['stress']['name'] ?? $stress), 0.06);
            $seen[] = $own !== [];
        }
        self::assertSame([false, true], array_values(array_unique($seen)));
    }

    public function test_a_bed_rail_and_the_screws_of_its_ledger(): void
    {
        $weak = self::openBed(self::bed());
        $weak['stock'][Sample::PLY] = [...$weak['stock'][Sample::PLY], 'made_of' => 'particleboard', 'thickness' => 3];
        $codes = Planned::of($weak)->codes();
        self::assertTrue(in_array('strength.bed_rail_sags', $codes, true) || in_array('strength.board_breaks', $codes, true));
        self::silent('strength.bed_rail_sags', self::openBed(self::bed()));
        // Over an open stretch the ledger hangs on the wall: half of its length × the deck at 2 kN/m², on 180 a screw behind 12.5, 320 bare;
        // four in each stud, for it is 123 high. In a box it stands on the bottom.
        $ledger = function (float $lining, float ...$studs): array {
            $document = self::studs(self::bed(), ...$studs);
            $document['spaces'][Sample::SPACE]['build']['lining'] = $lining;

            return self::openBed($document);
        };
        $finding = self::told('strength.ledger_screws', $ledger(12.5, 300, 700));
        $plan = Planned::of($ledger(12.5, 300, 700));
        $load = $plan->cut('ledger_rear')[0] * $plan->cut('bed_slat')[0] / 2 * 2.0e-3;
        self::assertSame([(int) ceil($load / 180), 2, 4],
            array_map(fn (string $a): int => $finding['says']['args'][$a]['count'], ['wanted', 'studs', 'most']));
        self::assertSame([5, 9], [(int) ceil($load / 320), (int) ceil($load / 180)]);
        self::silent('strength.ledger_screws', $ledger(0, 300, 700), 'nothing between');
        self::told('strength.ledger_screws', $ledger(0, 300), 'four in one stud');
        self::silent('strength.ledger_screws', $ledger(12.5, 300, 500, 700), 'twelve in three');
        self::silent('strength.ledger_screws', self::studs(self::bed(), 300, 700), 'it stands in its box');
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed> over an open stretch of 500: in a box its rails stand on the bottom
     */
    public static function openBed(array $document): array
    {
        $bands = &$document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'];
        $bands = [Sample::PLINTH => ['order' => 'a', 'kind' => 'gap', 'height' => 500, 'bays' => [Sample::id('BAY', 9) => ['order' => 'a']]],
            Sample::BOX => ['order' => 'b', 'kind' => 'gap', 'bays' => $bands[Sample::BOX]['bays']]];

        return $document;
    }

    /** A rail in the middle of a deck (worked example A1): what one person bends it with, and how wide it spans. */
    public function test_the_rail_in_the_middle_of_a_wide_bed(): void
    {
        // In a stretch over air it stands on legs of 90 at its ends and at half its length: 2000 · L/4 over 18 · 123²/6.
        $bed = function (int $thickness): array {
            $document = Sample::width(Sample::width(Sample::empty('mm'), 1, 100, 2_100), 2, 2_300, 2_100);
            $document['stock'][Sample::PLY]['thickness'] = $thickness;
            $piece = &$document['pieces'][Sample::PIECE];
            $piece['depth'] = 1_700;
            $piece['runs'][Sample::RUN]['bands'] = [
                Sample::PLINTH => ['order' => 'a', 'kind' => 'gap', 'height' => 500, 'bays' => [Sample::id('BAY', 9) => ['order' => 'a']]],
                Sample::BOX => ['order' => 'b', 'kind' => 'gap', 'bays' => [Sample::id('BAY', 1) => ['order' => 'a',
                    'fill' => ['kind' => 'bed', 'lies' => 'along', 'mattress_width' => 1_400, 'mattress_length' => 1_900]]]]];

            return $document;
        };
        $plan = Planned::of($bed(18));
        $leg = array_values(array_filter(array_merge(...array_column(array_values($plan->plan['solids']), 'parts')),
            fn (array $s): bool => str_contains($s['part'], ':bed_leg_1')))[0];
        $long = $plan->part('centre_rail')['finished']['length']['mm'];
        $across = array_column($leg['outline'], 0);
        self::assertSame(90, (int) round(max($across) - min($across)));
        $span = ($long - 3 * 90) / 2;
        self::assertLessThan(12.0, 2_000 * $span / 4 / (18 * 123 ** 2 / 6), 'by hand: it carries');
        self::assertNotContains('strength.centre_rail_breaks', $plan->codes());
        $finding = self::told('strength.centre_rail_breaks', $bed(12));
        self::assertSame('stop', $finding['severity']);
        self::assertEqualsWithDelta($span, $finding['says']['args']['span']['mm'], 7);
        $stress = 2_000 * $finding['says']['args']['span']['mm'] / 4 / (12 * 123 ** 2 / 6);
        self::assertEqualsWithDelta($stress, (float) $finding['says']['args']['stress']['name'], 0.06);
    }

    /** A box 600 high and 350 deep, its nailer of 123 across two studs: four screws in each, 120 N behind back and lining, 400 out. */
    public function test_a_hanging_load_on_studs_and_on_anchors(): void
    {
        $hung = function (float $kg, array $build): array {
            $document = self::studs(self::holding(['back' => 'applied'], ['fill' => ['kind' => 'open']]), 300, 700);
            $piece = &$document['pieces'][Sample::PIECE];
            [$piece['height'], $piece['width'], $piece['stand']] = [600, 900, ['from' => 'left', 'at' => 20, 'up' => 1400]];
            unset($piece['runs'][Sample::RUN]['bands'][Sample::PLINTH]);
            $document['spaces'][Sample::SPACE]['build'] = [...$document['spaces'][Sample::SPACE]['build'], ...$build];

            return self::stored($document, ['kg' => $kg, 'count' => 1]);
        };
        $boards = self::kg($hung(1, []));
        // From the wall to the middle of 344 and a back of 6, 175; from the nailer's middle, 18 + 61.5 under the top, down to the foot 520.5.
        $each = fn (float $down, float $out): float => 1 / (self::G / $down + self::G * 175 / 520.5 / $out);
        $most = 8 * $each(120, 400) - $boards;
        self::silent('strength.hanging_load', $hung(round($most - 0.3, 2), []));
        $args = self::told('strength.hanging_load', $hung(round($most + 0.3, 2), []))['says']['args'];
        self::assertSame([9, 8], [$args['wanted']['count'], $args['has']['count']]);
        self::silent('strength.hanging_load', $hung(round($most + 0.3, 2), ['lining' => 0]), 'a back between: 180 a screw');
        // Along 864 − 30, no nearer than 100: nine anchors; a quarter of 20 kg each.
        $hollow = fn (float $kg, float $each, string $figure): array => $hung($kg,
            ['wall' => 'metal_stud', 'studs' => [], 'anchor_kg' => $each, 'anchor_figure' => $figure]);
        $finding = self::told('strength.anchors_many', $hollow(60, 20, 'ultimate'));
        self::assertSame(['5', 9], [$finding['says']['args']['each']['name'], $finding['says']['args']['has']['count']]);
        $most = 9 * $each(10 * self::G, 10 * self::G) - $boards;
        self::silent('strength.anchors_many', $hollow(round($most - 0.3, 2), 20, 'working'), 'half of a working load');
        self::told('strength.anchors_many', $hollow(round($most + 0.3, 2), 20, 'working'));
    }

    public function test_slides_and_castors_are_rated_for_what_they_carry(): void
    {
        $drawer = function (int $rating, float $kg, string $on = 'slides'): array {
            $document = self::holding([], ['fill' => ['kind' => 'drawers', 'count' => 1, 'rating' => $rating, 'on' => $on]], ['fill' => ['kind' => 'open']]);
            $document['pieces'][Sample::PIECE]['height'] = 400;

            return self::stored($document, ['kg' => $kg, 'count' => 1]);
        };
        $finding = self::told('strength.slides_weak', $drawer(20, 30));
        $wanted = $finding['says']['args']['wanted']['count'];
        self::assertGreaterThan(1.5 * 30, $wanted, 'with its own boards');
        self::silent('strength.slides_weak', self::cured($drawer(20, 30), $finding));
        self::silent('strength.slides_weak', $drawer($wanted, 30), 'exactly the rating');
        self::told('strength.slides_weak', $drawer($wanted - 1, 30));
        self::told('strength.slides_strong', $drawer(3 * $wanted + 1, 30));
        self::silent('strength.slides_strong', $drawer(3 * ($wanted - 1), 30));
        self::assertNull(self::told('strength.slides_weak', $drawer(250, 190))['fix'], 'no slides are rated for so much');
        $castors = self::told('strength.castors_weak', $drawer(5, 30, 'castors'));
        $third = $castors['says']['args']['wanted']['count'];
        self::assertEqualsWithDelta((float) $castors['says']['args']['kg']['name'] / 3, $third, 1.0, 'three of four stand');
        self::silent('strength.castors_weak', $drawer($third, 30, 'castors'));
    }

    public function test_a_door_on_its_hinges(): void
    {
        $door = function (int $leaves, ?float $each = null): array {
            $document = self::holding([], ['fill' => ['kind' => 'open'], 'door' => ['kind' => 'hinged', 'leaves' => $leaves]]);
            $document['limits'] = $each === null ? [] : ['strength.hinges_few' => $each];

            return $document;
        };
        $finding = self::told('strength.hinges_few', $door(1));
        $leaf = array_values(array_filter(Planned::of($door(1))->plan['parts'], fn (array $p): bool => $p['role'] === 'door'))[0];
        [$high, $wide] = [$leaf['finished']['length']['mm'], $leaf['finished']['width']['mm']];
        $kg = $high * $wide * 18 * self::KG;
        $n = HungLeaf::hinges(Length::fromMillimetres($high));
        self::assertEqualsWithDelta($kg, (float) $finding['says']['args']['kg']['name'], 0.1);
        self::assertSame([$n, (int) ceil($kg / (4.5 * 600 / $wide))], [$finding['says']['args']['n']['count'], $finding['says']['args']['wanted']['count']]);
        self::silent('strength.hinges_few', $door(2), 'two leaves carry themselves');
        // The figure at which so many hinges carry just this leaf.
        $exactly = $kg / $n * $wide / 600;
        self::silent('strength.hinges_few', $door(1, $exactly + 1e-4));
        self::told('strength.hinges_few', $door(1, $exactly - 1e-3));
    }

    /** A rack to the top leaves no room for a nailer; 350 high and 350 deep stands. */
    public function test_a_box_without_back_frame_or_nailer(): void
    {
        $rack = function (float $height, string $back = 'none', string $front = 'banded'): array {
            $document = self::holding(['back' => $back, 'front' => $front], ['fill' => ['kind' => 'cubbies', 'columns' => 2, 'rows' => 1]]);
            $document['pieces'][Sample::PIECE]['height'] = $height + 100;
            $document['pieces'][Sample::PIECE]['back_material'] = Sample::BACK;

            return $document;
        };
        self::told('strength.racks', $rack(351));
        self::silent('strength.racks', $rack(350), 'no higher than it is deep');
        self::silent('strength.racks', $rack(900, 'applied'));
        self::silent('strength.racks', $rack(900, 'none', 'face_frame'));
        $held = $rack(900);
        $held['pieces'][Sample::PIECE]['left'] = $held['pieces'][Sample::PIECE]['right'] = ['kind' => 'filler', 'set_off' => 20];
        self::silent('strength.racks', $held, 'the walls hold it');
    }

    /** Drawers under a rack that leaves no room for a nailer: nothing ties the chest. */
    public function test_a_chest_with_its_drawers_out(): void
    {
        $chest = function (float $kg): array {
            $document = self::holding(['back' => 'none'], ['fill' => ['kind' => 'drawers', 'count' => 2]]);
            $piece = &$document['pieces'][Sample::PIECE];
            [$piece['height'], $piece['depth']] = [1000, 450];
            $piece['runs'][Sample::RUN]['bands'][Sample::BOX]['height'] = 500;
            $piece['runs'][Sample::RUN]['bands'][Sample::id('B0X', 2)] = ['order' => 'c', 'kind' => 'box', 'joined' => true,
                'bays' => [Sample::id('BAY', 2) => ['order' => 'a', 'fill' => ['kind' => 'pull_out', 'on' => 'slides', 'shelves' => 1]]]];

            return self::stored($document, ['kg' => $kg, 'count' => 1]);
        };
        $finding = self::told('strength.tips_forward', $chest(60));
        self::assertGreaterThan($finding['says']['args']['back']['count'], $finding['says']['args']['over']['count']);
        self::silent('strength.tips_forward', $chest(1));
        // More in the drawers never makes it safer, and it turns over once.
        $told = array_map(fn (int $kg): bool => in_array('strength.tips_forward', Planned::of($chest($kg))->codes(), true), range(1, 61, 5));
        self::assertSame([false, true], array_values(array_unique($told)));
        $tied = $chest(60);
        $tied['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::id('B0X', 2)]['bays'][Sample::id('BAY', 2)]['fill'] = ['kind' => 'open'];
        self::told('strength.tips_forward', $tied, 'nobody knows the wall');
        $tied['spaces'][Sample::SPACE]['build'] = ['wall' => 'masonry', 'floor' => 'fixed'];
        self::silent('strength.tips_forward', $tied, 'a nailer holds it');
    }

    /** @return array<string, mixed> a bed of 900 × 1500 out from the wall, in a box 964 wide */
    public static function bed(): array
    {
        $document = self::holding([], ['fill' => ['kind' => 'bed', 'lies' => 'across', 'mattress_width' => 900, 'mattress_length' => 1500]]);
        $document['pieces'][Sample::PIECE]['depth'] = 1600;

        return $document;
    }

    /** @param  array<string, mixed>  $document */
    private static function kg(array $document): float
    {
        return array_sum(array_map(fn (array $p): float => $p['finished']['length']['mm'] * $p['finished']['width']['mm'] * $p['thickness'] * self::KG,
            Planned::of($document)->plan['parts']));
    }
}
