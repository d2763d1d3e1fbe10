<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Fastening;

use Incastro\Core\Assembly\Screws;
use Incastro\Core\Design\Joint;
use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\JointLine;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Measure\Length;

/** Pocket screws, screws and dowels along each joint. */
final readonly class JointFasteners
{
    private const POCKET_MM = 9.5;

    /** A pocket slants so far from the face. */
    private const SLANT_DEG = 15.0;

    private const POINT_MM = 4;

    /** A hole may not come nearer to the end of its joint. */
    private const LEAST_END_MM = 8;

    public function __construct(private Boards $boards, private HiddenFace $hidden, private Screws $sold = new Screws)
    {
    }

    /** @param  float  $bears  N that it must bear: as many as that takes, or as its length asks, whichever is more */
    public function make(Joint $joint, float $bears = 0.0): void
    {
        [$first, $second] = [$this->boards->panel($joint->first), $this->boards->panel($joint->second)];
        $line = $first === null || $second === null ? null : JointLine::of($joint->axis, $first, $second);
        if ($first === null || $second === null || $line === null) {
            return;
        }
        $isEnd = fn (Panel $p): bool => $p->inHouse($p->thin) !== $joint->axis;
        [$end, $face] = $isEnd($first) || ! $isEnd($second) ? [$first, $second] : [$second, $first];
        $make = match ($joint->kind) {
            JointKind::PocketScrews => $isEnd($end) ? fn (Length $p): Fastener => $this->pocket($line, $end, $face, $p) : null,
            JointKind::Dowels => fn (Length $p): Fastener => $this->dowel($line, $end, $face, $p),
            JointKind::Screws => $isEnd($face) ? null : $this->screws($line, $end, $face, $isEnd($end)),
            default => null,
        };
        if ($make !== null) {
            $least = $bears > 0.0 ? (int) ceil(round($bears / Shear::of($make($line->from->plus($line->length->half())), $first, $second), 6)) : 0;
            $isTop = $end->role === Role::Slab || $face->role === Role::Slab;
            $this->along($line->spread($least), $line, $make, $isTop ? $this->isReached(...) : null);
        }
    }

    /**
     * @param  list<Length>  $places
     * @param  \Closure(Length): Fastener  $make
     * @param  (\Closure(Fastener): bool)|null  $isReached
     */
    private function along(array $places, JointLine $line, \Closure $make, ?\Closure $isReached): void
    {
        $least = Length::least(Length::fromMillimetres(self::LEAST_END_MM), $line->length->splitInto(4)[0]);
        foreach ($places as $wanted) {
            $this->boards->set($wanted, $make, fn (Length $p): bool => ! $p->isLessThan($line->from->plus($least))
                && ! $p->isGreaterThan($line->to()->minus($least)) && ($isReached === null || $isReached($make($p))));
        }
    }

    /**
     * A top is screwed from below once its carcass stands: no head may lie over another board of it.
     */
    private function isReached(Fastener $fastener): bool
    {
        foreach ($fastener->bores as $bore) {
            foreach ($bore->kind === BoreKind::Clearance ? $this->boards->all : [] as $id => $board) {
                if ($id !== $bore->with && $board->panel->block->holds($bore->beforeHead(Length::fromMillimetres(1)))) {
                    return false;
                }
            }
        }

        return true;
    }

    private static function at(JointLine $line, Length $along, Length $on): Place3
    {
        return Block::nothing()->corner->with($line->axis, $on)->with($line->along, $along)->with($line->across, $line->middle);
    }

    /** Whether a board lies beyond the joint's plane, on its upper side. */
    private static function isBeyond(JointLine $line, Panel $board): bool
    {
        $k = $line->axis->value;

        return $board->block->corner->$k->plus($board->block->size->$k->half())->isGreaterThan($line->plane);
    }

    private static function thickness(Panel $p): Length
    {
        return $p->block->size->{$p->inHouse($p->thin)->value};
    }

    /**
     * Through a face into an end; through one face into another, from the hidden one of the two.
     *
     * @return \Closure(Length): Fastener
     */
    private function screws(JointLine $line, Panel $end, Panel $face, bool $isEnd): \Closure
    {
        [$from, $into] = ! $isEnd && $end->role->isHidden() ? [$end, $face] : [$face, $end];

        return fn (Length $p): Fastener => $this->screw($line, $from, $into, $p);
    }

    /** Clear of it in the board it goes through, a pilot in the other. */
    private function screw(JointLine $line, Panel $from, Panel $into, Length $p): Fastener
    {
        $k = $line->axis->value;
        $t = self::thickness($from);
        $screw = $this->sold->through($t, $into->block->size->$k);
        $upward = ! self::isBeyond($line, $from);
        $mouth = $upward ? $line->plane->minus($t) : $line->plane->plus($t);

        return Fastener::drilled(FastenerKind::Screw, $into->id, $screw, [
            Bore::round(new Hole(BoreKind::Clearance, Length::fromMillimetres(Screws::CLEARANCE_MM), null, $screw), $from, $into->id,
                new Drill(self::at($line, $p, $mouth), $line->axis, $upward)),
            Bore::round(new Hole(BoreKind::Pilot, Length::fromMillimetres(Screws::PILOT_MM), $screw->minus($t), $screw), $into, $from->id,
                new Drill(self::at($line, $p, $line->plane), $line->axis, $upward)),
        ]);
    }

    /** 8 × 35 from 15 mm of board up, else 6 × 30; two thirds of a face at most, the rest in the end. */
    private function dowel(JointLine $line, Panel $end, Panel $face, Length $p): Fastener
    {
        $k = $line->axis->value;
        $thin = Length::least(self::thickness($end), self::thickness($face));
        [$diameter, $long] = $thin->isLessThan(Length::fromMillimetres(15)) ? [6, 30] : [8, 35];
        $inFace = Length::least(Length::fromMillimetres(12), Length::ofUnits(intdiv($face->block->size->$k->units * 2, 3 * Length::PER_MM) * Length::PER_MM));
        $inEnd = Length::fromMillimetres($long + 1)->minus($inFace);
        $upward = self::isBeyond($line, $face);
        $bore = fn (Panel $board, Panel $with, bool $up, Length $deep): Bore => Bore::round(
            new Hole(BoreKind::Dowel, Length::fromMillimetres($diameter), $deep), $board, $with->id,
            new Drill(self::at($line, $p, $line->plane), $line->axis, $up));

        return Fastener::drilled(FastenerKind::Dowel, $end->id, Length::fromMillimetres($long),
            [$bore($face, $end, $upward, $inFace), $bore($end, $face, ! $upward, $inEnd)]);
    }

    /** The pocket in the hidden face, and the room of its screw's point. */
    private function pocket(JointLine $line, Panel $end, Panel $face, Length $p): Fastener
    {
        $thin = $end->inHouse($end->thin);
        $t = self::thickness($end);
        $screw = $this->sold->pocket($t, $face->block->size->{$line->axis->value});
        $upward = self::isBeyond($line, $face);
        [$middle, $far] = self::slot($t);
        $hiddenIsUpper = $this->hidden->isUpper($end);
        $surface = $hiddenIsUpper ? $end->block->corner->{$thin->value}->plus($t) : $end->block->corner->{$thin->value};
        $mouth = $upward ? $line->plane->minus($middle) : $line->plane->plus($middle);
        $at = self::at($line, $p, $mouth)->with($thin, $surface);
        $half = Length::fromMillimetres(self::POCKET_MM)->half();
        $across = $line->along === $thin ? $line->across : $line->along;
        $room = Block::nothing()
            ->along($line->axis, $upward ? $line->plane->minus($far) : $line->plane, $far)
            ->along($across, $at->{$across->value}->minus($half), $half->times(2))
            ->along($thin, $end->block->corner->{$thin->value}, $t);

        return Fastener::drilled(FastenerKind::PocketScrew, $face->id, $screw, [
            new Bore(BoreKind::Pocket, $end->id, $face->id, $at, $thin, ! $hiddenIsUpper, $half->times(2), null, $room, $screw),
            Bore::round(new Hole(BoreKind::PocketPoint, Length::fromMillimetres(self::POINT_MM), $screw->minus($t), $screw), $face, $end->id,
                new Drill(self::at($line, $p, $line->plane), $line->axis, $upward)),
        ]);
    }

    /** @return array{Length, Length} how far from the end a pocket's middle and its far end lie on the face, its screw leaving the end at mid-thickness */
    private static function slot(Length $thickness): array
    {
        $middle = $thickness->units / Length::PER_MM / 2 / tan(deg2rad(self::SLANT_DEG));
        $half = self::POCKET_MM / 2 / sin(deg2rad(self::SLANT_DEG));

        return [Length::nearestTenth($middle), Length::nearestTenth($middle + $half)];
    }
}
