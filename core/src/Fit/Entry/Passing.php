<?php

declare(strict_types=1);

namespace Incastro\Core\Fit\Entry;

use Incastro\Core\Document\Model\WaySegment;
use Incastro\Core\Measure\Length;

/**
 * One stretch of the way in: which pose passes it, carried level, with what to spare. A turn is turned (Corner) or taken broadside.
 * Where none passes the path of the one that comes nearest shows what blocks it. What is least of a box cannot be less than what a gap is
 * least: that alone proves that nothing passes.
 */
final class Passing
{
    /**
     * @return array{verdict: Verdict, pose: string|null, spare: float, headroom: float, off: string|null, box: array{float, float}, walls: array{float,
     *     float|null}, path: list<array{x: float, y: float, deg: float}>}
     */
    public static function of(WaySegment $segment, Load $load): array
    {
        $width = (float) $segment->width->millimetres();
        $gain = (float) ($segment->gain?->millimetres() ?? 0);
        $height = (float) $segment->height->millimetres();
        $into = $segment->kind->turns() && $segment->into !== null ? (float) $segment->into->millimetres() : null;
        $best = self::best($load, $width, $height, $into);
        $open = $gain > 0.0 ? self::best($load, $width + $gain, $height, $into) : $best;
        $isProved = min($load->widthMm, $load->depthMm, $load->heightMm) > min($width + $gain, $into ?? INF, $height);
        $verdict = match (true) {
            $best['ok'] => Verdict::Goes,
            $open['ok'] => Verdict::GoesIf,
            $isProved => Verdict::Cannot,
            default => Verdict::NotFound,
        };
        $by = $best['ok'] ? $best : $open;

        return ['verdict' => $verdict, 'pose' => $by['ok'] ? $by['pose']->value : null,
            'spare' => self::tenth($by['spare']), 'headroom' => self::tenth($by['headroom']),
            'off' => $verdict === Verdict::GoesIf ? $segment->off : null, 'box' => [$by['length'], $by['across']],
            'walls' => [$best['ok'] ? $width : $width + $gain, $into], 'path' => $by['path']];
    }

    /** @return list<Pose> in which it passes, once what is in the way is off */
    public static function poses(WaySegment $segment, Load $load): array
    {
        $into = $segment->kind->turns() && $segment->into !== null ? (float) $segment->into->millimetres() : null;
        $width = (float) $segment->width->plus($segment->gain ?? Length::zero())->millimetres();
        $tried = self::tried($load, $width, (float) $segment->height->millimetres(), $into);

        return array_values(array_map(fn (array $t): Pose => $t['pose'], array_filter($tried, fn (array $t): bool => $t['ok'])));
    }

    /** @return array{ok: bool, pose: Pose, spare: float, headroom: float, length: float, across: float, path: list<array{x: float, y: float, deg: float}>} */
    private static function best(Load $load, float $width, float $height, ?float $into): array
    {
        $all = self::tried($load, $width, $height, $into);
        usort($all, fn (array $a, array $b): int => min($b['spare'], $b['headroom']) <=> min($a['spare'], $a['headroom']));

        return $all[0] ?? throw new \LogicException('A load without a pose.');
    }

    /**
     * @return list<array{ok: bool, pose: Pose, spare: float, headroom: float, length: float, across: float, path: list<array{x: float, y: float, deg: float}>}>
     */
    private static function tried(Load $load, float $width, float $height, ?float $into): array
    {
        return array_map(function (array $p) use ($width, $height, $into): array {
            $headroom = $height - $p['up'];
            $corner = $into === null ? null : new Corner($width, $into);
            $turned = $corner?->clearance($p['length'], $p['across']);
            $broadside = $corner?->broadside($p['length'], $p['across']) ?? -INF;
            $spare = $turned === null ? ($width - $p['across']) / 2 : max($turned, $broadside);
            $path = match (true) {
                $corner === null => [['x' => $width / 2, 'y' => -$p['length'], 'deg' => 90.0], ['x' => $width / 2, 'y' => $p['length'], 'deg' => 90.0]],
                $turned >= $broadside => $corner->path($p['length'], $p['across']),
                default => [['x' => $width / 2, 'y' => $into + $p['length'], 'deg' => 90.0],
                    ['x' => $width / 2, 'y' => $into / 2, 'deg' => 90.0], ['x' => $width + $p['length'], 'y' => $into / 2, 'deg' => 90.0]],
            };

            return ['ok' => $spare >= 0.0 && $headroom >= 0.0, 'pose' => $p['pose'], 'spare' => $spare,
                'headroom' => $headroom, 'length' => $p['length'], 'across' => $p['across'], 'path' => $path];
        }, $load->poses());
    }

    /** Rounded to the safe side. */
    private static function tenth(float $mm): float
    {
        return floor($mm * 10 + 1e-6) / 10;
    }
}
