<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\ReadingKind;
use Incastro\Core\Document\Model\Space;

/** What is overhead anywhere: the least of level ceiling, slope and the undersides of steps. */
final readonly class Overhead
{
    /** @var list<array{float, float}> where each step's underside begins, from the left, and its height, mm, from left to right */
    public array $steps;

    public function __construct(private Space $space, private Shape $shape)
    {
        $this->steps = self::stepsOf($space, $shape);
    }

    /** Somebody has read a height. */
    public function isKnown(): bool
    {
        return $this->shape->knows(Surface::Ceiling) || $this->shape->knows(Surface::Slope) || $this->steps !== [];
    }

    /**
     * @param  float|int  $x  units of 25 nm
     * @param  float|int  $y  units of 25 nm
     * @return float mm; where nothing was read, the usual height
     */
    public function at(float|int $x, float|int $y): float
    {
        $found = [];
        if ($this->space->slope !== null) {
            $found[] = max(0.0, $this->shape->at(Surface::Slope, $x, $y));
        }
        if ($this->space->slope === null || $this->space->slope->flat) {
            $found[] = $this->shape->at(Surface::Ceiling, $x, $y);
        }
        $step = null;
        foreach ($this->steps as [$from, $height]) {
            $step = $x < $from * 40_000 ? $step : $height;
        }

        return min($step === null ? $found : [...$found, $step]);
    }

    /** @return list<array{float, float}> */
    private static function stepsOf(Space $space, Shape $shape): array
    {
        $steps = $at = $height = [];
        foreach ($space->taken(ReadingKind::StepAt, ReadingKind::StepHeight) as $r) {
            $of = (string) $r->step;
            if ($r->kind === ReadingKind::StepAt) {
                $at[$of] = $shape->at(Surface::StepAt, 0, 0, $of);
            } else {
                $height[$of] = $shape->at(Surface::Step, 0, 0, $of);
            }
        }
        foreach ($at as $of => $from) {
            if (isset($height[$of])) {
                $steps[] = [$from, $height[$of]];
            }
        }
        usort($steps, fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return $steps;
    }
}
