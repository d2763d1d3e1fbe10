<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Record;

use Incastro\Core\Build\Steps\WorkPlan;
use Incastro\Core\Cut\Cutting;
use Incastro\Core\Cut\Part;
use Incastro\Core\Cut\PartShape;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Measure\Length;

/** Every part: what it is, its sizes with what made them, its shape, and how far it is. */
final readonly class PartsSection implements \JsonSerializable
{
    /** @var array<string, array{begun: string|null, length: Length, width: Length}> by part */
    private array $asCut;

    private PartStates $states;

    public function __construct(private Project $project, private Cutting $cutting, WorkPlan $steps)
    {
        $boards = array_map(fn (array $b): array => ['begun' => null, 'length' => $b[0], 'width' => $b[1]], $project->log->boards());
        $this->asCut = [...$boards, ...$cutting->started->cut()];
        $this->states = new PartStates($project, $steps, $this->asCut);
    }

    /** @return array<string, string> how far each part is */
    public function states(): array
    {
        $states = [];
        foreach ($this->cutting->parts as $part) {
            $states[$part->panel->id] = $this->states->state($part->panel->id)->value;
        }

        return $states;
    }

    /** @return list<array<string, mixed>> */
    public function jsonSerialize(): array
    {
        return array_map($this->part(...), $this->cutting->parts);
    }

    /** @return array<string, mixed> */
    private function part(Part $part): array
    {
        $panel = $part->panel;
        $material = $this->project->stock[$panel->material];

        return [
            'id' => $panel->id,
            'label' => $this->cutting->labels[$panel->id],
            'piece' => $panel->piece,
            'role' => $panel->role->value,
            'name' => $panel->name,
            'hand' => $panel->hand?->value,
            'material' => $panel->material,
            'material_name' => $material->name,
            'thickness' => $part->thickness($this->project->stock),
            'finished' => ['length' => $panel->length, 'width' => $panel->width],
            'cut' => ['length' => $part->length, 'width' => $part->width],
            'grain' => $part->grainFixed ? 'length' : 'free',
            'banded' => $panel->banded,
            'fit_on_site' => $panel->fitOnSite,
            'bought' => $panel->bought,
            'mirror_of' => $this->cutting->pairs[$panel->id] ?? null,
            'from_leftover' => $this->cutting->moved[$panel->id] ?? null,
            'state' => $this->states->state($panel->id)->value,
            'as_built' => $this->states->measured($panel->id),
            'as_cut' => $this->asCut[$panel->id] ?? null,
        ] + ['bay' => $panel->bay] + (new PartShape($panel))->written($this->project->workshop);
    }
}
