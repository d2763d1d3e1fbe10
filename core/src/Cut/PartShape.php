<?php

declare(strict_types=1);

namespace Incastro\Core\Cut;

use Incastro\Core\Cut\Nest\Corners;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\PanelOutline;
use Incastro\Core\Design\Taken;
use Incastro\Core\Design\TakenKind;
use Incastro\Core\Document\Model\Workshop;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Measure\Length;

/**
 * A part as it lies on the bench: lengths from its left or lower end, widths from its rear, left or lower edge, as it stands
 * in the piece. What is cut off its rectangle, the angle of a bevelled edge, and what is taken out of it.
 */
final readonly class PartShape
{
    /** Nearer to square than this, in degrees, is square. */
    private const SQUARE = 0.1;

    private Axis $long;

    private Axis $wide;

    private Axis $thin;

    public function __construct(private Panel $panel)
    {
        [$this->long, $this->wide, $this->thin] = [$panel->inHouse($panel->long), $panel->inHouse($panel->wide()), $panel->inHouse($panel->thin)];
    }

    /** @return array<string, mixed> what it has besides a length and a width */
    public function written(Workshop $workshop): array
    {
        return ['outline' => $this->outline(), 'marked_out' => $this->markedOut($workshop),
            'bevels' => $this->bevels(), 'long_face' => $this->longFace(), 'taken' => $this->taken()];
    }

    /** @return list<array{Length, Length}>|null corners along and across the grain; null for a rectangle */
    public function outline(): ?array
    {
        if ($this->panel->solid->isBlock() || $this->panel->solid->axis !== $this->thin) {
            return null;
        }
        $corner = $this->panel->block->corner;

        return array_map(function (Point $p) use ($corner): array {
            $at = $this->inSpace($p);

            return [$at[$this->long->value]->minus($corner->{$this->long->value}), $at[$this->wide->value]->minus($corner->{$this->wide->value})];
        }, $this->panel->solid->outline);
    }

    /**
     * Edges that are not square to the face: degrees from square (fieldbook §4).
     *
     * @return list<float>
     */
    public function bevels(): array
    {
        $solid = $this->panel->solid;
        if ($solid->isBlock() || $solid->axis === $this->thin) {
            return [];
        }
        $edges = [];
        foreach ($solid->outline as $i => $p) {
            $q = $solid->outline[($i + 1) % count($solid->outline)];
            $edges[] = [$q->across->minus($p->across)->units, $q->up->minus($p->up)->units];
        }
        usort($edges, fn (array $a, array $b): int => hypot(...$b) <=> hypot(...$a));
        // The longest edge lies along the board's face; whatever is not square to it and not along it is bevelled.
        $face = atan2($edges[0][1], $edges[0][0]);
        $bevels = [];
        foreach ($edges as [$du, $dv]) {
            $off = rad2deg(abs(atan(1 / self::safe(tan(atan2($dv, $du) - $face)))));
            if ($off > self::SQUARE && $off < 90 - self::SQUARE && hypot($du, $dv) > 400) {
                $bevels[] = round($off, 2);
            }
        }

        return $bevels;
    }

    /** Where an edge is bevelled: the face that keeps the long point, left or right, rear or front, under or upper; null without a bevel. */
    public function longFace(): ?string
    {
        $solid = $this->panel->solid;
        if ($this->bevels() === []) {
            return null;
        }
        $isAcross = $this->thin === ($solid->axis === Axis::X ? Axis::Y : Axis::X);
        $of = fn (Point $p): array => $isAcross ? [$p->across->units, $p->up->units] : [$p->up->units, $p->across->units];
        $points = array_map($of, $solid->outline);
        $thins = array_column($points, 0) ?: [0];
        $extent = function (int $face) use ($points): int {
            $there = array_column(array_filter($points, fn (array $p): bool => $p[0] === $face), 1);

            return $there === [] ? 0 : max($there) - min($there);
        };
        [$low, $high] = [$extent(min($thins)), $extent(max($thins))];
        [$first, $second] = match ($this->thin) {
            Axis::X => ['left', 'right'],
            Axis::Y => ['rear', 'front'],
            Axis::Z => ['under', 'upper'],
        };

        return $low >= $high ? $first : $second;
    }

    /**
     * For a part that is no rectangle or has openings: corners of its outline and openings, from its left and lower edge as seen. A router
     * run along a fence cuts (base − bit)/2 from it; about a pin its bit's middle is at the radius − bit/2 (fieldbook §12).
     *
     * @return array{seen: string, width: Length, height: Length, corners: list<array<string, mixed>>, diagonals: list<array<string, mixed>>,
     *     fence: Length|null, openings: list<array<string, mixed>>}|null
     */
    public function markedOut(Workshop $workshop): ?array
    {
        $openings = array_filter($this->panel->taken, fn (Taken $t): bool => $t->kind->isSeenThrough());
        if ($this->outline() === null && $openings === []) {
            return null;
        }
        $outline = new PanelOutline($this->panel);
        [, $far] = PanelOutline::extremes(array_map($outline->fromOrigin(...), $this->panel->block->outlineIn($outline->view)));
        $loop = $outline->loops()[0] ?? [];

        return ['seen' => $outline->view->value, 'width' => $far->across, 'height' => $far->up,
            'corners' => Corners::of($loop), 'diagonals' => Corners::diagonals($loop),
            'fence' => $openings === [] ? null : $workshop->routerBase->minus($workshop->routerBit)->half(),
            'openings' => array_values(array_map(function (Taken $t) use ($outline, $workshop): array {
                [$low, $high] = PanelOutline::extremes(array_map($outline->fromOrigin(...), $t->block->outlineIn($outline->view)));

                return ['kind' => $t->kind->value, 'across' => $low->across, 'up' => $low->up,
                    'width' => $high->across->minus($low->across), 'height' => $high->up->minus($low->up),
                    'pin' => $t->kind === TakenKind::RoundCutOut ? $high->across->minus($low->across)->minus($workshop->routerBit)->half() : null];
            }, $openings))];
    }

    private static function safe(float $tangent): float
    {
        return abs($tangent) < 1e-9 ? 1e-9 : $tangent;
    }

    /** @return list<array{kind: string, along: Length, across: Length, length: Length, width: Length, depth: Length}> */
    public function taken(): array
    {
        return array_map(function (Taken $t): array {
            [$corner, $own] = [$t->block->corner, $this->panel->block->corner];
            $size = fn (Axis $a): Length => $t->block->size->{$a->value};
            $at = fn (Axis $a): Length => $corner->{$a->value}->minus($own->{$a->value});

            return ['kind' => $t->kind->value, 'along' => $at($this->long), 'across' => $at($this->wide),
                'length' => $size($this->long), 'width' => $size($this->wide),
                'depth' => Length::least($size($this->thin), $this->panel->block->size->{$this->thin->value})];
        }, $this->panel->taken);
    }

    /** @return array<string, Length> */
    private function inSpace(Point $p): array
    {
        return match ($this->panel->solid->axis) {
            Axis::X => ['x' => $this->panel->solid->from, 'y' => $p->across, 'z' => $p->up],
            Axis::Y => ['x' => $p->across, 'y' => $this->panel->solid->from, 'z' => $p->up],
            Axis::Z => ['x' => $p->across, 'y' => $p->up, 'z' => $this->panel->solid->from],
        };
    }
}
