<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Assembly;

use Incastro\Core\Assembly\Loads\Way\Cases;
use Incastro\Core\Assembly\Loads\Way\Load;
use Incastro\Core\Assembly\Loads\Way\Way;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Fit\Units\Unit;
use Incastro\Core\Planning\Planning;

/** In each load case forces and moments of every body balance to a thousandth of all that acts, added up here from the forces alone. */
final class Balance
{
    private const PART = 1_000;

    /** @return list<string> */
    public static function brokenBy(Planning $planning): array
    {
        $way = Way::through($planning->assembly());
        if ($way->centres === []) {
            return [];
        }
        // What is told to turn does, and a shelf that is told to be held at one end.
        $turning = array_merge(...array_map(fn (Unit $u): array => $u->ids(), $planning->assembly()->turning()), ...[[]]);
        $oneEnded = array_filter($planning->verdicts()->findings, fn (Finding $f): bool => $f->code === 'strength.one_end');
        array_push($turning, ...array_values(array_map(fn (Finding $f): string => $f->place->ref, $oneEnded)));
        $cases = new Cases($planning->assembly(), $way->centres);
        $always = $cases->always();
        $broken = self::of($way, $always, 'always');
        foreach ($cases->each() as $case => $loads) {
            array_push($broken, ...self::of($way, [...$always, ...$loads], $case));
        }

        return array_values(array_filter($broken, fn (string $b): bool => array_filter($turning, fn (string $id): bool => str_contains($b, ": $id ")) === []));
    }

    /**
     * @param  list<Load>  $loads
     * @return list<string>
     */
    private static function of(Way $way, array $loads, string $case): array
    {
        $sums = array_fill_keys(array_keys($way->centres), array_fill(0, 6, 0.0));
        foreach ($loads as $load) {
            $sums[$load->body] = self::with($sums[$load->body], $way->centres[$load->body], $load->at, $load->force);
        }
        $forces = $way->forces($loads);
        foreach ($way->bonds as $n => $bond) {
            foreach ($bond->points as $k => $point) {
                [$x, $y, $z] = $forces[$n][$k];
                $sums[$bond->body] = self::with($sums[$bond->body], $way->centres[$bond->body], $point, [$x, $y, $z]);
                if ($bond->by !== null) {
                    $sums[$bond->by] = self::with($sums[$bond->by], $way->centres[$bond->by], $point, [-$x, -$y, -$z]);
                }
            }
        }
        $may = array_sum(array_map(fn (Load $l): float => abs($l->force[0]) + abs($l->force[1]) + abs($l->force[2]), $loads)) / self::PART + 1e-6;
        $off = array_filter($sums, fn (array $s): bool => max(array_map(abs(...), $s)) > $may);

        return array_map(fn (string $id): string => "$case: $id is not in balance: ".json_encode(array_map(fn (float $v): float => round($v, 2), $sums[$id])),
            array_keys($off));
    }

    /**
     * @param  list<float>  $sum  N along x, y and z, and Nm about them
     * @param  array{float, float, float}  $centre
     * @param  array{float, float, float}  $at
     * @param  array{float, float, float}  $force
     * @return list<float>
     */
    private static function with(array $sum, array $centre, array $at, array $force): array
    {
        [$a, $b, $c] = [($at[0] - $centre[0]) / 1_000, ($at[1] - $centre[1]) / 1_000, ($at[2] - $centre[2]) / 1_000];
        [$x, $y, $z] = $force;

        return [$sum[0] + $x, $sum[1] + $y, $sum[2] + $z, $sum[3] + $b * $z - $c * $y, $sum[4] + $c * $x - $a * $z, $sum[5] + $a * $y - $b * $x];
    }
}
