<?php

declare(strict_types=1);

namespace Incastro\Core\Fit\Motion;

use Incastro\Core\Measure\Text;

/** How far a moving part opens before it meets something: opened step by step, the last step halved until it is fine. */
final class Sweep
{
    private const STEPS = 45;

    /** Touching is not meeting. mm. */
    private const RIM = 0.5;

    /**
     * @param  list<Obstacle>  $obstacles
     * @return array{opens: float, meets: Text|null}
     */
    public static function of(Mover $mover, array $obstacles): array
    {
        $reach = self::reach($mover);
        $near = array_values(array_filter($obstacles, fn (Obstacle $o): bool => self::isInReach($mover, $o, $reach) && self::met($mover, 0.0, [$o]) === null));
        $before = 0.0;
        for ($i = 1; $i <= self::STEPS; $i++) {
            $open = $mover->wants * $i / self::STEPS;
            $met = self::met($mover, $open, $near);
            if ($met !== null) {
                return ['opens' => self::refined($mover, $before, $open, $near), 'meets' => $met->name];
            }
            $before = $open;
        }

        return ['opens' => $mover->wants, 'meets' => null];
    }

    /** @return array{float, float, float, float} what all of its way lies in */
    private static function reach(Mover $mover): array
    {
        $points = array_merge(...$mover->shapes);
        [$u, $v] = $mover->pivot;
        if ($mover->kind->turns()) {
            $far = max(array_map(fn (array $p): float => hypot($p[0] - $u, $p[1] - $v), $points));

            return [$u - $far, $v - $far, $u + $far, $v + $far];
        }
        $all = [...$points, ...array_merge(...$mover->at($mover->wants))];

        return [min(array_column($all, 0)), min(array_column($all, 1)), max(array_column($all, 0)), max(array_column($all, 1))];
    }

    /** @param  array{float, float, float, float}  $reach */
    private static function isInReach(Mover $mover, Obstacle $o, array $reach): bool
    {
        [$from, $to] = $o->span($mover->view);
        if (min($to, $mover->span[1]) - max($from, $mover->span[0]) <= self::RIM) {
            return false;
        }
        $block = $o->in($mover->view);

        return $block[0] < $reach[2] && $block[2] > $reach[0] && $block[1] < $reach[3] && $block[3] > $reach[1];
    }

    /** @param  list<Obstacle>  $near */
    private static function refined(Mover $mover, float $free, float $met, array $near): float
    {
        for ($i = 0; $i < 12; $i++) {
            $middle = ($free + $met) / 2;
            if (self::met($mover, $middle, $near) === null) {
                $free = $middle;
            } else {
                $met = $middle;
            }
        }

        return $free;
    }

    /** @param  list<Obstacle>  $near */
    private static function met(Mover $mover, float $open, array $near): ?Obstacle
    {
        foreach ($mover->at($open) as $shape) {
            foreach ($near as $obstacle) {
                if ($obstacle->isMetBy($shape, $mover->view, self::RIM)) {
                    return $obstacle;
                }
            }
        }

        return null;
    }
}
