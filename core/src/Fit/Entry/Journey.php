<?php

declare(strict_types=1);

namespace Incastro\Core\Fit\Entry;

use Incastro\Core\Document\Model\WaySegment;

/**
 * A box along the whole way in: how it is held where it passes one stretch must be how it is held at the next, or it is turned between
 * them, for which there must be the height: √(a² + b²) of the two sides it is turned over.
 */
final readonly class Journey
{
    /**
     * @param  WaySegment|null  $blocked  the first it passes in no way
     * @param  array{WaySegment, WaySegment, float, float}|null  $turned  the two between which it cannot be turned, what that needs and what is there, mm
     */
    private function __construct(public ?WaySegment $blocked, public ?array $turned)
    {
    }

    /** @param  array<string, WaySegment>  $way  in walking order */
    public static function of(array $way, Load $load): self
    {
        $held = Pose::cases();
        $before = null;
        foreach ($way as $segment) {
            $passes = Passing::poses($segment, $load);
            if ($passes === []) {
                return new self($segment, null);
            }
            $high = max((float) $segment->height->millimetres(), (float) ($before?->height->millimetres() ?? 0.0));
            $next = array_values(array_filter($passes, fn (Pose $p): bool => self::least($held, $p, $load) <= $high));
            if ($next === [] && $before !== null) {
                return new self(null, [$before, $segment, min(array_map(fn (Pose $p): float => self::least($held, $p, $load), $passes)), $high]);
            }
            [$held, $before] = [$next, $segment];
        }

        return new self(null, null);
    }

    /** @param  list<Pose>  $held  in which it may arrive */
    private static function least(array $held, Pose $wanted, Load $load): float
    {
        return min(INF, ...array_map(fn (Pose $p): float => self::height($p, $wanted, $load), $held));
    }

    /** What it takes to turn it from one pose into another. */
    private static function height(Pose $from, Pose $to, Load $load): float
    {
        $turned = [$from, $to];

        return match (true) {
            $from === $to => 0.0,
            ! in_array(Pose::OnItsSide, $turned, true) => hypot($load->heightMm, $load->depthMm),
            ! in_array(Pose::OnItsBack, $turned, true) => hypot($load->heightMm, $load->widthMm),
            default => hypot($load->widthMm, $load->depthMm),
        };
    }
}
