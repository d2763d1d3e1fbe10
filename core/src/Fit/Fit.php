<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Design\Panel;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Envelope\Box;
use Incastro\Core\Fit\Motion\Motion;
use Incastro\Core\Measure\Angle;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** A piece in its real place: what closes each gap, and whether it goes in. */
final readonly class Fit
{
    /**
     * @param  array<string, EdgeFit>  $edges  by name; those of slabs by part and name
     * @param  list<Panel>  $panels  those of the design, with the parts that meet the walls
     * @param  list<Support>  $supports
     * @param  array{spring: float, corners: list<array{side: string, angle: Angle, read: bool, swing: Angle, tilt: Angle}>, turn: Angle|null,
     *     mitre: Angle|null}|null  $crown  a moulding over the top
     * @param  array<string, Stack>  $stacks  by axis: depth, height, width
     * @param  list<Motion>  $motions  what moves
     * @param  list<Passage>  $passages  openings for things in the way
     * @param  array<string, list<Text>>  $orders  of scribing, by part
     */
    public function __construct(
        public Box $box,
        public array $edges,
        public array $panels,
        public Figure $budget,
        public Length $spare,
        public Figure $tiltUp,
        public array $supports,
        public array $orders = [],
        public ?array $crown = null,
        public array $passages = [],
        public array $stacks = [],
        public array $motions = [],
    ) {
    }

    public function edge(Side $side): EdgeFit
    {
        return $this->edges[$side->value];
    }
}
