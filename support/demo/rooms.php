<?php

declare(strict_types=1);

/**
 * The rooms of Gannet Point Lookout. Each `true` surface gives mm over its two axes (mm): walls and cheeks x over (y, z),
 * back and front y over (x, z), floor and overhead z over (x, y).
 *
 * @return array<string, array<string, mixed>>
 */
function rooms(): array
{
    $box = fn (float $w, float $d, float $h, array $crooked = []): array => $crooked + [
        'left' => fn (float $y, float $z): float => 0.0,
        'right' => fn (float $y, float $z): float => $w,
        'back' => fn (float $x, float $z): float => 0.0,
        'front' => fn (float $x): float => $d,
        'floor' => fn (float $x, float $y): float => 0.0,
        'ceiling' => fn (float $x, float $y): float => $h,
    ];
    $lean = fn (float $at, float $perMetreUp, float $perMetreOut, float $bow = 0.0): Closure => fn (float $a, float $z): float => $at + $perMetreUp * ($z - 100) / 1000 + $perMetreOut * $a / 1000 + $bow * sin($z / 700);

    return [
        'chart-room-left-niche' => [
            'kind' => 'niche', 'unit' => 'mm', 'ids' => '01J8R1', 'id' => '01JCHARTR00M0000000000EFT1', 'name' => 'Chart room, left niche', 'space' => 'Left niche',
            'decide' => fn (array $piece): array => ['base' => ['kind' => 'trim', 'set_off' => 0], 'finish' => ['kind' => 'paint', 'primer' => true, 'colour' => 'Harbour grey', 'sheen' => 'satin']] + $piece,
            'shop' => ['currency' => 'EUR', 'tax_percent' => 21, 'tax_included' => true, 'budget_cents' => 45000, 'lines' => [
                'buy.screw 1600000' => ['in_hand' => 12, 'price_cents' => 480], 'hardware.shelf_pin' => ['price_cents' => 360], 'glue' => ['in_hand' => 0.25],
                'primer' => ['price_cents' => 2690], 'paint Harbour grey satin' => ['price_cents' => 3850], 'shim' => ['price_cents' => 420], 'caulk' => ['price_cents' => 390],
            ]],
            'true' => $box(1049, 402, 2389, [
                'left' => fn (float $y, float $z): float => 2.7 * ($z - 100) / 1000 + 5.0 * (402 - $y) / 1000,
                'right' => fn (float $y, float $z): float => 1048 - 1.4 * ($z - 100) / 1000 - 7.0 * (402 - $y) / 1000,
                'back' => fn (float $x, float $z): float => 1.8 * ($z - 100) / 1000,
                'front' => fn (float $x): float => 402 - 4 * $x / 1048,
                'floor' => fn (float $x, float $y): float => 4 * $x / 1048 + 2 * (402 - $y) / 402,
                'ceiling' => fn (float $x, float $y): float => 2391 - 3 * $x / 1048,
            ]),
            'piece' => chartShelves(), 'way' => wayIn(),
            'also' => ['build' => ['wall' => 'plaster_on_lath', 'lining' => 26, 'spacing' => 400, 'floor' => 'fixed']], 'studs' => [['x' => 212], ['x' => 640, 'doubtful' => true]],
            'things' => [
                thing('baseboard', 'back', 0, 0, 1048, 145, 18, 'take_off'), thing('baseboard', 'left', 0, 0, 400, 145, 18, 'take_off'), thing('baseboard', 'right', 0, 0, 400, 145, 18, 'take_off'),
                thing('double_socket', 'back', 520, 320, 146, 86, 9, 'bring_forward'), thing('wall_plate', 'right', 150, 1060, 86, 86, 7, 'keep_clear', ['name' => 'old bell plate']),
            ],
        ],
        'chart-room-fireside' => [
            'kind' => 'fireside', 'unit' => 'mm', 'ids' => '01J8R2', 'id' => '01JCHARTR00M000000000F1RE1', 'name' => 'Chart room, chimney wall', 'space' => 'Chimney wall',
            'reached' => wayIn(),
            'things' => [
                thing('vent', 'back', 1640, 160, 230, 150, 8, 'bring_forward', ['free_area_cm2' => 190, 'flow' => 'out', 'name' => 'vent of the blocked fireplace']),
                thing('socket', 'back', 240, 310, 86, 86, 9, 'cut_through'), thing('baseboard', 'left', 0, 0, 420, 145, 18, 'notch'),
            ],
            'true' => $box(3406, 420, 2388, [
                'left' => $lean(0, 2.4, 3.0), 'right' => $lean(3406, -1.6, 2.0),
                'breast_left' => $lean(1062, 1.2, -3.0), 'breast_right' => $lean(2398, -0.8, 2.5),
                'breast_front' => fn (float $x, float $z): float => 398 + 1.5 * $z / 1000 + 2 * $x / 3406,
                'back' => fn (float $x, float $z): float => 1.5 * ($z - 100) / 1000, 'floor' => fn (float $x, float $y): float => 9 * $x / 3406,
            ]),
            'starter' => 'fireside-flanks',
        ],
        'stair-store' => [
            'kind' => 'under_stair', 'unit' => 'mm', 'ids' => '01J8R3', 'id' => '01JSTA1RST0RE0000000000001', 'name' => 'Stair store', 'space' => 'Under the stair',
            'reached' => wayAtGround(),
            'things' => [thing('light', 'back', 900, 1150, 120, 160, 90, 'keep_clear'), thing('meter', 'left', 600, 1150, 260, 380, 150, 'keep_clear')],
            'true' => $box(2380, 870, 2300, [
                'slope' => fn (float $x, float $y): float => 2012 - 0.742 * $x, 'left' => $lean(0, 3.1, -2.0), 'right' => fn (): float => 2380.0,
                'back' => fn (float $x, float $z): float => -1.1 * ($z - 100) / 1000, 'floor' => fn (float $x, float $y): float => -6 * $x / 2380 + 3 * (870 - $y) / 870,
            ]),
            'starter' => 'under-stair-pull-outs',
        ],
        'bunk-room' => [
            'kind' => 'under_slope', 'unit' => 'mm', 'ids' => '01J8R4', 'id' => '01JBVNKR00M000000000000001', 'name' => 'Bunk room', 'space' => 'Under the roof',
            'also' => ['build' => ['wall' => 'wood_stud', 'lining' => 12.5, 'first_stud' => 200, 'spacing' => 400, 'floor' => 'fixed']],
            'house' => ['country' => 'uk', 'children' => true],
            'reached' => wayIn(),
            'things' => [thing('socket', 'left', 700, 520, 86, 86, 9, 'keep_clear'), thing('radiator', 'right', 1080, 120, 140, 600, 95, 'keep_away')],
            'true' => $box(2210, 1240, 2300, [
                'slope' => fn (float $x, float $y): float => 906 + 0.6857 * $y - 5 * $x / 2210, 'left' => $lean(0, -2.0, 4.0), 'right' => $lean(2210, 1.5, -3.0),
                'back' => fn (float $x, float $z): float => 2.6 * ($z - 100) / 1000, 'floor' => fn (float $x, float $y): float => 7 * $x / 2210,
            ]),
            'starter' => 'knee-wall-shelves-with-desk',
        ],
        'galley-sink' => [
            'kind' => 'in_cupboard', 'unit' => 'mm', 'ids' => '01J8R5', 'id' => '01JGA11EY00000000000000001', 'name' => 'Galley, sink cupboard', 'space' => 'Sink base',
            'reached' => wayAtGround(),
            'things' => [
                thing('trap', 'back', 370, 300, 130, 260, 210, 'notch', ['reach' => 150]), thing('shut_off', 'back', 210, 420, 60, 90, 75, 'keep_clear', ['name' => 'cold valve']),
                thing('shut_off', 'back', 600, 420, 60, 90, 75, 'keep_clear', ['name' => 'hot valve']), thing('hose', 'right', 60, 180, 40, 300, 60, 'notch', ['name' => 'dishwasher hose']),
            ],
            'true' => $box(864, 556, 712, [
                'mouth_left' => fn (): float => 42.0, 'mouth_right' => fn (): float => 820.0, 'mouth_head' => fn (): float => 640.0, 'mouth_depth' => fn (): float => 19.0,
                'left' => $lean(0, 0.5, 1.0), 'right' => $lean(864, 0.8, 0.0),
            ]),
            'starter' => 'sink-base-shelf',
        ],
        'gear-locker' => [
            'kind' => 'closet', 'unit' => 'mm', 'ids' => '01J8R6', 'id' => '01JGEAR10CKER0000000000001', 'name' => 'Gear locker', 'space' => 'Closet',
            'also' => ['build' => ['wall' => 'wood_stud', 'lining' => 12.5, 'first_stud' => 120, 'spacing' => 400, 'floor' => 'fixed']],
            'reached' => wayAtGround(),
            'things' => [
                thing('vent', 'back', 900, 180, 300, 150, 8, 'bring_forward', ['free_area_cm2' => 280, 'flow' => 'out']), thing('meter', 'right', 60, 1350, 250, 350, 160, null, ['name' => 'water meter']),
                thing('door', 'opening', 212, 0, 972, 2030, 40, 'keep_clear', ['hinge' => 'right']), thing('baseboard', 'left', 0, 0, 648, 95, 14, 'take_off'),
            ],
            'true' => $box(1420, 648, 2395, [
                'mouth_left' => fn (float $y, float $z): float => 212 + 0.8 * $z / 1000, 'mouth_right' => fn (float $y, float $z): float => 1184 - 0.5 * $z / 1000,
                'mouth_head' => fn (): float => 2032.0, 'mouth_depth' => fn (): float => 118.0,
                'left' => $lean(0, 1.9, -6.0, 1.5), 'right' => $lean(1420, 2.2, 3.0), 'back' => fn (float $x, float $z): float => -1.4 * ($z - 100) / 1000,
                'floor' => fn (float $x, float $y): float => -3 * $x / 1420,
            ]),
            'starter' => 'hall-hooks-and-bench',
        ],
        'lamp-room-bench' => [
            'kind' => 'floor_area', 'unit' => 'mm', 'ids' => '01J8R7', 'id' => '01J1AMPR00M000000000000001', 'name' => 'Lamp-room bench', 'space' => 'Window seat',
            'reached' => wayIn(),
            'things' => [thing('window', 'back', 380, 780, 1020, 1250, 0, 'keep_clear'), thing('sill', 'back', 340, 752, 1100, 28, 70, 'keep_clear'), thing('window_trim', 'back', 310, 752, 70, 1300, 18, 'keep_clear')],
            'also' => ['right' => 'wall'],
            'true' => $box(1784, 520, 2340, [
                'left' => $lean(0, 1.2, 5.0), 'right' => $lean(1784, 0.9, -4.0), 'back' => fn (float $x, float $z): float => -2.0 * ($z - 100) / 1000,
                'floor' => fn (float $x, float $y): float => 5 * $x / 1784 - 2 * (520 - $y) / 520,
            ]),
            'more' => [['kind' => 'width', 'plane' => 'back', 'z' => 100], ['kind' => 'width', 'plane' => 'front', 'z' => 430]],
            'starter' => 'window-bench',
        ],
        'wash-house-gap' => [
            'kind' => 'appliance_gap', 'unit' => 'mm', 'ids' => '01J8R8', 'id' => '01JWASHGAP0000000000000001', 'name' => 'Wash-house, beside the washer', 'space' => 'Gap beside the washer',
            'also' => ['build' => ['wall' => 'masonry', 'lining' => 15]],
            'reached' => wayAtGround(),
            'things' => [thing('hose', 'back', 40, 700, 40, 120, 60, 'cut_through', ['name' => 'washer hose'])],
            'true' => $box(262, 604, 2310, ['right' => $lean(262, 0.6, 1.0), 'floor' => fn (float $x, float $y): float => 2 * $x / 262]),
            'starter' => 'laundry-caddy-and-cupboard',
        ],
        'signal-cabin-corner' => [
            'kind' => 'corner', 'unit' => 'in', 'ids' => '01J8R9', 'id' => '01JS1GNA1C0RNER00000000001', 'name' => 'Signal cabin, corner bench', 'space' => 'Bench corner',
            'things' => [thing('baseboard', 'back', 0, 0, 1930.4, 101.6, 15.875, 'notch'), thing('baseboard', 'left', 0, 0, 609.6, 101.6, 15.875, 'notch'), thing('two_way_switch', 'left', 203.2, 1066.8, 69.85, 114.3, 6.35, 'keep_clear')],
            'true' => $box(1930.4, 609.6, 2286, [
                'left' => $lean(0, 2.2, -9.0), 'back' => fn (float $x, float $z): float => 1.4 * ($z - 100) / 1000 + 2.0 * sin($x / 600), 'floor' => fn (float $x, float $y): float => 6 * $x / 1930,
            ]),
            'starter' => 'corner-reading-bench',
        ],
        'pantry-passage-wall' => [
            'kind' => 'wall', 'unit' => 'mm', 'ids' => '01J8RA', 'id' => '01JPANTRY0WA1100000000001A', 'name' => 'Pantry passage, lower cupboards', 'space' => 'Long wall',
            'reached' => wayAtGround(),
            'also' => ['build' => ['wall' => 'wood_stud', 'lining' => 12.5, 'first_stud' => 180, 'spacing' => 400, 'floor' => 'floating']],
            'things' => [thing('bump_out', 'back', 2420, 0, 220, 2420, 180, 'keep_clear', ['name' => 'pipe chase']), thing('shoe', 'back', 0, 0, 2420, 18, 12, 'take_off'), thing('double_socket', 'back', 1100, 1080, 146, 86, 9, 'keep_clear')],
            'true' => $box(2640, 480, 2420, ['back' => fn (float $x, float $z): float => 1.2 * ($z - 100) / 1000 + 2.5 * sin($x / 800), 'floor' => fn (float $x, float $y): float => -8 * $x / 2640]),
            'starter' => 'pantry-lower-and-upper',
        ],
        'pantry-passage-upper' => [
            'kind' => 'wall_hung', 'unit' => 'mm', 'ids' => '01J8RB', 'id' => '01JPANTRYHVNG0000000000001', 'name' => 'Pantry passage, wall cupboards', 'space' => 'Above the counter',
            'reached' => wayAtGround(),
            'also' => ['build' => ['wall' => 'wood_stud', 'lining' => 12.5, 'first_stud' => 180, 'spacing' => 400]],
            'things' => [thing('bump_out', 'back', 2420, 0, 220, 2420, 180, 'keep_clear', ['name' => 'pipe chase']), thing('detector', 'ceiling', 2000, 250, 110, 110, 42, 'keep_away')],
            'true' => $box(2640, 320, 2420, ['back' => fn (float $x, float $z): float => 1.2 * ($z - 1200) / 1000 + 2.0 * sin($x / 800)]),
            'piece' => ['name' => 'Wall cupboards', 'height' => 750, 'depth' => 300, 'width' => 2300, 'stand' => ['from' => 'left', 'at' => 0, 'up' => 1350], 'methods' => ['back' => 'none']],
            'decide' => threeBays(...),
        ],
        'wash-house-linen' => [
            'kind' => 'niche', 'unit' => 'mm', 'ids' => '01J8RC', 'id' => '01JWASHY1NEN00000000000001', 'name' => 'Wash-house, linen niche', 'space' => 'Linen niche',
            'reached' => wayAtGround(),
            'things' => [thing('baseboard', 'back', 0, 0, 790, 95, 14, 'take_off')],
            'true' => $box(792, 540, 2304, ['left' => $lean(0, 1.1, 3.0), 'right' => $lean(792, -0.9, 2.0), 'back' => fn (float $x, float $z): float => 1.0 * ($z - 100) / 1000, 'floor' => fn (float $x, float $y): float => 3 * $x / 792]),
            'starter' => 'linen-cupboard',
        ],
        'wash-house-basin' => [
            'kind' => 'wall', 'unit' => 'mm', 'ids' => '01J8RD', 'id' => '01JWASHBAS1N00000000000001', 'name' => 'Wash-house, pedestal basin', 'space' => 'Basin wall',
            'reached' => wayAtGround(),
            'things' => [thing('trap', 'back', 905, 420, 130, 220, 190, 'keep_clear'), thing('shut_off', 'back', 800, 460, 60, 90, 70, 'keep_clear', ['name' => 'cold valve']), thing('shut_off', 'back', 1080, 460, 60, 90, 70, 'keep_clear', ['name' => 'hot valve'])],
            'true' => $box(1940, 560, 2310, ['back' => fn (float $x, float $z): float => 1.3 * ($z - 100) / 1000 + 1.5 * sin($x / 700), 'floor' => fn (float $x, float $y): float => 4 * $x / 1940]),
            'starter' => 'washstand',
        ],
        'signal-cabin-closet' => [
            'kind' => 'closet', 'unit' => 'in', 'ids' => '01J8RE', 'id' => '01JS1GNA1C10SET00000000001', 'name' => 'Signal cabin, walk-in closet', 'space' => 'Walk-in closet',
            'decide' => fn (array $piece): array => ['top' => ['kind' => 'trim', 'set_off' => 0], 'finish' => ['kind' => 'clear']] + $piece,
            'shop' => ['currency' => 'USD', 'tax_percent' => 8.25, 'tax_included' => false, 'lines' => ['glue' => ['price_cents' => 649], 'clear' => ['price_cents' => 2799], 'shim' => ['price_cents' => 379]]],
            'true' => $box(2286, 762, 2413, [
                'mouth_left' => fn (): float => 660.4, 'mouth_right' => fn (): float => 1574.8, 'mouth_head' => fn (): float => 2032.0, 'mouth_depth' => fn (): float => 114.3,
                'left' => $lean(0, 1.6, 2.0), 'right' => $lean(2286, 1.2, -3.0), 'back' => fn (float $x, float $z): float => 0.9 * ($z - 100) / 1000, 'floor' => fn (float $x, float $y): float => 5 * $x / 2286,
            ]),
            'starter' => 'closet-wall',
        ],
        'signal-cabin-loft' => [
            'kind' => 'floor_area', 'unit' => 'mm', 'ids' => '01J8RF', 'id' => '01JS1GNA110FT0000000000001', 'name' => 'Signal cabin, loft bed', 'space' => 'Behind the door',
            'also' => ['right' => 'wall', 'build' => ['wall' => 'wood_stud', 'lining' => 12.5, 'first_stud' => 180, 'spacing' => 400]],
            'true' => $box(2120, 1250, 2640, ['left' => $lean(0, 1.5, 2.0), 'right' => $lean(2120, 0.8, -2.0), 'back' => fn (float $x, float $z): float => 1.1 * ($z - 100) / 1000, 'floor' => fn (float $x, float $y): float => 4 * $x / 2120]),
            'more' => [['kind' => 'width', 'plane' => 'back', 'z' => 100], ['kind' => 'width', 'plane' => 'front', 'z' => 1200]],
            'starter' => 'loft-on-cupboards',
        ],
        'bunk-room-berth' => [
            'kind' => 'under_slope', 'unit' => 'mm', 'ids' => '01J8RG', 'id' => '01JBVNKBERTH00000000000001', 'name' => 'Bunk room, platform berth', 'space' => 'Under the roof, seaward',
            'also' => ['build' => ['wall' => 'wood_stud', 'lining' => 12.5, 'first_stud' => 180, 'spacing' => 400, 'floor' => 'fixed']],
            'house' => ['country' => 'uk', 'children' => true],
            'reached' => wayIn(),
            'true' => $box(2040, 1400, 2300, [
                'slope' => fn (float $x, float $y): float => 1020 + 0.62 * $y, 'left' => $lean(0, -1.0, 2.0), 'right' => $lean(2040, 1.2, -1.0),
                'back' => fn (float $x, float $z): float => 1.6 * ($z - 100) / 1000, 'floor' => fn (float $x, float $y): float => 4 * $x / 2040,
            ]),
            'starter' => 'platform-bunk',
        ],
        'stair-store-cupboard' => [
            'kind' => 'under_stair', 'unit' => 'mm', 'ids' => '01J8RH', 'id' => '01JSTA1RCVPB0ARD0000000001', 'name' => 'Tower stair, cupboard', 'space' => 'Under the tower stair',
            'also' => ['build' => ['fire_lined' => true]],
            'reached' => wayAtGround(),
            'true' => $box(2100, 720, 2300, ['slope' => fn (float $x, float $y): float => 1860 - 0.71 * $x, 'left' => $lean(0, 2.1, -1.0), 'right' => fn (): float => 2100.0, 'floor' => fn (float $x, float $y): float => 3 * $x / 2100]),
            'starter' => 'under-stair-cupboard',
        ],
        'chart-room-right-niche' => [
            'kind' => 'niche', 'unit' => 'mm', 'ids' => '01J8RJ', 'id' => '01JCHARTR00M000000000R1GHT', 'name' => 'Chart room, right niche', 'space' => 'Right niche',
            'reached' => wayIn(), 'decide' => scribedTop(...),
            'things' => [thing('baseboard', 'back', 0, 0, 1110, 145, 18, 'take_off')],
            'true' => $box(1112, 410, 2386, ['left' => $lean(0, 1.9, 6.0), 'right' => $lean(1112, -2.1, 5.0), 'back' => fn (float $x, float $z): float => 1.4 * ($z - 100) / 1000, 'floor' => fn (float $x, float $y): float => -5 * $x / 1112]),
            'starter' => 'niche-shelves-on-cupboards',
        ],
    ];
}

/**
 * The one bay that a piece began with, three times.
 *
 * @param  array<string, mixed>  $piece
 * @return array<string, mixed>
 */
function threeBays(array $piece): array
{
    foreach ($piece['runs'] as &$run) {
        foreach ($run['bands'] as &$band) {
            [$id, $bay] = [(string) array_key_first($band['bays']), array_values($band['bays'])[0]];
            foreach (['b', 'c'] as $n => $order) {
                $own = fn (string $of, int $more): string => substr($of, 0, -4).str_pad(strtoupper(base_convert((string) (300 + 10 * $n + $more), 10, 8)), 4, '0', STR_PAD_LEFT);
                $shelves = array_values($bay['fill']['shelves']);
                $band['bays'][$own($id, 0)] = ['order' => $order, 'fill' => ['shelves' => array_combine([$own($id, 1), $own($id, 2)], $shelves)] + $bay['fill']] + $bay;
            }
        }
    }

    return $piece;
}

/**
 * A thing in the way: what, on which surface, from the left (or the back), above the floor (or from the back), wide, high, proud.
 *
 * @param  array<string, mixed>  $also
 * @return array<string, mixed>
 */
function thing(string $kind, string $face, float $across, float $up, float $width, float $height, float $out, ?string $treatment, array $also = []): array
{
    return ['kind' => $kind, 'face' => $face, 'across' => $across, 'up' => $up, 'width' => $width, 'height' => $height, 'out' => $out]
        + ($treatment === null ? [] : ['treatment' => $treatment]) + $also;
}

/** @return list<array<string, mixed>> from the boat shed into the rooms at the back */
function wayAtGround(): array
{
    return [
        ['kind' => 'door', 'name' => 'Shed door', 'width' => 1180, 'height' => 2010],
        ['kind' => 'door', 'name' => 'Yard door', 'width' => 838, 'height' => 1981, 'gain' => 36, 'off' => 'door leaf'],
        ['kind' => 'corner', 'name' => 'Turn into the back passage', 'width' => 1010, 'into' => 890, 'height' => 2290],
        ['kind' => 'room', 'name' => 'Back room', 'width' => 2400, 'height' => 2390],
    ];
}

/**
 * The counter between cupboards and shelves runs to all three walls.
 *
 * @param  array<string, mixed>  $piece
 * @return array<string, mixed>
 */
function scribedTop(array $piece): array
{
    foreach ($piece['runs'] as $run => $of) {
        foreach ($of['bands'] as $band => $is) {
            $piece['runs'][$run]['bands'][$band] = $is['kind'] === 'top' ? ['to_walls' => true] + $is : $is;
        }
    }

    return ['back' => ['kind' => 'scribed', 'set_off' => 0]] + $piece;
}

/** @return list<array<string, mixed>> from the boat shed up to the chart room */
function wayIn(): array
{
    return [
        ['kind' => 'door', 'name' => 'Shed door', 'width' => 1180, 'height' => 2010],
        ['kind' => 'door', 'name' => 'Tower door', 'width' => 762, 'height' => 1935, 'gain' => 32, 'off' => 'door leaf'],
        ['kind' => 'stair', 'name' => 'Tower stair', 'width' => 815, 'height' => 1960],
        ['kind' => 'stair_turn', 'name' => 'Half landing', 'width' => 815, 'into' => 870, 'height' => 2180],
        ['kind' => 'corridor', 'name' => 'Upper passage, under the lamp', 'width' => 905, 'height' => 2045],
        ['kind' => 'door', 'name' => 'Chart-room door', 'width' => 748, 'height' => 1968, 'gain' => 34, 'off' => 'door leaf'],
    ];
}

/** @return array<string, mixed> the chart shelves: two bays in birch, fillers at both sides */
function chartShelves(): array
{
    $before = json_decode((string) file_get_contents(__DIR__.'/chart-shelves.json'), true, 64, JSON_THROW_ON_ERROR);

    return (array) $before;
}
