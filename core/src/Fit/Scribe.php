<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Document\Model\Held;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;

/**
 * A blank that projects past the straight piece and is cut to the house. `setting` is the distance the part still has to travel
 * when it first touches: what compass or block is set to (fieldbook §2). The line is what is left of the blank past the piece.
 */
final readonly class Scribe implements \JsonSerializable
{
    /** Steeper than one in four a compass's two points no longer keep to the direction of travel. */
    public const STEEP = 0.25;

    /**
     * @param  list<array{at: Length, presented: Length, removed: Length, left: Length}>  $stations  along the edge
     * @param  Length|null  $short  by how much the blank does not reach; null where it does
     * @param  float  $bevelDeg  how far the back of the cut leans away, so that the face closes first
     * @param  Length|null  $doubt  what the line may be out by at a station, ±; null for the survey’s, which is as sure as the room
     * @param  Held|null  $held  what the offsets were taken from by hand; null where the survey gave them
     */
    public function __construct(
        public Figure $projects,
        public Figure $setting,
        public Profile $line,
        public array $stations,
        public float $steepest,
        public ?Length $short,
        public float $bevelDeg,
        public ?Held $held,
        public ?Length $doubt,
    ) {
    }

    public function touchesAt(): Length
    {
        return $this->line->tightest->at;
    }

    public function along(): Axis
    {
        return $this->line->along;
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'projects' => $this->projects, 'setting' => $this->setting, 'touches_at' => $this->touchesAt(), 'narrowest' => $this->line->least(),
            'stations' => $this->stations, 'steep' => $this->steepest > self::STEEP ? round(1 / $this->steepest, 1) : null,
            'short' => $this->short, 'bevel_deg' => $this->bevelDeg, 'held' => $this->held?->value, 'doubt' => $this->doubt,
        ];
    }
}
