<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Nest;

use Incastro\Core\Cut\Saw\WhyUncut;
use Incastro\Core\Measure\Length;

/**
 * A part put somewhere by hand. It catches the edges beside it; what lies there and is not locked is planned around it, and
 * all else stays where it is as long as it can.
 */
final readonly class ByHand
{
    /** Within so much of an edge a part is put against it. */
    private const CATCHES = 15 * Length::PER_MM;

    public function __construct(private Orders $orders)
    {
    }

    /**
     * @param  Nested  $now  how the material is laid
     * @param  Placement  $wanted  where its lower corner and its extents are wanted; the extents are looked up
     *
     * @throws PlaceRefused when it cannot lie there
     */
    public function placed(Nested $now, Placement $wanted, int $sheet, bool $isLocked): Nested
    {
        $item = $this->item($now, $wanted->item);
        if ($wanted->turned && ! $item->mayTurn) {
            throw new PlaceRefused('grain', $item->id);
        }
        $target = $now->sheets[$sheet] ?? throw new PlaceRefused('no_sheet', $item->id);
        [$l, $w] = $wanted->turned ? [$item->width, $item->length] : [$item->length, $item->width];
        $others = $target->without($item->id)->placements ?? [];
        $placed = $this->caught(new Placement($item->id, $wanted->x, $wanted->y, $l, $w, $wanted->turned), $others, $target->kind);
        $sheets = array_map(fn (LaidSheet $s): ?LaidSheet => $s->without($item->id), $now->sheets);
        $locked = $sheets[$sheet]->locked ?? [];
        $held = $sheets[$sheet]?->held() ?? [];
        $this->refuse($placed, $held, $target->kind);
        $sheets[$sheet] = new LaidSheet($target->kind, [...$others, $placed], $isLocked ? [...$locked, $item->id] : $locked);
        if (WhyUncut::of($sheets[$sheet], $now->stock) === null) {
            return new Nested($now->stock, array_values(array_filter($sheets)), $now->unplaced, $now->leastCost);
        }
        $fixed = array_map(fn (?LaidSheet $s): ?LaidSheet => $s?->lockedOnly(), $sheets);
        $fixed[$sheet] = new LaidSheet($target->kind, [...$held, $placed], [...$locked, $item->id]);

        return $this->orders->around(array_values(array_filter($fixed)), $now);
    }

    /** @throws PlaceRefused for a part of a strip, which moves as a whole, or one that is not here */
    private function item(Nested $now, string $part): Item
    {
        foreach ($this->orders->itemsOf($now) as $item) {
            foreach ($item->parts() as $own) {
                if ($own->id === $part) {
                    return $item->members === [] ? $item : throw new PlaceRefused('strip', $part);
                }
            }
        }
        throw new PlaceRefused('no_part', $part);
    }

    /** @param  list<Placement>  $others */
    private function caught(Placement $p, array $others, SheetKind $kind): Placement
    {
        $u = $kind->usable();
        $k = $this->orders->stock->kerf;
        $xs = [$u->x, $u->x + $u->length - $p->length,
            ...array_merge(...array_map(fn (Placement $o): array => [$o->x, $o->right() + $k, $o->x - $k - $p->length], $others))];
        $ys = [$u->y, $u->y + $u->width - $p->width,
            ...array_merge(...array_map(fn (Placement $o): array => [$o->y, $o->top() + $k, $o->y - $k - $p->width], $others))];

        return new Placement($p->item, self::nearest($p->x, $xs), self::nearest($p->y, $ys), $p->length, $p->width, $p->turned);
    }

    /** @param  list<int>  $edges */
    private static function nearest(int $at, array $edges): int
    {
        usort($edges, fn (int $a, int $b): int => abs($a - $at) <=> abs($b - $at));

        return $edges !== [] && abs($edges[0] - $at) <= self::CATCHES ? $edges[0] : $at;
    }

    /**
     * @param  list<Placement>  $locked
     *
     * @throws PlaceRefused when it lies off the sheet, on a locked part, or where no cut frees it from them
     */
    private function refuse(Placement $placed, array $locked, SheetKind $kind): void
    {
        $k = $this->orders->stock->kerf;
        foreach ($locked as $o) {
            if ($placed->x < $o->right() + $k && $o->x < $placed->right() + $k && $placed->y < $o->top() + $k && $o->y < $placed->top() + $k) {
                throw new PlaceRefused('locked', $o->item);
            }
        }
        $why = WhyUncut::of(new LaidSheet($kind, [...$locked, $placed]), $this->orders->stock);
        if ($why !== null) {
            throw new PlaceRefused($why[0], $placed->item);
        }
    }
}
