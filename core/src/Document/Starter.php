<?php

declare(strict_types=1);

namespace Incastro\Core\Document;

use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Unit;

/**
 * A first document for a niche: the readings good practice asks for (three heights, plumb of both sides, both diagonals),
 * and a plain shelf unit on a plinth to begin from. Sizes are round in the document's own unit.
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
    public function niche(string $name, string $asOf): array
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
            'spaces' => [$space => ['kind' => 'niche', 'name' => $name, 'order' => 'a', 'readings' => $this->readings()]],
            'pieces' => [($this->newId)() => $this->shelves($space, $board, $back)],
            'methods' => ['front' => 'banded', 'top' => 'between', 'shelves' => 'pins', 'back' => true],
            'stock' => $this->stock($board, $back),
            'workshop' => $this->workshop !== [] ? $this->workshop : [
                'kerf' => $this->size(3, 0.125), 'trim' => $this->size(6, 0.25), 'banding' => 1, 'slide_in' => 6, 'part_tolerance' => 1,
                'tape_base' => 0.3, 'tape_per_metre' => 0.2, 'tape_bend' => 1, 'level_per_metre' => 0.5,
            ],
            'layouts' => [],
            'facts' => [],
        ];
    }

    /** @return array<string, array<string, mixed>> by id */
    private function readings(): array
    {
        $heights = [$this->size(100, 4), $this->size(1200, 40), $this->size(2300, 76)];
        $readings = array_map(fn (int|float $z): array => ['kind' => 'width', 'plane' => 'front', 'z' => $z], $heights);
        foreach (['left', 'right'] as $side) {
            $readings[] = ['kind' => 'height', 'side' => $side];
            $readings[] = ['kind' => 'depth', 'side' => $side];
            $readings[] = ['kind' => 'plumb', 'side' => $side, 'from_z' => $heights[0], 'z' => $heights[2]];
            $readings[] = ['kind' => 'diagonal', 'rise' => "rising_$side"];
        }
        $readings[] = ['kind' => 'level'];
        $byId = [];
        foreach ($readings as $i => $reading) {
            $byId[($this->newId)()] = ['order' => sprintf('%02d', $i)] + $reading;
        }

        return $byId;
    }

    /** @return array<string, mixed> */
    private function shelves(string $space, string $board, string $back): array
    {
        $shelves = [];
        for ($i = 0; $i < 4; $i++) {
            $shelves[($this->newId)()] = ['order' => "0$i"];
        }
        $plinth = ['order' => 'a', 'kind' => 'plinth', 'height' => $this->size(90, 4), 'set_back' => $this->size(40, 2)];
        $box = ['order' => 'b', 'kind' => 'box', 'bays' => [($this->newId)() => ['order' => 'a', 'shelves' => $shelves]]];
        $filler = ['kind' => 'filler', 'set_off' => $this->size(30, 1.25)];

        return [
            'name' => 'Shelves', 'space' => $space, 'order' => 'a',
            'height' => $this->size(2200, 76), 'depth' => $this->size(300, 12),
            'left' => $filler, 'right' => $filler,
            'material' => $board, 'back_material' => $back, 'methods' => [],
            'runs' => [($this->newId)() => ['order' => 'a', 'bands' => [($this->newId)() => $plinth, ($this->newId)() => $box]]],
        ];
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
