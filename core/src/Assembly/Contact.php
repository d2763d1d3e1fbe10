<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly;

use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Measure\Length;

/** Where two bodies touch: a region of one plane, or what one has let into the other. Figures in mm and mm². */
final readonly class Contact
{
    /**
     * @param  array{float, float, float}  $normal  from the first to the second, of length 1; of what is let in, the way it goes in
     * @param  array{float, float, float, float, float, float}  $box  that holds the region: x, y, z from and to
     * @param  bool  $isLetIn  the first's edge lies in what is taken out of the second
     */
    public function __construct(
        public string $first,
        public string $second,
        public array $normal,
        public float $area,
        public array $box,
        public bool $isLetIn = false,
    ) {
    }

    /** The axis of the house that the faces look along most. */
    public function axis(): Axis
    {
        $along = array_map(abs(...), $this->normal);

        return [Axis::X, Axis::Y, Axis::Z][(int) array_search(max($along), $along, true)];
    }

    /** From one of the two to the other, the axis runs up. */
    public function runsUpFrom(string $body): bool
    {
        $k = ['x' => 0, 'y' => 1, 'z' => 2][$this->axis()->value];

        return ($this->normal[$k] > 0.0) === ($body === $this->first);
    }

    public function other(string $body): string
    {
        return $body === $this->first ? $this->second : $this->first;
    }

    /** What holds the region. */
    public function block(): Block
    {
        $at = fn (int $i): Length => Length::ofUnits((int) round($this->box[$i] * Length::PER_MM));
        $size = fn (int $i): Length => $at($i + 1)->minus($at($i));

        return new Block(new Place3($at(0), $at(2), $at(4)), new Place3($size(0), $size(2), $size(4)));
    }

    /** The second lies on the first: the face between them is within 45° of level. */
    public function carriesSecond(): bool
    {
        return $this->normal[2] >= M_SQRT1_2;
    }

    public function carriesFirst(): bool
    {
        return $this->normal[2] <= -M_SQRT1_2;
    }
}
