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
        $features = [self::box($board, 'board', $board->block)];
        foreach ($board->solid->isBlock() ? [] : $board->solid->outline as $p) {
            foreach ([$board->solid->from, $board->solid->to] as $end) {
                $at = match ($board->solid->axis) {
                    Axis::X => [$end, $p->across, $p->up],
                    Axis::Y => [$p->across, $end, $p->up],
                    Axis::Z => [$p->across, $p->up, $end],
                };
                $features[] = self::box($board, 'corner', self::dot(...$at));
            }
        }
        foreach ($board->taken as $taken) {
            $features[] = self::box($board, $taken->kind->value, $taken->block);
        }
        foreach ($part->bores as $bore) {
            if ($bore->kind->isDrilled()) {
                $features[] = self::box($board, "{$bore->kind->value} {$bore->into->value} {$bore->depth?->units}", self::dot($bore->at->x, $bore->at->y, $bore->at->z));
            }
        }

        return [...$features, ...self::bands($board)];
    }

    private static function dot(Length $x, Length $y, Length $z): Block
    {
        return Block::of($x, $y, $z, Length::zero(), Length::zero(), Length::zero());
    }

    /** @return list<array{string, array{int, int}, array{int, int}, array{int, int}}> */
    private static function bands(Panel $board): array
    {
        $bands = [];
        foreach (Axis::cases() as $axis) {
            foreach ([false, true] as $upper) {
                if (in_array($board->facing($axis, $upper), $board->banded, true)) {
                    $k = $axis->value;
                    $bands[] = self::box($board, 'band', $board->block->along($axis, $upper ? $board->block->corner->$k->plus($board->block->size->$k) : $board->block->corner->$k, Length::zero()));
                }
            }
        }

        return $bands;
    }

    /** @return array{string, array{int, int}, array{int, int}, array{int, int}} */
    private static function box(Panel $board, string $what, Block $block): array
    {
        $from = function (Axis $axis) use ($board, $block): array {
            $k = $axis->value;
            $low = 2 * $block->corner->$k->units - 2 * $board->block->corner->$k->units - $board->block->size->$k->units;

            return [(int) round($low / 2 / self::STEP), (int) round(($low + 2 * $block->size->$k->units) / 2 / self::STEP)];
        };

        return [$what, $from($board->inHouse($board->long)), $from($board->inHouse($board->wide())), $from($board->inHouse($board->thin))];
    }

    /** @param  list<array{string, array<int, string>, array<int, string>, array<int, string>}>  $features  along each axis as it is (1) and turned round (-1) */
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
