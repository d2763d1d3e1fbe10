<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Design\Design;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Document\Piece;
use Incastro\Core\Document\Side;
use Incastro\Core\Document\Workshop;
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
        $gaps = new Gaps($room, $box);
        $edges = ['left' => $gaps->of(Side::Left, $piece->left), 'right' => $gaps->of(Side::Right, $piece->right)];
        $panels = $design->panels === [] ? [] : (new EdgeParts($piece, $box, $edges))->added($design->panels);
        $budget = (new Budget($this->workshop))->of($box, $room);

        return new Fit($box, $edges, $panels, $budget, $box->clear->value->minus($budget->value),
            self::tiltUp($piece, $box), self::shims($box, $room, $panels));
    }

    /** A carcass raised beside its base sweeps √(H² + D²) (fieldbook §8). */
    private static function tiltUp(Piece $piece, Box $box): Figure
    {
        $sweep = Length::roundedFromMillimetres(
            hypot((float) $box->height->value->millimetres(), (float) $piece->depth->millimetres()), Rounding::Up);

        return Figure::of($sweep, Text::of('fit.tilt_up', h: $box->height->value, d: $piece->depth), null, false);
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
