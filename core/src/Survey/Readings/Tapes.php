<?php

declare(strict_types=1);

namespace Incastro\Core\Survey\Readings;

use Incastro\Core\Survey\RoomOutline;

/** Where the tape, level or gauge of a reading lies, in each view that shows it. */
final readonly class Tapes
{
    public FrontPlaces $front;

    public TopPlaces $top;

    public SidePlaces $side;

    public function __construct(public RoomOutline $outline)
    {
        $this->front = new FrontPlaces($outline);
        $this->top = new TopPlaces($outline);
        $this->side = new SidePlaces($outline);
    }
}
