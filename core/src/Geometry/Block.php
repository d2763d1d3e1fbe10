<?php

declare(strict_types=1);

namespace Incastro\Core\Geometry;

use Incastro\Core\Measure\Length;

/** A square-edged solid: its corner nearest the origin and its extents. */
final readonly class Block
{
    public function __construct(public Place3 $corner, public Place3 $size)
    {
    }

    public static function of(Length $x, Length $y, Length $z, Length $dx, Length $dy, Length $dz): self
    {
        return new self(new Place3($x, $y, $z), new Place3($dx, $dy, $dz));
    }

    /** @return list<Point> the outline on paper, anticlockwise in the house's view */
    public function outlineIn(View $view): array
    {
        $a = $view->project($this->corner);
        $b = $view->project($this->corner->plus($this->size));

        return [$a, new Point($b->across, $a->up), $b, new Point($a->across, $b->up)];
    }
}
