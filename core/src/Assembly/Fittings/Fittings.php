<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Fittings;

use Incastro\Core\Assembly\Fastening\Corners;
use Incastro\Core\Design\Hardware;
use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Measure\Length;

/**
 * Where castors, handles, hooks, sockets, catches and the like go. Usual places, ours where nothing else is said: a castor near each corner
 * of its base, hooks 50 from the ends of their rail, hinges of a lid 100 from its ends. What a maker's sheet alone knows has no place.
 */
final readonly class Fittings
{
    /** @var array<string, int> screws bought for each; others come with theirs */
    private const SCREWS = ['castor' => 4, 'hook' => 2];

    private const ON_A_DOOR = ['pull', 'push_latch', 'finger_pull', 'magnet_catch', 'flap_hinge', 'strut', 'drop_stay', 'piano_hinge', 'tilt_hinge',
        'tilt_stop', 'catch', 'leg_hinge'];

    private const HOOKS_FROM_END_MM = 50;

    private const HINGES_FROM_END_MM = 100;

    public function __construct(private PlacedPiece $built)
    {
    }

    /** @return list<Fitting> */
    public function all(): array
    {
        $rows = [];
        $found = [];
        foreach ($this->built->design->hardware as $each) {
            $key = substr($each->name->key, strlen('hardware.'));
            $row = $rows["$key $each->for"] = ($rows["$key $each->for"] ?? -1) + 1;
            array_push($found, ...match (true) {
                $key === 'castor' => $this->castors($each),
                $key === 'hook' => $this->hooks($each, $row),
                $key === 'rail_socket' => $this->sockets($each, $row),
                $key === 'rail_bracket' => $this->onEach($each, [$this->rails($each)[$row] ?? null], fn (Panel $p): array => [self::middle($p)]),
                $key === 'ladder_bracket' => $this->brackets($each),
                in_array($key, ['mantel_fixing', 'frame_bracket', 'seat_bracket'], true) => (new FrameFittings($this->built))->of($each, $key),
                $key === 'lid_hinge' => $this->onEach($each, [$this->lid($each)], fn (Panel $p): array => self::hinges($p, $each)),
                $key === 'lid_stay' => $this->onEach($each, [$this->lid($each)], fn (Panel $p): array => []),
                in_array($key, ['slide_pair', 'heavy_slide_pair'], true) => $this->slides($each),
                in_array($key, self::ON_A_DOOR, true) => (new DoorFittings($this->built))->of($each, $key),
                default => [],
            });
        }

        return $found;
    }

    /** @return list<Fitting> near the corners of the lowest level board of what rolls; where none is level only its sheet says */
    private function castors(Hardware $each): array
    {
        $level = array_values(array_filter($this->built->movingIn($each->for), fn (Panel $p): bool => $p->inHouse($p->thin) === Axis::Z));
        usort($level, fn (Panel $a, Panel $b): int => $a->block->from(Axis::Z)->units <=> $b->block->from(Axis::Z)->units);
        if ($level === []) {
            return $this->onEach($each, [$this->built->movingIn($each->for)[0] ?? null], fn (Panel $p): array => []);
        }
        $under = $level[0]->block->along(Axis::Z, $level[0]->block->from(Axis::Z), Length::zero());

        return $this->onEach($each, [$level[0]], fn (Panel $p): array => Corners::of(Axis::Z, [$under]));
    }

    /** @return list<Fitting> on each upright beside a box that slides, level with the middle of its side */
    private function slides(Hardware $each): array
    {
        $found = [];
        foreach ($this->built->design->joints as $joint) {
            [$side, $upright] = [$this->built->panels[$joint->first] ?? null, $this->built->panels[$joint->second] ?? null];
            if ($joint->kind === JointKind::Clears && $side !== null && $upright !== null && $side->bay === $each->for && ! $upright->role->moves()
                && in_array($side->role, [Role::DrawerPart, Role::BoxPart], true)) {
                $axis = $joint->axis;
                $isAfter = $upright->block->from($axis)->isGreaterThan($side->block->from($axis));
                $found[] = new Fitting(Fitting::named($each), $upright->id, $side->id, 1,
                    [self::middle($side)->with($axis, $isAfter ? $upright->block->from($axis) : $upright->block->to($axis))]);
            }
        }

        return $found;
    }

    /** @return list<Fitting> evenly along their rail; those of a further row between those over it */
    private function hooks(Hardware $each, int $row): array
    {
        $rails = array_values(array_filter($this->built->inBay($each->for, Role::Ledger), fn (Panel $p): bool => str_contains($p->id, ':hook_rail_')));

        return $this->onEach($each, [$rails[$row] ?? null], function (Panel $rail) use ($each, $row): array {
            $along = $rail->inHouse($rail->long);
            $in = Length::least(Length::fromMillimetres(self::HOOKS_FROM_END_MM), $rail->block->extent($along)->splitInto(4)[0]);
            $free = $rail->block->extent($along)->minus($in->times(2));
            // A staggered row hangs in the middle of the gaps of a full one.
            $parts = max(1, $row % 2 === 1 ? $each->count : $each->count - 1);
            $at = fn (int $i): Length => $rail->block->from($along)->plus($in)
                ->plus(Length::ofUnits((int) round($free->units * ($row % 2 === 1 ? $i + 0.5 : ($each->count === 1 ? 0.5 : $i)) / $parts)));

            $face = self::middle($rail)->with($rail->inHouse($rail->thin), DoorFittings::face($rail, true));

            return array_map(fn (int $i): Place3 => $face->with($along, $at($i)), range(0, $each->count - 1));
        });
    }

    /** @return list<Fitting> at the ends of a hanging rail, on the uprights */
    private function sockets(Hardware $each, int $row): array
    {
        $rail = $this->rails($each)[$row] ?? null;
        if ($rail === null) {
            return [];
        }
        $found = [];
        foreach ($this->built->design->joints as $joint) {
            $upright = $this->built->panels[$joint->second] ?? null;
            if ($upright !== null && $joint->kind === JointKind::Rests && $joint->first === $rail->id) {
                $axis = $joint->axis;
                $isAfter = $upright->block->from($axis)->isGreaterThan($rail->block->from($axis));
                $at = self::middle($rail)->with($axis, $isAfter ? $upright->block->from($axis) : $upright->block->to($axis));
                $found[] = new Fitting($each->name, $upright->id, $rail->id, 1, [$at]);
            }
        }

        return $found;
    }

    /** @return list<Fitting> behind each side of a ladder, at the rail of the bed */
    private function brackets(Hardware $each): array
    {
        $rail = $this->built->panels["$each->for:bed_rail"] ?? null;
        if ($rail === null) {
            return [];
        }
        $found = [];
        foreach (['left', 'right'] as $side) {
            $ladder = $this->built->panels["$each->for:ladder_$side"] ?? null;
            if ($ladder !== null) {
                $found[] = new Fitting($each->name, $rail->id, $ladder->id, 1,
                    [self::middle($rail)->with($rail->inHouse($rail->thin), DoorFittings::face($rail, true))
                        ->with($rail->inHouse($rail->long), $ladder->block->middle($rail->inHouse($rail->long)))]);
            }
        }

        return $found;
    }

    private function lid(Hardware $each): ?Panel
    {
        return $this->built->panels[$each->part ?? ''] ?? null;
    }

    /** @return list<Panel> hanging rails of a bay, the upper first */
    private function rails(Hardware $each): array
    {
        return array_values(array_filter($this->built->inBay($each->for, Role::Board), fn (Panel $p): bool => $p->bought));
    }

    /** @return list<Place3> along the rear edge of a lid, one near each end and the others between */
    private static function hinges(Panel $lid, Hardware $each): array
    {
        [$along, $across] = [$lid->inHouse(Axis::X), $lid->inHouse(Axis::Y)];
        $in = Length::least(Length::fromMillimetres(self::HINGES_FROM_END_MM), $lid->block->extent($along)->splitInto(4)[0]);
        $pitch = $lid->block->extent($along)->minus($in->times(2))->units / max(1, $each->count - 1);
        $rear = $lid->facing($across, true) === 'front' ? $lid->block->from($across) : $lid->block->to($across);
        $at = self::middle($lid)->with($across, $rear)->with(Axis::Z, $lid->block->from(Axis::Z));

        return array_map(fn (int $i): Place3 => $at->with($along, $lid->block->from($along)->plus($in)->plus(Length::ofUnits((int) round($i * $pitch)))),
            range(0, $each->count - 1));
    }

    /**
     * @param  list<Panel|null>  $boards
     * @param  \Closure(Panel): list<Place3>  $places
     * @return list<Fitting>
     */
    private function onEach(Hardware $each, array $boards, \Closure $places): array
    {
        $screws = self::SCREWS[substr($each->name->key, strlen('hardware.'))] ?? 0;

        return array_map(fn (Panel $p): Fitting => new Fitting(Fitting::named($each), $p->id, $p->id, $each->count, $places($p), $screws),
            array_values(array_filter($boards)));
    }

    private static function middle(Panel $panel): Place3
    {
        return self::centre($panel->block);
    }

    public static function centre(Block $block): Place3
    {
        return new Place3($block->middle(Axis::X), $block->middle(Axis::Y), $block->middle(Axis::Z));
    }
}
