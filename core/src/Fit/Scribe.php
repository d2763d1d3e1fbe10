<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Document\Model\Held;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

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

    /** What of it a part meets that reaches along the edge from there to there. */
    public function over(Length $from, Length $to): self
    {
        [$first, $last] = [$this->line->gaps[0]->at, $this->line->gaps[count($this->line->gaps) - 1]->at];
        [$from, $to] = [Length::greatest($from, $first), Length::least($to, $last)];
        if (! $from->isLessThan($to) || ($from->equals($first) && $to->equals($last))) {
            return $this;
        }
        $within = array_values(array_filter($this->line->gaps, fn (GapAt $g): bool => $g->at->isGreaterThan($from) && $g->at->isLessThan($to)));
        $own = new Profile($this->line->along, [$this->line->at($from), ...$within, $this->line->at($to)], $this->line->between($from, $to));

        return self::of($this->projects, $own, $this->bevelDeg, $this->held)->within($this->doubt);
    }

    /** Pushed in square it touches where the gap is least, and must travel what it then still projects: projection − least gap. */
    public static function of(Figure $projects, Profile $line, float $bevelDeg, ?Held $held): self
    {
        $setting = $projects->minus($line->least(), Text::of("fit.least_gap_{$line->along->value}", at: $line->tightest->at))
            ->named(Text::of('fit.compass_setting'));
        $stations = array_map(fn (GapAt $g): array => ['at' => $g->at, 'presented' => $g->gap->minus($line->least()),
            'removed' => $projects->value->minus($g->gap), 'left' => $g->gap], $line->gaps);
        $over = $line->greatest()->minus($projects->value);

        return new self($projects, $setting, $line, $stations, $line->steepest(), $over->isPositive() ? $over : null, $bevelDeg, $held, null);
    }

    /** Its line may be out by so much at a station. */
    public function within(?Length $doubt): self
    {
        return new self($this->projects, $this->setting, $this->line, $this->stations, $this->steepest, $this->short, $this->bevelDeg, $this->held, $doubt);
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
