<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Screws and dowels counted over the joints: one per 150 mm, 50 mm from the edges, two at least (fieldbook §6). */
final class Fasteners
{
    private const PITCH_MM = 150;

    private const EDGE_MM = 50;

    public static function of(Bench $bench): void
    {
        $counts = [];
        foreach ($bench->joints as $joint) {
            $name = match ($joint->kind) {
                JointKind::PocketScrews => 'pocket_screw',
                JointKind::Screws => 'screw',
                JointKind::Dowels => 'dowel',
                default => null,
            };
            $a = $bench->panels[$joint->first] ?? null;
            $b = $bench->panels[$joint->second] ?? null;
            if ($name !== null && $a !== null && $b !== null) {
                $counts[$name] = ($counts[$name] ?? 0) + self::along(self::length($joint->axis, $a, $b));
            }
        }
        foreach ($counts as $name => $count) {
            $bench->need($bench->piece, Text::of("hardware.$name"), $count);
        }
    }

    public static function along(Length $length): int
    {
        $between = $length->minus(Length::fromMillimetres(2 * self::EDGE_MM));

        return max(2, 1 + (int) ceil($between->units / (self::PITCH_MM * Length::PER_MM)));
    }

    /** The longer side of the area in which they meet. */
    private static function length(Axis $axis, Panel $a, Panel $b): Length
    {
        $common = [];
        foreach (Axis::cases() as $other) {
            if ($other !== $axis) {
                $common[] = Contact::gap($other, $a, $b)->negated();
            }
        }

        return Length::greatest(Length::zero(), ...$common);
    }
}
