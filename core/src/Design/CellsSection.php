<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Model\Band;
use Incastro\Core\Document\Model\Bay;
use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Document\Model\WidthBy;
use Incastro\Core\Envelope\Box;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Writes down the bays of a piece: where they are, and how far the divider at their right may be dragged and where it snaps. */
final readonly class CellsSection
{
    private const LEAST_BAY_MM = 60;

    public function __construct(private Piece $piece, private Box $box, private Design $design)
    {
    }

    /** @return array<string, array<string, mixed>> by bay, in the order of the document */
    public function cells(): array
    {
        $cells = [];
        foreach ($this->piece->runs as $run) {
            foreach ($run->bands as $band) {
                $cells += $this->band($band, [$run->id, $band->id], null);
            }
        }

        return $cells;
    }

    /**
     * @param  list<string>  $path  run, band, bay, band … that lead to it
     * @return array<string, array<string, mixed>>
     */
    private function band(Band $band, array $path, ?string $parent): array
    {
        $cells = [];
        $bays = array_values($band->bays);
        foreach ($bays as $i => $bay) {
            $cell = $this->design->cells[$bay->id] ?? null;
            if ($cell !== null) {
                $cells[$bay->id] = $this->cell($cell, $path, $parent, $this->drag($bays, $i, $cell));
            }
            foreach ($bay->bands as $inner) {
                $cells += $this->band($inner, [...$path, $bay->id, $inner->id], $bay->id);
            }
        }

        return $cells;
    }

    /**
     * @param  list<string>  $path
     * @param  array<string, mixed>|null  $drag
     * @return array<string, mixed>
     */
    private function cell(Cell $cell, array $path, ?string $parent, ?array $drag): array
    {
        $turn = $this->design->turns[$cell->bay->id] ?? null;
        $block = $turn?->block($cell->block()) ?? $cell->block();

        return [
            'label' => $cell->label, 'path' => $path, 'parent' => $parent,
            'corner' => [$block->corner->x, $block->corner->y, $block->corner->z], 'size' => [$block->size->x, $block->size->y, $block->size->z],
            'width' => $cell->x->size, 'depth' => $cell->y->size, 'height' => $cell->z->size, 'least' => $cell->least,
            'mouth' => [$cell->mouth->x->value(), $cell->mouth->z->value()], 'drag' => $drag,
            // What rolls there leaves no choice: the floor is open.
            'rolls' => $cell->bay->fill->isOnCastors(),
        ];
    }

    /**
     * @param  list<Bay>  $bays  of its row
     * @return array<string, mixed>|null widths of the bay that dragging its right divider may give; null where there is none, or its run stands along a
     *     side wall
     */
    private function drag(array $bays, int $at, Cell $cell): ?array
    {
        [$bay, $next] = [$bays[$at], $bays[$at + 1] ?? null];
        $after = $next === null ? null : ($this->design->cells[$next->id] ?? null);
        if ($after === null || ! ($this->design->turns[$bay->id] ?? null)?->isNone()) {
            return null;
        }
        $both = $cell->x->value()->plus($after->x->value());
        $least = Length::fromMillimetres(self::LEAST_BAY_MM);
        $most = $both->minus($least);
        if ($most->isLessThan($least)) {
            return null;
        }
        $snaps = [['width' => $this->shared($bays, $at), 'why' => Text::of('snap.equal'), 'by' => ['by' => 'share']]];
        $t = $cell->board->thickness;
        foreach ($this->box->studs as $ref => $x) {
            $snaps[] = ['width' => $x->minus($t->half())->minus($cell->x->from),
                'why' => Text::of('snap.stud'), 'by' => ['by' => 'stud', 'ref' => (string) $ref]];
        }
        foreach ($this->below($cell) as $ref => $x) {
            $snaps[] = ['width' => $x->minus($cell->x->from), 'why' => Text::of('snap.below'), 'by' => ['by' => 'below', 'ref' => $ref]];
        }

        return ['least' => $least, 'most' => $most,
            'snaps' => array_values(array_filter($snaps, fn (array $s): bool => ! $s['width']->isLessThan($least) && ! $s['width']->isGreaterThan($most)))];
    }

    /**
     * What the bay comes to when it and the next share like the others up to the marks on either side.
     *
     * @param  list<Bay>  $bays
     */
    private function shared(array $bays, int $at): Length
    {
        $isMarked = fn (int $i): bool => in_array($bays[$i]->width->by, [WidthBy::Below, WidthBy::Stud], true);
        for ($from = $at; $from > 0 && ! $isMarked($from - 1); $from--);
        for ($to = $at + 1; $to < count($bays) - 1 && ! $isMarked($to); $to++);
        [$whole, $weights] = [0, 0];
        foreach (range($from, $to) as $i) {
            if ($i === $at || $i === $at + 1 || $bays[$i]->width->by === WidthBy::Share) {
                $whole += ($this->design->cells[$bays[$i]->id] ?? null)?->x->value()->units ?? 0;
                $weights += $bays[$i]->width->weight;
            }
        }

        return Length::ofUnits(intdiv($whole * $bays[$at]->width->weight, max(1, $weights)));
    }

    /** @return array<string, Length> right edges of the bays in bands of the same case below */
    private function below(Cell $cell): array
    {
        $edges = [];
        foreach ($this->piece->main()->bands as $band) {
            if (isset($band->bays[$cell->bay->id])) {
                return $edges;
            }
            if (! $band->joined) {
                $edges = [];
            }
            foreach (array_slice(array_keys($band->bays), 0, -1) as $id) {
                $other = $this->design->cells[$id] ?? null;
                $edges += $other === null ? [] : [$id => $other->x->to()];
            }
        }

        return [];
    }
}
