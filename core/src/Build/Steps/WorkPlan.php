<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Steps;

use Incastro\Core\Document\Facts\StepDone;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Measure\Text;

/** Every step in its order, why, what each order of the person's own breaks, and what waits for somebody. */
final readonly class WorkPlan implements \JsonSerializable
{
    /**
     * @param  array<string, list<Need>>  $needs  by step
     * @param  array<string, Step>  $steps  in order
     * @param  array<string, list<Finding>>  $held  by step
     * @param  list<Finding>  $findings  fixings that can be had in no order
     * @param  array<string, string>  $driven  the step that drives it, by fastener
     * @param  array<string, string>  $fitted  the step that fixes it, by piece and number of the fitting
     */
    public function __construct(public Project $project, public array $needs, public array $steps, public array $held, private array $findings,
        public array $driven, public array $fitted)
    {
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        $findings = $this->findings;
        foreach ($this->broken() as $step => $needs) {
            foreach ($needs as $need) {
                $args = ['step' => $this->steps[$step]->title, 'before' => $this->steps[$need->step]->title, 'why' => $need->why];
                $findings[] = new Finding('make.order', Severity::Look, new Place(WorkStage::Make, (string) $step),
                    Text::of('make.order', ...$args), Text::of('make.order.remedy', ...$args), Text::of('source.steps'));
            }
        }

        return $findings;
    }

    /** @return array<string, list<Need>> by step, what it needs and comes after it */
    public function broken(): array
    {
        $place = array_flip(array_keys($this->steps));
        $broken = array_map(
            fn (string $step): array => array_values(array_filter($this->needs[$step], fn (Need $n): bool => $place[$n->step] > $place[$step])),
            array_keys($this->steps));

        return array_filter(array_combine(array_keys($this->steps), $broken), fn (array $needs): bool => $needs !== []);
    }

    /** @return array<string, string|null> steps that are done, and when, where that was said */
    public function done(): array
    {
        $over = array_map(fn (Step $s): ?string => null, array_filter($this->steps, fn (Step $s): bool => $s->isOver));

        return [...$over, ...array_column(array_map(fn (StepDone $d): array => [$d->step, $d->at], $this->project->log->done), 1, 0)];
    }

    /** @return list<array<string, mixed>> */
    public function jsonSerialize(): array
    {
        $broken = $this->broken();
        $done = $this->done();

        return array_map(fn (Step $s): array => [
            'id' => $s->id, 'kind' => $s->kind->value, 'piece' => $s->piece, 'title' => $s->title,
            'parts' => $s->parts, 'makes' => $s->makes, 'places' => $s->places,
            'numbers' => self::once($s->numbers), 'checks' => $s->checks, 'tools' => array_map(fn (string $t): Text => Text::of("tool.$t"), $s->kind->tools()),
            'cautions' => array_map(fn (string $c): Text => Text::of("caution.$c"), $this->cautions($s)),
            'hands' => $s->hands, 'minutes' => $s->minutes(), 'noisy' => $s->kind->isNoisy(),
            'outside' => $s->kind->isOutside(), 'scene' => $s->kind->scene()->value, 'sheet' => $s->sheet,
            'done' => array_key_exists($s->id, $done),
            'asks' => array_map(
                fn (string $about, Text $name): array => ['about' => $about, 'name' => $name, 'recorded' => $this->project->log->isRecorded($about)],
                array_keys($s->asks), array_values($s->asks)),
            'needs' => $this->needs[$s->id] ?? [], 'breaks' => $broken[$s->id] ?? [],
            'held' => array_map(fn (Finding $f): array => ['code' => $f->code, 'ref' => $f->place->ref, 'says' => $f->says, 'decides' => $f->decides?->value],
                $this->held[$s->id] ?? []),
        ], array_values($this->steps));
    }

    /**
     * @param  list<Text>  $texts
     * @return list<Text>
     */
    private static function once(array $texts): array
    {
        return array_values(array_column(array_map(fn (Text $t): array => [json_encode($t, JSON_THROW_ON_ERROR), $t], $texts), 1, 0));
    }

    /** @return list<string> */
    private function cautions(Step $step): array
    {
        $alone = $step->hands > $this->project->make->hands ? [$step->kind === StepKind::CutSheet ? 'sheet_alone' : 'alone'] : [];

        return array_values(array_unique([...$alone, ...$step->cautions, ...$step->kind->cautions()]));
    }
}
