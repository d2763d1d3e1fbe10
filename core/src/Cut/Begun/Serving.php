<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Begun;

use Incastro\Core\Cut\Nest\Item;

/** How a piece serves as a part: laid which way, and by how much it is over its length and width. Units of 25 nm. */
final readonly class Serving
{
    private function __construct(public Worth $worth, public bool $turned, public int $overLength, public int $overWidth, public int $waste)
    {
    }

    /**
     * The way of laying that leaves the least wrong; where both are as good, the one it was laid in.
     *
     * @param  int  $tolerance  what a part may be off without anybody minding
     */
    public static function of(MadePiece $piece, Item $item, int $tolerance): self
    {
        $ways = array_map(fn (array $way): self => self::way($piece, $item, $way, $tolerance), $item->orientations());
        $rank = fn (self $s): array => [match ($s->worth) {
            Worth::Right => 0, Worth::Trim => 1, Worth::Short => 2
        }, $s->turned !== $piece->turned, $s->waste];
        usort($ways, fn (self $a, self $b): int => $rank($a) <=> $rank($b));

        return $ways[0];
    }

    /** @param  array{int, int, bool}  $way */
    private static function way(MadePiece $piece, Item $item, array $way, int $tolerance): self
    {
        [$x, $y, $turned] = [$piece->length - $way[0], $piece->width - $way[1], $way[2]];
        $worth = match (true) {
            min($x, $y) < -$tolerance => Worth::Short,
            max($x, $y) > $tolerance => Worth::Trim,
            default => Worth::Right,
        };

        return new self($worth, $turned, $turned ? $y : $x, $turned ? $x : $y, $piece->length * $piece->width - $item->area());
    }
}
