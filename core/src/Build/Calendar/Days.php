<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Calendar;

use Incastro\Core\Document\Model\Weekday;
use Incastro\Core\Document\Model\WorkCalendar;
use Incastro\Core\Document\Model\WorkDay;

/** The days of a calendar as stretches of work, in minutes from the start of the first day. */
final readonly class Days
{
    public const DAY = 24 * 60;

    /** Further ahead nobody plans. */
    public const MOST = 730;

    private \DateTimeImmutable $first;

    public function __construct(private WorkCalendar $calendar, string $asOf)
    {
        $this->first = new \DateTimeImmutable(($calendar->start ?? $asOf).' 00:00', new \DateTimeZone('UTC'));
    }

    public function dateOf(int $day): string
    {
        return $this->first->modify("+$day days")->format('Y-m-d');
    }

    public function work(int $day): WorkDay
    {
        return $this->calendar->days[$this->dateOf($day)] ?? $this->calendar->week[$this->weekday($day)];
    }

    /**
     * @return array{week: array<string, array{from: string, hours: float}>, days: array<string, array{from: string, hours: float}>|\stdClass,
     *     quiet_until: string, quiet_from: string} the hours there are, with what is usual where the person said nothing
     */
    public function hours(): array
    {
        $clock = fn (int $minute): string => sprintf('%02d:%02d', intdiv($minute, 60), $minute % 60);
        $day = fn (WorkDay $d): array => ['from' => $clock($d->from), 'hours' => $d->minutes / 60];
        $own = array_map($day, $this->calendar->days);

        return ['week' => array_map($day, $this->calendar->week), 'days' => $own === [] ? new \stdClass : $own,
            'quiet_until' => $clock($this->calendar->quietUntil), 'quiet_from' => $clock($this->calendar->quietFrom)];
    }

    /** The longest stretch of an ordinary week, minutes: one long day may be over before it is wanted. */
    public function longest(): int
    {
        return max([0, ...array_map(fn (WorkDay $d): int => $d->minutes, array_values($this->calendar->week))]);
    }

    /** @return array{int, int} in which minutes of the whole calendar noise may be made that day; empty where none may */
    public function noise(int $day): array
    {
        $quiet = in_array($this->weekday($day), $this->calendar->quietDays, true);

        return $quiet ? [0, 0] : [$day * self::DAY + $this->calendar->quietUntil, $day * self::DAY + $this->calendar->quietFrom];
    }

    public function isDry(int $day): bool
    {
        return ! $this->calendar->outdoors || ! isset($this->calendar->wet[$this->dateOf($day)]);
    }

    /** Minutes from the start of the first day to a moment, "2026-11-25T18:30…"; null for none that can be read. */
    public function at(?string $moment): ?int
    {
        if ($moment === null || preg_match('/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}/', $moment, $m) !== 1) {
            return null;
        }
        $then = \DateTimeImmutable::createFromFormat('Y-m-d\TH:i', $m[0], new \DateTimeZone('UTC'));

        return $then === false ? null : intdiv($then->getTimestamp() - $this->first->getTimestamp(), 60);
    }

    private function weekday(int $day): string
    {
        return Weekday::cases()[(int) $this->first->modify("+$day days")->format('N') - 1]->value;
    }
}
