<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Measure\Text;

/** Screws and dowels counted over the joints of a piece, its boards as they stand in the house. */
final class Fasteners
{
    /**
     * @param  list<Joint>  $joints
     * @param  list<Panel>  $panels
     * @return list<Hardware>
     */
    public static function of(string $piece, array $joints, array $panels): array
    {
        $byId = array_column(array_map(fn (Panel $p): array => [$p->id, $p], $panels), 1, 0);
        $counts = [];
        foreach ($joints as $joint) {
            $name = match ($joint->kind) {
                JointKind::PocketScrews => 'pocket_screw',
                JointKind::Screws => 'screw',
                JointKind::Dowels => 'dowel',
                default => null,
            };
            [$a, $b] = [$byId[$joint->first] ?? null, $byId[$joint->second] ?? null];
            $line = $name === null || $a === null || $b === null ? null : JointLine::of($joint->axis, $a, $b);
            if ($line !== null) {
                $counts[$name] = ($counts[$name] ?? 0) + JointLine::count($line->length);
            }
        }

        return array_map(fn (string $name, int $count): Hardware => new Hardware($piece, Text::of("hardware.$name"), $count), array_keys($counts), $counts);
    }
}
