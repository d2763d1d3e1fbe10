<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Fields;

/** Limits of rules that a person may set otherwise, by the code of the rule, in mm, kg or as one part in so many. */
enum Limit: string
{
    case ShelfSags = 'strength.shelf_sags';
    case TopSags = 'strength.top_sags';
    case HingeCarries = 'strength.hinges_few';
    case ApplianceReach = 'piece.appliance_unfixed';
    case DriverRoom = 'cut.driver_no_room';
    case HandRoom = 'fit.screw_out_of_reach';
    case ToeRoom = 'people.toe_room';
    case Rise = 'people.rise_high';
    case Going = 'people.going_short';
    case Reach = 'people.out_of_reach';
    case OutOfChildrensReach = 'people.poison_low';
    case Lift = 'people.lift_heavy';
    case TieBack = 'people.tie_back';
    case ServiceZone = 'house.service_zone';

    public function usual(): float
    {
        return $this->bounds()[0];
    }

    public function least(): float
    {
        return $this->bounds()[1];
    }

    public function most(): float
    {
        return $this->bounds()[2];
    }

    public function unit(): LimitUnit
    {
        return match ($this) {
            self::ShelfSags, self::TopSags => LimitUnit::PartIn,
            self::HingeCarries, self::Lift => LimitUnit::Kilograms,
            default => LimitUnit::Length,
        };
    }

    /** @return array{float, float, float} usual, least, most; sources stand with the rules */
    private function bounds(): array
    {
        return match ($this) {
            self::ShelfSags => [300.0, 150.0, 1_000.0],
            self::TopSags => [200.0, 100.0, 1_000.0],
            self::HingeCarries => [4.5, 1.0, 30.0],
            self::ApplianceReach => [15.0, 1.0, 60.0],
            self::DriverRoom => [250.0, 100.0, 450.0],
            self::HandRoom => [90.0, 40.0, 200.0],
            self::ToeRoom => [50.0, 0.0, 150.0],
            self::Rise => [220.0, 120.0, 300.0],
            self::Going => [220.0, 100.0, 400.0],
            self::Reach => [1_700.0, 800.0, 2_200.0],
            self::OutOfChildrensReach => [1_500.0, 1_000.0, 2_200.0],
            self::Lift => [23.0, 5.0, 60.0],
            self::TieBack => [686.0, 300.0, 1_500.0],
            self::ServiceZone => [150.0, 0.0, 400.0],
        };
    }
}
