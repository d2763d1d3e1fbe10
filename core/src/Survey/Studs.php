<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\WallBuild;
use Incastro\Core\Measure\Length;

/** Where the back wall holds a screw: studs as found, and between and beyond them as assumed from the spacing. */
final class Studs
{
    /** A stud found within this of an assumed one is the same. */
    private const SAME_MM = 60;

    private const MOST = 60;

    /** @return list<array{x: Length, found: bool, doubtful: bool, ref: string|null}> from the left */
    public static function along(WallBuild $build, Length $width): array
    {
        $studs = [];
        foreach ($build->studs as $stud) {
            $studs[] = ['x' => $stud->x, 'found' => true, 'doubtful' => $stud->doubtful, 'ref' => $stud->id];
        }
        foreach (self::assumed($build, $width) as $x) {
            $near = array_filter($studs, fn (array $s): bool => abs($s['x']->units - $x->units) < self::SAME_MM * Length::PER_MM);
            if ($near === []) {
                $studs[] = ['x' => $x, 'found' => false, 'doubtful' => false, 'ref' => null];
            }
        }
        usort($studs, fn (array $a, array $b): int => $a['x']->units <=> $b['x']->units);

        return $studs;
    }

    /** @return array<string, Length> x by reference: the id of a stud found, `pitch:k` for the k-th assumed one from the left */
    public static function places(WallBuild $build, Length $width): array
    {
        $places = [];
        $k = 0;
        foreach (self::along($build, $width) as $stud) {
            $places[$stud['ref'] ?? 'pitch:'.++$k] = $stud['x'];
        }

        return $places;
    }

    /** @return list<Length> on the pitch, both ways from the first stud, else from the surest one found */
    private static function assumed(WallBuild $build, Length $width): array
    {
        $sure = array_values(array_filter($build->studs, fn ($s): bool => ! $s->doubtful))[0] ?? null;
        $from = $build->firstStud ?? $sure?->x;
        if ($from === null || $build->spacing === null || ! $build->spacing->isPositive()) {
            return [];
        }
        $at = [];
        for ($x = $from; ! $x->isNegative() && count($at) < self::MOST; $x = $x->minus($build->spacing)) {
            $at[] = $x;
        }
        for ($x = $from->plus($build->spacing); ! $x->isGreaterThan($width) && count($at) < 2 * self::MOST; $x = $x->plus($build->spacing)) {
            $at[] = $x;
        }

        return array_values(array_filter($at, fn (Length $x): bool => ! $x->isGreaterThan($width)));
    }
}
