<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Build\Calendar\Schedule;
use Incastro\Core\Build\Carrying\Carrying;
use Incastro\Core\Build\Handover\Handover;
use Incastro\Core\Build\Record\PartStates;
use Incastro\Core\Build\Shopping\ShoppingList;
use Incastro\Core\Build\Steps\WorkPlan;
use Incastro\Core\Build\Trial\Trials;
use Incastro\Core\Cut\CutSection;
use Incastro\Core\Cut\Cutting;
use Incastro\Core\Cut\Labels;
use Incastro\Core\Cut\Machining\BenchSection;
use Incastro\Core\Cut\Part;
use Incastro\Core\Cut\ReworkSection;
use Incastro\Core\Design\Design;
use Incastro\Core\Design\Panel;
use Incastro\Core\Document\Instrument;
use Incastro\Core\Document\Piece;
use Incastro\Core\Document\Plane;
use Incastro\Core\Document\Project;
use Incastro\Core\Document\Reading;
use Incastro\Core\Document\ReadingForms;
use Incastro\Core\Document\ReadingNote;
use Incastro\Core\Document\ReadingPhoto;
use Incastro\Core\Document\Side;
use Incastro\Core\Document\Take;
use Incastro\Core\Document\WaySegment;
use Incastro\Core\Draw\AxonDrawer;
use Incastro\Core\Draw\PieceDrawer;
use Incastro\Core\Draw\Shell;
use Incastro\Core\Draw\SiteDrawer;
use Incastro\Core\Draw\Tapes;
use Incastro\Core\Draw\Template;
use Incastro\Core\Draw\Templates;
use Incastro\Core\Draw\WayDrawer;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Fit\Fit;
use Incastro\Core\Fit\PieceSection;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Rounding;
use Incastro\Core\Plan;

/** Writes the results of the stages down as the plan's sections. */
final readonly class SiteSection
{
    /** @var array<string, string> */
    private array $labels;

    /** @var array<string, array{begun: string|null, length: Length, width: Length}> by part */
    private array $asCut;

    private PartStates $states;

    /**
     * @param  array<string, Room>  $rooms
     * @param  array<string, Design>  $designs
     * @param  array<string, Fit>  $fitted
     * @param  list<Finding>  $findings
     * @param  array<string, list<Finding>>  $held  by piece, what holds it up
     */
    public function __construct(
        private Project $project,
        private array $rooms,
        private array $designs,
        private array $fitted,
        private Cutting $cutting,
        private array $findings,
        private array $held,
        private ShoppingList $buy,
        private WorkPlan $steps,
        private Schedule $schedule,
        private Carrying $carrying,
        private Trials $trials,
        private Handover $handover,
    ) {
        $this->labels = Labels::of($cutting->parts, $cutting->hands);
        $this->asCut = [...array_map(fn (array $b): array => ['begun' => null, 'length' => $b[0], 'width' => $b[1]], $project->log->boards()), ...$cutting->started->cut()];
        $this->states = new PartStates($project, $steps, $this->asCut);
    }

    public function plan(): Plan
    {
        $cut = new CutSection($this->project, $this->cutting, $this->labels);

        return new Plan(
            $this->project->unit->value,
            array_map($this->site(...), $this->rooms),
            $this->pieces(),
            array_map($this->part(...), $this->cutting->parts),
            $cut->materials(),
            $cut->lumber(),
            $this->findings,
            $this->drawings(),
            $this->wayIn(),
            $this->solids(),
            $this->templates(),
            $this->bench(),
            $this->buy,
            $this->steps,
            $this->schedule,
            $this->carrying,
            ReworkSection::of($this->cutting),
            $this->trials,
            $this->handover,
        );
    }

    /** @return array<string, mixed> */
    private function wayIn(): array
    {
        $way = new WayIn(array_values($this->project->wayIn));
        $depths = array_map(fn ($piece): Length => $piece->depth, array_values($this->project->pieces));
        $depth = $depths === [] ? Length::fromMillimetres(350) : Length::greatest(...$depths);

        return [
            'segments' => array_map(fn (WaySegment $s): array => [
                'id' => $s->id, 'kind' => $s->kind->value, 'name' => $s->name, 'width' => $s->width, 'height' => $s->height, 'into' => $s->into,
                'gain' => $s->gain, 'off' => $s->off, 'clear' => $way->clear($s), 'longest' => $way->longestRound($s, $depth),
            ], $way->segments),
            'narrowest' => $way->narrowest()?->id,
            'lowest' => $way->lowest()?->id,
        ];
    }

    /** @return array<string, mixed> */
    private function site(Room $room): array
    {
        $walls = [];
        foreach ($room->isMeasured() ? Side::cases() : [] as $side) {
            foreach ($room->planes() as $plane) {
                $walls[$side->value][$plane->value] = array_map(
                    fn (WallPoint $p): array => ['z' => $p->z, 'x' => $p->x, 'exact' => $p->exact, 'ref' => $p->reading],
                    $room->wall($side, $plane),
                );
            }
        }

        return [
            'name' => $room->space->name,
            'kind' => $room->space->kind->value,
            'left' => $room->space->left->value,
            'right' => $room->space->right->value,
            'walk' => array_map(fn (Reading $r): array => $this->reading($r, $room), Walk::of($room->space)),
            'walls' => (object) $walls,
            'lean' => $room->isMeasured() ? ['left' => $room->lean(Side::Left), 'right' => $room->lean(Side::Right)] : null,
            'square' => ['left' => $room->corner(Side::Left), 'right' => $room->corner(Side::Right)],
            'slope' => $room->slopeAngle(),
            'forms' => (new ReadingForms($room->space, $room->sizes->lowest()))->all(),
            'things' => array_map(self::thing(...), $room->things),
            'usable' => $room->space->footprint === null ? null : Usable::over($room->space->footprint, $room),
            'studs' => Studs::along($room->space->build, $room->sizes->width),
            'floor' => $room->floor,
            'ceiling' => (object) $room->ceiling,
            'depth' => (object) $room->depth,
            'planes' => array_map(fn (Plane $p): string => $p->value, $room->planes()),
            'doubt' => (new DoubtSection($room))->doubt(),
        ];
    }

    /** @return array<string, mixed> */
    private static function thing(PlacedThing $placed): array
    {
        $rule = $placed->thing->rule();

        return [
            'id' => $placed->thing->id, 'kind' => $placed->thing->kind->value, 'name' => $placed->name(),
            'treatment' => $placed->thing->treatment?->value, 'treatments' => $rule->treatments, 'faces' => $rule->faces,
            'must_reach' => $rule->mustReach, 'defer_to' => $rule->deferTo->value,
            'usual_free_area_cm2' => $placed->thing->usualFreeAreaCm2(),
            'notch' => Length::fromMillimetres($rule->notchMm), 'away' => Length::fromMillimetres($rule->awayMm),
        ];
    }

    /** @return array<string, mixed> */
    private function reading(Reading $reading, Room $room): array
    {
        $residual = $room->residuals[$reading->id] ?? null;
        $takes = $reading->takes;

        return [
            'id' => $reading->id,
            'kind' => $reading->kind->value,
            'name' => ReadingName::of($reading),
            'view' => Tapes::viewOf($reading, $room->space)->value,
            'value' => $reading->value(),
            'deg' => $reading->last()?->degrees,
            'typed' => $reading->last()?->typed,
            'takes' => array_map(fn (Take $t): array => ['id' => $t->id, 'value' => $t->value, 'deg' => $t->degrees, 'typed' => $t->typed,
                'with' => ($t->with ?? Instrument::usualFor($reading->kind))->value, 'at' => $t->at], $takes),
            'notes' => array_map(fn (ReadingNote $n): array => ['id' => $n->id, 'text' => $n->text, 'at' => $n->at], $reading->notes),
            'photos' => array_map(fn (ReadingPhoto $p): array => ['id' => $p->id, 'photo' => $p->photo, 'width' => $p->width, 'height' => $p->height, 'caption' => $p->caption, 'at' => $p->at], $reading->photos),
            'off_by' => $residual === null || $reading->kind->isAngle() ? null : Length::roundedFromMillimetres($residual['mm'], Rounding::Nearest),
            'off_by_deg' => $residual === null || ! $reading->kind->isAngle() ? null : round($residual['mm'], 3),
            'checked' => isset($room->redundancy[$reading->id]) ? round($room->redundancy[$reading->id], 3) : null,
            'test' => $residual === null ? null : round($residual['standardised'], 2),
        ];
    }

    private function writer(string $id): PieceSection
    {
        return new PieceSection($this->project, $this->project->pieces[$id], $this->designs[$id], $this->fitted[$id], $this->held[$id] ?? []);
    }

    /** @return array<string, mixed> */
    private function pieces(): array
    {
        return array_map(fn (string $id): array => $this->writer($id)->piece(), array_combine(array_keys($this->fitted), array_keys($this->fitted)));
    }

    /** @return array<string, mixed> */
    private function solids(): array
    {
        $solids = $faces = [];
        foreach (array_keys($this->fitted) as $id) {
            $space = $this->project->pieces[$id]->space;
            $solids[$id] = ['parts' => $this->writer($id)->solids(), 'room' => $faces[$space] ??= (new Shell($this->rooms[$space]))->faces()];
        }

        return $solids;
    }

    /** @return array<string, Template> */
    private function templates(): array
    {
        return array_merge(...array_map(fn (string $id): array => (new Templates($this->project->pieces[$id], $this->fitted[$id]))->of(), array_keys($this->fitted)), ...[Templates::loose(array_map(fn (Part $p): Panel => $p->panel, $this->cutting->parts))]);
    }

    /** @return array<string, array<string, mixed>> by part that has anything drilled or let in */
    private function bench(): array
    {
        $bench = [];
        foreach ($this->cutting->parts as $part) {
            $is = BenchSection::of($part);
            $bench += $is === null ? [] : [$part->panel->id => $is];
        }

        return $bench;
    }

    /** @return array<string, mixed> */
    private function part(Part $part): array
    {
        $panel = $part->panel;
        $material = $this->project->stock[$panel->material];

        return [
            'id' => $panel->id,
            'label' => $this->labels[$panel->id],
            'piece' => $panel->piece,
            'role' => $panel->role->value,
            'name' => $panel->name,
            'hand' => $panel->hand?->value,
            'material' => $panel->material,
            'material_name' => $material->name,
            'thickness' => $panel->bought ? $panel->block->size->{$panel->inHouse($panel->thin)->value} : $material->thickness,
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
        ] + PieceSection::shape($panel, $this->project->workshop);
    }

    /** @return list<Design> what else stands in its space */
    private function beside(Piece $piece): array
    {
        return array_values(array_filter($this->designs, fn (Design $d, string $id): bool => $id !== $piece->id && $this->project->pieces[$id]->space === $piece->space, ARRAY_FILTER_USE_BOTH));
    }

    /** @return array<string, mixed> */
    private function drawings(): array
    {
        $drawings = [];
        $site = new SiteDrawer;
        $drawings['way_in'] = ['front' => (new WayDrawer)->front(new WayIn(array_values($this->project->wayIn)))];
        foreach ($this->rooms as $id => $room) {
            $drawings[$id] = ['front' => $site->front($room), 'top' => $site->top($room), 'side' => $site->side($room)];
        }
        foreach ($this->fitted as $id => $fit) {
            $piece = $this->project->pieces[$id];
            $drawer = new PieceDrawer($piece, $this->rooms[$piece->space], $this->designs[$id], $fit, $this->beside($piece));
            $drawings[$id] = ['front' => $drawer->front(), 'section' => $drawer->section(), 'top' => $drawer->top(), 'axon' => AxonDrawer::draw($fit->panels)] + $drawer->sections();
        }

        return $drawings;
    }
}
