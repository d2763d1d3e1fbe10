<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Calendar;

use Incastro\Core\Build\Steps\Step;
use Incastro\Core\Build\Steps\StepKind;
use Incastro\Core\Document\Facts\Log;

/**
 * How a person's steps compare with our figures: the middle of what their log says of steps of that kind, of all kinds where there are
 * fewer than two. The range is what the log has seen; 0.8 to 1.5 times until it has seen three (our own figure, with room for the one hard step).
 */
final readonly class Pace
{
    private const UNKNOWN = [0.8, 1.5];

    private const ENOUGH = 2;

    /**
     * @param  array<string, list<float>>  $ratios  took over planned, by kind of step
     */
    private function __construct(private array $ratios)
    {
    }

    public static function of(Log $log): self
    {
        $ratios = [];
        foreach ($log->done as $done) {
            if ($done->kind !== null && $done->minutes !== null && $done->planned !== null && $done->planned > 0) {
                $ratios[$done->kind][] = $done->minutes / $done->planned;
            }
        }

        return new self($ratios);
    }

    public function factor(StepKind $kind): float
    {
        $own = $this->ratios[$kind->value] ?? [];

        return count($own) >= self::ENOUGH ? self::middle($own) : (count($this->all()) >= self::ENOUGH ? self::middle($this->all()) : 1.0);
    }

    /** To the next five minutes. */
    public function minutes(Step $step): int
    {
        return (int) (ceil(round($step->minutes() * $this->factor($step->kind) / 5, 6)) * 5);
    }

    /** @return array{float, float} the least and the most, as shares of what is expected */
    public function range(): array
    {
        $all = $this->all();
        if (count($all) <= self::ENOUGH) {
            return self::UNKNOWN;
        }
        $middle = self::middle($all);

        return [min($all) / $middle, max($all) / $middle];
    }

    public function learnt(): int
    {
        return count($this->all());
    }

    /** @return list<float> */
    private function all(): array
    {
        return array_merge(...array_values($this->ratios), ...[[]]);
    }

    /** @param  non-empty-list<float>|list<float>  $values */
    private static function middle(array $values): float
    {
        sort($values);
        $n = count($values);

        return $n === 0 ? 1.0 : ($n % 2 === 1 ? $values[intdiv($n, 2)] : ($values[intdiv($n, 2) - 1] + $values[intdiv($n, 2)]) / 2);
    }
}
