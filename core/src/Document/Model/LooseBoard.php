<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Document\Reading\Node;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * Boards that belong to no piece and are cut from the same sheets: a list from elsewhere, a jig, a shape traced. Finished sizes, the length along the grain.
 */
final readonly class LooseBoard
{
    public const MOST = 200;

    public const MOST_IN_ALL = 500;

    /**
     * @param  bool  $grain  the grain runs along the length; else it may lie either way
     * @param  list<array{Length, Length}>  $outline  across and up, within length × width from its lower left corner; empty for a rectangle
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $material,
        public Length $length,
        public Length $width,
        public int $count,
        public bool $grain,
        public array $outline = [],
    ) {
    }

    public static function read(Node $node, string $id): self
    {
        $mm = Length::fromMillimetres(...);
        [$length, $width] = [$node->at('length')->length($mm(5), $mm(10_000)), $node->at('width')->length($mm(5), $mm(10_000))];

        return new self($id, $node->at('name')->text(), $node->at('material')->text(26), $length, $width,
            $node->at('count')->isMissing() ? 1 : $node->at('count')->count(1, self::MOST),
            $node->at('grain')->isMissing() || $node->at('grain')->flag(), self::outline($node->at('outline'), $length, $width));
    }

    /** @return list<array{Length, Length}> */
    private static function outline(Node $node, Length $length, Length $width): array
    {
        $points = [];
        for ($i = 0; $i < 2_000 && ! ($point = $node->at((string) $i))->isMissing(); $i++) {
            $points[] = [$point->at('0')->length(Length::zero(), $length), $point->at('1')->length(Length::zero(), $width)];
        }
        $points = self::corners($points);
        if (! $node->isMissing() && ! self::fills($points, $length, $width)) {
            $node->wrong(Text::of('document.outline_expected'));
        }

        return $points;
    }

    /**
     * Without those that turn nothing.
     *
     * @param  list<array{Length, Length}>  $points
     * @return list<array{Length, Length}>
     */
    private static function corners(array $points): array
    {
        $kept = [];
        foreach ($points as $i => $p) {
            [$before, $after] = [$kept === [] ? $points[count($points) - 1] : $kept[count($kept) - 1], $points[($i + 1) % count($points)]];
            $turn = ($p[0]->units - $before[0]->units) * ($after[1]->units - $p[1]->units)
                - ($p[1]->units - $before[1]->units) * ($after[0]->units - $p[0]->units);
            if ($turn !== 0) {
                $kept[] = $p;
            }
        }

        return $kept;
    }

    /**
     * It reaches all four sides of its board and does not cross itself.
     *
     * @param  list<array{Length, Length}>  $points
     */
    private static function fills(array $points, Length $length, Length $width): bool
    {
        if (count($points) < 3) {
            return false;
        }
        $across = array_map(fn (array $p): int => $p[0]->units, $points);
        $up = array_map(fn (array $p): int => $p[1]->units, $points);

        return [min($across), max($across), min($up), max($up)] === [0, $length->units, 0, $width->units] && ! self::crosses($points);
    }

    /** @param  non-empty-list<array{Length, Length}>  $points */
    private static function crosses(array $points): bool
    {
        $n = count($points);
        for ($i = 0; $i < $n; $i++) {
            [$a, $b] = [$points[$i], $points[($i + 1) % $n]];
            for ($j = $i + 2; $j < $n; $j++) {
                if (($j + 1) % $n === $i) {
                    continue;
                }
                [$c, $d] = [$points[$j], $points[($j + 1) % $n]];
                if (self::side($a, $b, $c) !== self::side($a, $b, $d) && self::side($c, $d, $a) !== self::side($c, $d, $b)) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * On which side of the line from a to b the point c lies.
     *
     * @param  array{Length, Length}  $a
     * @param  array{Length, Length}  $b
     * @param  array{Length, Length}  $c
     */
    private static function side(array $a, array $b, array $c): int
    {
        return ($b[0]->units - $a[0]->units) * ($c[1]->units - $a[1]->units) <=> ($b[1]->units - $a[1]->units) * ($c[0]->units - $a[0]->units);
    }
}
