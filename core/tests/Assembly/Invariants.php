<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Assembly;

use Incastro\Core\Assembly\Body;
use Incastro\Core\Assembly\BodyKind;
use Incastro\Core\Assembly\Clash;
use Incastro\Core\Assembly\Fastening\Fastener;
use Incastro\Core\Assembly\Fastening\FastenerKind;
use Incastro\Core\Assembly\Wall\WallFastener;
use Incastro\Core\Build\Steps\Scene;
use Incastro\Core\Build\Steps\StepKind;
use Incastro\Core\Design\Joint;
use Incastro\Core\Design\Role;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Planning\Planning;

/** What holds for every document: each is a sentence of its own where it does not. */
final class Invariants
{
    /** Kinds of step after which a part stands where it stays. */
    private const PLACES = [StepKind::SetBase, StepKind::Stand, StepKind::SiteFrame, StepKind::Top, StepKind::Filler, StepKind::Trim, StepKind::Slats,
        StepKind::Shelves];

    /** And after which it moves or opens there, or is on what goes there. */
    private const SETS = [...self::PLACES, StepKind::Lids, StepKind::Drawers, StepKind::Doors, StepKind::Back];

    private const DRIVEN = [FastenerKind::Screw, FastenerKind::PocketScrew, FastenerKind::BackScrew, FastenerKind::Dowel,
        FastenerKind::Nail];

    /** @return list<string> */
    public static function brokenBy(Planning $planning): array
    {
        return [...self::joints($planning), ...self::clashes($planning), ...self::held($planning), ...self::order($planning), ...self::count($planning),
            ...self::screws($planning), ...self::fittings($planning), ...self::placedOnce($planning), ...self::apart($planning),
            ...Balance::brokenBy($planning)];
    }

    /** @return list<string> a joint that is meant meets a contact */
    private static function joints(Planning $planning): array
    {
        $assembly = $planning->assembly();
        $meet = [];
        foreach ($assembly->contacts as $contact) {
            $meet["$contact->first $contact->second"] = $meet["$contact->second $contact->first"] = true;
        }
        $broken = [];
        foreach ($planning->pieces() as $built) {
            $meant = array_filter($built->design->joints,
                fn (Joint $j): bool => $j->play->isZero() && isset($assembly->bodies[$j->first], $assembly->bodies[$j->second]));
            foreach ($meant as $joint) {
                $broken = isset($meet["$joint->first $joint->second"]) ? $broken
                    : [...$broken, "{$joint->kind->value} of $joint->first and $joint->second has no contact"];
            }
        }

        return $broken;
    }

    /** @return list<string> no two fixed boards of a piece are in one place, but where some cannot be made at all, which is a stop */
    private static function clashes(Planning $planning): array
    {
        if (self::told($planning->findings(), 'piece.part_vanishes') !== []) {
            return [];
        }
        $own = array_filter($planning->assembly()->clashes, fn (Clash $c): bool => $c->isOfOnePiece()
            && $c->first->kind === BodyKind::Fixed && $c->second->kind === BodyKind::Fixed);

        return array_values(array_map(fn (Clash $c): string => "{$c->first->id} stands in {$c->second->id} by {$c->room->depth}", $own));
    }

    /** @return list<string> every body reaches the house, or what it goes to its place with is told */
    private static function held(Planning $planning): array
    {
        $told = self::told($planning->verdicts()->findings, 'strength.held_by_nothing');
        $units = $planning->assembly()->footing->units;
        $isTold = fn (Body $b): bool => array_intersect_key($told, array_flip([$b->id, ...($units[$b->id] ?? null)?->ids() ?? []])) !== [];

        return array_values(array_map(fn (Body $b): string => "$b->id is held by nothing, and nobody says so",
            array_filter($planning->assembly()->loose(), fn (Body $b): bool => ! $isTold($b))));
    }

    /** @return list<string> nothing is put on what is not there, or that is told */
    private static function order(Planning $planning): array
    {
        $stands = $at = $broken = [];
        foreach (array_values($planning->steps()->steps) as $i => $step) {
            $at[$step->id] = $i;
            foreach (in_array($step->kind, self::PLACES, true) ? $step->parts : [] as $part) {
                $stands[$part] = $step->id;
            }
        }
        $told = self::told($planning->steps()->findings(), 'make.stands_early');
        foreach ($planning->assembly()->footing->pairs as [$lower, $upper]) {
            $isAsked = $lower->kind === BodyKind::Fixed && $upper->kind === BodyKind::Fixed && isset($stands[$lower->id], $stands[$upper->id]);
            if ($isAsked && $at[$stands[$lower->id]] > $at[$stands[$upper->id]] && ! isset($told[$upper->id])) {
                $broken[] = "$upper->id is put on $lower->id before that is there";
            }
        }

        return $broken;
    }

    /** @return list<string> every body goes to its place in one step, and no step is about what does not exist */
    private static function placedOnce(Planning $planning): array
    {
        $sets = $broken = $known = [];
        foreach ($planning->steps()->steps as $step) {
            // A back is put on a box that is together by then.
            $set = $step->kind === StepKind::Back ? $step->places : $step->parts;
            foreach (in_array($step->kind, self::SETS, true) ? $set : [] as $part) {
                $sets[$part][] = $step->kind->value;
            }
        }
        foreach ($planning->pieces() as $built) {
            $known += $built->panels;
            foreach ($built->fit->panels as $panel) {
                $n = count($sets[$panel->id] ?? []);
                $broken = $n === 1 ? $broken : [...$broken, "$panel->id goes to its place in $n steps: ".implode(', ', $sets[$panel->id] ?? [])];
            }
        }
        $stands = [];
        foreach ($planning->steps()->steps as $step) {
            $stands += in_array($step->kind, self::SETS, true) ? array_fill_keys($step->parts, true) : [];
            foreach ($step->kind->scene() === Scene::Room ? array_diff($step->parts, array_keys($stands)) : [] as $part) {
                $broken[] = "the picture of $step->id shows $part as if it stood";
            }
            foreach (array_diff($step->parts, array_keys($known)) as $part) {
                $broken[] = "$step->id is about $part, which does not exist";
            }
        }

        return $broken;
    }

    /** @return list<string> nothing is taken away before what stands on it, where the order is the usual one */
    private static function apart(Planning $planning): array
    {
        $at = $broken = [];
        foreach ($planning->carrying()->apart as $i => $step) {
            // Its screws are taken out before it is, and last comes how what is left comes apart.
            $isTaken = ! in_array($step['title']->key, ['apart.fix', 'apart.join', 'apart.dry', 'apart.glued'], true);
            foreach ($isTaken ? $step['parts'] : [] as $part) {
                $at[$part] ??= $i;
            }
        }
        $told = self::told($planning->steps()->findings(), 'make.stands_early');
        foreach ($planning->assembly()->footing->pairs as [$lower, $upper]) {
            $isAsked = $lower->kind === BodyKind::Fixed && $upper->kind === BodyKind::Fixed && isset($at[$lower->id], $at[$upper->id]);
            // A back leaves on its box.
            $isAsked = $isAsked && $planning->pieces()[$upper->piece]->panels[$upper->id]->role !== Role::Back;
            if ($isAsked && $at[$upper->id] > $at[$lower->id] && ! isset($told[$upper->id])) {
                $broken[] = "$lower->id is taken away from under $upper->id";
            }
        }

        return $broken;
    }

    /** @return list<string> each screw into the wall is one, is driven in one step and is bought */
    private static function count(Planning $planning): array
    {
        $ids = [];
        foreach (array_keys($planning->pieces()) as $id) {
            array_push($ids, ...array_map(fn (WallFastener $f): string => $f->id, $planning->assembly()->wallScrews((string) $id)));
        }
        $driven = $bought = 0;
        foreach ($planning->steps()->steps as $step) {
            foreach ($step->numbers as $number) {
                $driven += $number->key === 'number.wall_screw' ? 1 : ($number->key === 'number.wall_plugs' ? (int) $number->args['n'] : 0);
            }
        }
        foreach ($planning->shopping()->lines as $line) {
            $bought += $line->need->name->key === 'buy.wall_screw' ? (int) $line->need->amount->value : 0;
        }
        $n = count($ids);

        return [...($n === count(array_unique($ids)) ? [] : ['two screws have one id']),
            ...($driven === $n && $bought === $n ? [] : ["$n screws into the wall, $driven driven, $bought bought"])];
    }

    /** @return list<string> each screw and dowel between boards is one, driven in one step, bought, and stays in what it goes into */
    private static function screws(Planning $planning): array
    {
        $broken = $ids = [];
        $driven = $planning->steps()->driven;
        foreach ($planning->pieces() as $piece => $built) {
            foreach ($planning->assembly()->fastened((string) $piece)->of(...self::DRIVEN) as $fastener) {
                $ids[] = $fastener->id();
                $broken = isset($driven[$fastener->id()], $planning->steps()->steps[$driven[$fastener->id()]]) ? $broken
                    : [...$broken, "no step drives {$fastener->id()} into $fastener->into"];
                $broken = $fastener->kind === FastenerKind::Dowel || self::stays($fastener, $built) ? $broken
                    : [...$broken, "{$fastener->id()} comes out of $fastener->into"];
            }
        }
        $bought = 0;
        foreach ($planning->shopping()->lines as $line) {
            $isOne = in_array($line->need->name->key, ['buy.screw', 'buy.pocket_screw', 'buy.back_screw', 'buy.dowel', 'buy.nail'], true);
            $bought += $isOne ? (int) $line->need->amount->value : 0;
        }

        // Halves: of a dowel both holes are told.
        $told = 0;
        foreach ($planning->steps()->steps as $step) {
            $told += array_sum(array_map(self::driven(...), $step->numbers));
        }
        $told = intdiv($told, 2);

        return [...$broken, ...(count($ids) === $bought ? [] : [count($ids)." screws between boards, $bought bought"]),
            ...(count($ids) === $told ? [] : [count($ids)." screws between boards, $told named in steps"])];
    }

    /** Twice how many a line of a step says are driven. */
    private static function driven(Text $says): int
    {
        $what = $says->args['what'] ?? null;

        return match ($says->key) {
            'number.screws', 'number.pockets', 'number.driven', 'number.back_screws', 'number.slat_screws', 'number.sheet_screws',
            'number.nails' => 2 * (int) $says->args['n'],
            'number.dowels' => (int) $says->args['n'],
            'number.sunk' => $what instanceof Text ? self::driven($what) : 0,
            default => 0,
        };
    }

    /** @return list<string> what is bought and fixed to a board is fixed in one step, at places that are on that board */
    private static function fittings(Planning $planning): array
    {
        $broken = [];
        foreach ($planning->pieces() as $piece => $built) {
            foreach ($planning->assembly()->fittings((string) $piece) as $n => $fitting) {
                $name = "{$fitting->name->key} on $fitting->on";
                $step = $planning->steps()->fitted["$piece $n"] ?? null;
                $broken = $step !== null && isset($planning->steps()->steps[$step]) ? $broken : [...$broken, "no step fixes $name"];
                $block = $built->panels[$fitting->on]->block->grownBy(Length::fromMillimetres(1));
                $off = array_filter($fitting->at, fn (Place3 $p): bool => ! $block->holds($p));
                $broken = $off === [] ? $broken : [...$broken, "$name is beside its board"];
            }
        }

        return $broken;
    }

    /** Its point, in the board it bites into, is 2 mm from the far side at least; a rake is longer across than through. */
    private static function stays(Fastener $fastener, PlacedPiece $built): bool
    {
        [$from, $into, $axis] = [$built->panels[$fastener->from], $built->panels[$fastener->into ?? ''], $fastener->drive->into];
        if ($fastener->length === null || $from->role === Role::RakingTop || $fastener->kind === FastenerKind::PocketScrew) {
            return true;
        }
        // No screw that is sold stays in a board that is a few millimetres long: such a board is of no use anyhow.
        if ($into->block->extent($axis)->isLessThan(Length::fromMillimetres(10))) {
            return true;
        }
        $deep = $fastener->length->plus($fastener->sunk);
        $k = $axis->value;
        $point = $fastener->drive->upward ? $fastener->drive->at->$k->plus($deep) : $fastener->drive->at->$k->minus($deep);
        $edge = Length::fromMillimetres(2);

        return ! $point->isLessThan($into->block->from($axis)->plus($edge)) && ! $point->isGreaterThan($into->block->to($axis)->minus($edge));
    }

    /**
     * @param  list<Finding>  $findings
     * @return array<string, true> what is told, by where
     */
    private static function told(array $findings, string $code): array
    {
        $own = array_filter($findings, fn (Finding $f): bool => $f->code === $code);

        return array_fill_keys(array_map(fn (Finding $f): string => $f->place->ref, $own), true);
    }
}
