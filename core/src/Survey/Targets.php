<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\Side;
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

    private const PER_METRE = 1000 * Length::PER_MM;

    private const LEVEL_ENOUGH_MM = 3.0;

    private const ENOUGH_MM = 5.0;

    private const WHOLE_WALL_ENOUGH_MM = 20.0;

    /** @var array<string, list<array<int, float>>> by surface */
    private array $walls = [];

    public function __construct(private readonly Nodes $nodes, private readonly Reach $reach)
    {
        foreach ([Surface::Left, Surface::Right] as $surface) {
            $this->walls[$surface->value] = $this->wall($surface);
        }
    }

    /** @return non-empty-list<Target> the clear width first; to be made before the readings are adjusted: it numbers every unknown that a target touches */
    public function all(): array
    {
        return [$this->clearWidth(), ...$this->opening(), $this->height(), $this->depth(), ...$this->floor()];
    }

    /** Of a box square to the back wall: least right less greatest left over the whole of both sides, everything read on them included. */
    private function clearWidth(): Target
    {
        [$left, $right] = [$this->walls['left'], $this->walls['right']];

        return new Target('clear_width', $right, $left,
            // Beside a breast nothing is fitted from wall to wall: the flanks are what counts.
            $this->nodes->sizes->space->kind->hasBreast() ? self::WHOLE_WALL_ENOUGH_MM : $this->reach->widthDoubtMm);
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

        return new Target('height', $heads, $feet, self::ENOUGH_MM);
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

        return new Target('depth', $fronts, [...$backs, []], self::ENOUGH_MM);
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
        return new Target($name, [$far], [$near], $enough);
    }

    /** @return list<array<int, float>> a wall at the stations the piece spans and between them, over its depth, and wherever else it was read */
    private function wall(Surface $surface): array
    {
        [$bottom, $top] = [$this->reach->bottom->units, max($this->reach->top->units, $this->reach->bottom->units)];
        $depth = $this->nodes->sizes->depth->units;
        $inside = array_filter(array_map(fn (Length $z): int => $z->units, $this->nodes->sizes->stations), fn (int $z): bool => $z > $bottom && $z < $top);
        $zs = self::filled(array_values(array_unique([$bottom, ...$inside, $top])), self::PITCH_MM);
        $sums = [];
        foreach ([$depth, intdiv($depth, 2), 0] as $y) {
            foreach ($zs as $z) {
                $sum = $this->nodes->at($surface, $y, $z);
                $sums[array_key_first($sum) ?? 'fixed'] = $sum;
            }
        }
        foreach (WallStep::on($this->nodes->sizes->space, Side::from($surface->value)) as $step) {
            $this->besideEdge($surface, $step, $zs);
        }
        foreach ($this->nodes->on($surface) as $i => [$y, $z]) {
            if ($z * self::PER_METRE >= $bottom && $z * self::PER_METRE <= $top && $y * self::PER_METRE <= $depth) {
                $sums[$i] = [$i => 1.0];
            }
        }

        return array_values($sums);
    }

    /**
     * Either side of a step counts right up to its edge.
     *
     * @param  list<int>  $zs
     */
    private function besideEdge(Surface $surface, WallStep $step, array $zs): void
    {
        $depth = $this->nodes->sizes->depth->units;
        foreach ([-WallStep::BESIDE, WallStep::BESIDE] as $off) {
            $at = $step->at->units + $off;
            foreach ($step->isUpright ? $zs : [$depth, intdiv($depth, 2), 0] as $other) {
                $this->nodes->at($surface, $step->isUpright ? $at : $other, $step->isUpright ? $other : $at);
            }
        }
    }

    /**
     * With places between, evenly and no further apart than so.
     *
     * @param  non-empty-list<int>  $zs  units of 25 nm, ascending
     * @return non-empty-list<int>
     */
    public static function filled(array $zs, int $mm): array
    {
        $filled = [$zs[0]];
        for ($i = 1; $i < count($zs); $i++) {
            $parts = (int) max(1, ceil(($zs[$i] - $zs[$i - 1]) / ($mm * Length::PER_MM)));
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
}
