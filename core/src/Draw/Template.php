<?php

declare(strict_types=1);

namespace Incastro\Core\Draw;

use Incastro\Core\Design\PanelOutline;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * Something to be marked at full size: lines in mm, across to the right and up, as seen looking at the face that is named. Layers:
 * `cut` is what the saw follows, `straight` the edge it is measured from, `blank` where the blank ends, `outline` edges that stay.
 */
final class Template implements \JsonSerializable
{
    /** @var list<array{layer: string, points: list<Point>, closed: bool, circle: array{at: Point, radius: Length}|null}> */
    private array $lines = [];

    /** @var list<array{at: Point, text: Text}> */
    private array $marks = [];

    /** @param  Text  $left  what lies at its left end, and `right` at its right */
    public function __construct(
        public readonly string $piece,
        public readonly Text $name,
        public readonly Text $seen,
        public readonly ?Text $left,
        public readonly ?Text $right,
    ) {
    }

    /** @param  list<Point>  $points */
    public function line(string $layer, array $points, bool $closed = false): void
    {
        $this->lines[] = ['layer' => $layer, 'points' => $points, 'closed' => $closed, 'circle' => null];
    }

    /**
     * An opening that is round: a circle where it is as wide as high, for who can draw one.
     *
     * @param  list<Point>  $points  the same as a polygon
     */
    public function hole(string $layer, array $points): void
    {
        [$low, $high] = PanelOutline::extremes($points);
        [$width, $height] = [$high->across->minus($low->across), $high->up->minus($low->up)];
        $circle = $width->equals($height)
            ? ['at' => new Point($low->across->plus($width->half()), $low->up->plus($height->half())), 'radius' => $width->half()] : null;
        $this->lines[] = ['layer' => $layer, 'points' => $points, 'closed' => true, 'circle' => $circle];
    }

    public function mark(Point $at, Text $text): void
    {
        $this->marks[] = ['at' => $at, 'text' => $text];
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['piece' => $this->piece, 'name' => $this->name, 'seen' => $this->seen, 'left' => $this->left, 'right' => $this->right,
            'bounds' => $this->bounds(), 'lines' => $this->lines, 'marks' => $this->marks];
    }

    /** @return array{Length, Length, Length, Length} left, bottom, right, top */
    private function bounds(): array
    {
        $points = array_merge(...array_column($this->lines, 'points'));
        $us = array_map(fn (Point $p): Length => $p->across, $points);
        $vs = array_map(fn (Point $p): Length => $p->up, $points);
        if ($us === [] || $vs === []) {
            throw new \LogicException('A template without a line.');
        }

        return [Length::least(...$us), Length::least(...$vs), Length::greatest(...$us), Length::greatest(...$vs)];
    }
}
