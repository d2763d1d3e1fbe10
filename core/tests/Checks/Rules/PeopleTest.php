<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Checks\Rules;

use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** People: a document that fails, one moved that passes, and the limit itself. */
final class PeopleTest extends TestCase
{
    use Speaks;

    public function test_a_step_no_higher_than_it_is_climbed_and_as_deep_as_a_foot(): void
    {
        $step = function (float $height, float $going): array {
            $document = self::holding([], ['fill' => ['kind' => 'pull_out_step', 'height' => $height, 'going' => $going]]);
            $document['pieces'][Sample::PIECE]['depth'] = 450;

            return $document;
        };
        $high = self::told('people.rise_high', $step(240, 280));
        self::assertSame([240, 220], [$high['measured'], $high['limit']]);
        self::silent('people.rise_high', self::cured($step(240, 280), $high));
        self::silent('people.rise_high', $step(220, 280), 'exactly so high');
        self::told('people.rise_high', $step(220.1, 280));
        $short = self::told('people.going_short', $step(200, 219.9));
        self::silent('people.going_short', self::cured($step(200, 219.9), $short));
        self::silent('people.going_short', $step(200, 220));
    }

    /** A worktop 900 over the floor on a base set back. */
    public function test_toes_want_room_under_a_worktop_and_only_there(): void
    {
        $kitchen = function (float $back, float $height = 900, float $depth = 600): array {
            $document = self::holding([], ['fill' => ['kind' => 'open']]);
            $piece = &$document['pieces'][Sample::PIECE];
            [$piece['height'], $piece['depth']] = [$height, $depth];
            $bands = &$piece['runs'][Sample::RUN]['bands'];
            $bands[Sample::PLINTH]['set_back'] = $back;
            $bands[Sample::id('T0P', 1)] = ['order' => 'c', 'kind' => 'top'];

            return $document;
        };
        $finding = self::told('people.toe_room', $kitchen(49));
        self::assertSame([49, 50], [$finding['measured'], $finding['limit']]);
        self::silent('people.toe_room', self::cured($kitchen(49), $finding));
        self::silent('people.toe_room', $kitchen(50), 'exactly enough');
        self::silent('people.toe_room', $kitchen(20, 1600), 'nobody works at that height');
        self::silent('people.toe_room', $kitchen(20, 900, 350), 'a shelf, not a worktop');
    }

    public function test_a_gap_that_takes_a_childs_finger(): void
    {
        $drawers = function (float $gap, bool $children = true): array {
            $document = self::holding([], ['fill' => ['kind' => 'drawers', 'gap' => $gap]]);
            $document['house'] = ['children' => $children];

            return $document;
        };
        $finding = self::told('people.finger_trap', $drawers(5.1));
        self::silent('people.finger_trap', self::cured($drawers(5.1), $finding));
        self::silent('people.finger_trap', $drawers(5), 'exactly the limit');
        self::silent('people.finger_trap', $drawers(8, false), 'nobody small lives here');
        $wide = self::holding([], ['fill' => ['kind' => 'pull_out', 'on' => 'castors', 'gap' => 12]]);
        $wide['house'] = ['children' => true];
        self::silent('people.finger_trap', $wide, 'so wide it lets go again');
    }

    /** A bunk over an open stretch: its rail begins where the stretch does, the mattress lies 70 + 18 higher and is 150. */
    public function test_a_high_bed_has_a_guard(): void
    {
        $bunk = function (float $up, float $guard, ?string $country = null): array {
            $document = self::holding([], ['fill' => ['kind' => 'open']]);
            $piece = &$document['pieces'][Sample::PIECE];
            $piece['depth'] = 1600;
            $piece['runs'][Sample::RUN]['bands'] = [
                Sample::BOX => ['order' => 'a', 'kind' => 'gap', 'height' => $up, 'bays' => [Sample::id('BAY', 9) => ['order' => 'a']]],
                Sample::id('GAP', 1) => ['order' => 'b', 'kind' => 'gap',
                    'bays' => [Sample::id('BAY', 1) => ['order' => 'a',
                        'fill' => ['kind' => 'bed', 'lies' => 'across', 'mattress_width' => 900, 'mattress_length' => 1500, 'guard' => $guard]]]],
            ];
            $document['house'] = $country === null ? [] : ['country' => $country];

            return $document;
        };
        $finding = self::told('people.bed_guard', $bunk(600, 159));
        self::assertSame([159, 160], [$finding['measured'], $finding['limit']]);
        self::silent('people.bed_guard', self::cured($bunk(600, 159), $finding));
        self::silent('people.bed_guard', $bunk(600, 160));
        self::silent('people.bed_guard', $bunk(599, 0), 'low enough to fall from');
        self::silent('people.bed_guard', $bunk(762, 100, 'us'), 'up to 762 in the US');
        self::told('people.bed_guard', $bunk(763, 126, 'us'));
        self::silent('people.bed_guard', $bunk(763, 127, 'us'));
    }

    /** Boards to the top leave no room for a nailer: nothing holds the piece. */
    public function test_what_children_climb_is_tied_back(): void
    {
        $chest = function (float $height, string $fill = 'cubbies', bool $children = true, string $wall = 'masonry'): array {
            $document = self::holding(['back' => 'none'], ['fill' => ['kind' => $fill]]);
            $document['pieces'][Sample::PIECE]['height'] = $height;
            $document['house'] = ['children' => $children];
            $document['spaces'][Sample::SPACE]['build'] = ['wall' => $wall, 'floor' => 'fixed'];

            return $document;
        };
        self::assertSame([687, 686], [($f = self::told('people.tie_back', $chest(687)))['measured'], $f['limit']]);
        self::silent('people.tie_back', $chest(686), 'exactly so high');
        self::silent('people.tie_back', $chest(900, 'cubbies', false));
        self::silent('people.tie_back', $chest(900, 'open'), 'a nailer holds it');
        self::told('people.tie_back', $chest(900, 'open', true, 'unknown'));
    }

    /** A seat with a lid over a box 964 wide and closed behind. */
    public function test_a_chest_a_child_fits_into_has_vents(): void
    {
        $chest = function (float $height, float $depth = 350): array {
            $document = self::holding(['back' => 'applied', 'top' => 'rails'], ['fill' => ['kind' => 'open']]);
            $piece = &$document['pieces'][Sample::PIECE];
            [$piece['height'], $piece['depth'], $piece['back_material']] = [$height, $depth, Sample::BACK];
            $piece['runs'][Sample::RUN]['bands'][Sample::id('SEAT', 1)] = ['order' => 'c', 'kind' => 'seat', 'lids' => true];
            $document['house'] = ['children' => true];

            return $document;
        };
        $finding = self::told('people.chest_vents', $chest(450));
        self::silent('people.chest_vents', self::cured($chest(450), $finding));
        self::silent('people.chest_vents', $chest(220), 'under 150 high inside');
        // 964 wide, `least` mm deep inside for 30 litres: told at and above it.
        $litres = $finding['says']['args']['litres']['count'];
        self::assertGreaterThanOrEqual(30, $litres);
        $seen = [];
        foreach (range(260, 320, 5) as $height) {
            $plan = \Incastro\Core\Tests\Planned::of($chest($height, 220));
            $told = in_array('people.chest_vents', $plan->codes(), true);
            $seen[] = $told;
            if ($told) {
                self::assertGreaterThanOrEqual(30, $plan->finding('people.chest_vents')['says']['args']['litres']['count']);
            }
        }
        self::assertSame([false, true], array_values(array_unique($seen)), 'too small, then large enough, and no way back');
    }

    public function test_poison_is_high_and_the_everyday_thing_is_not(): void
    {
        $upper = function (float $from, array $thing): array {
            $document = self::holding([], ['fill' => ['kind' => 'open']]);
            $bands = &$document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'];
            // Plinth 100 and a lower box; the upper one's floor lies 18 over where it begins.
            $bands[Sample::BOX]['height'] = $from - 100 - 18;
            $bands[Sample::BOX]['bays'] = [Sample::id('BAY', 2) => ['order' => 'a', 'fill' => ['kind' => 'open']]];
            $bands[Sample::id('B0X', 2)] = ['order' => 'c', 'kind' => 'box',
                'bays' => [Sample::id('BAY', 1) => ['order' => 'a', 'fill' => ['kind' => 'open']]]];
            $document['house'] = ['children' => true];

            return self::stored($document, $thing);
        };
        $finding = self::told('people.poison_low', $upper(1499, ['hazard' => true]));
        self::assertSame([1499, 1500], [$finding['measured'], $finding['limit']]);
        self::silent('people.poison_low', $upper(1500, ['hazard' => true]));
        self::silent('people.poison_low', $upper(1000, ['hazard' => false]));
        self::told('people.out_of_reach', $upper(1701, ['often' => 'daily']));
        self::silent('people.out_of_reach', $upper(1700, ['often' => 'daily']));
        self::silent('people.out_of_reach', $upper(1800, ['often' => 'seldom']));
    }

    public function test_what_two_cannot_carry(): void
    {
        $document = self::holding([], ['fill' => ['kind' => 'open']]);
        $document['limits'] = ['people.lift_heavy' => 10];
        $kg = (float) self::told('people.lift_heavy', $document)['says']['args']['kg']['name'];
        $document['limits'] = ['people.lift_heavy' => $kg / 2];
        self::silent('people.lift_heavy', $document, 'exactly what two carry');
        $document['limits'] = ['people.lift_heavy' => ($kg - 0.1) / 2];
        self::told('people.lift_heavy', $document);
        unset($document['limits']);
        $document['pieces'][Sample::PIECE]['height'] = 900;
        self::silent('people.lift_heavy', $document, 'a smaller one is light enough');
    }

    public function test_a_box_lifted_overhead(): void
    {
        $hung = function (float $up, float $height): array {
            $document = self::holding([], ['fill' => ['kind' => 'open']]);
            $piece = &$document['pieces'][Sample::PIECE];
            [$piece['height'], $piece['width'], $piece['stand']] = [$height, 900, ['from' => 'left', 'at' => 20, 'up' => $up]];
            unset($piece['runs'][Sample::RUN]['bands'][Sample::PLINTH]);

            return $document;
        };
        $finding = self::told('people.lift_high', $hung(1201, 900));
        self::assertGreaterThan(10, (float) $finding['says']['args']['kg']['name']);
        self::silent('people.lift_high', $hung(1200, 900), 'exactly at the shoulder');
        self::silent('people.lift_high', $hung(1201, 100), 'so small it is light');
    }

    /** A seat of 400 before a window. */
    public function test_a_seat_before_a_window_leaves_a_child_no_fall(): void
    {
        $seat = function (float $sill, float $across = 300): array {
            $document = self::holding(['top' => 'rails'], ['fill' => ['kind' => 'open']]);
            $piece = &$document['pieces'][Sample::PIECE];
            $piece['height'] = 400;
            $piece['runs'][Sample::RUN]['bands'][Sample::id('SEAT', 1)] = ['order' => 'c', 'kind' => 'seat'];
            $document['house'] = ['children' => true];

            return self::with($document,
                ['kind' => 'window', 'across' => $across, 'up' => $sill, 'width' => 400, 'height' => 900, 'out' => 0, 'treatment' => 'keep_clear']);
        };
        self::assertSame([799, 800], [($f = self::told('people.window_fall', $seat(1199)))['measured'], $f['limit']]);
        self::silent('people.window_fall', $seat(1200));
        self::silent('people.window_fall', $seat(900, 1100), 'beside it');
    }
}
