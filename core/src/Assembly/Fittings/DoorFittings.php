<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Fittings;

use Incastro\Core\Assembly\Fastening\Corners;
use Incastro\Core\Design\Hardware;
use Incastro\Core\Design\HungLeaf;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Measure\Length;

/**
 * Handles, latches and catches on what opens. Our own places: a handle in the middle of a drawer; on a door 40 from its free edge and 80
 * from its upper end, from its lower end where it hangs overhead, at 1 000 where it passes both.
 */
final readonly class DoorFittings
{
    private const FROM_EDGE_MM = 40;

    private const FROM_END_MM = 80;

    private const HAND_MM = 1000;

    private const OVERHEAD_MM = 1200;

    public function __construct(private PlacedPiece $built)
    {
    }

    /** @return list<Fitting> */
    public function of(Hardware $each, string $key): array
    {
        $leaves = $this->leaves($each->for);
        // A panel that is only taken off is held by catches; what is grasped is the door.
        $access = array_values(array_filter($leaves, fn (Panel $p): bool => str_ends_with($p->id, ':chase_access')));
        $leaves = $key === 'magnet_catch' && $access !== [] ? $access
            : array_values(array_filter($leaves, fn (Panel $p): bool => ! in_array($p, $access, true)));
        $n = max(1, count($leaves));
        $found = [];
        foreach ($leaves as $i => $leaf) {
            $count = intdiv($each->count, $n) + ($i < $each->count % $n ? 1 : 0);
            $at = match (true) {
                in_array($key, ['pull', 'push_latch', 'finger_pull'], true) && $count === 1 => [$this->hand($leaf)],
                $key === 'magnet_catch' => Corners::of($leaf->inHouse($leaf->thin), [self::rear($leaf)]),
                default => [],
            };
            array_push($found, ...($count === 0 ? [] : [new Fitting($each->name, $leaf->id, $leaf->id, $count, $at)]));
        }

        return $found;
    }

    /** @return list<Panel> fronts and leaves of a bay; of a framed leaf the stile that is grasped */
    private function leaves(string $bay): array
    {
        $hands = array_column(array_map(fn (HungLeaf $h): array => [$h->board, $h->hand], $this->built->design->hung), 1, 0);
        $own = $this->built->inBay($bay, Role::Front, Role::Door);
        foreach ($this->built->inBay($bay, Role::DoorPart) as $part) {
            foreach (Side::cases() as $side) {
                $other = $side === Side::Left ? Side::Right : Side::Left;
                $hinged = str_replace(":stile_$side->value", ":stile_$other->value", $part->id);
                if (str_ends_with($part->id, ":stile_$side->value") && ($hands[$hinged] ?? null) === $other) {
                    $own[] = $part;
                }
            }
        }

        return $own !== [] ? $own : array_values(array_filter($this->built->movingIn($bay), fn (Panel $p): bool => str_ends_with($p->id, '_front')));
    }

    /** Where a hand reaches for it, on the face toward the room. */
    private function hand(Panel $leaf): Place3
    {
        $hand = null;
        foreach ($this->built->design->hung as $hung) {
            $hand = $hung->board === $leaf->id ? $hung->hand : $hand;
        }
        $at = Fittings::centre($leaf->block)->with($leaf->inHouse($leaf->thin), self::face($leaf, true));
        if ($leaf->role === Role::Front || ($hand === null && $leaf->role !== Role::DoorPart)) {
            return $at;
        }
        $wide = $leaf->inHouse($leaf->thin) === Axis::Y ? Axis::X : Axis::Y;
        if ($hand !== null) {
            $in = Length::least(Length::fromMillimetres(self::FROM_EDGE_MM), $leaf->block->extent($wide)->half());
            $isUpper = $leaf->facing($wide, true) !== $hand->value;
            $at = $at->with($wide, $isUpper ? $leaf->block->to($wide)->minus($in) : $leaf->block->from($wide)->plus($in));
        }

        return $at->with(Axis::Z, $this->height($leaf));
    }

    private function height(Panel $leaf): Length
    {
        [$foot, $head] = [$leaf->block->from(Axis::Z), $leaf->block->to(Axis::Z)];
        $end = Length::least(Length::fromMillimetres(self::FROM_END_MM), $leaf->block->extent(Axis::Z)->half());
        $hand = $this->built->box->floor->plus(Length::fromMillimetres(self::HAND_MM));

        return match (true) {
            $foot->isGreaterThan($this->built->box->floor->plus(Length::fromMillimetres(self::OVERHEAD_MM))) => $foot->plus($end),
            $head->minus($end)->isGreaterThan($hand) && $foot->plus($end)->isLessThan($hand) => $hand,
            default => $head->minus($end),
        };
    }

    /** Where a board's face toward the room lies, or the other. */
    public static function face(Panel $board, bool $front): Length
    {
        $axis = $board->inHouse($board->thin);

        return ($board->facing($axis, true) === 'front') === $front ? $board->block->to($axis) : $board->block->from($axis);
    }

    private static function rear(Panel $leaf): Block
    {
        return $leaf->block->along($leaf->inHouse($leaf->thin), self::face($leaf, false), Length::zero());
    }
}
