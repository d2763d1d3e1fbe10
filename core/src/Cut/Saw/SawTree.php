<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Saw;

use Incastro\Core\Cut\Nest\LaidSheet;
use Incastro\Core\Cut\Nest\Placement;
use Incastro\Core\Cut\Nest\Rect;
use Incastro\Core\Document\Model\Saws;

/**
 * Reads a laid sheet as a tree of edge-to-edge cuts. Cutting wherever a cut is possible never spoils a later one (every
 * subset of a separable set is separable), so the choice is free: first along the axis that sets free the largest empty
 * strip, rips where nothing is set free.
 */
final class SawTree
{
    /** False when parts stay together although a blade should pass between. */
    public bool $isSeparable = true;

    public readonly SawPiece $root;

    /** @param  'x'|'y'|null  $first  the axis of the first cuts, where the saws leave only one */
    public function __construct(LaidSheet $sheet, private readonly int $kerf, private readonly Saws $saws = new Saws, private readonly ?string $first = null)
    {
        $this->root = $this->trimmed($sheet);
    }

    /** The factory edges come off, each where it has a trim: the near edge first, as all else is measured from it. */
    private function trimmed(LaidSheet $sheet): SawPiece
    {
        $kind = $sheet->kind;
        [$left, $right, $near, $far] = $kind->trims;
        [$l, $w, $k] = [$kind->length, $kind->width, $this->kerf];
        $high = $w - $near - $far;
        $piece = $this->piece($kind->usable(), $sheet->placements, 0, null);
        foreach ([
            [$right, 'x', new Rect($left, $near, $l - $left, $high), new Rect($l - $right + $k, $near, $right - $k, $high), $l - $right, false],
            [$left, 'x', new Rect(0, $near, $l, $high), new Rect(0, $near, $left - $k, $high), $left - $k, true],
            [$far, 'y', new Rect(0, $near, $l, $w - $near), new Rect(0, $w - $far + $k, $l, $far - $k), $w - $far, false],
            [$near, 'y', new Rect(0, 0, $l, $w), new Rect(0, 0, $l, $near - $k), $near - $k, true],
        ] as [$trim, $axis, $whole, $strip, $at, $isFirst]) {
            if ($trim > 0) {
                $strip = new SawPiece($strip, isTrim: true);
                $piece = new SawPiece($whole, null, $axis, $isFirst ? [$strip, $piece] : [$piece, $strip], [$at], 0, true);
            }
        }

        return $piece;
    }

    /** @param  list<Placement>  $parts */
    private function piece(Rect $rect, array $parts, int $stage, ?string $before): SawPiece
    {
        if ($parts === []) {
            return new SawPiece($rect);
        }
        $rows = [];
        foreach (['y', 'x'] as $axis) {
            $row = new SawRow($rect, $parts, $axis, $this->kerf);
            if ($row->cuts() > 0) {
                $rows[] = $row;
            }
        }
        if ($rows === []) {
            $this->isSeparable = $this->isSeparable && count($parts) === 1;

            return new SawPiece($rect, $parts[0]);
        }
        $rank = fn (SawRow $r): array => [$before !== null || $r->axis === $this->first,
            $r->isCuttable($this->saws, $stage + ($r->axis === $before ? 0 : 1)), $r->freed];
        usort($rows, fn (SawRow $a, SawRow $b): int => $rank($b) <=> $rank($a));
        $row = $rows[0];
        if (isset($rows[1]) && $rows[1]->freed > 0 && $row->freed > 0 && $row->groups() > 1) {
            $row->joinGroups();
        }
        $stage += $row->axis === $before ? 0 : 1;
        $pieces = [];
        foreach ($row->segments as [$from, $to, $own]) {
            $pieces[] = $this->piece($row->rect($from, $to), $own, $stage, $row->axis);
        }

        return new SawPiece($rect, null, $row->axis, $pieces, $row->between, $stage);
    }
}
