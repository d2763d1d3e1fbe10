<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Model\Door;
use Incastro\Core\Document\Model\DoorKind;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** What closes a bay (fieldbook §6): leaves inset or over the edges, sliding in grooves, lifting, dropping, or lifted off. */
final readonly class Doors
{
    private const LEAST_ENGAGEMENT_MM = 4;

    /** What a groove leaves of its board. */
    private const UNDER_GROOVE_MM = 4;

    private Maker $maker;

    public function __construct(private Bench $bench, private Cell $cell, private Door $door)
    {
        $this->maker = Maker::at($bench, $cell->board, $cell->bay->id);
    }

    public function make(): void
    {
        match ($this->door->kind) {
            DoorKind::Sliding => $this->sliding(),
            DoorKind::Picture => $this->picture(),
            default => $this->isInset() ? $this->inset() : $this->overlay(),
        };
    }

    private function isInset(): bool
    {
        return $this->door->is->choice('hang') === 'inset' || $this->cell->mouth->recessed;
    }

    private function leaves(): int
    {
        return $this->door->kind === DoorKind::Hinged ? $this->door->is->count('leaves') : 1;
    }

    /** n leaves: (opening − (n + 1)·gap)/n; one as measured where the opening is racked. */
    private function inset(): void
    {
        $gap = $this->door->is->length('gap');
        $mouth = $this->cell->mouth;
        $n = $this->leaves();
        $z = $mouth->z->inside($gap, Text::of('piece.gap_each', gap: $gap));
        $racked = $this->racked($gap, $z->value());
        $side = $racked?->meanSideGap($gap, $z->value()) ?? $gap;
        $width = $racked !== null && $this->door->is->choice('racked') === 'square'
            ? $racked->squareLeaf($n, $gap, $z->value())
            : $this->equal($mouth->x->size->minus($gap->times($n + 1), Text::of('piece.gaps', n: $n + 1, gap: $gap)), $n);
        $x = $mouth->x->from->plus($racked !== null && $this->door->is->choice('racked') === 'square' ? $side : $gap);
        $this->hang(new LeafPlace(new Span($x, $width), $mouth->y->minus($this->cell->board->thickness), $z), $gap);
    }

    private function equal(Figure $rest, int $n): Figure
    {
        return $n === 1 ? $rest : $rest->sharedInto($n, Text::of('piece.leaves'))[$n - 1] ?? $rest;
    }

    /** Both diagonals of the opening as it stands were given: it is hung to what they say. */
    private function racked(Length $gap, Length $leaf): ?RackedOpening
    {
        if ($this->door->kind !== DoorKind::Hinged) {
            return null;
        }
        [$up, $down] = [$this->door->is->optionalLength('diagonal_up'), $this->door->is->optionalLength('diagonal_down')];
        if ($up === null || $down === null || $up->equals($down)) {
            return null;
        }
        $opening = new RackedOpening($this->cell->mouth->x->value(), $this->cell->mouth->z->value(), $up, $down);
        if ($opening->lean()->absolute()->times(10)->isGreaterThan($this->cell->mouth->z->value())) {
            $this->bench->find(Finding::ofPiece('piece.diagonals_impossible', Severity::Stop, $this->cell->bay->id,
                Text::of('piece.diagonals_impossible', bay: $this->cell->label))->measuring($opening->lean()->absolute(), Length::zero()));

            return null;
        }
        [$tight, $wide] = $opening->sideGaps($gap, $leaf);
        $follows = $this->door->is->choice('racked') === 'follow';
        $this->bench->find(Finding::ofPiece('piece.racked_opening', Severity::Look, $this->cell->bay->id,
            Text::of($follows ? 'piece.racked_follow' : 'piece.racked_opening', bay: $this->cell->label,
                lean: $opening->lean()->absolute(), tight: $tight, wide: $wide, mean: $opening->meanSideGap($gap, $leaf)))
            ->measuring($tight, RackedOpening::leastGap())->sourced('source.doors'));

        return $opening;
    }

    /** Single: opening + both overlays. Pair: (opening + both overlays − gap)/2. On a shared board: no more than (t − gap)/2. */
    private function overlay(): void
    {
        $gap = $this->door->is->length('gap');
        $mouth = $this->cell->mouth;
        [$left, $right] = [$this->lap($mouth->leftFace, $mouth->sharesLeft, $gap), $this->lap($mouth->rightFace, $mouth->sharesRight, $gap)];
        [$foot, $head] = [$this->lap($mouth->footFace, $mouth->sharesFoot, $gap), $this->lap($mouth->headFace, $mouth->sharesHead, $gap)];
        $n = $this->leaves();
        $whole = $mouth->x->size->plus($left->plus($right), Text::of('piece.overlays', left: $left, right: $right));
        $width = $n === 1 ? $whole : $this->equal($whole->minus($gap->times($n - 1), Text::of('piece.gaps', n: $n - 1, gap: $gap)), $n);
        $z = new Span($mouth->z->from->minus($foot), $mouth->z->size->plus($foot->plus($head), Text::of('piece.overlays', left: $foot, right: $head)));
        $this->hang(new LeafPlace(new Span($mouth->x->from->minus($left), $width), $mouth->y, $z), $gap);
    }

    private function lap(Length $face, bool $shared, Length $gap): Length
    {
        $most = $shared ? $face->minus($gap->half()) : $face;
        $wanted = $this->door->is->optionalLength('overlay');
        if ($wanted !== null && $wanted->isGreaterThan($most)) {
            $this->bench->find(Finding::ofPiece('piece.overlay_too_wide', Severity::Look, $this->cell->bay->id,
                Text::of('piece.overlay_too_wide', bay: $this->cell->label, has: $most, wanted: $wanted))->measuring($wanted, $most)->sourced('source.doors'));
        }

        return $wanted === null ? Length::greatest(Length::zero(), $most->minus($shared ? Length::zero() : $gap->half()))
            : Length::greatest(Length::zero(), Length::least($wanted, $most));
    }

    /** @param  LeafPlace  $first  of the leftmost leaf; the others follow with a gap between */
    private function hang(LeafPlace $first, Length $gap): void
    {
        [$x, $width, $z] = [$first->x->from, $first->x->size, $first->z];
        if ($width->value->isLessThan(Length::fromMillimetres(60)) || $z->value()->isLessThan(Length::fromMillimetres(60))) {
            $this->bench->find(Finding::ofPiece('piece.door_small', Severity::Stop, $this->cell->bay->id,
                Text::of('piece.door_small', bay: $this->cell->label, w: $width->value, h: $z->value()))
                ->measuring($width->value, Length::fromMillimetres(60)));

            return;
        }
        $n = $this->leaves();
        for ($i = 0; $i < $n; $i++) {
            $side = match (true) {
                $this->door->kind !== DoorKind::Hinged => null,
                $n === 2 => $i === 0 ? Side::Left : Side::Right,
                default => Side::from($this->door->is->choice('hinge')),
            };
            $this->leaf($i + 1, new LeafPlace(new Span($x, $width), $first->y, $z), $side);
            $x = $x->plus($width->value)->plus($gap);
        }
        $this->fittings($n, $z->value(), $width->value);
    }

    private function leaf(int $n, LeafPlace $place, ?Side $hinge): void
    {
        $id = "{$this->cell->bay->id}:door_$n";
        $name = Text::of($hinge === null ? 'part.door' : "part.door_hinged_{$hinge->value}", n: $n, bay: $this->cell->label);
        if ($this->door->is->choice('make') === 'framed' && $this->cell->isUnderSlope()) {
            $this->bench->find(Finding::ofPiece('piece.framed_under_slope', Severity::Look, $this->cell->bay->id,
                Text::of('piece.framed_under_slope', bay: $this->cell->label)));
        }
        if ($this->door->is->choice('make') === 'framed' && ! $this->cell->isUnderSlope()) {
            (new FramedDoor($this->bench, $this->cell, $this->door))->make(new Named($id, Role::Door, $name), $place, $hinge);
        } else {
            $this->maker->banded(['left', 'right', 'top', 'bottom'])->hung($hinge)->face(new Named($id, Role::Door, $name), $place->x, $place->y, $place->z);
        }
        if ($hinge !== null) {
            $this->hung(isset($this->bench->panels[$id]) ? $id : "$id:stile_{$hinge->value}", $hinge);
        }
    }

    private function hung(string $part, Side $hinge): void
    {
        $upright = $hinge === Side::Left ? $this->cell->by->left : $this->cell->by->right;
        $panel = $this->bench->panels[$part] ?? null;
        if ($panel !== null) {
            $this->bench->hung[] = new HungLeaf($part, $this->cell->mouth->framed ? null : $upright, $hinge);
        }
        if ($this->isInset() && ! $this->cell->mouth->framed) {
            $edge = $this->bench->panels[$upright ?? ''] ?? null;
            if ($panel !== null && $edge !== null && Contact::gap(Axis::Y, $panel, $edge)->isNegative() && Contact::gap(Axis::Z, $panel, $edge)->isNegative()) {
                $this->bench->clear($part, $upright, Axis::X, Contact::gap(Axis::X, $panel, $edge));
            }
        }
    }

    private function fittings(int $leaves, Length $height, Length $width): void
    {
        $owner = $this->cell->bay->id;
        $hinges = HungLeaf::hinges($height);
        $flaps = $width->isGreaterThan(Length::fromMillimetres(900)) ? 3 : 2;
        $needs = match ($this->door->kind) {
            DoorKind::Hinged => [[Text::of('hardware.hinge', opens: $this->door->is->count('opens')), $hinges * $leaves]],
            DoorKind::Lift => [[Text::of('hardware.flap_hinge'), $flaps], [Text::of('hardware.strut'), 2]],
            DoorKind::Drop => [[Text::of('hardware.flap_hinge'), $flaps], [Text::of('hardware.drop_stay'), 2]],
            default => [[Text::of('hardware.magnet_catch'), 4]],
        };
        foreach ($needs as [$name, $count]) {
            $this->bench->need($owner, $name, $count);
        }
        if ($this->door->kind !== DoorKind::LiftOff) {
            $this->bench->need($owner, Text::of('hardware.'.($this->door->is->choice('catch') === 'push_latch' ? 'push_latch' : 'pull')), $leaves);
        }
    }

    /**
     * n leaves: (opening + (n − 1)·overlap)/n, in grooves of t + 1; height = clear + upper groove − 1. Seated, the top still
     * stands upper − lower − 1 in its groove (fieldbook §6).
     */
    private function sliding(): void
    {
        $is = $this->door->is;
        [$n, $overlap] = [$is->count('leaves'), $is->length('overlap')];
        // A board with grooves in both faces gives each less.
        $most = fn (bool $shared): Length => $shared ? $this->cell->board->thickness->minus(Length::fromMillimetres(self::UNDER_GROOVE_MM))
            ->splitInto(2)[1] : $this->cell->board->thickness->minus(Length::fromMillimetres(self::UNDER_GROOVE_MM));
        $upper = $this->cell->by->head === null ? Length::fromMillimetres(1)
            : Length::least($is->length('groove_upper'), $most($this->cell->mouth->sharesHead));
        $lower = $this->cell->by->floor === null ? Length::zero() : Length::least($is->length('groove_lower'), $most($this->cell->mouth->sharesFoot));
        $t = $this->cell->board->thickness;
        $one = Length::fromMillimetres(1);
        $engaged = $upper->minus($lower)->minus($one);
        if ($this->cell->by->head === null || $engaged->isLessThan(Length::fromMillimetres(self::LEAST_ENGAGEMENT_MM))) {
            $this->bench->find(Finding::ofPiece('piece.sliding_falls_out', Severity::Stop, $this->cell->bay->id,
                Text::of('piece.sliding_falls_out', bay: $this->cell->label, has: $engaged))
                ->measuring($engaged, Length::fromMillimetres(self::LEAST_ENGAGEMENT_MM))->sourced('source.doors'));
        }
        $width = $this->equal($this->cell->x->size->plus($overlap->times($n - 1), Text::of('piece.sliding_overlap', n: $n - 1, overlap: $overlap)), $n);
        if ($n > 2 ? $width->value->isLessThan($overlap->times(2)) : $width->value->isGreaterThan($this->cell->x->value())) {
            $this->bench->find(Finding::ofPiece('piece.sliding_narrow', Severity::Stop, $this->cell->bay->id,
                Text::of('piece.sliding_narrow', bay: $this->cell->label, n: $n))->measuring($width->value, $this->cell->x->value()));

            return;
        }
        $z = new Span($this->cell->z->from->minus($lower),
            $this->cell->z->size->plus($upper, Text::of('piece.upper_groove'))->minus($one, Text::of('piece.sliding_air')));
        $front = $this->cell->y->to()->minus($t)->minus(Length::fromMillimetres(2));
        $x = $this->cell->x->from;
        foreach ([0, 1] as $track) {
            $y = $front->minus($t->plus(Length::fromMillimetres(2))->times($track))->minus($one->half());
            foreach ([[$this->cell->by->floor, $this->cell->z->from->minus($lower), $lower],
                [$this->cell->by->head, $this->cell->z->to(), $upper]] as [$board, $at, $deep]) {
                if ($board !== null && isset($this->bench->panels[$board])) {
                    $this->bench->take($board, TakenKind::Groove,
                        new Block(new Place3($this->cell->x->from, $y, $at), new Place3($this->cell->x->value(), $t->plus($one), $deep)));
                }
            }
        }
        for ($i = 0; $i < $n; $i++) {
            $y = $i % 2 === 0 ? $front : $front->minus($t)->minus(Length::fromMillimetres(2));
            $from = $i === $n - 1 ? $this->cell->x->to()->minus($width->value) : $x;
            $this->leaf($i + 1, new LeafPlace(new Span($from, $width), $y, $z), null);
            $x = $x->plus($width->value)->minus($overlap);
        }
        $this->bench->need($this->cell->bay->id, Text::of('hardware.finger_pull'), $n);
    }

    private function picture(): void
    {
        $mouth = $this->cell->mouth;
        $air = Length::fromMillimetres(2);
        $free = fn (Length $face, bool $shared): Length => $shared ? $face->minus($air) : $face;
        $lap = Length::least($this->door->is->length('overlay'), $free($mouth->leftFace, $mouth->sharesLeft), $free($mouth->rightFace, $mouth->sharesRight),
            $free($mouth->footFace, $mouth->sharesFoot), $free($mouth->headFace, $mouth->sharesHead));
        $lap = $mouth->recessed ? $air->negated() : $lap;
        $why = Text::of('piece.picture_lap', lap: $lap);
        $hinge = Side::from($this->door->is->choice('hinge'));
        $this->maker->banded(['left', 'right', 'top', 'bottom'])->hung($hinge)
            ->face(new Named("{$this->cell->bay->id}:picture", Role::Door, Text::of('part.picture_front', bay: $this->cell->label)),
                $mouth->x->outside($lap, $why), $mouth->recessed ? $mouth->y->minus($this->cell->board->thickness) : $mouth->y,
                $mouth->z->outside($lap, $why));
        $this->bench->need($this->cell->bay->id, Text::of('hardware.piano_hinge'), 1, $mouth->z->value());
        $this->bench->need($this->cell->bay->id, Text::of($this->door->is->choice('catch') === 'push_latch' ? 'hardware.push_latch' : 'hardware.pull'), 1);
    }
}
