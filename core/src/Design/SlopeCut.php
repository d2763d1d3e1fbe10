<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Model\Front;
use Incastro\Core\Document\Model\SlopeTop;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Geometry\Prism;
use Incastro\Core\Geometry\Shared;
use Incastro\Core\Geometry\Slant;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Rounding;
use Incastro\Core\Measure\Text;

/**
 * A box under a slope: a raking top that lies in the slope's offset plane where one is wanted, and every other board cut to
 * the plane beneath it (fieldbook §4). The cut is one for all: an outline clipped in the plane the slope falls in.
 */
final readonly class SlopeCut
{
    private const DOOR_GAP_MM = 3;

    private const LEAST_PART_MM = 6;

    /** By so much one is made longer to see whether it meets the other. */
    private const REACH_MM = 0.1;

    public function __construct(private Bench $bench, private RunFrame $frame, private CaseSpec $case)
    {
    }

    /** The line that all but the raking top stay under; null where the slope is clear of the box. */
    public function under(): ?Slant
    {
        $limit = $this->frame->limit;
        if ($limit === null || ! $this->isMet($limit)) {
            return null;
        }

        return $this->hasRakingTop() ? $limit->loweredBy($this->case->board->thickness) : $limit;
    }

    /**
     * Slabs and what stands without a carcass: cut to the slope itself.
     *
     * @param  list<string>  $panels
     */
    public static function plain(Bench $bench, Slant $limit, array $panels): void
    {
        $cut = [];
        foreach ($panels as $id) {
            self::shortened($bench->panels[$id], $limit, function (?Panel $left) use ($bench, $id, &$cut): void {
                $cut[] = $id;
                if ($left === null) {
                    unset($bench->panels[$id]);
                } else {
                    $bench->panels[$id] = $left;
                }
            });
        }
        self::loosen($bench, $cut);
    }

    /** @param  list<string>  $panels  those of the box */
    public function cut(array $panels): void
    {
        $under = $this->under();
        if ($under === null || $this->frame->limit === null) {
            return;
        }
        $rail = $this->case->methods()->front === Front::FaceFrame && $under->along === Axis::X ? (new FrameWidths)->topRail : null;
        $cut = [];
        foreach ($panels as $id) {
            $panel = $this->bench->panels[$id];
            $line = match (true) {
                $rail !== null && in_array($panel->role, [Role::Mullion, Role::Rail], true) => $under->loweredBy($rail),
                $panel->role->moves() => $under->loweredBy(Length::fromMillimetres(self::DOOR_GAP_MM)->plus($rail ?? Length::zero())),
                default => $under,
            };
            if ($this->shorten($panel, $line)) {
                $cut[] = $id;
            }
        }
        self::loosen($this->bench, $cut);
        $this->hasRakingTop() ? $this->rake($this->frame->limit, $under, $cut) : null;
        $rail === null ? null : $this->rakingRail($under, $rail);
    }

    private function hasRakingTop(): bool
    {
        return $this->case->methods()->slopeTop === SlopeTop::Raking;
    }

    private function isMet(Slant $limit): bool
    {
        $along = $limit->along === Axis::X ? $this->case->x : $this->case->y();

        return $limit->least($along->from, $along->to())->isLessThan($this->case->z->to());
    }

    private function shorten(Panel $panel, Slant $line): bool
    {
        return self::shortened($panel, $line, function (?Panel $left) use ($panel): void {
            if ($left === null) {
                unset($this->bench->panels[$panel->id]);
            } else {
                $this->bench->panels[$panel->id] = $left;
            }
        });
    }

    /**
     * Tells what is left of a panel under a line, nothing where too little is; false where the line does not touch it.
     *
     * @param  \Closure(?Panel): void  $tell
     */
    public static function shortened(Panel $panel, Slant $line, \Closure $tell): bool
    {
        $block = $panel->block;
        $axis = $line->along->value;
        $from = $block->corner->$axis;
        $to = $from->plus($block->size->$axis);
        if (! $line->least($from, $to)->isLessThan($block->corner->z->plus($block->size->z))) {
            return false;
        }
        $across = $line->along === Axis::Y ? Axis::X : Axis::Y;
        // A board that slopes the other way already cannot be cut by one outline: it is left out.
        $solid = match (true) {
            $panel->solid->isBlock() => Prism::of($block, $across)->under($line),
            $panel->solid->axis === $across => $panel->solid->under($line),
            default => null,
        };
        $tell($solid === null ? null : self::resized($panel, $solid));

        return true;
    }

    public static function resized(Panel $panel, Prism $solid): ?Panel
    {
        $now = $solid->bounds();
        $size = function (Figure $was, Axis $axis) use ($panel, $now): Figure {
            $lost = $panel->block->size->{$axis->value}->minus($now->size->{$axis->value});

            return $lost->isZero() ? $was : Figure::of($was->value, Text::of('piece.before_slope'))
                ->minus(Figure::of($lost, Text::of('piece.slope_takes'), null, false), Text::of('piece.slope_takes'));
        };
        $least = Length::fromMillimetres(self::LEAST_PART_MM);
        foreach (['x', 'y', 'z'] as $axis) {
            if ($now->size->$axis->isLessThan(Length::least($least, $panel->block->size->$axis))) {
                return null;
            }
        }

        return $panel->shaped($solid, $size($panel->length, $panel->long), $size($panel->width, $panel->wide()));
    }

    /**
     * Joints that the cut has undone.
     *
     * @param  list<string>  $cut
     */
    private static function loosen(Bench $bench, array $cut): void
    {
        $isCut = array_fill_keys($cut, true);
        $bench->joints = array_values(array_filter($bench->joints, function (Joint $j) use ($isCut, $bench): bool {
            $a = $bench->panels[$j->first] ?? null;
            $b = $bench->panels[$j->second] ?? null;
            if ($a === null || $b === null) {
                return false;
            }

            return (! isset($isCut[$j->first]) && ! isset($isCut[$j->second])) || (Contact::holds($j, $a, $b) && self::stillMeet($j, $a, $b));
        }));
    }

    /** Faces that lay on one another may be cut apart by a slope, though their bounds still overlap. */
    private static function stillMeet(Joint $joint, Panel $a, Panel $b): bool
    {
        if (! $joint->play->isZero() || ! $joint->depth->isZero() || $joint->kind === JointKind::Raking) {
            return true;
        }
        $isUpper = $b->block->middle($joint->axis)->isGreaterThan($a->block->middle($joint->axis));
        $reaching = $a->solid->longer($joint->axis, $isUpper, Length::fromMillimetres(self::REACH_MM));

        return Shared::of($reaching, $b->solid) !== null;
    }

    /** @param  list<string>  $cut */
    private function rake(Slant $limit, Slant $under, array $cut): void
    {
        $case = $this->case;
        $rear = isset($this->bench->panels["{$case->id()}:back"])
            ? Length::least($case->rear, $this->bench->panels["{$case->id()}:back"]->block->corner->y) : $case->rear;
        [$from, $to, $a, $b, $axis] = $limit->along === Axis::Y
            ? [$case->x->from, $case->x->to(), $rear, $case->front(), Axis::X]
            : [$rear, $case->front(), $case->x->from, $case->x->to(), Axis::Y];
        $solid = new Prism($axis,
            [new Point($a, $under->at($a)), new Point($b, $under->at($b)), new Point($b, $limit->at($b)), new Point($a, $limit->at($a))], $from, $to);
        $solid = $solid->under(new Slant($limit->along, $case->z->to(), 0.0))?->over($case->z->from);
        if ($solid === null) {
            return;
        }
        $bounds = $solid->bounds();
        $run = $bounds->size->{$limit->along->value};
        $slant = Length::ofUnits(Rounding::Up->apply($run->units * $limit->stretch()));
        $straight = Figure::of($to->minus($from), Text::of($axis === Axis::X ? 'fit.carcass_width' : 'piece.raking_depth'));
        $sloping = Figure::of($slant, Text::of('piece.raking_length', run: $run), null, false);
        $isAcross = $axis === Axis::X;
        $panel = $this->bench->put(new Panel("{$case->id()}:raking_top", $this->bench->piece,
            Role::RakingTop, $case->name(Text::of('part.raking_top')), $case->board->material,
            $isAcross ? $straight : $sloping, $isAcross ? $sloping : $straight, $solid,
            Axis::X, Axis::Z, $case->methods()->front === Front::Banded ? ['front'] : []));
        // On uprights; where the slope leaves none of those, on the ends of what is level.
        foreach ($this->met($cut, Role::Side, Role::Divider) ?: $this->met($cut, Role::Top, Role::TopRail, Role::Bottom) as $id) {
            $this->bench->joints[] = new Joint($panel->id, $id, JointKind::Raking, Axis::Z, Length::zero(), Length::zero());
        }
    }

    /**
     * @param  list<string>  $cut
     * @return list<string> those that are left, of some roles
     */
    private function met(array $cut, Role ...$roles): array
    {
        return array_values(array_filter($cut, fn (string $id): bool => in_array(($this->bench->panels[$id] ?? null)?->role, $roles, true)));
    }

    /** A rail of the face frame that follows a slope along the run, between the stiles. */
    private function rakingRail(Slant $under, Length $width): void
    {
        $case = $this->case;
        $frame = new FrameWidths;
        [$a, $b] = [$case->x->from->plus($frame->stile), $case->x->to()->minus($frame->stile)];
        $lower = $under->loweredBy($width);
        $solid = new Prism(Axis::Y,
            [new Point($a, $lower->at($a)), new Point($b, $lower->at($b)), new Point($b, $under->at($b)), new Point($a, $under->at($a))],
            $case->front(), $case->front()->plus($case->board->thickness));
        $solid = $solid->under(new Slant(Axis::X, $case->z->to(), 0.0))?->over($case->z->from);
        if ($solid === null) {
            return;
        }
        $slant = Length::ofUnits(Rounding::Up->apply($b->minus($a)->units * $under->stretch()));
        $this->bench->put(new Panel("{$case->id()}:rail_raking", $this->bench->piece,
            Role::Rail, $case->name(Text::of('part.rail_raking')), $case->board->material,
            Figure::of($slant, Text::of('piece.raking_length', run: $b->minus($a)), null, false),
            Figure::of($width, Text::of('piece.rail_face')), $solid, Axis::X, Axis::Y));
    }
}
