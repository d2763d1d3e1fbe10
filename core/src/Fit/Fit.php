<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Design\Panel;
use Incastro\Core\Document\Side;
use Incastro\Core\Envelope\Box;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;

/** A piece in its real place: what closes each gap, and whether it goes in. */
final readonly class Fit
{
    /**
     * @param  array<string, EdgeFit>  $edges  by name; those of slabs by part and name
     * @param  list<Panel>  $panels  those of the design, with the parts that meet the walls
     * @param  list<Support>  $supports
     */
    public function __construct(
        public Box $box,
        public array $edges,
        public array $panels,
        public Figure $budget,
        public Length $spare,
        public Figure $tiltUp,
        public array $supports,
    ) {
    }

    public function edge(Side $side): EdgeFit
    {
        return $this->edges[$side->value];
    }
}
