<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Build\Calendar;

use Eris\Generators;
use Eris\TestTrait;
use Incastro\Core\Document\Reading\DocumentRejected;
use Incastro\Core\Tests\Demo;
use Incastro\Core\Tests\Design\AnyPiece;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Schedules keep to the hours a person has, to drying, noise and weather: a calendar is walked day by day. */
final class CalendarTest extends TestCase
{
    use TestTrait;

    private const IN_ONE_GO = ['prime', 'coat', 'prime_on_site', 'coat_on_site', 'assemble', 'back', 'base', 'carry', 'stand', 'caulk', 'top'];

    public function test_random_pieces_at_random_hours_are_walked_day_by_day(): void
    {
        $this->limitTo(50)->forAll(Generators::choose(1, 1_000_000))->then(fn (int $seed) => self::walkAny($seed));
    }

    public function test_what_is_too_long_for_any_week_is_carried_over_though_one_long_day_was_there(): void
    {
        self::walkAny(325305);
    }

    private static function walkAny(int $seed): void
    {
        $document = (new AnyPiece($seed))->document();
        mt_srand($seed);
        foreach ($document['pieces'] as &$piece) {
            $piece['finish'] = ['kind' => ['paint', 'clear', 'none'][$seed % 3], 'primer' => true];
        }
        $document['make'] = ['hands' => 1 + $seed % 3, 'finish' => ['before', 'after'][$seed % 2]];
        $document['calendar'] = self::anyCalendar();
        self::walk($document, "seed $seed");
    }

    /** The chart shelves by hand: sheets looked over 20 and 15 min, first sheet 30, 25 of the second until it is eight and noise ends. */
    public function test_the_first_evening_by_hand(): void
    {
        $document = Demo::document('chart-room-left-niche');
        $day = Planned::of($document)->plan['schedule']['days'][0];
        self::assertSame(['2026-11-24', 1110, 120], [$day['date'], $day['from'], $day['minutes']]);
        self::assertSame([[1110, 20], [1130, 15], [1145, 30], [1175, 25], [1200, 30]],
            array_map(fn (array $s): array => [$s['from'], $s['minutes']], $day['slots']));
        self::assertFalse($day['slots'][3]['last'], 'the second sheet goes on');
    }

    public function test_a_deadline_that_is_not_kept_is_told(): void
    {
        $document = Sample::e1();
        $document['calendar'] = ['start' => '2026-11-23', 'deadline' => '2026-11-24'];
        self::assertContains('make.late', Planned::of($document)->codes());
        $document['calendar']['deadline'] = '2027-11-24';
        self::assertNotContains('make.late', Planned::of($document)->codes());
    }

    public function test_without_any_hours_nothing_is_placed_and_that_is_said(): void
    {
        $document = Sample::e1();
        $document['calendar'] = ['deadline' => '2027-01-01', 'week' => array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'], ['hours' => 0])];
        $plan = Planned::of($document)->plan;
        self::assertSame([], $plan['schedule']['days']);
        self::assertCount(count($plan['steps']), $plan['schedule']['unplaced']);
        self::assertTrue($plan['schedule']['late']);
    }

    public function test_what_is_ordered_is_waited_for(): void
    {
        $document = Sample::e1();
        $document['calendar'] = ['start' => '2026-11-23'];
        $plan = Planned::of($document)->plan;
        self::assertSame('2026-11-23', $plan['schedule']['days'][0]['date']);
        $sheets = array_values(array_filter($plan['buy']['lines'], fn (array $l): bool => $l['group'] === 'sheets'));
        foreach ($sheets as $line) {
            $document['shop']['lines'][$line['key']] = ['lead_days' => 9];
        }
        $cut = fn (array $plan): string => array_values(array_filter($plan['schedule']['days'],
            fn (array $d): bool => array_filter($d['slots'], fn (array $s): bool => str_starts_with($s['step'], 'intake:')) !== []))[0]['date'];
        self::assertSame('2026-12-02', $cut(Planned::of($document)->plan));
        foreach ($sheets as $n => $line) {
            $document['facts'][Sample::id('BVY', $n)] = ['kind' => 'bought', 'line' => $line['key'], 'packs' => $line['packs'], 'cents' => 1];
        }
        self::assertSame('2026-11-23', $cut(Planned::of($document)->plan), 'bought is there');
    }

    public function test_what_is_done_is_done_and_its_time_is_learnt(): void
    {
        $document = Sample::e1();
        $plan = Planned::of($document)->plan;
        [$first, $second] = array_values(array_filter($plan['steps'], fn (array $s): bool => $s['kind'] === 'cut_sheet' || $s['kind'] === 'intake'));
        $done = fn (array $step, int $times): array => ['kind' => 'done', 'step' => $step['id'], 'step_kind' => $step['kind'],
            'minutes' => $times * $step['minutes'], 'planned' => $step['minutes'], 'at' => '2026-11-22T10:00:00Z'];
        $document['facts'][Sample::id('D0NE', 1)] = $done($first, 2);
        $document['facts'][Sample::id('D0NE', 2)] = $done($second, 2);
        $after = Planned::of($document)->plan['schedule'];
        $left = $plan['schedule']['minutes'] - $first['minutes'] - $second['minutes'];
        self::assertSame(2 * $left, $after['minutes'], 'twice as long as planned, twice over: so will the rest be');
        self::assertSame(2, $after['learnt']);
        $placed = array_merge(...array_map(fn (array $d): array => array_column($d['slots'], 'step'), $after['days']));
        self::assertNotContains($first['id'], $placed);
    }

    /** @param  array<string, mixed>  $calendar */
    #[DataProvider('wrong')]
    public function test_a_calendar_that_cannot_be_is_refused(array $calendar, string $pointer, string $says): void
    {
        $document = Sample::e1();
        $document['calendar'] = $calendar;
        try {
            Planned::of($document);
            self::fail('It was taken.');
        } catch (DocumentRejected $e) {
            self::assertSame([$pointer, $says], [$e->problems[0]->pointer, $e->problems[0]->says->key]);
        }
    }

    /** @return iterable<array{array<string, mixed>, string, string}> */
    public static function wrong(): iterable
    {
        yield [['start' => '2026-02-30'], '/calendar/start', 'document.date_expected'];
        yield [['week' => ['mon' => ['from' => '25:00']]], '/calendar/week/mon/from', 'document.time_expected'];
        yield [['week' => ['mon' => ['from' => '22:00', 'hours' => 3]]], '/calendar/week/mon', 'document.day_too_long'];
        yield [['days' => ['tomorrow' => ['hours' => 3]]], '/calendar/days/tomorrow', 'document.date_expected'];
    }

    /** @return array<string, mixed> */
    private static function anyCalendar(): array
    {
        $week = [];
        foreach (['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'] as $day) {
            $from = mt_rand(7, 18);
            $week[$day] = ['from' => sprintf('%02d:%02d', $from, 15 * mt_rand(0, 3)), 'hours' => mt_rand(0, 8) / 2];
        }
        $week['sat'] = ['from' => '09:30', 'hours' => 5];

        return ['start' => '2026-11-2'.mt_rand(0, 9), 'week' => $week, 'outdoors' => mt_rand(0, 1) === 1,
            'quiet_until' => '08:30', 'quiet_from' => '19:00', 'quiet_days' => ['sun' => true],
            'days' => ['2026-12-02' => ['from' => '06:00', 'hours' => 12], '2026-12-03' => ['hours' => 0]],
            'wet' => ['2026-11-28' => true, '2026-11-30' => true]];
    }

    /** @param  array<string, mixed>  $document */
    private static function walk(array $document, string $said): void
    {
        $plan = Planned::of($document)->plan;
        $schedule = $plan['schedule'];
        $steps = array_column($plan['steps'], null, 'id');
        $calendar = $document['calendar'];
        $spent = $ended = $slotsOf = [];
        $last = '';
        foreach ($schedule['days'] as $day) {
            self::assertGreaterThan($last, $day['date'], "$said: days in order");
            $last = $day['date'];
            $weekday = strtolower((new \DateTimeImmutable($day['date']))->format('D'));
            $hours = $calendar['days'][$day['date']] ?? $calendar['week'][$weekday];
            [$from, $to] = [self::minute($hours['from'] ?? '09:00'), self::minute($hours['from'] ?? '09:00') + (int) round(60 * $hours['hours'])];
            foreach ($day['slots'] as $slot) {
                $step = $steps[$slot['step']];
                self::assertGreaterThanOrEqual($from, $slot['from'], "$said: $day[date] before hours");
                self::assertLessThanOrEqual($to, $slot['from'] + $slot['minutes'], "$said: $day[date] after hours");
                if ($step['noisy']) {
                    self::assertNotSame('sun', $weekday, "$said: noise on a Sunday");
                    self::assertTrue($slot['from'] >= 510 && $slot['from'] + $slot['minutes'] <= 1140, "$said: noise out of hours");
                }
                self::assertFalse($step['outside'] && $calendar['outdoors'] && isset($calendar['wet'][$day['date']]), "$said: sawing in the rain");
                $busy = array_sum(array_map(fn (array $s): int => $s['from'] <= $slot['from']
                    && $slot['from'] < $s['from'] + $s['minutes'] ? $s['hands'] : 0, $day['slots']));
                self::assertLessThanOrEqual($document['make']['hands'], $busy, "$said: more at work than there are hands");
                $at = self::moment($day['date'], $slot['from']);
                $slotsOf[$slot['step']][] = $at;
                $spent[$slot['step']] = ($spent[$slot['step']] ?? 0) + $slot['minutes'];
                $ended[$slot['step']] = max($ended[$slot['step']] ?? 0, $at + $slot['minutes']);
            }
        }
        foreach ($steps as $id => $step) {
            self::assertSame($step['minutes'], $spent[$id] ?? 0, "$said: $id takes as long as it takes");
            foreach ($step['needs'] as $need) {
                self::assertGreaterThanOrEqual($ended[$need['step']] + 60 * $need['hours'],
                    min($slotsOf[$id]), "$said: $id before $need[step] is done and dry");
            }
            if (in_array($step['kind'], self::IN_ONE_GO, true) && $step['minutes'] <= 300) {
                self::assertCount(1, $slotsOf[$id], "$said: $id is broken off");
            }
        }
        self::assertSame([], $schedule['unplaced'], $said);
        self::assertSame($last, $schedule['ends']);
    }

    private static function minute(string $time): int
    {
        return 60 * (int) substr($time, 0, 2) + (int) substr($time, 3);
    }

    private static function moment(string $date, int $minute): int
    {
        return intdiv((new \DateTimeImmutable($date, new \DateTimeZone('UTC')))->getTimestamp(), 60) + $minute;
    }
}
