<?php

declare(strict_types=1);

namespace Incastro\Core\Cut;

use Incastro\Core\Cut\Nest\Item;
use Incastro\Core\Cut\Nest\LaidSheet;
use Incastro\Core\Cut\Nest\LowerBound;
use Incastro\Core\Cut\Nest\Nested;
use Incastro\Core\Cut\Nest\Placement;
use Incastro\Core\Cut\Nest\Rect;
use Incastro\Core\Cut\Nest\Stock;
use Incastro\Core\Cut\Saw\Sawing;
use Incastro\Core\Cut\Saw\WhyUncut;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Measure\Length;

/**
 * Parts that may come from what is left of any material of their thickness are laid there once all else is laid, the
 * largest first, each in the smallest leftover that holds it. What finds no place stays where its own material has it.
 */
final readonly class Leftovers
{
    /** A board within a millimetre serves for hidden work. */
    private const SAME_THICKNESS = Length::PER_MM;

    /** @param  list<Part>  $parts */
    public function __construct(private Project $project, private array $parts)
    {
    }

    /**
     * @param  array<string, Nested>  $nested  by material
     * @return array{array<string, Nested>, array<string, string>} the same, and the material each moved part is cut from
     */
    public function used(array $nested): array
    {
        $moved = [];
        $wanting = array_filter($this->parts, fn (Part $p): bool => $this->project->cutting->of($p->panel->id)->fromLeftovers
            && isset($nested[$p->panel->material]));
        usort($wanting, fn (Part $a,
            Part $b): int => $b->length->value->units * $b->width->value->units <=> $a->length->value->units * $a->width->value->units);
        foreach ($wanting as $part) {
            $without = self::without($nested[$part->panel->material], $part->panel->id);
            $found = $this->place([...$nested, $part->panel->material => $without], $part);
            if ($found === null) {
                continue;
            }
            [$material, $laid] = $found;
            $nested[$part->panel->material] = $without;
            $nested[$material] = $laid;
            if ($material !== $part->panel->material) {
                $moved[$part->panel->id] = $material;
            }
        }

        return [array_filter($nested, fn (Nested $n): bool => $n->sheets !== [] || $n->unplaced !== []), $moved];
    }

    private static function without(Nested $nested, string $part): Nested
    {
        $sheets = array_values(array_filter(array_map(fn (LaidSheet $s): ?LaidSheet => $s->without($part), $nested->sheets)));
        $left = new Nested($nested->stock, $sheets, array_values(array_filter($nested->unplaced, fn (Item $i): bool => $i->id !== $part)), 0);
        // Free to turn, as no more is known of them here: that only weakens the bound.
        $items = array_map(fn (Placement $p): Item => new Item($p->item, $p->length, $p->width, true),
            array_merge(...array_map(fn (LaidSheet $s): array => $s->placements, $sheets)));

        return new Nested($left->stock, $left->sheets, $left->unplaced,
            min($nested->leastCost, LowerBound::cost($items, $left->stock, $left->cost())), $nested->roomier);
    }

    /**
     * @param  array<string, Nested>  $nested
     * @return array{string, Nested}|null
     */
    private function place(array $nested, Part $part): ?array
    {
        $best = null;
        foreach ($nested as $id => $own) {
            $isThick = abs($this->project->stock[$id]->thickness->units
                - $this->project->stock[$part->panel->material]->thickness->units) <= self::SAME_THICKNESS;
            foreach ($isThick ? $own->sheets : [] as $n => $sheet) {
                foreach (Sawing::of($sheet, $own->stock->kerf, $own->stock->saws)->offcuts as $offcut) {
                    $laid = $this->in($offcut, $part, $sheet, $own->stock);
                    if ($laid !== null && ($best === null || $offcut->area() < $best[0])) {
                        $best = [$offcut->area(), $id,
                            new Nested($own->stock, array_values(array_replace($own->sheets, [$n => $laid])), $own->unplaced, $own->leastCost, $own->roomier)];
                    }
                }
            }
        }

        return $best === null ? null : [$best[1], $best[2]];
    }

    private function in(Rect $offcut, Part $part, LaidSheet $sheet, Stock $stock): ?LaidSheet
    {
        $item = new Item($part->panel->id, $part->length->value->units, $part->width->value->units, true);
        foreach ($item->orientations() as [$l, $w, $turned]) {
            $laid = new LaidSheet($sheet->kind, [...$sheet->placements, new Placement($item->id, $offcut->x, $offcut->y, $l, $w, $turned)], $sheet->locked);
            if ($l <= $offcut->length && $w <= $offcut->width && WhyUncut::of($laid, $stock) === null) {
                return $laid;
            }
        }

        return null;
    }
}
