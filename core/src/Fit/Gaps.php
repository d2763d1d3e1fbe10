<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Document\Edge;
use Incastro\Core\Document\Plane;
use Incastro\Core\Document\Side;
use Incastro\Core\Envelope\Bounds;
use Incastro\Core\Envelope\Box;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\Room;

/** Gap profile of an edge and what is cut from the blank that closes it (fieldbook §2; worked example E1). */
final readonly class Gaps
{
    /** What a blank projects past the greatest gap, so that there is something to cut everywhere. */
    private const SCRIBE_SPARE_MM = 3;

    public function __construct(private Room $room, private Box $box, private Bounds $bounds)
    {
    }

    public function of(Side $side, Edge $edge): EdgeFit
    {
        $gaps = array_map(fn (Length $z): GapAt => $this->gapAt($side, $z), $this->heights());

        return new EdgeFit($side, $edge->kind, $this->box->setOff[$side->value], $gaps,
            $edge->kind->isScribed() ? self::scribe($gaps) : null);
    }

    /** @return non-empty-list<Length> the carcass's foot and head, and every station between */
    private function heights(): array
    {
        [$low, $high] = [$this->box->bottom, $this->box->top()];
        $between = array_filter(
            $this->room->stations(),
            fn (Length $z): bool => $z->isGreaterThan($low) && $z->isLessThan($high),
        );

        return [$low, ...array_values($between), $high];
    }

    private function gapAt(Side $side, Length $z): GapAt
    {
        $wall = $this->bounds->at($side, $z, Plane::Front);
        $edge = $this->box->edge($side);

        return new GapAt($z, $side === Side::Left ? $edge->minus($wall->x) : $wall->x->minus($edge), $wall->exact);
    }

    /**
     * The blank ends where the greatest gap ends, and 3 mm more. Pushed in square it touches where the gap is
     * least, and must travel what it then still projects: projection − least gap.
     *
     * @param  non-empty-list<GapAt>  $gaps
     */
    private static function scribe(array $gaps): Scribe
    {
        $least = $greatest = $gaps[0];
        foreach ($gaps as $gap) {
            $least = $gap->gap->isLessThan($least->gap) ? $gap : $least;
            $greatest = $gap->gap->isGreaterThan($greatest->gap) ? $gap : $greatest;
        }
        $projects = Figure::of($greatest->gap, Text::of('fit.greatest_gap', z: $greatest->z), null, $greatest->exact)
            ->plus(Length::fromMillimetres(self::SCRIBE_SPARE_MM), Text::of('fit.scribe_spare'))
            ->named(Text::of('fit.blank_projects'));
        $setting = $projects->minus($least->gap, Text::of('fit.least_gap', z: $least->z))->named(Text::of('fit.compass_setting'));
        $stations = array_map(fn (GapAt $g): array => [
            'z' => $g->z,
            'presented' => $g->gap->minus($least->gap),
            'removed' => $projects->value->minus($g->gap),
            'left' => $g->gap,
        ], $gaps);

        return new Scribe($projects, $setting, $least->z, $stations);
    }
}
