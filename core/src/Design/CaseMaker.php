<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Model\BackKind;
use Incastro\Core\Document\Model\Bay;
use Incastro\Core\Document\Model\BottomJoint;
use Incastro\Core\Document\Model\CarcassJoint;
use Incastro\Core\Document\Model\EdgeKind;
use Incastro\Core\Document\Model\Front;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\TopJoint;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Sides, top, bottom and back of one box, and everything in it. The same steps for every box; the methods decide. */
final readonly class CaseMaker
{
    private const TOP_RAIL_MM = 80;

    public function __construct(private Bench $bench, private Stuff $stuff, private RunFrame $frame)
    {
    }

    public function make(CaseSpec $case): CaseFront
    {
        $before = array_keys($this->bench->panels);
        $slope = new SlopeCut($this->bench, $this->frame, $case);
        foreach (Side::cases() as $side) {
            $this->side($case, $side);
        }
        $this->bottom($case);
        $this->top($case);
        $framed = $case->methods()->front === Front::FaceFrame;
        $rows = new Rows($this->bench, $this->stuff, $this->frame, $slope->under());
        $rows->make(new Opening($case->x, 2, $this->inside($case), $case->z->from->plus($case->board->thickness),
            new Bounding($this->id($case, 'side_left'), $this->id($case, 'side_right'), $this->id($case, 'bottom'),
                $this->topId($case), $this->hasBack($case) ? $this->id($case, 'back') : null),
            $case->floor, $framed ? new FrameWidths : null, '', $this->floorIds($case)), $case->rows);
        if ($framed) {
            (new FaceFrame($this->bench, $case))->make();
        }
        (new ToeBearers($this->bench, $case))->make();
        (new FootRails($this->bench, $case))->make();
        (new Backs($this->bench, $case))->make();
        $slope->cut(array_values(array_diff(array_keys($this->bench->panels), $before)));

        return new CaseFront($case->id(), $case->label, $case->x, $case->z, $case->front(), $case->board, $framed,
            $this->frame->meetsLeft, $this->frame->meetsRight);
    }

    private function id(CaseSpec $case, string $name): string
    {
        return "{$case->id()}:$name";
    }

    private function hasBack(CaseSpec $case): bool
    {
        return $case->methods()->back !== BackKind::None;
    }

    /** What the boards between the sides have: in front of a captured back and the nailers behind it. */
    private function inside(CaseSpec $case): Span
    {
        $y = $case->y();

        return $case->methods()->back === BackKind::Captured
            ? $y->afterFirst($case->board->thickness->plus($case->back->thickness),
                Text::of('piece.captured_back', nailer: $case->board->thickness, back: $case->back->thickness)) : $y;
    }

    private function isCapped(CaseSpec $case): bool
    {
        return $case->methods()->top === TopJoint::Capping;
    }

    /** Sides stand on the bottom, unless a toe kick takes them to the floor. */
    private function standsOnBottom(CaseSpec $case): bool
    {
        return $case->methods()->bottom === BottomJoint::Under && $case->toe === null && ! $this->openFloor($case);
    }

    private function openFloor(CaseSpec $case): bool
    {
        return array_filter($case->first()->bays, fn (Bay $b): bool => $b->openFloor) !== [];
    }

    /** A lip in front of the side meets the wall: on a scribed side and for a lone stile. Where there is a face frame its stile does. */
    private function hasLip(CaseSpec $case, Side $side): bool
    {
        $edge = $this->stuff->piece->edge($side);
        $isBanded = $case->methods()->front === Front::Banded;

        return $isBanded && $this->frame->meets($side) && in_array($edge->kind, [EdgeKind::ScribedSide, EdgeKind::ExtendedStile], true);
    }

    private function side(CaseSpec $case, Side $side): void
    {
        $t = $case->board->thickness;
        [$z, $y] = [$case->z, $case->y()];
        if ($this->isCapped($case)) {
            $z = $z->beforeLast($t, Text::of('piece.top_caps'))->named(Text::of('piece.side_length'));
        }
        if ($this->standsOnBottom($case)) {
            $z = $z->afterFirst($t, Text::of('piece.on_bottom'));
        }
        $bays = array_values($case->first()->bays);
        $open = ($side === Side::Left ? $bays[0] : $bays[count($bays) - 1])->openFloor;
        if ($case->toe !== null || $open) {
            $z = new Span($case->floor, $z->size->plus($case->z->from->minus($case->floor), Text::of('piece.down_to_floor')));
        }
        $lip = $this->hasLip($case, $side);
        $y = $lip ? $y->beforeLast($t, Text::of('piece.lip_thickness')) : $y;
        $x = $side === Side::Left ? $case->x->from : $case->x->to()->minus($t);
        $banded = $lip || $case->methods()->front !== Front::Banded ? [] : ['front'];
        $panel = Maker::at($this->bench, $case->board)->banded($banded)->hung($side)->upright(new Named($this->id($case, "side_{$side->value}"), Role::Side,
            $case->name(Text::of("part.side_{$side->value}"))), $x, $y, $z);
        if ($case->toe !== null) {
            $this->toeNotch($case, $panel);
        }
    }

    private function toeNotch(CaseSpec $case, Panel $side): void
    {
        // The toe board stands against the side behind the notch, its front set back from the front of the case, a lip included.
        $from = $case->front()->minus($this->toeSetBack($case));
        $front = $side->block->corner->y->plus($side->block->size->y);
        $deep = $front->minus($from);
        if ($deep->isPositive() && $deep->isLessThan($side->block->size->y)) {
            $this->bench->take($side->id, TakenKind::Notch,
                new Block(new Place3($side->block->corner->x, $from, $case->floor),
                    new Place3($case->board->thickness, $deep, $case->z->from->minus($case->floor))));
        }
    }

    private function innerX(CaseSpec $case): Span
    {
        $t = $case->board->thickness;

        return new Span($case->x->from->plus($t),
            $case->x->size->minus($t->times(2), Text::of('piece.two_sides', t: $t))->named(Text::of('piece.between_sides')));
    }

    private function topId(CaseSpec $case): ?string
    {
        return $case->methods()->top === TopJoint::Rails ? null : $this->id($case, 'top');
    }

    private function top(CaseSpec $case): void
    {
        $maker = Maker::at($this->bench, $case->board);
        $z = $case->z->to()->minus($case->board->thickness);
        $banded = $case->methods()->front === Front::Banded ? ['front'] : [];
        if ($case->methods()->top === TopJoint::Rails) {
            $this->topRails($case, $z);

            return;
        }
        $x = $this->isCapped($case) ? $case->x : $this->letIn($case, $this->innerX($case));
        $panel = $maker->banded($banded)->level(new Named($this->id($case, 'top'), Role::Top, $case->name(Text::of('part.top'))), $x, $case->y(), $z);
        $this->meetSides($case, $panel, $this->isCapped($case));
    }

    /** Two rails on the flat, at the front and at the rear. */
    private function topRails(CaseSpec $case, Length $z): void
    {
        $width = Length::fromMillimetres(self::TOP_RAIL_MM);
        $y = $case->y();
        foreach (['front' => $y->last($width, Text::of('piece.top_rail')), 'rear' => $y->first($width, Text::of('piece.top_rail'))] as $where => $span) {
            $panel = Maker::at($this->bench, $case->board)
                ->level(new Named($this->id($case, "top_rail_$where"), Role::TopRail, $case->name(Text::of("part.top_rail_$where"))),
                    $this->letIn($case, $this->innerX($case)), $span, $z);
            $this->meetSides($case, $panel, false);
        }
    }

    private function bottom(CaseSpec $case): void
    {
        $t = $case->board->thickness;
        $banded = $case->methods()->front === Front::Banded ? ['front'] : [];
        $under = $this->standsOnBottom($case);
        foreach ($this->floors($case) as $id => [$x, $left, $right]) {
            $span = $under ? $case->x : $this->letIn($case, $x, $left !== null, $right !== null);
            $panel = Maker::at($this->bench, $case->board)
                ->banded($banded)->level(new Named($id, Role::Bottom, $case->name(Text::of('part.bottom'))), $span, $case->y(), $case->z->from);
            foreach (array_filter([$left, $right]) as $upright) {
                if ($under) {
                    $this->bench->join($upright, $panel->id, JointKind::Screws, Axis::Z);
                } else {
                    $this->meet($case, $panel->id, $upright);
                }
            }
        }
        if ($case->toe !== null) {
            foreach ($this->floors($case) as $id => [$x, $left, $right]) {
                $board = Maker::at($this->bench, $case->board)
                    ->strip(new Named(str_replace(':bottom', ':toe_board', $id), Role::ToeBoard, $case->name(Text::of('part.toe_board'))), $x,
                        $case->front()->minus($this->toeSetBack($case))->minus($t),
                        Span::of($case->floor, $case->z->from->minus($case->floor), Text::of('piece.toe_kick_height')));
                foreach (array_filter([$left, $right]) as $side) {
                    $this->bench->join($board->id, $side, JointKind::PocketScrews, Axis::X);
                }
            }
        }
    }

    /** At least behind a lip. */
    private function toeSetBack(CaseSpec $case): Length
    {
        $lip = $this->hasLip($case, Side::Left) || $this->hasLip($case, Side::Right) ? $case->board->thickness : Length::zero();

        return Length::greatest($lip, $case->toe->setBack ?? Length::zero());
    }

    /** @return array<string, array{Span, string|null, string|null}> the bottom in as many lengths as knee spaces leave: where, and the sides it meets */
    private function floors(CaseSpec $case): array
    {
        $bays = array_values($case->first()->bays);
        $sides = [$this->id($case, 'side_left'), $this->id($case, 'side_right')];
        if (! $this->openFloor($case)) {
            return [$this->id($case, 'bottom') => [$this->innerX($case), ...$sides]];
        }
        $marks = $this->frame->marks->inside([], $case->board->thickness);
        $division = new Division($case->first()->bays, $case->x, new Uprights(2, $case->board->thickness), $marks);
        if (! $division->fits()) {
            return [$this->id($case, 'bottom') => [$this->innerX($case), ...$sides]];
        }
        $openings = $division->openings;
        $floors = [];
        foreach (Groups::of($bays, fn (Bay $b): bool => ! $b->openFloor) as $group) {
            [$first, $last] = [$group[0], $group[count($group) - 1]];
            $from = $openings[$first->id]->from;
            $span = Span::of($from, $openings[$last->id]->to()->minus($from), Text::of('piece.between_uprights'));
            $floors[$floors === [] ? $this->id($case, 'bottom') : "$first->id:bottom"] = [$span,
                $first === $bays[0] ? $sides[0] : null, $last === $bays[count($bays) - 1] ? $sides[1] : null];
        }

        return $floors;
    }

    /** @return array<string, string> the bottom under each bay */
    private function floorIds(CaseSpec $case): array
    {
        $ids = [];
        $id = null;
        foreach ($case->first()->bays as $bay) {
            $id = $bay->openFloor ? null : ($id ?? ($ids === [] ? $this->id($case, 'bottom') : "$bay->id:bottom"));
            $ids += $id === null ? [] : [$bay->id => $id];
        }

        return $ids;
    }

    private function letIn(CaseSpec $case, Span $x, bool $left = true, bool $right = true): Span
    {
        $ends = ($left ? 1 : 0) + ($right ? 1 : 0);
        if ($case->methods()->joint !== CarcassJoint::Dado || $ends === 0) {
            return $x;
        }
        $depth = Length::fromMillimetres(RowJoints::DADO_MM);

        return new Span($left ? $x->from->minus($depth) : $x->from, $x->size->plus($depth->times($ends), Text::of('piece.let_in', depth: $depth, ends: $ends)));
    }

    private function meetSides(CaseSpec $case, Panel $panel, bool $caps): void
    {
        foreach (['side_left', 'side_right'] as $side) {
            $id = $this->id($case, $side);
            if ($caps) {
                $this->bench->join($id, $panel->id, JointKind::Screws, Axis::Z);
            } else {
                $this->meet($case, $panel->id, $id);
            }
        }
    }

    /** The ends of the first meet the second as the case is joined. */
    private function meet(CaseSpec $case, string $first, string $second): void
    {
        if ($case->methods()->joint === CarcassJoint::Dado) {
            $this->bench->house($first, $second, Axis::X, Length::fromMillimetres(RowJoints::DADO_MM));
        } else {
            $this->bench->join($first, $second, JointKind::of($case->methods()->joint), Axis::X);
        }
    }
}
