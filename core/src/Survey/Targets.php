<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\Plane;
use Incastro\Core\Document\Model\SpaceKind;
use Incastro\Core\Measure\Length;

/**
 * What must be known of a room for a piece, as sums over its unknowns. Walls are asked at places between stations too,
 * so that what a wall may do there counts in the doubt.
 */
final class Targets
{
    /** Places between stations are no further apart than this. */
    private const PITCH_MM = 400;

    private const LEVEL_ENOUGH_MM = 3.0;

    private const ENOUGH_MM = 5.0;

    private const WHOLE_WALL_ENOUGH_MM = 20.0;

    /** @var array<string, array{fine: list<array<int, float>>, coarse: list<array<int, float>>}> by surface and plane */
    private array $walls = [];

    public function __construct(private readonly Nodes $nodes, private readonly Reach $reach)
    {
        foreach ([Surface::Left, Surface::Right] as $surface) {
            foreach (Plane::cases() as $plane) {
                $this->walls["{$surface->value} {$plane->value}"] = $this->wall($surface, $plane);
            }
        }
    }

    /** @return non-empty-list<Target> the clear width first; to be made before the readings are adjusted: it numbers every unknown that a target touches */
    public function all(): array
    {
        return [$this->clearWidth(), ...$this->opening(), $this->height(), $this->depth(), ...$this->floor()];
    }

    /** Of a box square to the back wall: least right less greatest left at any depth. It is stated from the stations alone. */
    private function clearWidth(): Target
    {
        [$left, $right] = [$this->side('left', 'fine'), $this->side('right', 'fine')];

        return new Target('clear_width', self::unknowns([...$left, ...$right]), self::between($right, $left),
            // Beside a breast nothing is fitted from wall to wall: the flanks are what counts.
            $this->nodes->sizes->space->kind->hasBreast() ? self::WHOLE_WALL_ENOUGH_MM : $this->reach->widthDoubtMm,
            self::between($this->side('right', 'coarse'), $this->side('left', 'coarse')));
    }

    /**
     * Flanks beside a breast and the mouth of a closet, where the space has them.
     *
     * @return list<Target>
     */
    private function opening(): array
    {
        $n = $this->nodes;
        $front = $n->sizes->depth->units;
        $low = $n->sizes->lowest()->units;
        $kind = $n->sizes->space->kind;
        $targets = [];
        if ($kind->hasMouth()) {
            $targets[] = self::difference('mouth', $n->at(Surface::MouthRight, $front, $low), $n->at(Surface::MouthLeft, $front, $low), self::ENOUGH_MM);
            $targets[] = self::difference('return_left', $n->at(Surface::MouthLeft, $front, $low), $n->at(Surface::Left, $front, $low), self::ENOUGH_MM);
        }
        if ($kind->hasBreast()) {
            $targets[] = self::difference('flank_left', $n->at(Surface::BreastLeft, $front, $low),
                $n->at(Surface::Left, $front, $low), $this->reach->widthDoubtMm);
            $targets[] = self::difference('flank_right', $n->at(Surface::Right, $front, $low),
                $n->at(Surface::BreastRight, $front, $low), $this->reach->widthDoubtMm);
        }

        return $targets;
    }

    private function height(): Target
    {
        $n = $this->nodes;
        $surface = $n->sizes->space->slope !== null ? Surface::Slope : Surface::Ceiling;
        $heads = $feet = [];
        foreach ($this->corners() as [$x, $y]) {
            $heads[] = $n->at($surface, $x, $y);
            $feet[] = $n->at(Surface::Floor, $x, $y);
        }

        return new Target('height', self::unknowns([...$heads, ...$feet]), self::between($heads, $feet), self::ENOUGH_MM);
    }

    private function depth(): Target
    {
        $n = $this->nodes;
        $width = $n->sizes->width->units;
        $low = $n->sizes->lowest()->units;
        $top = $this->reach->top->units;
        $fronts = [$n->at(Surface::Front, 0, 0), $n->at(Surface::Front, $width, 0)];
        $backs = array_map(fn (array $p): array => $n->at(Surface::Back, $p[0], $p[1]),
            [[intdiv($width, 2), $low], [0, $top], [intdiv($width, 2), $top], [$width, $top]]);

        return new Target('depth', self::unknowns([...$fronts, ...$backs]), self::between($fronts, [...$backs, []]), self::ENOUGH_MM);
    }

    /**
     * What hangs on a wall stands on no floor.
     *
     * @return list<Target>
     */
    private function floor(): array
    {
        $n = $this->nodes;
        if ($n->sizes->space->kind === SpaceKind::WallHung) {
            return [];
        }

        return [self::difference('floor', $n->at(Surface::Floor, $n->sizes->width->units, $n->sizes->depth->units), [], self::LEVEL_ENOUGH_MM)];
    }

    /**
     * @param  array<int, float>  $far
     * @param  array<int, float>  $near
     */
    private static function difference(string $name, array $far, array $near, float $enough): Target
    {
        return new Target($name, self::unknowns([$far, $near]), self::between([$far], [$near]), $enough);
    }

    /**
     * The least of one side less the greatest of the other. An empty sum is what the frame fixes at nothing.
     *
     * @param  list<array<int, float>>  $far
     * @param  list<array<int, float>>  $near
     * @return \Closure(array<int, float>): float
     */
    private static function between(array $far, array $near): \Closure
    {
        return function (array $s) use ($far, $near): float {
            /** @var array<int, float> $s */
            return self::least($far, $s) - self::greatest($near, $s);
        };
    }

    /** @return list<array<int, float>> a side at the front and at the back */
    private function side(string $side, string $grain): array
    {
        return array_merge($this->walls["$side front"][$grain], $this->walls["$side back"][$grain]);
    }

    /** @return array{fine: list<array<int, float>>, coarse: list<array<int, float>>} a wall at the stations the piece spans, and between them */
    private function wall(Surface $surface, Plane $plane): array
    {
        $y = $this->nodes->sizes->plane($plane)->units;
        [$bottom, $top] = [$this->reach->bottom->units, max($this->reach->top->units, $this->reach->bottom->units)];
        $inside = array_filter(array_map(fn (Length $z): int => $z->units, $this->nodes->sizes->stations), fn (int $z): bool => $z > $bottom && $z < $top);
        $coarse = array_values(array_unique([$bottom, ...$inside, $top]));
        $at = fn (int $z): array => $this->nodes->at($surface, $y, $z);

        return ['fine' => array_map($at, self::filled($coarse)), 'coarse' => array_map($at, $coarse)];
    }

    /**
     * @param  list<int>  $zs  ascending
     * @return list<int>
     */
    private static function filled(array $zs): array
    {
        $filled = [$zs[0]];
        for ($i = 1; $i < count($zs); $i++) {
            $parts = (int) max(1, ceil(($zs[$i] - $zs[$i - 1]) / (self::PITCH_MM * Length::PER_MM)));
            for ($p = 1; $p <= $parts; $p++) {
                $filled[] = $zs[$i - 1] + intdiv(($zs[$i] - $zs[$i - 1]) * $p, $parts);
            }
        }

        return $filled;
    }

    /** @return list<array{int, int}> */
    private function corners(): array
    {
        $s = $this->nodes->sizes;

        return [[0, 0], [$s->width->units, 0], [0, $s->depth->units], [$s->width->units, $s->depth->units]];
    }

    /**
     * @param  list<array<int, float>>  $sums
     * @param  array<int, float>  $state
     */
    private static function least(array $sums, array $state): float
    {
        return min(array_map(fn (array $sum): float => Sum::value($sum, $state), $sums) ?: [0.0]);
    }

    /**
     * @param  list<array<int, float>>  $sums
     * @param  array<int, float>  $state
     */
    private static function greatest(array $sums, array $state): float
    {
        return max(array_map(fn (array $sum): float => Sum::value($sum, $state), $sums) ?: [0.0]);
    }

    /**
     * @param  list<array<int, float>>  $sums
     * @return list<int>
     */
    private static function unknowns(array $sums): array
    {
        return array_values(array_unique(array_merge(...array_map(array_keys(...), $sums), ...[[]])));
    }
}
