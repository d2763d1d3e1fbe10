<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Model\BackKind;
use Incastro\Core\Document\Model\Band;
use Incastro\Core\Document\Model\Bay;
use Incastro\Core\Document\Model\TopJoint;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * The back of a box and its nailers (fieldbook §6). Applied: on the rear edges, 1 mm back from each so that no edge stands
 * proud, nailers inside before it. Captured: in grooves, nailers behind it in the recess.
 */
final readonly class Backs
{
    private const REVEAL_MM = 1;

    private const GROOVE_MM = 6;

    private const GROOVE_PLAY_MM = 1;

    /** Height of the nailer behind the top (fieldbook §6: 75–100). */
    private const NAILER_MM = 90;

    /** Of a box that hangs: a stud takes four screws in it. */
    private const HUNG_MM = 123;

    private const LEAST_NAILER_MM = 40;

    public function __construct(private Bench $bench, private CaseSpec $case)
    {
    }

    public function make(): void
    {
        match ($this->case->methods()->back) {
            BackKind::None => $this->nailers(),
            BackKind::Applied => $this->applied(),
            BackKind::Captured => $this->captured(),
        };
    }

    private function applied(): void
    {
        $reveal = Length::fromMillimetres(self::REVEAL_MM);
        $why = Text::of('piece.back_reveal', each: $reveal);
        foreach ($this->areas() as $i => [$x, $z]) {
            $id = $i === 0 ? "{$this->case->id()}:back" : "{$this->case->id()}:back_".($i + 1);
            $name = $i === 0 ? Text::of('part.back') : Text::of('part.back_more', n: $i + 1);
            Maker::at($this->bench, $this->case->back)->face(new Named($id, Role::Back, $this->case->name($name)),
                $x->inside($reveal, $why), $this->case->rear->minus($this->case->back->thickness), $z->inside($reveal, $why));
            foreach (['side_left', 'side_right'] as $side) {
                if ($i === 0 && ($side === 'side_left' ? $x->from->equals($this->case->x->from) : $x->to()->equals($this->case->x->to()))) {
                    $this->bench->join($id, "{$this->case->id()}:$side", JointKind::Faced, Axis::Y);
                }
            }
        }
        $this->nailers();
    }

    /** @return list<array{Span, Span}> what is to be covered, in sheets that meet behind uprights */
    private function areas(): array
    {
        $case = $this->case;
        $half = $case->board->thickness->half();
        if (! $this->hasOpenBack()) {
            return $this->inSheets($case->x, $case->z, $case->first());
        }
        $areas = [];
        $from = $case->z->from;
        foreach ($case->rows as $i => $row) {
            $to = $i === count($case->rows) - 1 ? $case->z->to() : $case->heads[$i]->plus($half);
            $bays = array_values($row->band->bays);
            foreach (Groups::of($bays, fn (Bay $b): bool => $b->hasBack()) as $group) {
                [$first, $last] = [$group[0], $group[count($group) - 1]];
                $left = $first === $bays[0] ? $case->x->from : ($this->bench->cells[$first->id] ?? null)?->x->from->minus($case->board->thickness);
                $right = $last === $bays[count($bays) - 1] ? $case->x->to() : ($this->bench->cells[$last->id] ?? null)?->x->to()->plus($case->board->thickness);
                if ($left !== null && $right !== null) {
                    array_push($areas, ...$this->inSheets(Span::of($left, $right->minus($left), Text::of('piece.behind_bays')),
                        Span::of($from, $to->minus($from), Text::of('piece.behind_band')), $row->band));
                }
            }
            $from = $to;
        }

        return $areas;
    }

    /** @return list<array{Span, Span}> as wide as a sheet gives, parted behind the uprights of a band */
    private function inSheets(Span $x, Span $z, Band $band): array
    {
        $half = $this->case->board->thickness->half();
        $cuts = [];
        foreach (array_slice(array_keys($band->bays), 0, -1) as $bay) {
            $cut = ($this->bench->cells[$bay] ?? null)?->x->to()->plus($half);
            if ($cut !== null && $cut->isGreaterThan($x->from) && $cut->isLessThan($x->to())) {
                $cuts[] = $cut;
            }
        }

        return array_map(fn (Span $part): array => [$part, $z], Lengths::of($x, $cuts, $this->case->back->widest($z->value())));
    }

    private function hasOpenBack(): bool
    {
        foreach ($this->case->rows as $row) {
            foreach ($row->band->bays as $bay) {
                if (! $bay->hasBack()) {
                    return true;
                }
            }
        }

        return false;
    }

    private function captured(): void
    {
        $case = $this->case;
        $t = $case->board->thickness;
        if ($this->hasOpenBack()) {
            $this->bench->find(Finding::ofPiece('piece.captured_behind_all', Severity::Look, $case->id(), Text::of('piece.captured_behind_all')));
        }
        [$groove, $play] = [Length::fromMillimetres(self::GROOVE_MM), Length::fromMillimetres(self::GROOVE_PLAY_MM)];
        $lap = $groove->minus($play);
        $why = Text::of('piece.in_groove', depth: $groove, play: $play);
        $inner = new Span($case->x->from->plus($t), $case->x->size->minus($t->times(2), Text::of('piece.two_sides', t: $t)));
        $high = new Span($case->z->from->plus($t), $case->z->size->minus($t->times(2), Text::of('piece.top_and_bottom', t: $t)));
        $rails = $case->methods()->top === TopJoint::Rails;
        $z = $rails ? new Span($high->from->minus($lap), $high->size->plus($lap, $why)->minus($play, Text::of('piece.under_rail')))
            : $high->outside($lap, $why);
        $id = "{$case->id()}:back";
        Maker::at($this->bench, $case->back)
            ->face(new Named($id, Role::Back, $case->name(Text::of('part.back'))), $inner->outside($lap, $why), $case->rear->plus($t), $z);
        $floors = array_map(fn (string $owner): string => "$owner:bottom", [$case->id(), ...array_keys($case->first()->bays)]);
        $around = [...array_fill_keys(["{$case->id()}:side_left", "{$case->id()}:side_right"], Axis::X), ...array_fill_keys($floors, Axis::Z),
            ...$rails ? [] : ["{$case->id()}:top" => Axis::Z]];
        foreach (array_intersect_key($around, $this->bench->panels) as $board => $axis) {
            $this->bench->groove(new Joint($id, $board, JointKind::Groove, $axis, Length::zero(), $lap), $play);
        }
        $height = Length::least($this->nailer(), $high->value());
        $nailer = Maker::at($this->bench, $case->board)
            ->strip(new Named("{$case->id()}:nailer", Role::Nailer, $case->name(Text::of('part.nailer_recess'))), $inner, $case->rear,
                $high->last($height, Text::of('piece.nailer_height')));
        foreach (['side_left', 'side_right'] as $side) {
            $this->bench->join($nailer->id, "{$case->id()}:$side", JointKind::Screws, Axis::X);
        }
    }

    /** One behind the top of each bay of the highest band, no taller than what stands in the bay leaves it. */
    private function nailers(): void
    {
        $row = $this->case->rows[count($this->case->rows) - 1];
        $number = 0;
        foreach ($row->band->bays as $bay) {
            $number++;
            $cell = $this->bench->cells[$bay->id] ?? null;
            if ($cell === null) {
                continue;
            }
            $head = $this->case->z->to()->minus($this->case->board->thickness);
            $foot = $this->lowest($cell, $head);
            $height = $head->minus($foot);
            if ($height->isLessThan(Length::fromMillimetres(self::LEAST_NAILER_MM))) {
                $this->bench->find(Finding::ofPiece('piece.no_nailer', Severity::Note, $bay->id, Text::of('piece.no_nailer', bay: $cell->label)));

                continue;
            }
            $panel = Maker::at($this->bench, $this->case->board, $bay->id)
                ->strip(new Named("$bay->id:nailer", Role::Nailer, Text::of('part.nailer', bay: $cell->label)), $cell->x, $this->case->rear,
                    Span::of($foot, $height, Text::of('piece.nailer_height')));
            foreach ([$cell->by->left, $cell->by->right] as $upright) {
                $this->bench->join($panel->id, $upright, JointKind::Screws, Axis::X);
            }
        }
    }

    private function nailer(): Length
    {
        return Length::fromMillimetres($this->case->hangs ? self::HUNG_MM : self::NAILER_MM);
    }

    /** As low as a nailer of full height, or as what stands against the rear there allows. */
    private function lowest(Cell $cell, Length $head): Length
    {
        $foot = Length::greatest($head->minus($this->nailer()), $cell->z->from);
        $rear = $this->case->rear->plus($this->case->board->thickness);
        $bounds = array_filter([$cell->by->left, $cell->by->right, $cell->by->head, $cell->by->floor, $cell->by->back]);
        foreach ($this->bench->panels as $panel) {
            $b = $panel->block;
            if (! in_array($panel->id, $bounds, true) && $b->corner->y->isLessThan($rear) && $b->corner->y->plus($b->size->y)->isGreaterThan($this->case->rear)
                && $b->corner->x->isLessThan($cell->x->to()) && $b->corner->x->plus($b->size->x)->isGreaterThan($cell->x->from)
                && $b->corner->z->isLessThan($head) && $b->corner->z->plus($b->size->z)->isGreaterThan($foot)) {
                $foot = Length::least($head, $b->corner->z->plus($b->size->z));
            }
        }

        return $foot;
    }
}
