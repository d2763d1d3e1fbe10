<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Model\Run;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Geometry\Slant;
use Incastro\Core\Geometry\Turn;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;

/** Where one run stands, in its own frame: x along its wall, y out of it from `rear`, z up from the floor it stands on, or from its foot where it `hangs`. */
final readonly class RunFrame
{
    public function __construct(
        public Run $run,
        public Turn $turn,
        public Span $x,
        public Length $rear,
        public Figure $depth,
        public Length $floor,
        public Figure $height,
        public Marks $marks,
        public ?Slant $limit,
        public bool $meetsLeft,
        public bool $meetsRight,
        public bool $hangs,
    ) {
    }

    public function meets(Side $side): bool
    {
        return $side === Side::Left ? $this->meetsLeft : $this->meetsRight;
    }
}
