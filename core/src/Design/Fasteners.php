<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Measure\Text;

/** Screws and dowels counted over the joints. */
final class Fasteners
{
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
            $line = $name === null || $a === null || $b === null ? null : JointLine::of($joint->axis, $a, $b);
            if ($line !== null) {
                $counts[$name] = ($counts[$name] ?? 0) + JointLine::count($line->length);
            }
        }
        foreach ($counts as $name => $count) {
            $bench->need($bench->piece, Text::of("hardware.$name"), $count);
        }
    }
}
