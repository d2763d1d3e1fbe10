<?php

declare(strict_types=1);

namespace Incastro\Core\Fit\Units;

use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;

/** What of a piece is carried as a whole: boxes as they were joined at the bench, with the backs that are on by then. */
final readonly class Carried
{
    /** @var array<string, Unit> the carcass that a back is fixed to before it is carried, by the back */
    private array $carcasses;

    /** @param  list<Unit>  $units  of one piece */
    public function __construct(private array $units)
    {
        $carcasses = [];
        foreach ($units as $unit) {
            $carcass = $unit->kind === UnitKind::Loose && $unit->role() === Role::Back ? $this->touchedMost($unit) : null;
            $carcasses += $carcass === null ? [] : [$unit->id => $carcass];
        }
        $this->carcasses = $carcasses;
    }

    /** @return non-empty-list<Panel> */
    public function panels(Unit $unit): array
    {
        $panels = $unit->panels;
        foreach ($this->carcasses === [] ? [] : $this->units as $other) {
            array_push($panels, ...($this->carcassOf($other) === $unit ? $other->panels : []));
        }

        return $panels;
    }

    /** As large as it is carried, its back on. */
    public function extent(Unit $unit, Axis $axis): Length
    {
        $panels = $this->panels($unit);

        return Length::greatest(...array_map(fn (Panel $p): Length => $p->block->to($axis), $panels))
            ->minus(Length::least(...array_map(fn (Panel $p): Length => $p->block->from($axis), $panels)));
    }

    /** Its longest side as it is carried. */
    public function longest(Unit $unit): Length
    {
        return Length::greatest(...array_map(fn (Axis $a): Length => $this->extent($unit, $a), Axis::cases()));
    }

    /** The carcass that a back is fixed to before it is carried; null for what is no back. */
    public function carcassOf(Unit $back): ?Unit
    {
        return $this->carcasses[$back->id] ?? null;
    }

    private function touchedMost(Unit $back): ?Unit
    {
        $best = null;
        $most = 0;
        foreach ($this->units as $unit) {
            $touched = $unit->kind === UnitKind::Carcass ? self::touched($back, $unit) : 0;
            [$best, $most] = $touched > $most ? [$unit, $touched] : [$best, $most];
        }

        return $best;
    }

    private static function touched(Unit $back, Unit $unit): int
    {
        $reach = $back->panels[0]->block->grownBy(Length::fromMillimetres(1));

        return count(array_filter($unit->panels, fn (Panel $p): bool => $p->block->overlaps($reach)));
    }
}
