<?php

declare(strict_types=1);

namespace Incastro\Core\Exchange\Dxf;

/**
 * Paths joined end to end on each layer where they meet; one whose ends meet is closed and says its first point once.
 *
 * @phpstan-import-type Path from Outlines
 */
final class Joined
{
    /** @var array<string, array<int, true>> by layer and cell, the paths that end there */
    private array $ends = [];

    /** @param  array<int, Path>  $open */
    private function __construct(private array $open, private readonly float $near)
    {
    }

    /**
     * @param  list<Path>  $paths
     * @return list<Path>
     */
    public static function of(array $paths, float $near): array
    {
        $self = new self($paths, $near);
        foreach ($paths as $i => $path) {
            $self->note($i, $path);
        }
        $joined = [];
        while ($self->open !== []) {
            $joined[] = $self->walk((int) array_key_first($self->open));
        }

        return $joined;
    }

    /** @return Path */
    private function walk(int $first): array
    {
        $path = $this->drop($first);
        foreach ([false, true] as $backwards) {
            $path = $backwards ? ['points' => array_reverse($path['points'])] + $path : $path;
            while (! self::meet($path['points'][0], $path['points'][count($path['points']) - 1], $this->near) || count($path['points']) < 3) {
                $next = $this->meeting($path);
                if ($next === null) {
                    break;
                }
                $other = $this->drop($next)['points'];
                $end = $path['points'][count($path['points']) - 1];
                $other = self::meet($other[0], $end, $this->near) ? $other : array_reverse($other);
                $path = ['points' => [...$path['points'], ...array_slice($other, 1)]] + $path;
            }
        }

        return $this->closed($path);
    }

    /**
     * @param  Path  $path
     * @return Path
     */
    private function closed(array $path): array
    {
        $points = $path['points'];
        $isClosed = count($points) > 3 && self::meet($points[0], $points[count($points) - 1], $this->near);

        if ($isClosed) {
            array_pop($points);
        }

        return ['layer' => $path['layer'], 'closed' => $isClosed, 'points' => $points];
    }

    /** @param  Path  $path */
    private function meeting(array $path): ?int
    {
        $end = $path['points'][count($path['points']) - 1];
        foreach ([-1, 0, 1] as $dx) {
            foreach ([-1, 0, 1] as $dy) {
                foreach (array_keys($this->ends[$this->cell($path['layer'], $end, $dx, $dy)] ?? []) as $i) {
                    $points = $this->open[$i]['points'];
                    if (self::meet($points[0], $end, $this->near) || self::meet($points[count($points) - 1], $end, $this->near)) {
                        return $i;
                    }
                }
            }
        }

        return null;
    }

    /** @param  Path  $path */
    private function note(int $i, array $path): void
    {
        $this->ends[$this->cell($path['layer'], $path['points'][0])][$i] = true;
        $this->ends[$this->cell($path['layer'], $path['points'][count($path['points']) - 1])][$i] = true;
    }

    /** @return Path */
    private function drop(int $i): array
    {
        $path = $this->open[$i];
        unset($this->open[$i], $this->ends[$this->cell($path['layer'], $path['points'][0])][$i],
            $this->ends[$this->cell($path['layer'], $path['points'][count($path['points']) - 1])][$i]);

        return $path;
    }

    /** @param  array{float, float}  $p */
    private function cell(string $layer, array $p, int $dx = 0, int $dy = 0): string
    {
        return $layer.' '.((int) floor($p[0] / $this->near) + $dx).' '.((int) floor($p[1] / $this->near) + $dy);
    }

    /**
     * @param  array{float, float}  $p
     * @param  array{float, float}  $q
     */
    private static function meet(array $p, array $q, float $near): bool
    {
        return hypot($p[0] - $q[0], $p[1] - $q[1]) <= $near;
    }
}
