<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Nest;

use Incastro\Core\Cut\Saw\WhyUncut;
use Incastro\Core\Document\Model\LaidPart;
use Incastro\Core\Document\Model\Layout;

/** A layout as a document holds it, for the parts as they are now. */
final readonly class Kept
{
    /** @var array<string, Item> by part */
    private array $parts;

    /** @param  list<Item>  $items */
    public function __construct(private Stock $stock, private array $items)
    {
        $all = array_merge(...array_map(fn (Item $i): array => $i->parts(), $items));
        $this->parts = array_column(array_map(fn (Item $i): array => [$i->id, $i], $all), 1, 0);
    }

    /** The layout if it holds exactly these parts, as they ask, inside the trim and sawable with the saws; else null. */
    public function of(Layout $layout): ?Nested
    {
        $sheets = $used = $seen = [];
        foreach ($layout->sheets as $asked) {
            $sheet = $this->sheet($asked);
            if ($sheet === null) {
                return null;
            }
            $sheets[] = $sheet;
            $used[$sheet->kind->id] = ($used[$sheet->kind->id] ?? 0) + 1;
            array_push($seen, ...array_map(fn (Placement $p): string => $p->item, $sheet->placements));
            if ($sheet->kind->limit !== null && $used[$sheet->kind->id] > $sheet->kind->limit) {
                return null;
            }
        }
        [$fitting, $unplaced] = Nester::sorted($this->items, $this->stock);
        $wanted = array_map(fn (Item $i): string => $i->id, array_merge(...array_map(fn (Item $i): array => $i->parts(), $fitting)));
        sort($seen);
        sort($wanted);
        $nested = new Nested($this->stock, $sheets, $unplaced, 0);
        if ($seen !== $wanted || ! $this->keepsTogether($sheets)) {
            return null;
        }

        return new Nested($this->stock, $sheets, $unplaced, Nester::leastCost($fitting, $this->stock, $nested->cost()));
    }

    /**
     * @param  array{size: string|null, parts: list<array{part: LaidPart, x: int, y: int, turned: bool, locked: bool}>}  $asked
     * @return LaidSheet|null null when a part is gone, has turned against its grain, lies off the sheet or cannot be sawn free
     */
    public function sheet(array $asked): ?LaidSheet
    {
        $kind = array_values(array_filter($this->stock->kinds, fn (SheetKind $k): bool => $k->id === $asked['size']))[0]
            ?? ($asked['size'] === null ? $this->stock->kinds[0] : null);
        if ($kind === null) {
            return null;
        }
        $placements = $locked = [];
        foreach ($asked['parts'] as $place) {
            $item = $this->parts[$place['part']->id] ?? null;
            if ($item === null || ($place['turned'] && ! $item->mayTurn)) {
                return null;
            }
            [$l, $w] = $place['turned'] ? [$item->width, $item->length] : [$item->length, $item->width];
            $placements[] = new Placement($item->id, $place['x'], $place['y'], $l, $w, $place['turned']);
            array_push($locked, ...($place['locked'] ? [$item->id] : []));
        }
        $laid = $placements === [] ? null : new LaidSheet($kind, $placements, $locked);

        return $laid !== null && WhyUncut::of($laid, $this->stock) === null ? $laid : null;
    }

    /** @param  list<LaidSheet>  $sheets */
    private function keepsTogether(array $sheets): bool
    {
        $homes = [];
        foreach ($this->items as $item) {
            foreach ($sheets as $n => $sheet) {
                $byPart = array_column(array_map(fn (Placement $p): array => [$p->item, $p], $sheet->placements), 1, 0);
                if (! isset($byPart[$item->parts()[0]->id])) {
                    continue;
                }
                if ($item->asLaid($byPart) === null) {
                    return false;
                }
                $homes[$item->together ?? $item->id][$n] = true;
            }
        }

        return array_filter($homes, fn (array $on): bool => count($on) > 1) === [];
    }
}
