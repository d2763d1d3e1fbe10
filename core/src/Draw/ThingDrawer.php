<?php

declare(strict_types=1);

namespace Incastro\Core\Draw;

use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\Thing;
use Incastro\Core\Document\Model\ThingKind;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Geometry\View;
use Incastro\Core\Measure\Length;
use Incastro\Core\Survey\Clip;
use Incastro\Core\Survey\PlacedThing;
use Incastro\Core\Survey\Room;
use Incastro\Core\Survey\RoomOutline;
use Incastro\Core\Survey\Studs;

/** Things in the way and studs, in any view of a space. */
final readonly class ThingDrawer
{
    private const ARC = 8;

    public function __construct(private Room $room)
    {
    }

    public function things(Drawing $drawing): void
    {
        foreach ($this->room->things as $placed) {
            $drawing->thing($placed, self::layer($placed), Moulding::outline($placed, $drawing->view) ?? $placed->block->outlineIn($drawing->view),
                self::moves($drawing->view, $placed->thing));
            if ($placed->thing->kind === ThingKind::Door || ($placed->thing->kind === ThingKind::Appliance && $placed->thing->hinge !== null)) {
                $drawing->line('swing', array_map($drawing->view->project(...), self::swing($placed)), $placed->thing->id);
            }
        }
    }

    /** Doors and windows are seen through. */
    private static function layer(PlacedThing $placed): string
    {
        return match (true) {
            $placed->thing->treatment === null => 'undecided',
            ! $placed->isSolid() => 'opening',
            default => $placed->thing->treatment->value,
        };
    }

    /** Where the back wall holds a screw: found, doubtful or only assumed. */
    public function studs(Drawing $drawing, RoomOutline $o): void
    {
        foreach (Studs::along($this->room->space->build, $o->width) as $stud) {
            $layer = match (true) {
                ! $stud['found'] => 'stud_assumed',
                $stud['doubtful'] => 'stud_doubtful',
                default => 'stud',
            };
            $drawing->line($layer, [new Point($stud['x'], Length::zero()), new Point($stud['x'], $o->overhead->at($stud['x'], $o->room->sizes->depth))],
                $stud['ref']);
        }
    }

    /**
     * Which fields dragging to the right and upward changes; − where they shrink.
     *
     * @return array{string, string}
     */
    private static function moves(View $view, Thing $t): array
    {
        $across = $t->fromRight ? '-across' : 'across';

        [$onSide, $flat] = [$t->face->isSide(), $t->face->isLevel()];

        return match ($view) {
            View::Front => $onSide ? ['', 'up'] : [$across, $flat ? '' : 'up'],
            View::Top => $onSide ? ['', '-across'] : [$across, $flat ? '-up' : ''],
            View::Side => $flat ? ['up', ''] : [$onSide ? 'across' : '', 'up'],
        };
    }

    /** @return list<Place3> the door's leaf from shut to open at a right angle, on plan, and back to its hinge */
    private static function swing(PlacedThing $placed): array
    {
        $block = $placed->block;
        $t = $placed->thing;
        $hingeAtEnd = $t->hinge === Side::Right;
        $onSide = $t->face->isSide();
        $leaf = (float) $t->width->millimetres();
        // An appliance's door hangs on its front.
        $front = $t->kind === ThingKind::Appliance ? (float) $t->out->millimetres() : 0.0;
        $into = $t->face === Face::Right ? -1.0 : 1.0;
        $hinge = $hingeAtEnd ? $leaf : 0.0;
        $points = [];
        for ($i = 0; $i <= self::ARC; $i++) {
            $turn = M_PI_2 * $i / self::ARC;
            $along = $hinge + ($hingeAtEnd ? -1 : 1) * $leaf * cos($turn);
            $out = $into * ($front + $leaf * sin($turn));
            $points[] = $block->corner->plus($onSide
                ? new Place3(Clip::nearest($out), Clip::nearest($along), Length::zero())
                : new Place3(Clip::nearest($along), Clip::nearest($out), Length::zero()));
        }
        $points[] = $block->corner->plus($onSide ? new Place3(Clip::nearest($into * $front), Clip::nearest($hinge), Length::zero())
            : new Place3(Clip::nearest($hinge), Clip::nearest($front), Length::zero()));

        return $points;
    }
}
