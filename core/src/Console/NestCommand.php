<?php

declare(strict_types=1);

namespace Incastro\Core\Console;

use Incastro\Core\Cut\Nest\Improver;
use Incastro\Core\Cut\Nest\Item;
use Incastro\Core\Cut\Nest\LaidSheet;
use Incastro\Core\Cut\Nest\Nested;
use Incastro\Core\Cut\Nest\Nester;
use Incastro\Core\Cut\Nest\NestWriter;
use Incastro\Core\Cut\Nest\SheetKind;
use Incastro\Core\Cut\Nest\Stock;
use Incastro\Core\Cut\Saw\Sawing;
use Incastro\Core\Measure\Length;

/** `nest PARTS.csv --sheet 2440x1220 --kerf 3.2 --trim 6 [--effort 0..10] [--seconds N] [--seed 1]` */
final class NestCommand
{
    /** @return array<string, mixed> */
    public function run(Arguments $arguments): array
    {
        $began = microtime(true);
        $arguments->allow(['sheet', 'kerf', 'trim', 'effort', 'seconds', 'seed']);
        $rows = PartsCsv::read($arguments->file('The parts list'));
        $capped = false;
        $sheets = $unplaced = [];
        $bound = 0;
        foreach (self::byMaterial($rows) as $material => $own) {
            $stock = $this->stock($arguments, $material);
            [$nested, $stopped] = $this->nested($own, $stock, $arguments, $began);
            $capped = $capped || $stopped;
            $bound += $nested->fewestSheets() ?? 0;
            array_push($sheets, ...array_map(fn (LaidSheet $s): array => $this->sheet($s, $stock, $own[0]), $nested->sheets));
            array_push($unplaced, ...array_map(fn (Item $i): array => $this->unplaced($i, $stock), $nested->unplaced));
        }

        return [
            'status' => count($sheets) === $bound ? 'optimal' : 'feasible',
            'lower_bound' => ['sheets' => $bound],
            'seconds' => round(microtime(true) - $began, 3),
            'capped' => $capped,
            'sheets' => $sheets,
            'unplaced' => $unplaced,
        ];
    }

    /**
     * @param  list<PartRow>  $rows
     * @return array<string, non-empty-list<PartRow>>
     */
    private static function byMaterial(array $rows): array
    {
        $groups = [];
        foreach ($rows as $row) {
            $groups[$row->material.($row->thickness === null ? '' : ' '.$row->thickness->millimetres())][] = $row;
        }
        ksort($groups);

        return $groups;
    }

    private function stock(Arguments $arguments, string $material): Stock
    {
        $sheet = $arguments->option('sheet') ?? throw BadUsage::missing('--sheet LENGTHxWIDTH');
        if (! preg_match('/^(\d+(?:\.\d+)?)x(\d+(?:\.\d+)?)$/i', $sheet, $m)) {
            throw BadUsage::option('sheet', $sheet, 'LENGTHxWIDTH in mm, such as 2440x1220');
        }
        [$trim, $kerf] = [$arguments->length('trim', '0')->units, $arguments->length('kerf', '0')->units];
        $stock = Stock::ofOneSize(SheetKind::plain($material, Length::entered((float) $m[1])->units, Length::entered((float) $m[2])->units, $trim), $kerf);
        $usable = $stock->largest()->usable();
        if ($trim < 0 || $kerf < 0 || $usable->length <= 0 || $usable->width <= 0) {
            throw BadUsage::option('trim', (string) $arguments->option('trim'), 'a trim and kerf of zero or more that leave some of the sheet');
        }

        return $stock;
    }

    /**
     * @param  list<PartRow>  $rows
     * @return array{Nested, bool} the layout, and whether the clock stopped the search
     */
    private function nested(array $rows, Stock $stock, Arguments $arguments, float $began): array
    {
        $items = array_merge(...array_map(fn (PartRow $r): array => $r->items(), $rows));
        $nested = Nester::nest($items, $stock);
        $effort = $arguments->number('effort', Improver::USUAL_EFFORT, 0, 10);
        $seconds = $arguments->number('seconds', 0, 0, 86_400);
        $stopped = false;
        $offer = function () use ($seconds, $began, &$stopped): bool {
            $stopped = $seconds > 0 && microtime(true) - $began > $seconds;

            return ! $stopped;
        };
        $improver = new Improver($effort, $arguments->number('seed', 1, 0, 999_999_999));

        return [$improver->improve($items, $nested, $offer), $stopped];
    }

    /** @return array<string, mixed> */
    private function sheet(LaidSheet $laid, Stock $stock, PartRow $row): array
    {
        $sheet = NestWriter::sheet($laid, Sawing::of($laid, $stock->kerf), []);
        $sheet['placements'] = array_map(function (array $p): array {
            /** @var array<string, mixed>&array{part: string} $p */
            [$name, $copy] = self::nameAndCopy($p['part']);

            return ['part' => $name, 'copy' => $copy] + array_diff_key($p, ['label' => true]);
        }, $sheet['placements']);
        $sheet['offcuts'] = array_map(fn (array $o): array => array_diff_key($o, ['worth_keeping' => true]), $sheet['offcuts']);

        return [
            'stock' => $stock->name,
            'material' => $row->material,
            'thickness_mm' => $row->thickness,
            'length_mm' => Length::ofUnits($laid->kind->length),
            'width_mm' => Length::ofUnits($laid->kind->width),
        ] + $sheet;
    }

    /** @return array<string, mixed> */
    private function unplaced(Item $item, Stock $stock): array
    {
        [$name, $copy] = self::nameAndCopy($item->id);
        $usable = $stock->largest()->usable();

        return ['part' => $name, 'copy' => $copy, 'reason' => sprintf('%s × %s mm does not fit the %s × %s mm inside the trim',
            Length::ofUnits($item->length)->millimetres(), Length::ofUnits($item->width)->millimetres(),
            Length::ofUnits($usable->length)->millimetres(), Length::ofUnits($usable->width)->millimetres())];
    }

    /** @return array{string, int} */
    private static function nameAndCopy(string $id): array
    {
        $at = strrpos($id, '#') ?: 0;

        return [substr($id, 0, $at), (int) substr($id, $at + 1)];
    }
}
