<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Steps;

use Incastro\Core\Assembly\Fastening\Fastener;
use Incastro\Core\Assembly\Fastening\FastenerKind;
use Incastro\Core\Cut\Machining\Spot;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Screws that no hole was drilled for at the bench, board by board: how many, how long, and where on the board each goes in. */
final class DrivenNumbers
{
    /** More than so many of one joint are told by how far they are apart. */
    private const LISTED = 6;

    /**
     * @param  list<Fastener>  $screws
     * @return list<Text>
     */
    public static function of(PlacedPiece $built, array $screws): array
    {
        $joints = [];
        foreach ($screws as $screw) {
            $alike = match (true) {
                $screw->kind === FastenerKind::BackScrew => 'back',
                $built->panels[$screw->from]->role === Role::Slat => 'slat',
                default => "$screw->from $screw->into",
            };
            $joints["$alike {$screw->length?->units}"][] = $screw;
        }

        return array_values(array_map(fn (array $joint): Text => self::joint($built, $joint), $joints));
    }

    /** @param  non-empty-list<Fastener>  $screws  alike */
    private static function joint(PlacedPiece $built, array $screws): Text
    {
        $first = $screws[0];
        [$from, $into] = [$built->panels[$first->from], $built->panels[$first->into ?? '']];
        $how = ['n' => count($screws), 'screw' => $first->length ?? Length::zero()];
        if ($first->kind === FastenerKind::BackScrew || $from->role === Role::Slat) {
            return Text::of(match ($from->role) {
                Role::Slat => 'number.slat_screws', Role::Back => 'number.back_screws', default => 'number.sheet_screws',
            }, ...$how);
        }
        $where = self::where($from, $screws);
        $says = Text::of($first->kind === FastenerKind::Nail ? 'number.nails' : 'number.driven', ...$how,
            from: $from->name, into: $into->name, at: $where);

        return $first->sunk->isPositive() ? Text::of('number.sunk', what: $says, deep: $first->sunk) : $says;
    }

    /** @param  non-empty-list<Fastener>  $screws  from one board into one */
    private static function where(Panel $from, array $screws): Text
    {
        $spots = array_map(fn (Fastener $f): Spot => Spot::of($from, $f->drive->at), $screws);
        if ($from->role === Role::RakingTop) {
            return Text::of('number.over_board');
        }
        if ($from->inHouse($from->thin) !== $screws[0]->drive->into) {
            return count($spots) === 1 ? self::end($spots[0]) : Text::of('number.evenly', from: self::end($spots[0]), to: self::end($spots[count($spots) - 1]));
        }

        return self::at($spots);
    }

    /** @param  non-empty-list<Spot>  $spots  on the face of one board */
    public static function at(array $spots): Text
    {
        [$first, $last] = [$spots[0], $spots[count($spots) - 1]];
        $along = array_unique(array_map(fn (Spot $s): int => $s->along->units, $spots));
        $across = array_unique(array_map(fn (Spot $s): int => $s->across->units, $spots));

        return match (true) {
            count($spots) === 4 && count($along) === 1 && count($across) === 1 => Text::of('number.corners', along: $first->along, across: $first->across),
            count($spots) === 2 && count($along) === 1 && count($across) === 1 && $first->edge === $last->edge => Text::of(
                $first->across->isZero() ? 'number.both_ends_on_edge' : 'number.both_ends',
                along: $first->along, across: $first->across, edge: Text::of("board_edge.$first->edge")),
            count($spots) > self::LISTED => Text::of('number.evenly', from: self::place($first), to: self::place($last)),
            default => self::places(array_map(self::place(...), $spots)),
        };
    }

    private static function end(Spot $spot): Text
    {
        return Text::of('number.from_end', along: $spot->along, end: Text::of("board_end.$spot->end"));
    }

    /** @param  non-empty-list<Text>  $places */
    private static function places(array $places): Text
    {
        $all = array_shift($places);
        foreach ($places as $place) {
            $all = Text::of('number.and_place', one: $all, other: $place);
        }

        return $all;
    }

    private static function place(Spot $spot): Text
    {
        return Text::of('number.place', along: $spot->along, end: Text::of("board_end.$spot->end"),
            across: $spot->across, edge: Text::of("board_edge.$spot->edge"));
    }
}
