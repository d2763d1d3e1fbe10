<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Findings\Authority;

/**
 * What is usual for a kind of thing: size, where it sits, what may be done about it, whether it must stay reachable,
 * how much room a notch leaves around it, how far to keep away, and whom to defer to. Figures: fieldbook §5 (pipes 6,
 * traps and hot-water pipes 12, baseboard profile 3; open fireplace 152; single-wall flue 150; working space before an
 * electrical panel 914, US). "Usual rule, check yours."
 */
final readonly class ThingRule
{
    /**
     * @param  array{int, int, int}  $size  usual width, height and projection, mm
     * @param  non-empty-list<Face>  $faces
     * @param  non-empty-list<Treatment>  $treatments  those that make sense, the usual one first
     */
    private function __construct(
        public array $size,
        public array $faces,
        public array $treatments,
        public bool $mustReach,
        public Authority $deferTo,
        public int $notchMm = 0,
        public int $awayMm = 0,
    ) {
    }

    public static function of(ThingKind $kind): self
    {
        $walls = [Face::Back, Face::Left, Face::Right];
        $all = [...$walls, Face::Floor, Face::Ceiling];
        [$off, $notch, $cut, $forward, $box, $clear, $away] = [Treatment::TakeOff, Treatment::Notch, Treatment::CutThrough,
            Treatment::BringForward, Treatment::BoxIn, Treatment::KeepClear, Treatment::KeepAway];

        return match ($kind) {
            ThingKind::Baseboard => new self([1000, 120, 15], $walls, [$off, $notch, $clear], false, Authority::Nobody, 3),
            ThingKind::Shoe => new self([1000, 18, 12], $walls, [$off, $notch, $clear], false, Authority::Nobody, 3),
            ThingKind::WindowTrim, ThingKind::DoorTrim => new self([70, 2100, 18], $walls, [$clear, $off, $notch], false, Authority::Nobody, 3),
            ThingKind::Window => new self([900, 1200, 0], $walls, [$clear], true, Authority::GlazingRules),
            ThingKind::Sill => new self([1000, 25, 60], $walls, [$notch, $clear, $off], false, Authority::Nobody, 3),
            ThingKind::Door => new self([760, 2000, 0], [...$walls, Face::Opening], [$clear], true, Authority::Nobody),
            ThingKind::Socket => new self([86, 86, 10], $walls, [$forward, $cut, $clear], true, Authority::Electrician, 3),
            ThingKind::DoubleSocket => new self([146, 86, 10], $walls, [$forward, $cut, $clear], true, Authority::Electrician, 3),
            ThingKind::Switch_, ThingKind::TwoWaySwitch => new self([86, 86, 10], $walls, [$forward, $clear, $cut], true, Authority::Electrician, 3),
            ThingKind::WallPlate => new self([86, 86, 8], $walls, [$clear, $forward, $off], false, Authority::Electrician, 3),
            ThingKind::Vent, ThingKind::ReturnGrille => new self([300, 150, 8], $all, [$forward, $clear, $cut], true, Authority::HeatingEngineer),
            ThingKind::Pipe => new self([22, 800, 40], $all, [$notch, $box, $clear, $off], false, Authority::Plumber, 6),
            ThingKind::HotPipe => new self([22, 800, 40], $all, [$notch, $box, $clear, $off], false, Authority::Plumber, 12),
            ThingKind::Trap => new self([120, 200, 180], [...$walls, Face::Floor], [$notch, $clear, $off], true, Authority::Plumber, 12),
            ThingKind::ShutOff => new self([60, 80, 70], [...$walls, Face::Floor], [$clear, $notch, $box, $off], true, Authority::Plumber, 12),
            ThingKind::Cleanout => new self([110, 110, 20], [...$walls, Face::Floor], [$clear], true, Authority::Plumber),
            ThingKind::Radiator => new self([1000, 600, 100], $walls, [$away], true, Authority::HeatingEngineer, 0, 100),
            ThingKind::Wiring => new self([20, 800, 12], $all, [$box, $notch, $clear], false, Authority::Electrician, 6),
            ThingKind::RefrigerantLine => new self([60, 800, 60], $all, [$box, $clear], false, Authority::HeatingEngineer),
            ThingKind::Meter => new self([250, 350, 160], $walls, [$clear], true, Authority::Utility, 0, 0),
            ThingKind::ElectricalPanel => new self([360, 500, 100], $walls, [$away], true, Authority::Electrician, 0, 914),
            ThingKind::Light => new self([300, 120, 120], [Face::Ceiling, ...$walls], [$clear, $off, $forward], true, Authority::Electrician),
            ThingKind::Detector => new self([120, 120, 45], [Face::Ceiling, ...$walls], [$away], true, Authority::FireRules, 0, 300),
            ThingKind::Flue => new self([150, 2400, 150], [Face::Back, Face::Left, Face::Right, Face::Ceiling],
                [$away], false, Authority::MakersListing, 0, 150),
            ThingKind::Fireplace => new self([600, 700, 0], $walls, [$away], true, Authority::FireRules, 0, 152),
            ThingKind::Hearth => new self([900, 400, 30], [Face::Floor], [$clear, $notch], false, Authority::FireRules, 3),
            ThingKind::Beam => new self([150, 1000, 200], [Face::Ceiling], [$clear, $notch, $cut], false, Authority::StructuralEngineer, 3),
            ThingKind::Post => new self([150, 2400, 150], [...$walls, Face::Floor], [$notch, $clear, $off], false, Authority::StructuralEngineer, 3),
            ThingKind::BumpOut => new self([300, 2400, 120], $walls, [$notch, $clear, $off], false, Authority::StructuralEngineer, 3),
            ThingKind::Appliance => new self([600, 850, 600], [...$walls, Face::Floor], [$clear], true, Authority::MakersListing),
            ThingKind::GasPipe => new self([22, 800, 40], $all, [$clear, $box, $off], false, Authority::GasFitter, 12),
            ThingKind::JunctionBox => new self([100, 100, 40], $all, [$clear, $cut], true, Authority::Electrician, 3),
            ThingKind::Filter => new self([500, 500, 30], $all, [$clear, $cut], true, Authority::HeatingEngineer, 3),
            ThingKind::DoorCavity, ThingKind::NoFix => new self([900, 2050, 0], $walls, [$clear], false, Authority::Nobody),
            ThingKind::Stringer => new self([45, 2400, 250], [...$walls, Face::Slope], [$clear, $notch, $cut], false, Authority::StructuralEngineer, 3),
            ThingKind::Hose => new self([40, 300, 60], $walls, [$cut, $notch, $clear], true, Authority::Plumber, 6),
        };
    }
}
