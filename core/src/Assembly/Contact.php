<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly;

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
