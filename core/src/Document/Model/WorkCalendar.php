<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Document\Reading\Node;
use Incastro\Core\Measure\Text;

/**
 * The hours a person has: by weekday, with single days that differ; since when and until when; when noise is kept down, and which
 * days are wet for who saws outdoors. Dates are "2026-11-24", times minutes of the day.
 */
final readonly class WorkCalendar
{
    /**
     * @param  array<string, WorkDay>  $week  by weekday
     * @param  array<string, WorkDay>  $days  by date
     * @param  array<string, true>  $wet  by date
     * @param  list<string>  $quietDays  weekdays without noise
     */
    public function __construct(
        public ?string $start,
        public ?string $deadline,
        public array $week,
        public array $days,
        public array $wet,
        public int $quietUntil,
        public int $quietFrom,
        public array $quietDays,
        public bool $outdoors,
    ) {
    }

    /** What most people with a job have. */
    private static function usual(Weekday $day): WorkDay
    {
        return match ($day) {
            Weekday::Saturday => new WorkDay(9 * 60, 6 * 60),
            Weekday::Sunday => new WorkDay(10 * 60, 4 * 60),
            default => new WorkDay(18 * 60 + 30, 2 * 60),
        };
    }

    public static function read(Node $node): self
    {
        $week = [];
        foreach (Weekday::cases() as $day) {
            $at = $node->at('week')->at($day->value);
            $week[$day->value] = $at->isMissing() ? self::usual($day) : self::day($at, self::usual($day));
        }

        return new self(
            $node->at('start')->isMissing() ? null : self::dateAt($node->at('start')),
            $node->at('deadline')->isMissing() ? null : self::dateAt($node->at('deadline')),
            $week,
            self::dated($node->at('days'), fn (Node $n): WorkDay => self::day($n, new WorkDay(9 * 60, 0))),
            array_map(fn (): true => true, array_filter(self::dated($node->at('wet'), fn (Node $n): bool => $n->flag()))),
            $node->at('quiet_until')->isMissing() ? 8 * 60 : self::clock($node->at('quiet_until')),
            $node->at('quiet_from')->isMissing() ? 20 * 60 : self::clock($node->at('quiet_from')),
            array_map(strval(...), array_keys(array_filter($node->at('quiet_days')->byKey(fn (Node $n): bool => $n->flag())))),
            ! $node->at('outdoors')->isMissing() && $node->at('outdoors')->flag(),
        );
    }

    private static function day(Node $node, WorkDay $usual): WorkDay
    {
        $from = $node->at('from')->isMissing() ? $usual->from : self::clock($node->at('from'));
        $minutes = (int) round(60 * ($node->at('hours')->isMissing() ? $usual->minutes / 60 : $node->at('hours')->number(0.0, 24.0)));
        if ($from + $minutes > 24 * 60) {
            $node->wrong(Text::of('document.day_too_long'));
        }

        return new WorkDay($from, min($minutes, 24 * 60 - $from));
    }

    /**
     * @template T
     *
     * @param  \Closure(Node): T  $read
     * @return array<string, T>
     */
    private static function dated(Node $node, \Closure $read): array
    {
        return $node->byKey(function (Node $at, string $date) use ($read): mixed {
            if (! self::isDate($date)) {
                $at->wrong(Text::of('document.date_expected'));
            }

            return $read($at);
        });
    }

    public static function dateAt(Node $node): string
    {
        $text = $node->text(10);
        if (! self::isDate($text)) {
            $node->wrong(Text::of('document.date_expected'));

            return '2000-01-01';
        }

        return $text;
    }

    private static function isDate(string $text): bool
    {
        return preg_match('/^(\d{4})-(\d{2})-(\d{2})$/', $text, $m) === 1 && checkdate((int) $m[2], (int) $m[3], (int) $m[1]);
    }

    /** @return int minutes of the day */
    private static function clock(Node $node): int
    {
        $text = $node->text(5);
        if (preg_match('/^([01]\d|2[0-3]):([0-5]\d)$/', $text, $m) !== 1) {
            $node->wrong(Text::of('document.time_expected'));

            return 0;
        }

        return 60 * (int) $m[1] + (int) $m[2];
    }
}
