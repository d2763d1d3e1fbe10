<?php

declare(strict_types=1);

namespace Incastro\Core\Survey\Readings;

use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Geometry\View;
use Incastro\Core\Survey\RoomOutline;

/** Where the tape, level or gauge of a reading lies, in each view that shows it. */
final readonly class Tapes
{
    /** How far a tape stands in from a wall, and how long a mark at one place is drawn. */
    public const HAND_MM = 90;

    public FrontPlaces $front;

    public TopPlaces $top;

    public SidePlaces $side;

    public function __construct(public RoomOutline $outline)
    {
        $this->front = new FrontPlaces($outline);
        $this->top = new TopPlaces($outline);
        $this->side = new SidePlaces($outline);
    }

    /** @return array{Point, Point}|null null where it is drawn in another view */
    public function in(View $view, Reading $reading): ?array
    {
        $form = Measurements::of($reading->kind);

        return $form->view($reading, $this->outline->room->space) === $view ? $form->tape($reading, $view, $this) : null;
    }
}
