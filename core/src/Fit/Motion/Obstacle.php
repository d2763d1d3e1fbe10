<?php

declare(strict_types=1);

namespace Incastro\Core\Fit\Motion;

use Incastro\Core\Fit\Convex;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\View;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** What a moving part may meet: a square-edged block of the house, or another moving part that stands open, mm. */
final readonly class Obstacle
{
    /**
     * @param  array{float, float, float}  $from
     * @param  array{float, float, float}  $to
     * @param  array{View, non-empty-list<non-empty-list<array{float, float}>>}|null  $open  as it stands in the plane it moves in; null for a block
     */
    public function __construct(public Text $name, private array $from, private array $to, private ?array $open = null)
    {
    }

    /** A moving part opened so far: in its own plane as it stands, from elsewhere the block round it. */
    public static function opened(Mover $mover, float $open): self
    {
        $shapes = $mover->at($open);
        $points = array_merge(...$shapes);
        [$us, $vs] = [array_column($points, 0), array_column($points, 1)];
        [[$u0, $u1], [$v0, $v1], [$w0, $w1]] = [[min($us), max($us)], [min($vs), max($vs)], $mover->span];

        return $mover->view === View::Top ? new self($mover->name, [$u0, $v0, $w0], [$u1, $v1, $w1], [$mover->view, $shapes])
            : new self($mover->name, [$w0, $u0, $v0], [$w1, $u1, $v1], [$mover->view, $shapes]);
    }

    public static function of(Text $name, Block $b): self
    {
        $mm = fn (Length $l): float => (float) $l->millimetres();
        $from = [$mm($b->corner->x), $mm($b->corner->y), $mm($b->corner->z)];

        return new self($name, $from, [$from[0] + $mm($b->size->x), $from[1] + $mm($b->size->y), $from[2] + $mm($b->size->z)]);
    }

    /** @return array{float, float, float, float} from and to along both axes of a plane: (x, y) from above, (y, z) from the side */
    public function in(View $view): array
    {
        return $view === View::Top ? [$this->from[0], $this->from[1], $this->to[0], $this->to[1]]
            : [$this->from[1], $this->from[2], $this->to[1], $this->to[2]];
    }

    /**
     * A shape shares more than a rim so wide with it.
     *
     * @param  non-empty-list<array{float, float}>  $shape  convex, in that plane
     */
    public function isMetBy(array $shape, View $view, float $rim): bool
    {
        if ($this->open === null || $this->open[0] !== $view) {
            return Convex::meets($shape, $this->in($view), $rim);
        }
        foreach ($this->open[1] as $own) {
            if (Convex::share($shape, $own, $rim)) {
                return true;
            }
        }

        return false;
    }

    /** @return array{float, float} square to that plane */
    public function span(View $view): array
    {
        return $view === View::Top ? [$this->from[2], $this->to[2]] : [$this->from[0], $this->to[0]];
    }
}
