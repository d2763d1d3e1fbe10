<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Shopping;

use Incastro\Core\Cut\Cutting;
use Incastro\Core\Cut\Lumber\Sticks;
use Incastro\Core\Cut\Nest\Nested;
use Incastro\Core\Cut\Nest\SheetKind;
use Incastro\Core\Document\Model\Material;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Document\Model\SheetSize;
use Incastro\Core\Measure\Amount;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Sheets and boards as the cut plan lays them: whole ones to buy, and what of them is in hand. */
final readonly class StockNeeds
{
    public function __construct(private Project $project)
    {
    }

    /** @return list<Need> */
    public function of(Cutting $cutting): array
    {
        $needs = [];
        foreach ($cutting->nested as $id => $nested) {
            foreach (self::counted($nested) as [$kind, $count, $begun]) {
                // What is left of a begun sheet was bought with it.
                array_push($needs, ...($kind->leftOf === null ? [$this->sheet($id, $kind, $count, $begun)] : []));
            }
        }
        foreach ($cutting->lumber as $sticks) {
            foreach (self::counted($sticks->nested) as [$kind, $count]) {
                $needs[] = $this->board($sticks, $kind, $count);
            }
        }

        return $needs;
    }

    /** @param  int  $begun  of them are being cut already: those are in hand */
    private function sheet(string $id, SheetKind $kind, int $count, int $begun): Need
    {
        $material = $this->project->stock[$id];
        $name = Text::of('buy.sheet', name: $kind->name === $material->name ? $material->name : "$material->name, $kind->name",
            length: Length::ofUnits($kind->length), width: Length::ofUnits($kind->width));

        return new Need(PurchaseGroup::Sheets, "sheet $id $kind->id", $name, Amount::each($count), [Text::of('buy.sum_sheets', n: $count)],
            priceCents: $kind->priceCents === 0 ? null : $kind->priceCents,
            priceAt: $kind->id === $id ? ['stock', $id, 'price_cents'] : ['stock', $id, 'sizes', $kind->id, 'price_cents'],
            inHand: $kind->inHand ? $count : $begun,
            substitutes: $this->otherSizes($material, $kind));
    }

    /** @return list<Text> further sizes the person said the shop sells, that hold as much in one cut less */
    private function otherSizes(Material $material, SheetKind $kind): array
    {
        $larger = array_filter($material->sizes, fn (SheetSize $s): bool => ! $s->inHand
            && $s->id !== $kind->id && $s->length->units >= $kind->length && $s->width->units >= $kind->width);

        return array_values(array_map(fn (SheetSize $s): Text => Text::of('buy.sheet_instead', name: $s->name), $larger));
    }

    private function board(Sticks $sticks, SheetKind $kind, int $count): Need
    {
        $known = $this->project->lumber[$kind->id] ?? null;

        return new Need(PurchaseGroup::Boards, "board {$sticks->thickness->units} {$sticks->width->units} $kind->id",
            $sticks->name($kind->name), Amount::each($count), [Text::of('buy.sum_boards', n: $count)],
            priceCents: $known === null || $kind->priceCents === 0 ? null : $kind->priceCents,
            priceAt: $known === null ? null : ['lumber', $kind->id, 'price_cents'],
            inHand: $kind->inHand ? $count : 0.0);
    }

    /** @return list<array{SheetKind, int, int}> how many of each, and how many of those are begun */
    private static function counted(Nested $nested): array
    {
        $counted = [];
        foreach ($nested->sheets as $sheet) {
            [, $count, $begun] = $counted[$sheet->kind->id] ?? [null, 0, 0];
            $counted[$sheet->kind->id] = [$sheet->kind, $count + 1, $begun + ($sheet->begun === null ? 0 : 1)];
        }

        return array_values($counted);
    }
}
