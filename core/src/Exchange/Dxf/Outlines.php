<?php

declare(strict_types=1);

namespace Incastro\Core\Exchange\Dxf;

/**
 * The outlines of a drawing: its lines, arcs, circles and polylines, joined end to end on each layer where they meet.
 *
 * @phpstan-type Path array{layer: string, closed: bool, points: non-empty-list<array{float, float}>}
 */
final class Outlines
{
    /** Entities and corners of one drawing. */
    public const MOST = 40_000;

    private const MOST_OUT = 200;

    private const DEEPEST = 4;

    /** Ends that lie this near are one, mm. */
    private const MEET = 0.2;

    /** @var list<Path> */
    private array $paths = [];

    private int $points = 0;

    private function __construct(private readonly DxfDrawing $drawing, private readonly float $mm)
    {
    }

    /**
     * Largest first; mm, from the lower left corner of each.
     *
     * @param  float  $mm  mm in a unit of the drawing
     * @return non-empty-list<Path>
     *
     * @throws DxfNotReadable
     */
    public static function of(string $text, float $mm): array
    {
        $self = new self(DxfDrawing::read($text), $mm);
        $self->take($self->drawing->entities, [1.0, 0.0, 0.0, 1.0, 0.0, 0.0], 0);
        $paths = array_map(self::homed(...), Joined::of($self->paths, self::MEET));
        usort($paths, fn (array $a, array $b): int => self::reach($b) <=> self::reach($a));

        return array_slice($paths, 0, self::MOST_OUT) ?: throw DxfNotReadable::empty();
    }

    /** @param  Path  $path */
    private static function reach(array $path): float
    {
        return array_reduce($path['points'], fn (float $far, array $p): float => max($far, $p[0] + $p[1]), 0.0);
    }

    /**
     * @param  list<Entity>  $entities
     * @param  array{float, float, float, float, float, float}  $by  x' = a·x + c·y + e, y' = b·x + d·y + f
     */
    private function take(array $entities, array $by, int $depth): void
    {
        foreach ($entities as $entity) {
            $points = match ($entity->kind) {
                'LINE' => [[$entity->number(10), $entity->number(20)], [$entity->number(11), $entity->number(21)]],
                'ARC' => $this->arc($entity),
                'CIRCLE' => Chords::arc([$entity->number(10), $entity->number(20), abs($entity->number(40))], 0.0, 2 * M_PI, $this->mm),
                'POLYLINE' => $this->polyline(array_map(fn (Entity $c): array => [$c->number(10), $c->number(20), $c->number(42)], $entity->corners),
                    $entity->flag(70, 1)),
                'LWPOLYLINE' => $this->polyline($this->light($entity), $entity->flag(70, 1)),
                default => [],
            };
            if (count($points) > 1) {
                $this->add($entity->layer(), $points, $by);
            }
            $block = $entity->kind === 'INSERT' ? $this->drawing->blocks[$entity->values[2][0] ?? ''] ?? null : null;
            if ($block !== null && $depth < self::DEEPEST) {
                $this->take($block['entities'], self::placed($entity, $block['base'], $by), $depth + 1);
            }
        }
    }

    /**
     * @param  non-empty-list<array{float, float}>  $points
     * @param  array{float, float, float, float, float, float}  $by
     */
    private function add(string $layer, array $points, array $by): void
    {
        $this->points += count($points);
        if ($this->points > 2 * self::MOST) {
            throw DxfNotReadable::tooLarge(self::MOST);
        }
        [$a, $b, $c, $d, $e, $f] = $by;
        $placed = array_map(fn (array $p): array => [($a * $p[0] + $c * $p[1] + $e) * $this->mm, ($b * $p[0] + $d * $p[1] + $f) * $this->mm], $points);
        $this->paths[] = ['layer' => $layer, 'closed' => false, 'points' => $placed];
    }

    /**
     * @param  array{float, float}  $base
     * @param  array{float, float, float, float, float, float}  $by
     * @return array{float, float, float, float, float, float}
     */
    private static function placed(Entity $insert, array $base, array $by): array
    {
        $turn = deg2rad($insert->number(50));
        [$sx, $sy] = [$insert->number(41, 1.0), $insert->number(42, 1.0)];
        [$a, $b, $c, $d] = [$sx * cos($turn), $sx * sin($turn), -$sy * sin($turn), $sy * cos($turn)];
        $e = $insert->number(10) - $a * $base[0] - $c * $base[1];
        $f = $insert->number(20) - $b * $base[0] - $d * $base[1];

        return [
            $by[0] * $a + $by[2] * $b, $by[1] * $a + $by[3] * $b, $by[0] * $c + $by[2] * $d, $by[1] * $c + $by[3] * $d,
            $by[0] * $e + $by[2] * $f + $by[4], $by[1] * $e + $by[3] * $f + $by[5],
        ];
    }

    /** @return list<array{float, float}> */
    private function arc(Entity $entity): array
    {
        [$from, $to] = [deg2rad($entity->number(50)), deg2rad($entity->number(51, 360.0))];
        $sweep = fmod($to - $from, 2 * M_PI);

        return Chords::arc([$entity->number(10), $entity->number(20), abs($entity->number(40))], $from, $sweep <= 0 ? $sweep + 2 * M_PI : $sweep, $this->mm);
    }

    /** @return list<array{float, float, float}> x, y and bulge */
    private function light(Entity $entity): array
    {
        $n = min(count($entity->values[10] ?? []), count($entity->values[20] ?? []));
        if ($n > self::MOST) {
            throw DxfNotReadable::tooLarge(self::MOST);
        }
        // Bulges are given where there are any; without their places only all or none can be told apart.
        $bulges = count($entity->values[42] ?? []) === $n;

        return array_map(fn (int $i): array => [$entity->number(10, 0.0, $i), $entity->number(20, 0.0, $i), $bulges ? $entity->number(42, 0.0, $i) : 0.0],
            $n === 0 ? [] : range(0, $n - 1));
    }

    /**
     * @param  list<array{float, float, float}>  $corners
     * @return list<array{float, float}>
     */
    private function polyline(array $corners, bool $closed): array
    {
        if (count($corners) < 2) {
            return [];
        }
        $points = [[$corners[0][0], $corners[0][1]]];
        $n = count($corners);
        for ($i = 1; $i < $n + ($closed ? 1 : 0); $i++) {
            [$a, $b] = [$corners[$i - 1], $corners[$i % $n]];
            array_push($points, ...Chords::bulged([$a[0], $a[1]], [$b[0], $b[1]], $a[2], $this->mm));
        }

        return $points;
    }

    /**
     * @param  Path  $path
     * @return Path
     */
    private static function homed(array $path): array
    {
        [$left, $low] = [min(array_column($path['points'], 0)), min(array_column($path['points'], 1))];
        $points = array_map(fn (array $p): array => [round($p[0] - $left, 3), round($p[1] - $low, 3)], $path['points']);

        return ['points' => $points] + $path;
    }
}
