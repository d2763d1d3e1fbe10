<?php

declare(strict_types=1);

namespace Incastro\Core\Fit\Motion;

use Incastro\Core\Geometry\View;
use Incastro\Core\Measure\Text;

/**
 * Something that moves, in the plane it moves in: from above (x, y out of the wall) or from the side (y, z). mm and degrees.
 */
final readonly class Mover
{
    /**
     * @param  list<string>  $parts
     * @param  non-empty-list<non-empty-list<array{float, float}>>  $shapes  convex outlines when it is shut, its handle among them
     * @param  array{float, float}  $span  from and to square to that plane
     * @param  array{float, float}  $pivot  where it turns; for what slides the way it goes, of length 1
     * @param  float  $wants  how far it is to open: degrees, signed from the first axis to the second, or mm
     */
    public function __construct(
        public string $id,
        public MoverKind $kind,
        public Text $name,
        public array $parts,
        public ?string $bay,
        public View $view,
        public array $shapes,
        public array $span,
        public array $pivot,
        public float $wants,
    ) {
    }

    /** @return non-empty-list<non-empty-list<array{float, float}>> opened so far */
    public function at(float $open): array
    {
        return array_map(fn (array $shape): array => array_map(fn (array $p): array => $this->moved($p[0], $p[1], $open), $shape), $this->shapes);
    }

    /** Its handle left out: two that knock handle on leaf are opened one a little less. */
    public function bare(): self
    {
        return $this->kind !== MoverKind::Hinged ? $this : new self($this->id, $this->kind, $this->name, $this->parts, $this->bay,
            $this->view, [$this->shapes[0]], $this->span, $this->pivot, $this->wants);
    }

    /** Where the other has to be opened first: a drawer behind the door of its bay. What slides only shuts another stretch of it. */
    public function isBehind(self $other): bool
    {
        return $this->kind === MoverKind::Drawn && $other->kind->turns() && $this->bay !== null && $this->bay === $other->bay;
    }

    /** @return array{float, float} */
    private function moved(float $a, float $b, float $open): array
    {
        [$u, $v] = $this->pivot;
        if (! $this->kind->turns()) {
            return [$a + $u * $open, $b + $v * $open];
        }
        [$sin, $cos] = [sin(deg2rad($open)), cos(deg2rad($open))];

        return [$u + ($a - $u) * $cos - ($b - $v) * $sin, $v + ($a - $u) * $sin + ($b - $v) * $cos];
    }
}
