<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Fittings;

use Incastro\Core\Design\Hardware;
use Incastro\Core\Design\Joint;
use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\Role;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;

/** What holds a frame of timber to the house, and a mantel to the frame. */
final readonly class FrameFittings
{
    /** From the ends of a plate (our own figure). */
    private const FROM_END_MM = 100;

    public function __construct(private PlacedPiece $built)
    {
    }

    /** @return list<Fitting> */
    public function of(Hardware $each, string $key): array
    {
        return match ($key) {
            'mantel_fixing' => $this->mantel($each),
            'seat_bracket' => $this->ribs($each),
            default => $this->brackets($each),
        };
    }

    /** @return list<Fitting> a rod in each timber that passes behind it */
    private function mantel(Hardware $each): array
    {
        $mantel = $this->built->panels["$each->for:mantel"] ?? null;
        $found = [];
        if ($mantel === null) {
            return [];
        }
        foreach ($this->built->inBay($each->for, Role::Stud) as $timber) {
            $z = $mantel->block->middle(Axis::Z);
            $passes = $timber->long === Axis::Z && $timber->block->from(Axis::Z)->isLessThan($z) && $timber->block->to(Axis::Z)->isGreaterThan($z);
            if ($passes) {
                $out = $mantel->inHouse(Axis::Y);
                $isAfter = $mantel->block->from($out)->isGreaterThan($timber->block->from($out));
                $at = Fittings::centre($timber->block)->with(Axis::Z, $z)->with($out, $isAfter ? $timber->block->to($out) : $timber->block->from($out));
                $found[] = new Fitting($each->name, $timber->id, $mantel->id, 1, [$at]);
            }
        }

        return $found;
    }

    /** @return list<Fitting> on each rib that no upright holds: at its foot, and at the wall half way up */
    private function ribs(Hardware $each): array
    {
        $screwed = array_filter($this->built->design->joints, fn (Joint $j): bool => $j->kind === JointKind::Screws);
        $held = array_map(fn (Joint $j): string => $j->first, $screwed);
        $found = [];
        foreach ($this->built->inBay($each->for, Role::Board) as $rib) {
            if (str_contains($rib->id, ':seat_rib_') && ! in_array($rib->id, $held, true)) {
                [$middle, $out] = [Fittings::centre($rib->block), $rib->inHouse(Axis::Y)];
                $isUpper = $rib->facing($out, true) === 'front';
                $found[] = new Fitting($each->name, $rib->id, $rib->id, 2, [$middle->with(Axis::Z, $rib->block->from(Axis::Z)),
                    $middle->with($out, $isUpper ? $rib->block->from($out) : $rib->block->to($out))]);
            }
        }

        return $found;
    }

    /** @return list<Fitting> two on each plate: the lower to the floor, the upper to the wall */
    private function brackets(Hardware $each): array
    {
        $found = [];
        foreach (['below', 'above'] as $where) {
            $plate = $this->built->panels["$each->for:plate_$where"] ?? null;
            if ($plate !== null) {
                $along = $plate->inHouse(Axis::X);
                $in = Length::least(Length::fromMillimetres(self::FROM_END_MM), $plate->block->extent($along)->splitInto(4)[0]);
                $at = Fittings::centre($plate->block)->with(Axis::Z, $where === 'below' ? $plate->block->to(Axis::Z) : $plate->block->from(Axis::Z));
                $found[] = new Fitting($each->name, $plate->id, $plate->id, 2,
                    [$at->with($along, $plate->block->from($along)->plus($in)), $at->with($along, $plate->block->to($along)->minus($in))]);
            }
        }

        return $found;
    }
}
