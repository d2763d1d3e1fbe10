<?php

declare(strict_types=1);

namespace Incastro\Core\Cut;

use Incastro\Core\Design\Panel;
use Incastro\Core\Document\Layout;
use Incastro\Core\Document\Material;
use Incastro\Core\Document\Project;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Text;

/** Turns fitted panels into parts to cut and lays them on sheets; uses the accepted layout for as long as it holds. */
final readonly class Cutter
{
    public function __construct(private Project $project)
    {
    }

    /** @param  list<Panel>  $panels */
    public function cut(array $panels): Cutting
    {
        $parts = array_map($this->part(...), $panels);
        $nested = $accepted = [];
        foreach ($this->project->stock as $id => $material) {
            $items = self::items($parts, $id);
            if ($items === []) {
                continue;
            }
            $stock = self::stock($material, $this->project);
            $layout = $this->project->layouts[$id] ?? null;
            $kept = $layout === null ? null : $this->kept($layout, $items, $stock);
            $nested[$id] = $kept ?? Nester::nest($items, $stock);
            $accepted = $kept === null ? $accepted : [...$accepted, $id];
        }

        return new Cutting($parts, $nested, $accepted);
    }

    public static function stock(Material $material, Project $project): Stock
    {
        return Stock::ofOneSize($material->name, $material->sheetLength->units, $material->sheetWidth->units,
            $project->workshop->trim->units, $project->workshop->kerf->units);
    }

    /**
     * @param  list<Part>  $parts
     * @return list<Item>
     */
    public static function items(array $parts, string $material): array
    {
        $items = [];
        foreach ($parts as $part) {
            if ($part->panel->material === $material && ! $part->panel->bought) {
                $items[] = new Item($part->panel->id, $part->length->value->units, $part->width->value->units, ! $part->grainFixed);
            }
        }

        return $items;
    }

    private function part(Panel $panel): Part
    {
        $band = $this->project->workshop->banding;
        [$length, $width, $shorter, $narrower] = [$panel->length, $panel->width, false, false];
        foreach ($panel->banded as $edge) {
            $across = match ($edge) {
                'front' => Axis::Y,
                'left', 'right' => Axis::X,
                default => Axis::Z,
            };
            if ($across === $panel->long) {
                [$length, $shorter] = [$length->minus($band, Text::of("cut.banding_$edge")), true];
            } else {
                [$width, $narrower] = [$width->minus($band, Text::of("cut.banding_$edge")), true];
            }
        }
        $grain = $this->project->stock[$panel->material]->grain && $panel->role->grainMatters();

        return new Part(
            $panel,
            $shorter ? $length->named(Text::of('cut.cut_length')) : $length,
            $narrower ? $width->named(Text::of('cut.cut_width')) : $width,
            $grain,
        );
    }

    /**
     * The accepted layout if it still holds exactly these parts, inside the trim and sawable; else null.
     *
     * @param  list<Item>  $items
     */
    private function kept(Layout $layout, array $items, Stock $stock): ?Nested
    {
        $byId = array_column(array_map(fn (Item $i): array => [$i->id, $i], $items), 1, 0);
        [$fitting, $unplaced] = Nester::sorted($items, $stock);
        $sheets = [];
        $placed = 0;
        foreach ($layout->sheets as $sheet) {
            $placements = [];
            foreach ($sheet as $place) {
                $item = $byId[$place['part']] ?? null;
                if ($item === null || ($place['turned'] && ! $item->mayTurn)) {
                    return null;
                }
                unset($byId[$place['part']]);
                [$l, $w] = $place['turned'] ? [$item->width, $item->length] : [$item->length, $item->width];
                $placements[] = new Placement($item->id, $place['x'], $place['y'], $l, $w, $place['turned']);
            }
            $laid = $placements === [] ? null : new LaidSheet($stock->kinds[0], $placements);
            if ($laid === null || ! self::holds($laid, $stock->kerf)) {
                return null;
            }
            $placed += count($placements);
            $sheets[] = $laid;
        }

        $kept = new Nested($stock, $sheets, $unplaced, 0);

        return $placed === count($fitting) ? new Nested($stock, $sheets, $unplaced, LowerBound::cost($fitting, $stock, $kept->cost())) : null;
    }

    private static function holds(LaidSheet $sheet, int $kerf): bool
    {
        $usable = $sheet->kind->usable();
        foreach ($sheet->placements as $p) {
            if ($p->x < $usable->x || $p->y < $usable->y || $p->right() > $usable->x + $usable->length || $p->top() > $usable->y + $usable->width) {
                return false;
            }
        }

        return Sawing::of($sheet, $kerf)->isSeparable;
    }
}
