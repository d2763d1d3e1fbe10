<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Calendar;

use Incastro\Core\Measure\Text;

/** The work in days: what is done when, what dries meanwhile, when it ends and how surely. */
final readonly class Schedule implements \JsonSerializable
{
    /**
     * @param  list<Slot>  $slots
     * @param  list<array{string, int, int, Text}>  $drying  after which step, from when to when, why
     * @param  list<string>  $unplaced  steps for which there are no hours in two years
     */
    public function __construct(
        private Days $days,
        private array $slots,
        private array $drying,
        private array $unplaced,
        private ?string $deadline,
        private Pace $pace,
        public int $minutes,
    ) {
    }

    /** The date of the last slot; null where nothing is left to do. */
    public function ends(): ?string
    {
        return $this->slots === [] ? null : $this->days->dateOf(intdiv(max(array_map(fn (Slot $s): int => $s->to(), $this->slots)) - 1, Days::DAY));
    }

    public function isLate(): bool
    {
        return $this->deadline !== null && ($this->unplaced !== [] || ($this->ends() !== null && $this->ends() > $this->deadline));
    }

    public function deadline(): ?string
    {
        return $this->deadline;
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        [$least, $most] = $this->pace->range();

        return [
            'hours' => $this->days->hours(),
            'days' => $this->workDays(),
            'drying' => array_map(fn (array $d): array => ['step' => $d[0], 'from' => $this->moment($d[1]), 'until' => $this->moment($d[2]), 'why' => $d[3]],
                $this->drying),
            'ends' => $this->ends(),
            'deadline' => $this->deadline,
            'late' => $this->isLate(),
            'minutes' => $this->minutes,
            'least_minutes' => (int) (round($this->minutes * $least / 30) * 30),
            'most_minutes' => (int) (round($this->minutes * $most / 30) * 30),
            'learnt' => $this->pace->learnt(),
            'unplaced' => $this->unplaced,
        ];
    }

    /** @return list<array<string, mixed>> days on which something is done */
    private function workDays(): array
    {
        $byDay = [];
        foreach ($this->slots as $slot) {
            $byDay[intdiv($slot->from, Days::DAY)][] = $slot;
        }

        return array_map(fn (int $day, array $slots): array => [
            'date' => $this->days->dateOf($day), 'from' => $this->days->work($day)->from, 'minutes' => $this->days->work($day)->minutes,
            'slots' => array_map(
                fn (Slot $s): array => ['step' => $s->step, 'from' => $s->from - $day * Days::DAY,
                    'minutes' => $s->minutes, 'hands' => $s->hands, 'last' => $s->isLast], $slots),
        ], array_keys($byDay), $byDay);
    }

    /** @return array{date: string, minute: int} */
    private function moment(int $at): array
    {
        $day = (int) floor($at / Days::DAY);

        return ['date' => $this->days->dateOf($day), 'minute' => $at - $day * Days::DAY];
    }
}
