<?php

declare(strict_types=1);

namespace Incastro\Core\Draw;

use Incastro\Core\Document\LowEnd;
use Incastro\Core\Document\ReadingKind;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Measure\Length;
use Incastro\Core\Survey\Room;
use Incastro\Core\Survey\Surface;

/** What is overhead, for drawing: ceiling, slope, slope up to a level ceiling, or the undersides of steps. */
final readonly class Overhead
{
    private const STRIPS = 60;

    /** @var list<array{Length, Length}> where each step's underside begins, from the left, and its height */
    private array $steps;

    public function __construct(private Room $room, private Length $atLeast)
    {
        $this->steps = self::stepsOf($room);
    }

    public function at(Length $x, Length $y): Length
    {
        $found = [];
        $shape = $this->room->shape;
        $slope = $this->room->space->slope;
        if ($slope !== null) {
            $found[] = Tenth::of(max(0.0, $shape->at(Surface::Slope, $x->units, $y->units)));
        }
        if ($slope === null || $slope->flat) {
            $level = Tenth::of($shape->at(Surface::Ceiling, $x->units, $y->units));
            $found[] = $shape->knows(Surface::Ceiling) || $slope !== null ? $level : Length::greatest($level, $this->atLeast);
        }
        $step = null;
        foreach ($this->steps as [$from, $height]) {
            $step = $x->isLessThan($from) ? $step : $height;
        }

        return Length::least(...($step === null ? $found : [...$found, $step]));
    }

    public function highest(Length $width, Length $depth): Length
    {
        $zero = Length::zero();

        return Length::greatest($this->at($zero, $zero), $this->at($width, $zero), $this->at($zero, $depth), $this->at($width, $depth));
    }

    /** @return list<Point> bends between two places along the run, from left to right */
    public function alongRun(Length $from, Length $to, Length $y): array
    {
        if ($this->room->space->slope?->low === LowEnd::Back || ($this->room->space->slope === null && $this->steps === [])) {
            return [];
        }

        return self::bends($from, $to, fn (Length $x): Length => $this->at($x, $y), $this->steps !== []);
    }

    /** @return list<Point> bends along the depth, from the back out */
    public function alongDepth(Length $from, Length $to, Length $x): array
    {
        return $this->room->space->slope?->low === LowEnd::Back ? self::bends($from, $to, fn (Length $y): Length => $this->at($x, $y), false) : [];
    }

    /**
     * Only where the line turns: strips whose height is on the line of their neighbours are left out.
     *
     * @param  \Closure(Length): Length  $height
     * @return list<Point>
     */
    private static function bends(Length $from, Length $to, \Closure $height, bool $steps): array
    {
        $strip = fn (int $i): Length => Length::ofUnits($from->units + intdiv(($to->units - $from->units) * $i, self::STRIPS));
        $bends = [];
        for ($i = 1; $i < self::STRIPS; $i++) {
            [$before, $here, $after] = [$height($strip($i - 1)), $height($strip($i)), $height($strip($i + 1))];
            if (abs($before->units + $after->units - 2 * $here->units) > Length::PER_MM) {
                $bends[] = new Point($strip($i), $here);
            }
            if ($steps && abs($after->units - $here->units) > 20 * Length::PER_MM) {
                $bends[] = new Point($strip($i + 1), $here);
            }
        }

        return $bends;
    }

    /** @return list<array{Length, Length}> */
    private static function stepsOf(Room $room): array
    {
        $steps = $at = $height = [];
        foreach ($room->space->taken(ReadingKind::StepAt, ReadingKind::StepHeight) as $r) {
            $of = (string) $r->step;
            if ($r->kind === ReadingKind::StepAt) {
                $at[$of] = Tenth::of($room->shape->at(Surface::StepAt, 0, 0, $of));
            } else {
                $height[$of] = Tenth::of($room->shape->at(Surface::Step, 0, 0, $of));
            }
        }

        foreach ($at as $of => $from) {
            if (isset($height[$of])) {
                $steps[] = [$from, $height[$of]];
            }
        }
        usort($steps, fn (array $a, array $b): int => $a[0]->units <=> $b[0]->units);

        return $steps;
    }
}
