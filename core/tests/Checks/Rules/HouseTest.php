<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Checks\Rules;

use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** The house: a document that fails, one moved that passes, and the limit itself. */
final class HouseTest extends TestCase
{
    use Speaks;

    /** A fire whose opening ends 700 up: 200 over it wood stands out 24 at most. */
    public function test_a_mantel_over_an_open_fire(): void
    {
        $over = function (float $up, float $depth): array {
            $document = self::holding([], ['fill' => ['kind' => 'open']]);
            $piece = &$document['pieces'][Sample::PIECE];
            [$piece['height'], $piece['width'], $piece['depth'], $piece['stand']] = [400, 900, $depth, ['from' => 'left', 'at' => 20, 'up' => $up]];
            unset($piece['runs'][Sample::RUN]['bands'][Sample::PLINTH]);

            return self::with($document,
                ['kind' => 'fireplace', 'across' => 200, 'up' => 0, 'width' => 600, 'height' => 700, 'out' => 0, 'treatment' => 'keep_away', 'reach' => 152]);
        };
        $finding = self::told('house.mantel_near', $over(900, 300));
        self::assertSame([300, 24], [$finding['measured'], $finding['limit']]);
        self::silent('house.mantel_near', $over(1005, 300), '305 over it nothing is asked');
        self::told('house.mantel_near', $over(1004, 300));
        self::assertSame(36, self::told('house.mantel_near', $over(1000, 120))['limit'], '3 for each 25 of 300');
    }

    public function test_an_appliance_behind_a_door_gets_air(): void
    {
        $oven = function (bool $door, string $back): array {
            $document = self::holding(['back' => $back], ['fill' => ['kind' => 'appliance', 'width' => 500, 'height' => 500, 'depth' => 300]]
                + ($door ? ['door' => ['kind' => 'hinged', 'leaves' => 2]] : []));
            $document['pieces'][Sample::PIECE]['back_material'] = Sample::BACK;

            return $document;
        };
        $finding = self::told('house.appliance_air', $oven(true, 'applied'));
        self::silent('house.appliance_air', self::cured($oven(true, 'applied'), $finding));
        self::silent('house.appliance_air', $oven(false, 'applied'), 'open in front');
        self::silent('house.appliance_air', $oven(true, 'none'), 'open behind');
        self::assertNull(self::told('house.appliance_air', $oven(true, 'captured'))['fix'], 'a back in grooves is not left out by the bay');
    }

    /** A grille 300 × 150 brought forward: 286 × 136 of opening, 388.96 cm². */
    public function test_a_vent_keeps_its_free_area(): void
    {
        $vent = function (float $needs): array {
            $document = self::holding(['back' => 'applied'], ['fill' => ['kind' => 'open']]);
            $document['pieces'][Sample::PIECE]['back_material'] = Sample::BACK;

            return self::with($document,
                ['kind' => 'vent', 'across' => 300, 'up' => 900, 'width' => 300, 'height' => 150,
                    'out' => 8, 'treatment' => 'bring_forward', 'free_area_cm2' => $needs]);
        };
        self::silent('house.vent_smothered', $vent(388.96), 'exactly as much');
        $finding = self::told('house.vent_smothered', $vent(388.97));
        self::assertSame([388, 389], [$finding['says']['args']['has']['count'], $finding['says']['args']['wanted']['count']]);
        self::silent('house.vent_smothered', $vent(270));
    }

    public function test_what_one_circuit_gives(): void
    {
        $plugged = function (int $watts, array $house, string $unit = 'mm'): array {
            $document = self::holding([], ['fill' => ['kind' => 'appliance', 'width' => 400, 'watts' => $watts]],
                ['fill' => ['kind' => 'appliance', 'width' => 400, 'watts' => 440]]);
            [$document['house'], $document['unit']] = [$house, $unit];

            return $document;
        };
        self::silent('house.circuit_full', $plugged(1000, ['country' => 'us']), '1440, exactly');
        self::told('house.circuit_full', $plugged(1001, ['country' => 'us']));
        self::silent('house.circuit_full', $plugged(2560, ['country' => 'uk']));
        self::told('house.circuit_full', $plugged(2561, []));
        self::told('house.circuit_full', $plugged(1001, [], 'in'), 'in inches, as in the US');
    }

    public function test_pressed_board_keeps_out_of_the_wet(): void
    {
        $stands = function (string $of, bool $damp, float $up = 49): array {
            $document = self::holding([], ['fill' => ['kind' => 'open']]);
            $document['stock'][Sample::PLY]['made_of'] = $of;
            $piece = &$document['pieces'][Sample::PIECE];
            [$piece['height'], $piece['width'], $piece['stand']] = [600, 900, ['from' => 'left', 'at' => 20, 'up' => $up]];
            unset($piece['runs'][Sample::RUN]['bands'][Sample::PLINTH]);
            $document['spaces'][Sample::SPACE]['damp'] = $damp;

            return $document;
        };
        self::told('house.damp_board', $stands('particleboard', true));
        self::silent('house.damp_board', $stands('particleboard', true, 50), 'it hangs exactly 50 over the floor');
        self::silent('house.damp_board', $stands('particleboard', false));
        self::told('house.damp_board',
            self::with($stands('fibreboard', false), ['kind' => 'trap', 'up' => 300, 'treatment' => 'notch']), 'a trap is wet enough');
        self::told('house.damp_edges', $stands('birch_ply', true));
        self::silent('house.damp_edges', $stands('birch_ply', false));
    }

    /** All it weighs is what is listed and the boards: the rule's own number tells how much is too much. */
    public function test_a_floating_floor_is_not_pinned(): void
    {
        $heavy = function (float $kg, string $floor = 'floating'): array {
            $document = self::holding([], ['fill' => ['kind' => 'open']]);
            $document['spaces'][Sample::SPACE]['build'] = ['floor' => $floor];

            return self::stored($document, ['kg' => $kg, 'count' => 1]);
        };
        self::told('house.floor_pinned', $heavy(150));
        self::silent('house.floor_pinned', $heavy(150, 'fixed'));
        self::silent('house.floor_pinned', $heavy(50));
        $cut = $heavy(150);
        $cut['pieces'][Sample::PIECE]['base'] = ['kind' => 'play', 'set_off' => 0, 'floating' => 'cut_away'];
        self::silent('house.floor_pinned', $cut);
        // Boards and load together: so many kg of boards, and the rest is the limit.
        $boards = array_sum(array_map(fn (array $p): float => $p['finished']['length']['mm'] * $p['finished']['width']['mm'] * $p['thickness'] * 680e-9,
            Planned::of($heavy(50))->plan['parts']));
        self::silent('house.floor_pinned', $heavy(150 - $boards - 0.05));
        self::told('house.floor_pinned', $heavy(150 - $boards + 0.05));
    }

    public function test_the_space_under_a_stair_waits_for_building_control(): void
    {
        $under = self::holding([], ['fill' => ['kind' => 'open']]);
        $under['spaces'][Sample::SPACE]['kind'] = 'under_stair';
        $finding = self::told('house.fire_lining', $under);
        self::assertSame(['stop', 'building_control', true], [$finding['severity'], $finding['decides'], $finding['holds']]);
        $lined = $under;
        $lined['spaces'][Sample::SPACE]['build'] = ['fire_lined' => true];
        self::silent('house.fire_lining', $lined);
        self::silent('house.fire_lining', self::holding([], ['fill' => ['kind' => 'open']]), 'no stair over it');
    }

    public function test_nothing_is_screwed_into_a_door_cavity(): void
    {
        $cavity = fn (float $from): array => self::with(self::studs(self::holding(['back' => 'applied'], ['fill' => ['kind' => 'open']]), 300, 700),
            ['kind' => 'door_cavity', 'across' => $from, 'up' => 0, 'width' => 250, 'height' => 2300, 'out' => 0, 'treatment' => 'keep_clear']);
        self::assertSame(1, self::told('house.no_fix_pierced', $cavity(200))['says']['args']['n']['count']);
        self::silent('house.no_fix_pierced', $cavity(400), 'between the two');
        self::silent('house.no_fix_pierced', $cavity(300), 'it begins where the screw is');
        self::told('house.no_fix_pierced', $cavity(299.9));
    }

    /** A socket 100 wide from 400: straight up from it, 250 to 650 is left alone. */
    public function test_screws_keep_out_of_where_lines_run(): void
    {
        $socket = fn (float ...$studs): array => self::with(self::studs(self::holding(['back' => 'applied'], ['fill' => ['kind' => 'open']]), ...$studs),
            ['kind' => 'socket', 'treatment' => 'keep_clear']);
        self::assertSame('look', self::told('house.service_zone', $socket(300, 700))['severity'], 'one screw is left');
        self::assertSame('note', self::told('house.service_zone', $socket(300, 700, 900))['severity'], 'two are left');
        self::silent('house.service_zone', $socket(250, 650), 'exactly 150 from it');
        self::told('house.service_zone', $socket(250.1, 700));
        $high = self::with(self::studs(self::holding(['back' => 'applied'], ['fill' => ['kind' => 'open']]), 100, 900),
            ['kind' => 'socket', 'up' => 2100, 'treatment' => 'keep_clear']);
        self::assertSame(2, self::told('house.service_zone', $high, 'across from it')['says']['args']['n']['count']);
    }

    public function test_what_may_carry_the_house_is_never_cut(): void
    {
        $post = fn (string $kind, string $treatment): array => self::with(self::holding([], ['fill' => ['kind' => 'open']]),
            ['kind' => $kind, 'treatment' => $treatment]);
        self::assertSame('structural_engineer', self::told('house.structure_cut', $post('post', 'take_off'))['decides']);
        self::told('house.structure_cut', $post('stringer', 'cut_through'));
        self::silent('house.structure_cut', $post('post', 'notch'), 'the piece is notched, not the post');
        self::silent('house.structure_cut', $post('baseboard', 'take_off'));
    }

    public function test_old_paint_and_boards_are_tested_first(): void
    {
        $old = function (int $year, ?string $country, string $treatment = 'take_off'): array {
            $document = self::with(self::holding([], ['fill' => ['kind' => 'open']]), ['kind' => 'baseboard', 'treatment' => $treatment]);
            $document['house'] = ['built' => $year] + ($country === null ? [] : ['country' => $country]);

            return $document;
        };
        self::told('house.old_paint', $old(1977, 'us'));
        self::silent('house.old_paint', $old(1978, 'us'));
        self::assertSame('lead_test', self::told('house.old_paint', $old(1991, 'uk'))['decides']);
        self::silent('house.old_paint', $old(1992, 'uk'));
        self::assertSame('asbestos_test', self::told('house.old_boards', $old(1999, null))['decides']);
        self::silent('house.old_boards', $old(2000, null));
        self::silent('house.old_boards', $old(1980, 'us'));
        self::silent('house.old_paint', $old(1950, 'uk', 'notch'), 'nothing is taken off or cut into');
    }

    public function test_gas_water_and_the_landlord_are_asked(): void
    {
        $moved = fn (string $kind, string $treatment): array => self::with(self::holding([], ['fill' => ['kind' => 'open']]),
            ['kind' => $kind, 'treatment' => $treatment]);
        self::assertSame('gas_fitter', self::told('house.service_moved', $moved('gas_pipe', 'box_in'))['decides']);
        self::silent('house.service_moved', $moved('gas_pipe', 'keep_clear'));
        self::assertSame('plumber', self::told('house.service_moved', $moved('trap', 'take_off'))['decides']);
        self::silent('house.service_moved', $moved('trap', 'notch'));

        $rented = $moved('baseboard', 'take_off');
        $rented['house'] = ['rented' => true];
        self::assertSame('landlord', self::told('house.landlord', $rented)['decides']);
        $rented['house'] = ['rented' => false];
        self::silent('house.landlord', $rented);

        self::told('house.circuit_off', $moved('socket', 'bring_forward'));
        self::silent('house.circuit_off', $moved('socket', 'keep_clear'));
    }

    public function test_what_was_decided_lets_it_go_on_or_holds_it(): void
    {
        $document = self::with(self::holding([], ['fill' => ['kind' => 'open']]), ['kind' => 'post', 'treatment' => 'take_off']);
        $ref = self::told('house.structure_cut', $document)['place']['ref'];
        $said = fn (bool $goesOn): array => [...$document, 'decisions' => [Sample::id('DEC', 1) => ['code' => 'house.structure_cut', 'ref' => $ref,
            'who' => 'M. Arden, engineer', 'on' => '2026-11-20', 'said' => 'Carries nothing.', 'goes_on' => $goesOn]]];
        $finding = self::told('house.structure_cut', $said(true));
        self::assertSame([false, 'M. Arden, engineer', true], [$finding['holds'], $finding['decided']['who'], $finding['decided']['goes_on']]);
        self::assertTrue(self::told('house.structure_cut', $said(false))['holds'], 'asked, and it may not');
    }
}
