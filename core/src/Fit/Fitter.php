<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Design\Design;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Document\Piece;
use Incastro\Core\Document\Side;
use Incastro\Core\Document\Workshop;
use Incastro\Core\Envelope\Bounds;
use Incastro\Core\Envelope\Box;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Rounding;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\Room;

/** Puts the straight piece into the crooked space. */
final readonly class Fitter
{
    public function __construct(private Workshop $workshop)
    {
    }

    public function fit(Piece $piece, Room $room, Box $box, Design $design): Fit
    {
        $gaps = new Gaps($room, $box, new Bounds($piece, $room));
        $edges = ['left' => $gaps->of(Side::Left, $piece->left), 'right' => $gaps->of(Side::Right, $piece->right)];
        $panels = (new EdgeParts($piece, $box, $edges))->added($design->panels, $design->fronts);
        $budget = (new Budget($this->workshop))->of($box, $room);

        return new Fit($box, $edges, $panels, $budget, $box->clear->value->minus($budget->value),
            self::tiltUp($piece, $box, $design), self::shims($box, $room, $panels));
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

    /**
     * The base stands level from the floor's high point; every rung is packed by what the floor falls there.
     *
     * @param  list<Panel>  $panels
     * @return list<array{under: string, x: Length, shim: Length}>
     */
    private static function shims(Box $box, Room $room, array $panels): array
    {
        $rise = $room->floor['right'];
        $run = $room->wallAt(Side::Right, Length::zero(), $room->planes()[0])->x;
        $shims = [];
        foreach ($panels as $panel) {
            if ($panel->role !== Role::Rung) {
                continue;
            }
            $middle = $panel->block->corner->x->plus($panel->block->size->x->splitInto(2)[0]);
            $share = $run->isPositive() ? $middle->units / $run->units : 0.0;
            $floor = Length::ofUnits(Rounding::Nearest->apply($rise->units * $share));
            $shims[] = ['under' => $panel->id, 'x' => $middle, 'shim' => Length::greatest(Length::zero(), $box->floor->minus($floor))];
        }

        return $shims;
    }
}
