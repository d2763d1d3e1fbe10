<?php

declare(strict_types=1);

namespace Incastro\Core\Draw;

use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Geometry\View;

/** Where the tape, level or gauge of a reading lies, in each view that shows it. */
final readonly class Tapes
{
    /** How far a tape stands in from a wall, and how long a mark at one place is drawn. */
    public const HAND_MM = 90;

    private FrontTapes $front;

    private TopTapes $top;

    private SideTapes $side;

    public function __construct(Outline $outline)
    {
        $this->front = new FrontTapes($outline);
        $this->top = new TopTapes($outline);
        $this->side = new SideTapes($outline);
    }

    /** @return array{Point, Point}|null */
    public function in(View $view, Reading $reading): ?array
    {
        return match ($view) {
            View::Front => $this->front->of($reading),
            View::Top => $this->top->of($reading),
            View::Side => $this->side->of($reading),
        };
    }
}
