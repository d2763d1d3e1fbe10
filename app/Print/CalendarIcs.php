<?php

declare(strict_types=1);

namespace App\Print;

use App\Words\Catalogue;
use App\Words\Language;

/**
 * The schedule as an iCalendar file (RFC 5545): one event a stretch of work, in local time without a zone, so that it stays at the hour the
 * person meant wherever it is read; what dries shows as free time. Same plan, same file: the stamp is the project's own date.
 *
 * @phpstan-import-type Schedule from PlanShapes
 */
final readonly class CalendarIcs
{
    private Catalogue $words;

    /** @param  array<string, mixed>  $plan */
    private function __construct(private string $id, private string $asOf, private array $plan)
    {
        $this->words = Catalogue::ofPlan($plan);
    }

    /** @param  array<string, mixed>  $plan */
    public static function of(string $project, string $id, string $asOf, array $plan): string
    {
        $self = new self($id, $asOf, $plan);
        $lines = ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//Incastro//Work plan//EN', 'CALSCALE:GREGORIAN', 'X-WR-CALNAME:'.self::text($project), ...$self->events(), 'END:VCALENDAR'];

        return implode('', array_map(fn (string $l): string => self::folded($l)."\r\n", $lines));
    }

    /** @return list<string> */
    private function events(): array
    {
        $schedule = PlanReader::schedule($this->plan);
        $steps = array_column(PlanReader::steps($this->plan), null, 'id');
        $lines = [];
        foreach ($schedule['days'] as $day) {
            foreach ($day['slots'] as $slot) {
                $step = $steps[$slot['step']];
                $notes = array_map($this->words->renderPlain(...), [...$step['numbers'], ...$step['cautions']]);
                $title = $this->words->renderPlain($step['title']).($slot['last'] ? '' : Language::say(' (goes on)'));
                array_push($lines, ...$this->event("{$slot['step']} {$day['date']} {$slot['from']}", $title, [$day['date'], $slot['from']], [$day['date'], $slot['from'] + $slot['minutes']], implode("\n", $notes), 'OPAQUE'));
            }
        }
        foreach ($schedule['drying'] as $dries) {
            $title = Language::say('Dries: {0}', $this->words->renderPlain($steps[$dries['step']]['title'] ?? ['key' => '', 'args' => []]));
            array_push($lines, ...$this->event("dries {$dries['step']}", $title, [$dries['from']['date'], $dries['from']['minute']], [$dries['until']['date'], $dries['until']['minute']], $this->words->renderPlain($dries['why']), 'TRANSPARENT'));
        }

        return $lines;
    }

    /**
     * @param  array{string, int}  $from  date and minute of the day
     * @param  array{string, int}  $to
     * @return list<string>
     */
    private function event(string $key, string $title, array $from, array $to, string $notes, string $shows): array
    {
        return ['BEGIN:VEVENT', 'UID:'.sha1("$this->id $key").'@incastro', 'DTSTAMP:'.str_replace('-', '', $this->asOf).'T000000Z',
            'DTSTART:'.self::moment(...$from), 'DTEND:'.self::moment(...$to), 'SUMMARY:'.self::text($title), 'DESCRIPTION:'.self::text($notes), "TRANSP:$shows", 'END:VEVENT'];
    }

    private static function moment(string $date, int $minute): string
    {
        return (new \DateTimeImmutable("$date 00:00", new \DateTimeZone('UTC')))->modify("+$minute minutes")->format('Ymd\THis');
    }

    private static function text(string $text): string
    {
        return str_replace(["\r", "\n"], ['', '\n'], addcslashes($text, '\\;,'));
    }

    /** No line is longer than 75 octets; a character is never cut in two. */
    private static function folded(string $line): string
    {
        $parts = [];
        while (strlen($line) > 73) {
            $part = mb_strcut($line, 0, 73, 'UTF-8');
            $parts[] = $part;
            $line = substr($line, strlen($part));
        }

        return implode("\r\n ", [...$parts, $line]);
    }
}
