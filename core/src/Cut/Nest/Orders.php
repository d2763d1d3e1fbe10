<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Nest;

use Incastro\Core\Cut\Part;
use Incastro\Core\Document\Model\LaidPart;
use Incastro\Core\Document\Model\Layout;
use Incastro\Core\Document\Model\Priority;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Document\Model\SheetSize;

/** What is to be cut from one material, with all wishes for it, and how it is laid. */
final class Orders
{
    public readonly Stock $stock;

    /** @var list<Item> */
    public readonly array $items;

    /** @param  list<SheetKind>  $boards  what is left of begun sheets and is to be cut from */
    public function __construct(private readonly Project $project, private readonly string $material, private readonly ToLay $open, array $boards)
    {
        $this->stock = $this->stock($boards);
        $this->items = $this->asked(false);
    }

    public function isEmpty(): bool
    {
        return $this->items === [];
    }

    /** Laid anew: around the locked parts, and from two lengths where that must be or costs less. */
    public function nested(?Layout $layout): Nested
    {
        $fixed = $layout === null ? [] : $this->locked($layout);
        $whole = $this->laid($this->items, $fixed);
        $halved = $this->asked(true);
        $joined = count($halved) === count($this->items) ? $whole : $this->laid($halved, $fixed);

        $best = [$joined->missing(), $joined->cost()] < [$whole->missing(), $whole->cost()] ? $joined : $whole;

        return $this->paired($this->inOrder($best));
    }

    /** Mirrored parts of one size side by side. */
    public function paired(Nested $nested): Nested
    {
        return (new SideBySide($this->itemsOf($nested), $this->open->pairs, $this->stock->kerf))->of($nested);
    }

    /**
     * The accepted layout if it still holds exactly these parts, as they ask, inside the trim and sawable; else null.
     */
    public function kept(Layout $layout): ?Nested
    {
        foreach ([$this->items, $this->asked(true)] as $items) {
            $nested = (new Kept($this->stock, $items))->of($layout);
            if ($nested !== null) {
                return $nested;
            }
        }

        return null;
    }

    /** @return list<Item> the items that a layout is made of: halves where it holds halves */
    public function itemsOf(Nested $nested): array
    {
        $ids = array_map(fn (Placement $p): string => $p->item, array_merge(...array_map(fn (LaidSheet $s): array => $s->placements, $nested->sheets)));
        $halves = array_filter($ids, fn (string $id): bool => $this->open->as->half($id) !== null);

        return $halves === [] ? $this->items : $this->asked(true);
    }

    /**
     * All that is not on these sheets laid anew, around what is.
     *
     * @param  list<LaidSheet>  $fixed  with nothing but locked parts
     *
     * @throws PlaceRefused when something finds no place any more
     */
    public function around(array $fixed, Nested $now): Nested
    {
        $nested = $this->laid($this->itemsOf($now), $fixed);
        if ($nested->missing() > $now->missing()) {
            throw new PlaceRefused('no_room', $nested->unplaced[0]->id);
        }

        return $nested;
    }

    /**
     * @param  list<Item>  $items
     * @param  list<LaidSheet>  $fixed
     */
    private function laid(array $items, array $fixed): Nested
    {
        $locked = array_merge(...array_map(fn (LaidSheet $s): array => $s->locked, $fixed));
        $isHeld = fn (Item $i): bool => in_array($i->id, $locked, true);

        return Nester::nest(array_values(array_filter($items, fn (Item $i): bool => ! $isHeld($i))),
            $this->stock, $fixed, array_values(array_filter($items, $isHeld)));
    }

    /**
     * Sheets with the locked parts alone, as far as each still is the part it was and can be sawn apart from the others.
     *
     * @return list<LaidSheet>
     */
    private function locked(Layout $layout): array
    {
        $kept = new Kept($this->stock, $this->items);
        $sheets = [];
        foreach ($layout->sheets as $sheet) {
            $held = null;
            $parts = [];
            foreach (array_filter($sheet['parts'], fn (array $p): bool => $p['locked']) as $part) {
                $with = $kept->sheet(['size' => $sheet['size'], 'parts' => [...$parts, $part]]);
                [$held, $parts] = $with === null ? [$held, $parts] : [$with, [...$parts, $part]];
            }
            array_push($sheets, ...($held === null ? [] : [$held]));
        }

        return $sheets;
    }

    /** @param  list<SheetKind>  $boards */
    private function stock(array $boards): Stock
    {
        $material = $this->project->stock[$this->material];
        $workshop = $this->project->workshop;
        [$left, $right, $near, $far] = array_map(fn ($t): int => ($t ?? $workshop->trim)->units, $material->trims);
        $trims = [$left, $right, $near, $far];
        $kinds = [new SheetKind($this->material, $material->name, $material->sheetLength->units,
            $material->sheetWidth->units, $trims, $material->priceCents, $material->limit)];
        foreach ($material->sizes as $size) {
            $kind = self::kind($size, $trims);
            array_push($kinds, ...($kind->usable()->length > 0 && $kind->usable()->width > 0 ? [$kind] : []));
        }

        return new Stock($material->name, [...$kinds, ...$boards],
            $workshop->saws->widestKerf($workshop->kerf->units), $this->project->cutting->goal, $workshop->saws);
    }

    /** @param  array{int, int, int, int}  $trims  a piece in hand has its edges cut already */
    private static function kind(SheetSize $size, array $trims): SheetKind
    {
        return new SheetKind($size->id, $size->name, $size->length->units, $size->width->units,
            $size->inHand ? [0, 0, 0, 0] : $trims, $size->priceCents, $size->limit, $size->inHand);
    }

    /** @return list<Item> */
    private function asked(bool $halved): array
    {
        $items = $strips = [];
        foreach ($this->open->parts as $part) {
            if ($part->panel->material !== $this->material || $part->panel->bought) {
                continue;
            }
            $wish = $this->project->cutting->of($part->panel->id);
            $item = $this->item($part);
            if ($wish->strip !== null) {
                $strips[$wish->strip][] = $item;
            } else {
                array_push($items, ...($halved && $wish->mayJoin ? self::halves($item) : [$item]));
            }
        }
        foreach ($strips as $name => $members) {
            $items[] = count($members) === 1 ? $members[0] : Item::strip("strip $name", $members, $this->isInLine($members), $this->stock->kerf);
        }

        return $items;
    }

    /**
     * Side by side where that makes a strip that fits; end to end where it does not.
     *
     * @param  non-empty-list<Item>  $members
     */
    private function isInLine(array $members): bool
    {
        return ! $this->stock->holds(Item::strip('', $members, false, $this->stock->kerf));
    }

    private function item(Part $part): Item
    {
        $wish = $this->project->cutting->of($part->panel->id);
        $priority = $wish->priority === Priority::Usual && $part->panel->fitOnSite ? Priority::Last : $wish->priority;

        return new Item($part->panel->id, $part->length->value->units, $part->width->value->units,
            ! $part->grainFixed, false, $wish->together, $priority->rank());
    }

    /** @return array{Item, Item} */
    public static function halves(Item $item): array
    {
        $first = intdiv($item->length, 2);

        return [
            new Item(LaidPart::half($item->id, 1)->id, $first, $item->width, $item->mayTurn, false, $item->together, $item->priority),
            new Item(LaidPart::half($item->id, 2)->id, $item->length - $first, $item->width, $item->mayTurn, false, $item->together, $item->priority),
        ];
    }

    /** Sheets with a part that comes first go first, and those with nothing but what comes last go last. */
    public function inOrder(Nested $nested): Nested
    {
        $rank = function (LaidSheet $sheet): int {
            $ranks = array_map(fn (Placement $p): int => $this->project->cutting->of($this->open->as->part($p->item))->priority->rank(),
                $sheet->placements) ?: [0];

            return max($ranks) > 0 ? 1 : max($ranks);
        };
        $sheets = $nested->sheets;
        usort($sheets, fn (LaidSheet $a, LaidSheet $b): int => $rank($b) <=> $rank($a));

        return new Nested($nested->stock, $sheets, $nested->unplaced, $nested->leastCost, $nested->roomier);
    }
}
