<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Saw;

use Incastro\Core\Cut\Nest\LaidSheet;
use Incastro\Core\Cut\Nest\Rect;
use Incastro\Core\Document\Model\SawKind;
use Incastro\Core\Document\Model\Saws;
use Incastro\Core\Document\Model\WantedCut;

/**
 * The cuts that free the parts of a sheet, in the order to make them, and what is left over. The rows of the tree
 * (SawTree) fix what can follow what; within that, cuts at one setting follow one another, and a new setting is
 * taken up when no cut for it is still out of reach, rips of large pieces first.
 */
final class Sawing
{
    /** @var list<SawCut> */
    public array $cuts = [];

    /** @var list<Rect> largest first */
    public array $offcuts = [];

    /** False when parts stay together although a blade should pass between. */
    public readonly bool $isSeparable;

    /** False when no saw of the person's can make one of the cuts. Trims are left out: the shop, or a rail moved along, does those. */
    public bool $isCuttable = true;

    /** @var array<int, array{SawPiece, string, int, int}> rows being cut: the piece, the id of what remains, its first and last in the row */
    private array $open = [];

    /** @var array<string, int> how often each setting is wanted by rows not reached yet */
    private array $later = [];

    /** @var array{string, int}|null */
    private ?array $setting = null;

    /** @var \WeakMap<LaidSheet, array{int, Saws, self}>|null of sheets that are still there: several stages ask of one sheet */
    private static ?\WeakMap $known = null;

    private function __construct(private readonly int $kerf, private readonly Saws $saws, SawTree $tree)
    {
        $this->isSeparable = $tree->isSeparable;
        foreach ($tree->root->all() as $piece) {
            $this->count($piece, 1);
        }
        $this->reach($tree->root, '1');
        while ($this->open !== []) {
            $this->next();
        }
        $atShop = count(array_filter($this->cuts, fn (SawCut $c): bool => $c->saw?->kind === SawKind::Shop && ! $c->isTrim));
        $this->isCuttable = $this->isCuttable && $atShop <= ($this->saws->shop()->cuts ?? PHP_INT_MAX);
        usort($this->offcuts, fn (Rect $a, Rect $b): int => $b->area() <=> $a->area());
    }

    /**
     * A begun sheet is sawn as it was begun, whatever the saws are now.
     *
     * @param  SawTree|null  $tree  of the sheet, where it is known already
     */
    public static function of(LaidSheet $sheet, int $kerf, Saws $saws = new Saws, ?SawTree $tree = null): self
    {
        if ($sheet->opened !== null) {
            return $sheet->opened->sawing($sheet);
        }
        self::$known ??= new \WeakMap;
        [$forKerf, $forSaws, $known] = self::$known[$sheet] ?? [null, null, null];
        if ($known !== null && $forKerf === $kerf && $forSaws === $saws) {
            return $known;
        }
        $sawing = self::sawn($sheet, $kerf, $saws, $tree);
        self::$known[$sheet] = [$kerf, $saws, $sawing];

        return $sawing;
    }

    private static function sawn(LaidSheet $sheet, int $kerf, Saws $saws, ?SawTree $tree): self
    {
        $sawing = new self($kerf, $saws, $tree ?? new SawTree($sheet, $kerf, $saws));
        foreach ($sawing->isCuttable ? [] : ['x', 'y'] as $first) {
            $other = new self($kerf, $saws, new SawTree($sheet, $kerf, $saws, $first));
            if ($other->isCuttable) {
                return $other;
            }
        }

        return $sawing;
    }

    /**
     * No more than the cuts that were made, and what they leave.
     *
     * @param  list<int>  $made
     * @param  list<Rect>  $offcuts
     */
    public function until(array $made, array $offcuts): self
    {
        $until = clone $this;
        $until->cuts = array_values(array_filter($this->cuts, fn (SawCut $c): bool => in_array($c->order, $made, true)));
        $until->offcuts = $offcuts;

        return $until;
    }

    public function settings(): int
    {
        return count(array_filter($this->cuts, fn (SawCut $c): bool => $c->isSetting));
    }

    /** Changes of direction: how often a piece is turned or the rail laid the other way. */
    public function turns(): int
    {
        $turns = 0;
        foreach ($this->cuts as $i => $cut) {
            $turns += $i > 0 && $cut->axis !== $this->cuts[$i - 1]->axis ? 1 : 0;
        }

        return $turns;
    }

    private function count(SawPiece $piece, int $by): void
    {
        foreach ($piece->row as $i => $own) {
            if (! $own->isOffcut()) {
                $key = $piece->axis.self::extent($piece, $i);
                $this->later[$key] = ($this->later[$key] ?? 0) + $by;
            }
        }
    }

    private static function extent(SawPiece $piece, int $i): int
    {
        return $piece->axis === 'x' ? $piece->row[$i]->rect->length : $piece->row[$i]->rect->width;
    }

    private function reach(SawPiece $piece, string $id): void
    {
        if ($piece->row !== []) {
            $this->count($piece, -1);
            $this->open[] = [$piece, $id, 0, count($piece->row) - 1];
        } elseif ($piece->part === null && ! $piece->isTrim && $piece->rect->length > 0 && $piece->rect->width > 0) {
            $this->offcuts[] = $piece->rect;
        }
    }

    private function next(): void
    {
        $best = null;
        foreach ($this->open as $n => [$piece, , $low, $high]) {
            foreach ($this->ends($piece, $low, $high) as $isFar) {
                $fence = $this->fence($piece, $low, $high, $isFar);
                $rank = $this->rank($piece, $low, $high, $fence);
                if ($best === null || $rank > $best[0]) {
                    $best = [$rank, $n, $isFar, $fence];
                }
            }
        }
        [, $n, $isFar, $fence] = $best ?? throw new \LogicException('A row has two ends.');
        $this->cut($n, $isFar, $fence);
    }

    /** @return array{bool, bool, int, bool, int} the greater goes first */
    private function rank(SawPiece $piece, int $low, int $high, int $fence): array
    {
        $axis = $piece->axis ?? '';
        $rest = $this->remaining($piece, $low, $high);

        return [$piece->isTrim, $this->setting === [$axis, $fence],
            -min(1, $this->later[$axis.$fence] ?? 0), ($this->setting[0] ?? 'y') === $axis, $rest->area()];
    }

    /** @return list<bool> the ends it can be cut from, true for the far one; an offcut is what remains, where it can */
    private function ends(SawPiece $piece, int $low, int $high): array
    {
        $isOff = fn (int $i): bool => $piece->row[$i]->isOffcut() && ! $piece->row[$i]->isTrim;
        if ($piece->isTrim) {
            // From the edge trimmed first, so that the other comes out parallel to it.
            return [false];
        }

        return match (true) {
            $isOff($low) && ! $isOff($high) => [true],
            $isOff($high) && ! $isOff($low) => [false],
            default => [false, true],
        };
    }

    private function fence(SawPiece $piece, int $low, int $high, bool $isFar): int
    {
        $rest = $this->remaining($piece, $low, $high);
        [$start, $end] = $piece->axis === 'x' ? [$rest->x, $rest->x + $rest->length] : [$rest->y, $rest->y + $rest->width];
        $at = $piece->between[$isFar ? $high - 1 : $low];

        return $isFar ? $end - $at - $this->kerf : $at - $start;
    }

    private function remaining(SawPiece $piece, int $low, int $high): Rect
    {
        $r = $piece->rect;
        [$start, $end] = $piece->axis === 'x' ? [$r->x, $r->x + $r->length] : [$r->y, $r->y + $r->width];
        $start = $low > 0 ? $piece->between[$low - 1] + $this->kerf : $start;
        $end = $high === count($piece->row) - 1 ? $end : $piece->between[$high];

        return $piece->axis === 'x' ? new Rect($start, $r->y, $end - $start, $r->width) : new Rect($r->x, $start, $r->length, $end - $start);
    }

    private function cut(int $n, bool $isFar, int $fence): void
    {
        [$piece, $id, $low, $high] = $this->open[$n];
        $axis = $piece->axis ?? throw new \LogicException('A row lies along an axis.');
        $rest = $this->remaining($piece, $low, $high);
        $saw = $this->saws->for(new WantedCut($axis, $rest->length, $rest->width, $fence, $piece->stage));
        $this->isCuttable = $this->isCuttable && ($saw !== null || $piece->isTrim || ! $this->saws->areNamed());
        [$from, $to] = $axis === 'x' ? [$rest->y, $rest->y + $rest->width] : [$rest->x, $rest->x + $rest->length];
        $off = $piece->row[$isFar ? $high : $low];
        $at = $piece->between[$isFar ? $high - 1 : $low];
        $isFar ? $high-- : $low++;
        $last = $low === $high ? $piece->row[$low] : null;
        $this->cuts[] = new SawCut(count($this->cuts) + 1, $axis, $at, $from, $to, $id, $piece->isTrim, $fence, $isFar,
            $this->setting !== [$axis, $fence], $off, $last?->row === [] ? $last : null, $saw);
        $this->setting = [$axis, $fence];
        $this->open[$n] = [$piece, $id.($isFar ? '.1' : '.2'), $low, $high];
        $this->reach($off, $id.($isFar ? '.2' : '.1'));
        if ($last !== null) {
            unset($this->open[$n]);
            $this->reach($last, $id.($isFar ? '.1' : '.2'));
        }
    }
}
