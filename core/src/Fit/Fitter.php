<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Design\Design;
use Incastro\Core\Design\Weight;
use Incastro\Core\Document\Model\Material;
use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Document\Model\Workshop;
use Incastro\Core\Envelope\Bounds;
use Incastro\Core\Envelope\Box;
use Incastro\Core\Envelope\Spot;
use Incastro\Core\Fit\Motion\Motions;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Rounding;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\Room;

/** Puts the straight piece into the crooked space. */
final readonly class Fitter
{
    /**
     * @param  array<string, Material>  $stock
     * @param  list<Neighbour>  $neighbours  of other pieces in its space
     */
    public function __construct(private Workshop $workshop, private array $stock, private array $neighbours = [])
    {
    }

    public function fit(Piece $piece, Room $room, Box $box, Design $design): Fit
    {
        $spot = new Spot($piece, $room, $box);
        $profiler = new Profiler($spot, new Bounds($piece, $room), $this->neighbours);
        $scriber = new Scriber($this->workshop->tapeBase->plus($this->workshop->tapePerMetre));
        $ways = new Ways($spot, $this->stock[$piece->material], Seen::of($design, $box), $profiler);
        $edges = (new Edges($spot, $profiler, $ways, $scriber))->of();
        $panels = (new EdgeParts($piece, $box, $edges))->added($design->panels, $design->fronts);
        $panels = (new LevelParts($spot, $edges, $profiler, $scriber))->added($panels, $design->fronts);
        $slabs = new SlabEdges($spot, $profiler, $scriber);
        $panels = $slabs->added($panels);
        $edges += $slabs->edges;
        $obstacles = new Obstacles($room, $box);
        $panels = $obstacles->cut($panels);
        $budget = (new Budget($this->workshop))->of($piece, $box, $room);

        $supports = (new Levelling($spot))->supports($panels);

        return new Fit($box, $edges, $panels, $budget, $box->clear->value->minus($budget->value),
            self::tiltUp($piece, $box, $design), $supports,
            (new ScribeOrder($piece, $edges))->of($panels), Crown::of($piece, $room), $obstacles->passages,
            (new Stacks($spot, $design))->of($edges, $supports),
            (new Motions($spot, new Weight($this->stock), $this->neighbours))->of($panels));
    }

    /** A box raised beside its base sweeps √(H² + D²) (fieldbook §8); the one that sweeps most counts. */
    private static function tiltUp(Piece $piece, Box $box, Design $design): Figure
    {
        [$h, $d] = $design->fronts === [] ? [$box->height->value, $piece->depth] : [Length::zero(), Length::zero()];
        foreach ($design->fronts as $front) {
            $depth = $front->depth()->minus($box->rear);
            [$h, $d] = hypot($front->z->value()->units, $depth->units) > hypot($h->units, $d->units) ? [$front->z->value(), $depth] : [$h, $d];
        }

        return Figure::of(Length::ofUnits(Rounding::Up->apply(hypot($h->units, $d->units))), Text::of('fit.tilt_up', h: $h, d: $d), null, false);
    }
}
