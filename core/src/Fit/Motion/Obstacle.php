<?php

declare(strict_types=1);

namespace Incastro\Core\Fit\Motion;

use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\View;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** What a moving part may meet: a square-edged block of the house, mm. */
final readonly class Obstacle
{
    /**
     * @param  array{float, float, float}  $from
     * @param  array{float, float, float}  $to
     */
    public function __construct(public Text $name, private array $from, private array $to)
    {
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

    /** @return array{float, float} square to that plane */
    public function span(View $view): array
    {
        return $view === View::Top ? [$this->from[2], $this->to[2]] : [$this->from[0], $this->to[0]];
    }
}
