<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Checks\Rules;

use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** Material and details: a document that fails, one moved that passes, and the limit itself. */
final class MaterialTest extends TestCase
{
    use Speaks;

    /** Softwood ply is a third as stiff across: laid turned on a sheet that lets it, the shelf gives too much. */
    public function test_a_shelf_laid_across_the_grain(): void
    {
        $laid = function (bool $turned, string $of, string $load): array {
            $document = self::holding(['shelves' => 'fixed'],
                ['fill' => ['kind' => 'shelves', 'load' => $load, 'shelves' => [Sample::id('SH', 1) => ['order' => 'a']]]]);
            $document['stock'][Sample::PLY] = [...$document['stock'][Sample::PLY], 'made_of' => $of, 'grain' => false];
            $plan = Planned::of($document);
            $shelf = $plan->part('shelf')['id'];
            $places = [];
            foreach ($plan->plan['cut'][0]['sheets'] as $sheet) {
                foreach ($sheet['placements'] as $p) {
                    $places[] = $p['part'];
                }
            }
            $sheets = [];
            $one = $turned ? ['part' => $shelf, 'x' => 6, 'y' => 6, 'turned' => true] : ['part' => $shelf, 'x' => 6, 'y' => 6, 'turned' => false];
            $sheets[] = ['parts' => [$one]];
            foreach (array_diff(array_unique($places), [$shelf]) as $part) {
                $sheets[] = ['parts' => [['part' => $part, 'x' => 6, 'y' => 6, 'turned' => false]]];
            }
            $document['layouts'] = [Sample::PLY => ['sheets' => $sheets]];

            return $document;
        };
        $finding = self::told('material.weak_axis', $laid(true, 'softwood_ply', 'linen'));
        self::silent('material.weak_axis', self::cured($laid(true, 'softwood_ply', 'linen'), $finding));
        self::silent('material.weak_axis', $laid(false, 'softwood_ply', 'linen'), 'along the grain');
        self::silent('material.weak_axis', $laid(true, 'particleboard', 'toys'), 'as stiff both ways');
        self::silent('material.weak_axis', $laid(true, 'birch_ply', 'toys'), 'stiff enough even so');
    }

    /** A joint of 75 has its two screws exactly 25 from its ends, a shorter one at its quarters. */
    public function test_screws_in_the_edge_of_pressed_board(): void
    {
        $box = function (float $depth, string $of): array {
            $document = self::holding(['joint' => 'screws'], ['fill' => ['kind' => 'open']]);
            $document['pieces'][Sample::PIECE]['depth'] = $depth;
            $document['stock'][Sample::PLY]['made_of'] = $of;
            unset($document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::PLINTH]);
            $document['methods']['back'] = 'captured';

            return $document;
        };
        $bits = self::told('material.edge_screws', $box(74, 'fibreboard'));
        self::assertLessThan(25, $bits['measured']);
        self::assertSame(25, $bits['limit']);
        self::silent('material.edge_screws', $box(74, 'birch_ply'));
        self::silent('material.edge_screws', $box(300, 'fibreboard'));
        $flips = array_map(fn (float $depth): bool => in_array('material.edge_screws', Planned::of($box($depth, 'fibreboard'))->codes(), true), [74.9, 75.0]);
        self::assertSame([true, false], $flips, 'at 75 exactly a third, 25');
    }

    public function test_a_front_edge_that_is_seen_and_bare(): void
    {
        $shelves = fn (array $methods, array $bay = []): array => self::holding($methods,
            ['fill' => ['kind' => 'shelves', 'shelves' => [Sample::id('SH', 1) => ['order' => 'a']]], ...$bay]);
        $finding = self::told('material.edge_bare', $shelves(['front' => 'face_frame']));
        self::silent('material.edge_bare', self::cured($shelves(['front' => 'face_frame']), $finding));
        self::silent('material.edge_bare', $shelves(['front' => 'banded']));
        self::silent('material.edge_bare', $shelves(['front' => 'face_frame'], ['door' => ['kind' => 'hinged', 'leaves' => 2]]), 'behind doors');
        $nosed = $shelves(['front' => 'face_frame']);
        self::bay($nosed, 1)['fill']['nosing'] = 40;
        self::silent('material.edge_bare', $nosed);
        $solid = $shelves(['front' => 'face_frame']);
        $solid['stock'][Sample::PLY]['made_of'] = 'pine';
        self::silent('material.edge_bare', $solid, 'solid wood has no bare edge');
    }

    public function test_thickness_as_read_against_as_sold(): void
    {
        $read = function (float $mm, string $joint = 'screws'): array {
            $document = self::holding(['joint' => $joint], ['fill' => ['kind' => 'shelves', 'shelves' => [Sample::id('SH', 1) => ['order' => 'a']]]]);
            $document['stock'][Sample::PLY] = [...$document['stock'][Sample::PLY], 'thickness' => $mm, 'nominal' => 18];

            return $document;
        };
        self::silent('material.thickness_off', $read(17.1), 'as far off as is usual');
        self::told('material.thickness_off', $read(17.0));
        self::silent('material.thickness_off', $read(18.5));
        self::assertSame([18.6, 18], [($f = self::told('material.thickness_off', $read(18.6)))['measured'], $f['limit']]);
        self::told('material.not_measured', $read(18, 'dado'));
        self::silent('material.not_measured', $read(17.8, 'dado'));
        self::silent('material.not_measured', $read(18, 'screws'));
    }

    public function test_sheets_of_two_batches_and_sheets_no_shop_sells(): void
    {
        $other = function (float $mm): array {
            $document = self::holding([], ['fill' => ['kind' => 'open']]);
            $document['stock'][Sample::PLY]['sizes'] = [Sample::id('S1ZE',
                1) => ['name' => 'From the shed', 'length' => 1220, 'width' => 600, 'thickness' => $mm]];

            return $document;
        };
        self::told('material.mixed_batch', $other(17.6));
        self::silent('material.mixed_batch', $other(17.7), '0.3 apart, exactly');
        self::silent('material.mixed_batch', $other(18.3));
        $sheet = function (float $length, float $width): array {
            $document = self::holding([], ['fill' => ['kind' => 'open']]);
            $document['stock'][Sample::PLY] = [...$document['stock'][Sample::PLY], 'sheet_length' => $length, 'sheet_width' => $width];

            return $document;
        };
        self::told('material.sheet_odd', $sheet(3701, 1220));
        self::told('material.sheet_odd', $sheet(2440, 1851));
        self::silent('material.sheet_odd', $sheet(3700, 1850));
    }

    /** The niche is 1010 wide. */
    public function test_a_number_that_cannot_belong_to_its_axis(): void
    {
        $socket = fn (float $across): array => self::with(self::holding([], ['fill' => ['kind' => 'open']]),
            ['kind' => 'socket', 'across' => $across, 'treatment' => 'keep_clear']);
        self::assertSame(20.1, self::told('site.thing_outside', $socket(930.1))['measured']);
        self::silent('site.thing_outside', $socket(930), 'no further than a reading plays');
    }

    /** The side walls are 391 long; a socket moved there from the back wall kept its 520. */
    public function test_a_thing_that_is_moved_to_a_shorter_wall_is_told_to_end_past_it_and_can_be_moved_within(): void
    {
        $socket = function (float $across, ?float $depth = 391.0): array {
            $document = self::with(self::holding([], ['fill' => ['kind' => 'open']]),
                ['kind' => 'socket', 'face' => 'right', 'across' => $across, 'width' => 86, 'treatment' => 'keep_clear']);
            foreach ($depth === null ? [] : ['left', 'right'] as $n => $side) {
                $document = Sample::reading($document, Sample::id('DEEP', $n), ['kind' => 'depth', 'side' => $side], $depth);
            }

            return $document;
        };
        $finding = self::told('site.thing_past_wall', $socket(520));
        self::assertSame([215, 391], [$finding['measured'], $finding['says']['args']['length']['mm']], '520 + 86 − 391');
        self::assertSame(['op' => 'set', 'value' => 305], array_intersect_key($finding['fix']['ops'][0], ['op' => 0, 'value' => 0]), '391 − 86');
        self::silent('site.thing_past_wall', $socket(305));
        self::silent('site.thing_past_wall', $socket(325), 'no further than a reading plays');
        self::silent('site.thing_past_wall', $socket(520, null), 'how long the wall is nobody has read');
    }

    /** A shelf in the middle of an opening of 2164: its underside at 1191 from the floor; a pipe end that rises to 1200 notches it. */
    public function test_a_notch_that_a_shelf_can_dodge(): void
    {
        $pipe = fn (float $from,
            float $to): array => self::with(self::holding([], ['fill' => ['kind' => 'shelves', 'shelves' => [Sample::id('SH', 1) => ['order' => 'a']]]]),
                ['kind' => 'pipe', 'up' => $from, 'height' => $to - $from, 'width' => 30, 'out' => 40, 'treatment' => 'notch']);
        $finding = self::told('fit.notch_avoidable', $pipe(900, 1195));
        // 6 mm stay clear of a pipe: 1201 less 1191.
        self::assertSame([10, 'way.up'], [$finding['measured'], $finding['says']['args']['way']['text']['key']]);
        $moved = self::cured($pipe(900, 1195), $finding);
        self::assertSame([], array_filter(Planned::of($moved)->part('shelf')['taken'], fn (array $t): bool => $t['kind'] === 'notch'), 'no notch any more');
        // Its underside at 148 and 12 to go down would leave 18 of the opening below: less than may be entered.
        $low = $pipe(160, 300);
        self::bay($low, 1)['fill']['shelves'][Sample::id('SH', 1)]['clear_below'] = 30;
        $down = self::told('fit.notch_avoidable', $low);
        self::assertSame([12, 'way.down', null], [$down['measured'], $down['says']['args']['way']['text']['key'], $down['fix']]);
        self::silent('fit.notch_avoidable', $moved);
        self::silent('fit.notch_avoidable', $pipe(300, 2000), 'a pipe that passes cannot be dodged');
        // 150 up at most: to 1341, less the 6.
        self::told('fit.notch_avoidable', $pipe(900, 1335));
        self::silent('fit.notch_avoidable', $pipe(900, 1335.1));
    }

    public function test_many_slats_drift_from_one_spacer(): void
    {
        $bed = function (float $slat): array {
            $document = self::holding([],
                ['fill' => ['kind' => 'bed', 'lies' => 'across', 'mattress_width' => 900, 'mattress_length' => 1500, 'slat_width' => $slat, 'slat_gap' => 20]]);
            $document['pieces'][Sample::PIECE]['depth'] = 1600;

            return $document;
        };
        $finding = self::told('piece.repeat_drifts', $bed(60));
        $n = $finding['says']['args']['n']['count'];
        self::assertSame([($n - 1) * 0.5, 5], [(float) $finding['measured'], $finding['limit']]);
        // 964 = n·b + (n − 1)·20 at most: eleven slats of 69.5 or more drift 5 exactly.
        self::silent('piece.repeat_drifts', $bed(72));
        self::assertSame(11, count(array_filter(Planned::of($bed(72))->plan['parts'], fn (array $p): bool => $p['role'] === 'slat')));
    }

    /** Three coats take 0.3 of a gap: of 1.8 exactly 1.5 is left. */
    public function test_paint_has_a_thickness(): void
    {
        $door = function (float $gap, int $coats, string $hang = 'inset'): array {
            $document = self::holding([], ['fill' => ['kind' => 'open'], 'door' => ['kind' => 'hinged', 'leaves' => 2, 'hang' => $hang, 'gap' => $gap]]);
            $document['pieces'][Sample::PIECE]['coats'] = $coats;

            return $document;
        };
        $finding = self::told('piece.paint_tight', $door(1.7, 3));
        self::assertSame([1.4, 1.5], [$finding['measured'], $finding['limit']]);
        self::silent('piece.paint_tight', self::cured($door(1.7, 3), $finding));
        self::silent('piece.paint_tight', $door(1.8, 3));
        self::silent('piece.paint_tight', $door(1.7, 0));
        self::silent('piece.paint_tight', $door(1.7, 3, 'overlay'));
    }

    public function test_a_box_to_be_found_has_a_range(): void
    {
        $box = fn (?float $width): array => self::holding([], ['fill' => ['kind' => 'bought_box', 'count' => 2]
            + ($width === null ? [] : ['width' => $width, 'height' => 800, 'depth' => 280])]);
        $finding = self::told('piece.box_range', $box(null));
        // Two in 964, 2 less each; 2164 high, 2 less.
        self::assertSame([480, 2162], [$finding['says']['args']['wide']['mm'], $finding['says']['args']['high']['mm']]);
        self::silent('piece.box_range', $box(400));
    }
}
