<?php

declare(strict_types=1);

namespace Incastro\Core;

use Incastro\Core\Build\Calendar\Schedule;
use Incastro\Core\Build\Carrying\Carrying;
use Incastro\Core\Build\Handover\Handover;
use Incastro\Core\Build\Shopping\ShoppingList;
use Incastro\Core\Build\Steps\WorkPlan;
use Incastro\Core\Build\Trial\Trials;

/** Everything that follows from a document. Sections are plain data, described in schema/plan.schema.json. */
final readonly class Plan implements \JsonSerializable
{
    /**
     * @param  array<string, mixed>  $site
     * @param  array<string, mixed>  $pieces
     * @param  list<array<string, mixed>>  $parts
     * @param  list<array<string, mixed>>  $cut
     * @param  list<array<string, mixed>>  $lumber
     * @param  list<Findings\Finding>  $findings
     * @param  array<string, mixed>  $drawings
     * @param  array<string, mixed>  $wayIn
     * @param  array<string, mixed>  $solids  by piece
     * @param  array<string, mixed>  $templates  by edge or part
     * @param  array<string, mixed>  $bench  by part
     * @param  array<string, mixed>  $rework  pieces of begun sheets
     */
    public function __construct(
        public string $unit,
        public array $site,
        public array $pieces,
        public array $parts,
        public array $cut,
        public array $lumber,
        public array $findings,
        public array $drawings,
        public array $wayIn,
        public array $solids,
        public array $templates,
        public array $bench,
        public ShoppingList $buy,
        public WorkPlan $steps,
        public Schedule $schedule,
        public Carrying $carrying,
        public array $rework,
        public Trials $trials,
        public Handover $handover,
    ) {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'format' => 'incastro-plan',
            'version' => 1,
            'unit' => $this->unit,
            'site' => (object) $this->site,
            'pieces' => (object) $this->pieces,
            'parts' => $this->parts,
            'cut' => $this->cut,
            'lumber' => $this->lumber,
            'findings' => $this->findings,
            'way_in' => $this->wayIn,
            'drawings' => (object) $this->drawings,
            'solids' => (object) $this->solids,
            'templates' => (object) $this->templates,
            'bench' => (object) $this->bench,
            'buy' => $this->buy,
            'steps' => $this->steps,
            'schedule' => $this->schedule,
            'carrying' => $this->carrying,
            'rework' => $this->rework,
            'trials' => $this->trials,
            'handover' => $this->handover,
        ];
    }

    /** @throws \JsonException never for a plan made by the planner */
    public function toJson(): string
    {
        return json_encode($this, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }
}
