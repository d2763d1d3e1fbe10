<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Machining;

use Incastro\Core\Cut\Part;
use Incastro\Core\Design\Panel;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Measure\Length;

/**
 * What tells a board from its mirror image. All that is cut, banded and drilled is written down as boxes in the board's own axes;
 * a board may be laid on the bench in four ways (turned half round about each axis), so the least of the four writings is its key.
 */
final readonly class Hand
{
    /** Nearer than this is the same place: odd units of a division do not make another board. */
    private const STEP = Length::PER_MM / 10;

    private const WAYS = [[1, 1, 1], [-1, -1, 1], [-1, 1, -1], [1, -1, -1]];

    private function __construct(public string $key, public string $mirrored)
    {
    }

    public static function of(Part $part): self
    {
        $both = array_map(fn (array $f): array => [$f[0], self::bothWays($f[1]), self::bothWays($f[2]), self::bothWays($f[3])], self::features($part));

        return new self(self::least($both, 1), self::least($both, -1));
    }

    /** The same board whichever way it is laid down. */
    public function isEvenHanded(): bool
    {
        return $this->key === $this->mirrored;
    }

    /**
     * The mirror image of each part that has one among the rest, each paired once.
     *
     * @param  list<Part>  $parts
     * @param  array<string, Hand>  $hands  by part
     * @return array<string, string> both ways, by part id
     */
    public static function pairs(array $parts, array $hands): array
    {
        $waiting = $pairs = [];
        foreach ($parts as $part) {
            $hand = $hands[$part->panel->id];
            if ($hand->isEvenHanded() || $part->panel->bought) {
                continue;
            }
            $owner = "{$part->panel->piece} {$part->panel->material} ";
            $others = $waiting[$owner.$hand->mirrored] ?? [];
            $mate = array_shift($others);
            $waiting[$owner.$hand->mirrored] = $others;
            if ($mate === null) {
                $waiting[$owner.$hand->key][] = $part->panel->id;
            } else {
                $pairs[$mate] = $part->panel->id;
                $pairs[$part->panel->id] = $mate;
            }
        }

        return $pairs;
    }

    /**
     * Boxes about the board's middle: what, and from where to where along, across and through it.
     *
     * @return list<array{string, array{int, int}, array{int, int}, array{int, int}}>
     */
    private static function features(Part $part): array
    {
        $board = $part->panel;
        $axes = self::axes($board);
        $features = [self::box($axes, 'board', self::span($board->block))];
        foreach ($board->solid->isBlock() ? [] : $board->solid->outline as $p) {
            foreach ([$board->solid->from, $board->solid->to] as $end) {
                $at = match ($board->solid->axis) {
                    Axis::X => [$end, $p->across, $p->up],
                    Axis::Y => [$p->across, $end, $p->up],
                    Axis::Z => [$p->across, $p->up, $end],
                };
                $features[] = self::box($axes, 'corner', self::dot(...$at));
            }
        }
        foreach ($board->taken as $taken) {
            $features[] = self::box($axes, $taken->kind->value, self::span($taken->block));
        }
        foreach ($part->bores as $bore) {
            if ($bore->kind->isDrilled()) {
                $features[] = self::box($axes, "{$bore->kind->value} {$bore->into->value} {$bore->depth?->units}",
                    self::dot($bore->at->x, $bore->at->y, $bore->at->z));
            }
        }

        return [...$features, ...self::bands($board, $axes)];
    }

    /** @return list<array{string, int}> along, across and through the board: the axis, and twice where its middle is on it, in units */
    private static function axes(Panel $board): array
    {
        return array_map(function (Axis $axis) use ($board): array {
            $k = $axis->value;

            return [$k, 2 * $board->block->corner->$k->units + $board->block->size->$k->units];
        }, [$board->inHouse($board->long), $board->inHouse($board->wide()), $board->inHouse($board->thin)]);
    }

    /** @return array<string, array{int, int}> by axis: from and to, in units */
    private static function span(Block $block): array
    {
        [$at, $size] = [$block->corner, $block->size];

        return ['x' => [$at->x->units, $at->x->units + $size->x->units],
            'y' => [$at->y->units, $at->y->units + $size->y->units], 'z' => [$at->z->units, $at->z->units + $size->z->units]];
    }

    /** @return array<string, array{int, int}> */
    private static function dot(Length $x, Length $y, Length $z): array
    {
        return ['x' => [$x->units, $x->units], 'y' => [$y->units, $y->units], 'z' => [$z->units, $z->units]];
    }

    /**
     * @param  list<array{string, int}>  $axes
     * @return list<array{string, array{int, int}, array{int, int}, array{int, int}}>
     */
    private static function bands(Panel $board, array $axes): array
    {
        $bands = [];
        foreach ($board->banded === [] ? [] : Axis::cases() as $axis) {
            foreach ([false, true] as $upper) {
                if (in_array($board->facing($axis, $upper), $board->banded, true)) {
                    $k = $axis->value;
                    $bands[] = self::box($axes, 'band',
                        self::span($board->block->along($axis,
                            $upper ? $board->block->corner->$k->plus($board->block->size->$k) : $board->block->corner->$k, Length::zero())));
                }
            }
        }

        return $bands;
    }

    /**
     * @param  list<array{string, int}>  $axes
     * @param  array<string, array{int, int}>  $span
     * @return array{string, array{int, int}, array{int, int}, array{int, int}}
     */
    private static function box(array $axes, string $what, array $span): array
    {
        $box = [$what];
        foreach ($axes as [$axis, $middle]) {
            [$from, $to] = $span[$axis];
            $box[] = [(int) round((2 * $from - $middle) / 2 / self::STEP), (int) round((2 * $to - $middle) / 2 / self::STEP)];
        }

        /** @var array{string, array{int, int}, array{int, int}, array{int, int}} */
        return $box;
    }

    /**
     * @param  list<array{string, array<int, string>, array<int, string>, array<int, string>}>  $features  along each axis as it is (1) and turned round (-1)
     */
    private static function least(array $features, int $through): string
    {
        $keys = [];
        foreach (self::WAYS as [$l, $w, $t]) {
            $lines = [];
            foreach ($features as [$what, $along, $across, $thick]) {
                $lines[] = $what.$along[$l].$across[$w].$thick[$t * $through];
            }
            sort($lines, SORT_STRING);
            $keys[] = implode(';', $lines);
        }

        return min($keys);
    }

    /**
     * @param  array{int, int}  $range
     * @return array<int, string>
     */
    private static function bothWays(array $range): array
    {
        return [1 => " $range[0] $range[1]", -1 => ' '.(-$range[1]).' '.(-$range[0])];
    }
}
