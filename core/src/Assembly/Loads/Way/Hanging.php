<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Loads\Way;

use Incastro\Core\Assembly\Assembly;
use Incastro\Core\Assembly\Body;
use Incastro\Core\Assembly\BodyKind;
use Incastro\Core\Assembly\Fastening\FastenerKind;
use Incastro\Core\Assembly\Loads\Bending;
use Incastro\Core\Assembly\Reached;
use Incastro\Core\Design\Panel;
use Incastro\Core\Fit\Units\Unit;

/**
 * What hangs on screws, joints and fittings alone, taken as wholes: whether their own weight is held against turning too. A thing on one
 * screw, or on screws in one line, turns about it, however many there are.
 */
final class Hanging
{
    private const ASIDE_MM = 50.0;

    /** @return list<Unit> that turn or slip under their own weight, of all pieces */
    public static function turning(Assembly $assembly): array
    {
        $units = self::hung($assembly);
        if ($units === []) {
            return [];
        }
        [$parts, $centres] = [[], []];
        foreach ($units as $unit) {
            $parts += array_fill_keys($unit->ids(), $unit->id);
            $centres[$unit->id] = $assembly->bodies[$unit->panels[0]->id]->solid->middle();
        }
        $statics = new Statics($centres, self::bonds($assembly, $parts));

        return self::off($units, $statics, $assembly);
    }

    /** @return list<Unit> that hang: neither on the floor nor on what stands there, nor fixed to that */
    private static function hung(Assembly $assembly): array
    {
        $loose = self::loose($assembly);
        $stands = self::standing($assembly);
        if (! self::isAnyOnTheWall($assembly, $stands)) {
            return [];
        }
        $stands = self::spread($stands, self::fastened($assembly));
        $hung = [];
        foreach ($assembly->pieces as $built) {
            foreach ($built->units as $unit) {
                $first = $unit->panels[0]->id;
                $isHung = ! isset($stands[$unit->id]) && ! isset($loose[$first]) && ($assembly->bodies[$first] ?? null)?->kind === BodyKind::Fixed;
                $hung = $isHung ? [...$hung, $unit] : $hung;
            }
        }

        return $hung;
    }

    /** @return array<string, true> what nothing holds holds nothing, by part */
    private static function loose(Assembly $assembly): array
    {
        return array_fill_keys(array_map(fn (Body $b): string => $b->id, $assembly->loose()), true);
    }

    /** @return array<string, true> units on the floor, and on those */
    private static function standing(Assembly $assembly): array
    {
        $stands = $on = [];
        foreach ($assembly->pieces as $built) {
            foreach ($built->units as $unit) {
                $foot = array_filter($unit->panels, fn (Panel $p): bool => Reached::stands($p, $built));
                $stands += $foot === [] ? [] : [$unit->id => true];
            }
        }
        $loose = self::loose($assembly);
        foreach ($assembly->footing->pairs as [$lower, $upper]) {
            if (isset($loose[$lower->id])) {
                continue;
            }
            $on[$assembly->footing->units[$lower->id]->id][] = $assembly->footing->units[$upper->id]->id;
        }

        return self::spread($stands, $on);
    }

    /**
     * Something hangs on screws into the wall: without that nothing hangs.
     *
     * @param  array<string, true>  $stands
     */
    private static function isAnyOnTheWall(Assembly $assembly, array $stands): bool
    {
        foreach (array_keys($assembly->pieces) as $piece) {
            foreach ($assembly->wall((string) $piece) as $fixing) {
                if (! isset($stands[$assembly->footing->units[$fixing->board->id]->id])) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return array<string, list<string>> units that are screwed or nailed to one go with that */
    private static function fastened(Assembly $assembly): array
    {
        $units = $assembly->footing->units;
        $on = [];
        foreach (array_keys($assembly->pieces) as $piece) {
            foreach ($assembly->fastened((string) $piece)->fasteners as $each) {
                [$from, $into] = [$units[$each->from] ?? null, $units[$each->into ?? ''] ?? null];
                if ($from !== null && $into !== null && $from !== $into) {
                    $on[$into->id][] = $from->id;
                    $on[$from->id] = [...$on[$from->id] ?? [], ...($each->kind === FastenerKind::Nail ? [] : [$into->id])];
                }
            }
        }

        return $on;
    }

    /**
     * @param  array<string, true>  $stands
     * @param  array<string, list<string>>  $on  what stands with each
     * @return array<string, true>
     */
    private static function spread(array $stands, array $on): array
    {
        $open = array_keys($stands);
        while ($open !== []) {
            foreach ($on[(string) array_pop($open)] ?? [] as $unit) {
                if (! isset($stands[$unit])) {
                    $stands[$unit] = true;
                    $open[] = $unit;
                }
            }
        }

        return $stands;
    }

    /**
     * @param  array<string, string>  $parts  what hangs, its unit by part
     * @return list<Bond> between those and to all else, which stands
     */
    private static function bonds(Assembly $assembly, array $parts): array
    {
        $loose = self::loose($assembly);
        $fixed = array_filter($assembly->bodies, fn (Body $b): bool => $b->kind === BodyKind::Fixed && ! isset($loose[$b->id]));
        $bonds = [];
        foreach ((new Bonds($assembly, $fixed))->of($parts) as $bond) {
            [$body, $by] = [$parts[$bond->body] ?? null, $parts[$bond->by ?? ''] ?? null];
            if ($body !== $by) {
                $bonds[] = $body === null ? new Bond($by ?? '', null, $bond->points, $bond->kind, $bond->ways)
                    : new Bond($body, $by, $bond->points, $bond->kind, $bond->ways);
            }
        }

        return $bonds;
    }

    /**
     * @param  list<Unit>  $units
     * @return list<Unit> that go with their own weight
     */
    private static function off(array $units, Statics $statics, Assembly $assembly): array
    {
        $loads = [];
        foreach ($units as $unit) {
            foreach ($unit->panels as $panel) {
                $newtons = $assembly->pieces[$panel->piece]->weight->of($panel) * Bending::GRAVITY;
                // Nothing stays where it only balances: a little to one side, as what is put into it.
                $middle = $panel->solid->middle();
                $loads[] = new Load($unit->id, [$middle[0] + self::ASIDE_MM, $middle[1], $middle[2]], [0.0, 0.0, -$newtons]);
            }
        }

        $slipping = $statics->slipping($loads);

        return array_values(array_filter($units, fn (Unit $u): bool => isset($slipping[$u->id])));
    }
}
