<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Findings\Finding;
use Incastro\Core\Geometry\Turn;
use Incastro\Core\Measure\Figure;

/** The panels of one piece with their joints and hardware, its bay openings and shelf spacings, and what is wrong with them. */
final readonly class Design
{
    /**
     * @param  list<Panel>  $panels
     * @param  list<Joint>  $joints
     * @param  list<Hardware>  $hardware
     * @param  array<string, Figure>  $openings  clear width by bay
     * @param  array<string, Spacing>  $spacings  by bay
     * @param  array<string, Cell>  $cells  by bay
     * @param  list<CaseFront>  $fronts
     * @param  list<Finding>  $findings
     * @param  array<string, Turn>  $turns  by bay: how its run's frame lies in the house
     * @param  list<HungLeaf>  $hung
     */
    public function __construct(
        public array $panels,
        public array $joints,
        public array $hardware,
        public array $openings,
        public array $spacings,
        public array $cells,
        public array $fronts,
        public array $findings,
        public array $turns = [],
        public array $hung = [],
    ) {
    }

    /** @param  list<Joint>  $more  of what was added to it in its place */
    public function joined(array $more): self
    {
        return new self($this->panels, [...$this->joints, ...$more], $this->hardware, $this->openings, $this->spacings, $this->cells, $this->fronts,
            $this->findings, $this->turns, $this->hung);
    }
}
