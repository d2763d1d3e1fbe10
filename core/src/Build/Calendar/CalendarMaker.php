<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Calendar;

use Incastro\Core\Build\Shopping\ShoppingList;
use Incastro\Core\Build\Steps\Step;
use Incastro\Core\Build\Steps\WorkPlan;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Measure\Text;

/** Makes the schedule of a work plan: what is done stays done, what takes time to come is waited for. */
final readonly class CalendarMaker
{
    public function __construct(private Project $project)
    {
    }

    public function make(WorkPlan $plan, ShoppingList $buy): Schedule
    {
        $calendar = $this->project->calendar;
        $days = new Days($calendar, $this->project->asOf);
        $pace = Pace::of($this->project->log);
        $done = [];
        foreach ($plan->done() as $step => $at) {
            $done[$step] = $days->at($at) ?? 0;
        }
        $scheduler = new Scheduler($plan, $days, $pace, $done);
        $scheduler->notBefore($this->arrivals($plan, $buy));
        $slots = $scheduler->slots();
        $ended = $scheduler->ended();
        $minutes = array_sum(array_map(fn (Step $s): int => isset($done[$s->id]) ? 0 : $pace->minutes($s), array_values($plan->steps)));

        return new Schedule($days, $slots, self::drying($plan, $ended),
            array_map(strval(...), array_keys(array_diff_key($plan->steps, $ended))), $calendar->deadline, $pace, $minutes);
    }

    /** Its sentence about a date that is not kept. */
    public static function finding(Schedule $schedule): ?Finding
    {
        if (! $schedule->isLate()) {
            return null;
        }
        $args = ['ends' => $schedule->ends() ?? '–', 'deadline' => (string) $schedule->deadline()];

        return new Finding('make.late', Severity::Look, new Place(WorkStage::Make, 'calendar'),
            Text::of('make.late', ...$args), Text::of('make.late.remedy', ...$args), Text::of('source.steps'));
    }

    /**
     * @param  array<string, int>  $ended
     * @return list<array{string, int, int, Text}> the longest wait after each step
     */
    private static function drying(WorkPlan $plan, array $ended): array
    {
        $drying = [];
        foreach ($plan->needs as $needs) {
            foreach ($needs as $need) {
                $hours = (int) ceil($need->hours * 60);
                if ($hours > 0 && isset($ended[$need->step]) && $hours > ($drying[$need->step][2] ?? 0) - ($drying[$need->step][1] ?? 0)) {
                    $drying[$need->step] = [$need->step, $ended[$need->step], $ended[$need->step] + $hours, $need->why];
                }
            }
        }

        return array_values($drying);
    }

    /** @return array<string, int> by step, when what is ordered for it has come */
    private function arrivals(WorkPlan $plan, ShoppingList $buy): array
    {
        $days = [];
        foreach ($buy->lines as $line) {
            if ($line->line->leadDays !== null && $line->packs > 0 && ! $line->isBought()) {
                foreach ($line->need->group->usedIn() as $kind) {
                    $days[$kind->value] = max($days[$kind->value] ?? 0, $line->line->leadDays);
                }
            }
        }
        $not = [];
        foreach ($plan->steps as $id => $step) {
            if (isset($days[$step->kind->value])) {
                $not[$id] = $days[$step->kind->value] * Days::DAY;
            }
        }

        return $not;
    }
}
