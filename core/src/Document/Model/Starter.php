<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Document\Reading\ProjectReader;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Unit;

/**
 * A first document for a space of any kind: the readings good practice asks for there, and a plain shelf unit to begin
 * from. Sizes are round in the document's own unit.
 */
final readonly class Starter
{
    /**
     * @param  \Closure(): string  $newId  gives a new ULID at each call
     * @param  array<array-key, mixed>  $workshop  the person's own, as a document holds it; ours where it is empty
     * @param  list<array<array-key, mixed>>  $sheets  the person's own, boards first, back second; ours where there are none
     */
    public function __construct(
        private Unit $unit,
        private \Closure $newId,
        private array $workshop = [],
        private array $sheets = [],
    ) {
    }

    /** @return array<string, mixed> a project document */
    public function document(SpaceKind $kind, string $name, string $asOf): array
    {
        $space = ($this->newId)();
        $board = ($this->newId)();
        $back = ($this->newId)();

        return [
            'format' => ProjectReader::FORMAT,
            'version' => ProjectReader::VERSION,
            'id' => ($this->newId)(),
            'name' => $name,
            'unit' => $this->unit->value,
            'as_of' => $asOf,
            'spaces' => [$space => $this->space($kind, $name)],
            'pieces' => [($this->newId)() => $this->shelves($kind, $space, [$board, $back])],
            'methods' => ['front' => 'banded', 'top' => 'between', 'shelves' => 'pins', 'back' => 'applied'],
            'stock' => $this->stock($board, $back),
            'workshop' => $this->workshop !== [] ? $this->workshop : [
                'kerf' => $this->size(3, 0.125), 'trim' => $this->size(6, 0.25), 'banding' => 1, 'slide_in' => 6, 'part_tolerance' => 1,
                'tape_base' => 0.3, 'tape_per_metre' => 0.2, 'tape_bend' => 1, 'level_per_metre' => 0.5,
            ],
            'layouts' => [],
            'facts' => [],
        ];
    }

    /**
     * The operations that add a space, and a plain unit in it, to a project.
     *
     * @param  array<array-key, mixed>  $document
     * @return list<array<string, mixed>>
     */
    public function added(array $document, SpaceKind $kind, string $space, string $name): array
    {
        $stock = array_map(strval(...), array_keys((array) ($document['stock'] ?? [])));
        $order = 'n'.sprintf('%03d', count((array) ($document['spaces'] ?? [])));
        $ops = [['op' => 'add', 'path' => ['spaces', $space], 'value' => $this->space($kind, $name, $order)]];
        if ($stock !== []) {
            $unit = $this->shelves($kind, $space, [$stock[0], $stock[1] ?? $stock[0]], $order);
            $ops[] = ['op' => 'add', 'path' => ['pieces', ($this->newId)()], 'value' => ['name' => $name] + $unit];
        }

        return $ops;
    }

    /** @return array<string, mixed> a thing of usual size at a usual place, nothing decided about it */
    public function thing(ThingKind $kind): array
    {
        $rule = ThingRule::of($kind);
        [$width, $height, $out] = $rule->size;
        $flat = $rule->faces[0] === Face::Floor || $rule->faces[0] === Face::Ceiling;
        $up = match (true) {
            $flat => 100,
            in_array($kind, [ThingKind::Socket, ThingKind::DoubleSocket], true) => 300,
            in_array($kind, [ThingKind::Switch_, ThingKind::TwoWaySwitch, ThingKind::WallPlate], true) => 1050,
            in_array($kind, [ThingKind::Window, ThingKind::Sill], true) => 900,
            $height > 300 => 0,
            default => 150,
        };
        $size = fn (int $mm): int|float => $this->size($mm, round($mm / 25.4 * 4) / 4);

        return ['order' => 't', 'kind' => $kind->value, 'face' => $rule->faces[0]->value,
            'across' => $size($kind === ThingKind::Baseboard || $kind === ThingKind::Shoe ? 0 : 300),
            'up' => $size($kind === ThingKind::Baseboard || $kind === ThingKind::Shoe ? 0 : $up),
            'width' => $size($width), 'height' => $size($height), 'out' => $size($out)];
    }

    /** @return array<string, mixed> a space with its measuring list */
    public function space(SpaceKind $kind, string $name, string $order = 'a'): array
    {
        $readings = [];
        foreach ((new MeasuringList($this->unit))->of($kind) as $i => $reading) {
            $readings[($this->newId)()] = ['order' => sprintf('%02d', $i)] + $reading;
        }
        $slope = $kind->slope();

        return ['kind' => $kind->value, 'name' => $name, 'order' => $order,
            'left' => $kind->side(Side::Left)->value, 'right' => $kind->side(Side::Right)->value,
        ] + ($slope === null ? [] : ['slope' => ['along' => $slope->along->value, 'low' => $slope->low->value, 'flat' => $slope->flat]])
            + ['readings' => $readings];
    }

    /**
     * @param  array{string, string}  $materials  for boards and for backs
     * @return array<string, mixed>
     */
    public function shelves(SpaceKind $kind, string $space, array $materials, string $order = 'a'): array
    {
        [$height, $depth, $count] = $kind->usualUnit();
        $shelves = [];
        for ($i = 0; $i < $count; $i++) {
            $shelves[($this->newId)()] = ['order' => "0$i"];
        }
        $plinth = ['order' => 'a', 'kind' => 'plinth', 'height' => $this->size(90, 4), 'set_back' => $this->size(40, 2)];
        $box = ['order' => 'b', 'kind' => 'box', 'bays' => [($this->newId)() => ['order' => 'a', 'fill' => ['kind' => 'shelves', 'shelves' => $shelves]]]];
        $bands = $kind === SpaceKind::WallHung ? [($this->newId)() => $box] : [($this->newId)() => $plinth, ($this->newId)() => $box];

        return [
            'name' => 'Shelves', 'space' => $space, 'order' => $order,
            'height' => $this->size($height, round($height / 25.4 / 2) * 2), 'depth' => $this->size($depth, round($depth / 25.4)),
            'left' => $this->edge($kind->side(Side::Left)), 'right' => $this->edge($kind->side(Side::Right)),
            'material' => $materials[0], 'back_material' => $materials[1], 'methods' => [],
            'runs' => [($this->newId)() => ['order' => 'a', 'bands' => $bands]],
        ];
    }

    /** @return array<string, mixed> */
    private function edge(SideKind $side): array
    {
        return match ($side) {
            SideKind::Wall => ['kind' => 'filler', 'set_off' => $this->size(30, 1.25)],
            SideKind::Appliance => ['kind' => 'play', 'set_off' => $this->size(10, 0.5)],
            SideKind::Open => ['kind' => 'play', 'set_off' => 0],
        };
    }

    /** @return array<string, array<array-key, mixed>> by id */
    private function stock(string $board, string $back): array
    {
        if ($this->sheets === []) {
            return [$board => $this->sheet('a', 18, 0.703), $back => $this->sheet('b', 6, 0.203)];
        }
        $stock = [];
        foreach ($this->sheets as $i => $sheet) {
            $stock[[$board, $back][$i] ?? ($this->newId)()] = ['order' => sprintf('%02d', $i)] + $sheet;
        }

        return $stock + (isset($stock[$back]) ? [] : [$back => $this->sheet('z', 6, 0.203)]);
    }

    /** @return array<string, mixed> */
    private function sheet(string $order, int $mm, float $inches): array
    {
        return [
            'order' => $order,
            'name' => 'Birch ply '.($this->unit === Unit::Millimetre ? $mm : ($order === 'a' ? '3/4' : '1/4')),
            'thickness' => $this->size($mm, $inches),
            'sheet_length' => $this->size(2440, 96),
            'sheet_width' => $this->size(1220, 48),
            'grain' => true,
            'price_cents' => 0,
        ];
    }

    private function size(int|float $mm, int|float $inches): int|float
    {
        return $this->unit === Unit::Millimetre ? $mm
            : Length::ofUnits((int) round($inches * Length::PER_INCH))->millimetres();
    }
}
