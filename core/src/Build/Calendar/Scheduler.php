<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Calendar;

use Incastro\Core\Build\Steps\Step;
use Incastro\Core\Build\Steps\StepKind;
use Incastro\Core\Build\Steps\WorkPlan;

/**
 * Puts steps into the hours there are. At each moment somebody is free, the first step of the order that may begin is begun: all it needs
 * is done and has dried, noise is allowed, the weather holds. What must be done in one go waits for a stretch that is long enough;
 * other work is carried over to the next day. Drying runs by itself, nights included.
 */
final class Scheduler
{
    /** Not worth beginning something that is carried over. */
    private const LEAST = 15;

    /** What is not broken off once begun: wet paint, glue, a heavy thing half-way. */
    private const IN_ONE_GO = [StepKind::Prime, StepKind::Coat, StepKind::PrimeOnSite, StepKind::CoatOnSite,
        StepKind::Assemble, StepKind::Back, StepKind::Base, StepKind::Carry, StepKind::Stand, StepKind::Caulk, StepKind::Top];

    /** @var array<string, int> minutes still to be done, by step */
    private array $left = [];

    /** @var array<string, int> when each was done */
    private array $ended = [];

    /** @var list<Slot> */
    private array $slots = [];

    /** @var array<int, int> when each pair of hands is free */
    private array $free;

    /** @var array<string, int> until when somebody is at it, by step: nobody else is */
    private array $busy = [];

    /** @var array<string, int> in one go, yet longer than any stretch: carried over after all */
    private array $longest = [];

    /** @var array<string, int> by step, what is bought for it comes then */
    private array $notBefore = [];

    /** @param  array<string, int>  $done  when what is done was done, by step */
    public function __construct(private readonly WorkPlan $plan, private readonly Days $days, Pace $pace, array $done)
    {
        $this->free = array_fill(0, max(1, $plan->project->make->hands), 0);
        foreach ($plan->steps as $id => $step) {
            if (isset($done[$id])) {
                $this->ended[$id] = $done[$id];
            } else {
                $this->left[$id] = $pace->minutes($step);
            }
        }
    }

    /** @param  array<string, int>  $arrivals  when what is bought for a step comes, by step */
    public function notBefore(array $arrivals): void
    {
        $this->notBefore = $arrivals;
    }

    /** @return list<Slot> in order of time */
    public function slots(): array
    {
        foreach ($this->left as $id => $minutes) {
            if ($minutes > $this->days->longest()) {
                $this->longest[$id] = $minutes;
            }
        }
        for ($day = 0; $day < Days::MOST && $this->left !== []; $day++) {
            $work = $this->days->work($day);
            if ($work->minutes > 0) {
                $this->day($day, $day * Days::DAY + $work->from, $day * Days::DAY + $work->to());
            }
        }
        usort($this->slots, fn (Slot $a, Slot $b): int => [$a->from, $a->step] <=> [$b->from, $b->step]);

        return $this->slots;
    }

    /** @return array<string, int> when each step is done, minutes from the first day's start */
    public function ended(): array
    {
        return $this->ended;
    }

    private function day(int $day, int $from, int $to): void
    {
        $this->free = array_map(fn (int $f): int => max($f, $from), $this->free);
        while (true) {
            asort($this->free);
            $at = (int) reset($this->free);
            if ($at >= $to || $this->left === []) {
                return;
            }
            $begun = $this->begin($day, $at, $to);
            if (! $begun) {
                $lane = (int) array_key_first($this->free);
                $this->free[$lane] = max($at + 1, min($to, $this->nextChange($at, $day)));
            }
        }
    }

    /** Something may have dried, been done by others, or noise may be made: the next moment at which that is so. */
    private function nextChange(int $at, int $day): int
    {
        $moments = [...array_values(array_filter($this->free, fn (int $f): bool => $f > $at)),
            ...array_filter($this->days->noise($day), fn (int $m): bool => $m > $at), PHP_INT_MAX];
        foreach (array_keys($this->left) as $id) {
            $ready = $this->readyAt((string) $id);
            if ($ready !== null && $ready > $at) {
                $moments[] = $ready;
            }
        }

        return min($moments);
    }

    private function begin(int $day, int $at, int $to): bool
    {
        foreach (array_keys($this->left) as $id) {
            $id = (string) $id;
            $step = $this->plan->steps[$id];
            $ready = $this->readyAt($id);
            if ($ready === null || $ready > $at) {
                continue;
            }
            $hands = min($step->hands, count($this->free));
            $lanes = array_slice($this->free, 0, $hands, true);
            $start = max([$at, ...array_values($lanes)]);
            $minutes = $this->minutesThere($step, $day, $start, $to);
            if ($minutes > 0) {
                $this->take($id, $start, $minutes, array_keys($lanes));

                return true;
            }
        }

        return false;
    }

    /** How long it may be worked on from there; 0 for not now. */
    private function minutesThere(Step $step, int $day, int $start, int $to): int
    {
        [$loud, $hushed] = $step->kind->isNoisy() ? $this->days->noise($day) : [$start, $to];
        if ($start < $loud || ($step->kind->isOutside() && ! $this->days->isDry($day))) {
            return 0;
        }
        $room = min($to, $hushed) - $start;
        $left = $this->left[$step->id];
        if ($left <= $room) {
            return $left;
        }
        $mayBreak = ! in_array($step->kind, self::IN_ONE_GO, true) || isset($this->longest[$step->id]);

        return $mayBreak && $room >= self::LEAST ? $room : 0;
    }

    /** @param  list<int>  $lanes */
    private function take(string $id, int $start, int $minutes, array $lanes): void
    {
        $this->left[$id] -= $minutes;
        $isLast = $this->left[$id] === 0;
        $this->busy[$id] = $start + $minutes;
        $this->slots[] = new Slot($id, $start, $minutes, count($lanes), $isLast);
        foreach ($lanes as $lane) {
            $this->free[$lane] = $start + $minutes;
        }
        if ($isLast) {
            unset($this->left[$id]);
            $this->ended[$id] = $start + $minutes;
        }
    }

    /** When it may begin; null while something it needs is not done. */
    private function readyAt(string $id): ?int
    {
        $ready = max($this->notBefore[$id] ?? 0, $this->busy[$id] ?? 0);
        foreach ($this->plan->needs[$id] ?? [] as $need) {
            if (! isset($this->plan->steps[$need->step])) {
                continue;
            }
            if (! isset($this->ended[$need->step])) {
                return null;
            }
            $ready = max($ready, $this->ended[$need->step] + (int) ceil($need->hours * 60));
        }

        return $ready;
    }
}
