<?php

declare(strict_types=1);

namespace Incastro\Core\Planning;

use Incastro\Core\Assembly\Assembly;
use Incastro\Core\Build\Calendar\CalendarMaker;
use Incastro\Core\Build\Calendar\Schedule;
use Incastro\Core\Build\Carrying\Carrier;
use Incastro\Core\Build\Carrying\Carrying;
use Incastro\Core\Build\Handover\Handover;
use Incastro\Core\Build\Record\PartsSection;
use Incastro\Core\Build\Shopping\Shopper;
use Incastro\Core\Build\Shopping\ShoppingList;
use Incastro\Core\Build\Steps\StepMaker;
use Incastro\Core\Build\Steps\WorkPlan;
use Incastro\Core\Build\Trial\Trials;
use Incastro\Core\Checks\Verdicts;
use Incastro\Core\Cut\Begun\ReworkSection;
use Incastro\Core\Cut\CutSection;
use Incastro\Core\Cut\Cutter;
use Incastro\Core\Cut\Cutting;
use Incastro\Core\Cut\LooseBoards;
use Incastro\Core\Cut\Lumber\LumberSection;
use Incastro\Core\Cut\Machining\BenchSection;
use Incastro\Core\Design\Panel;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Document\Reading\ProjectReader;
use Incastro\Core\Draw\DrawingsSection;
use Incastro\Core\Draw\SolidsSection;
use Incastro\Core\Draw\TemplatesSection;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Fit\PiecePlacer;
use Incastro\Core\Fit\PiecesSection;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Memory\Forgetful;
use Incastro\Core\Memory\Memory;
use Incastro\Core\Survey\Room;
use Incastro\Core\Survey\SiteSection;
use Incastro\Core\Survey\Surveyor;
use Incastro\Core\Survey\Tape;
use Incastro\Core\Survey\WayInSection;

/** The stages from a document to its plan: each is worked out when it is first asked for, once, from those before it. */
final class Planning
{
    public readonly Project $project;

    /** @var array<string, Room>|null */
    private ?array $rooms = null;

    /** @var array<string, PlacedPiece>|null */
    private ?array $pieces = null;

    private ?Assembly $assembly = null;

    private ?Cutting $cutting = null;

    private ?Verdicts $verdicts = null;

    private ?ShoppingList $shopping = null;

    private ?WorkPlan $steps = null;

    private ?Schedule $schedule = null;

    private ?Trials $trials = null;

    /**
     * @param  array<array-key, mixed>  $document  a decoded project document
     * @param  Memory  $memory  of stages of plans made before: the plan is the same with it and without
     * @param  Project|null  $read  what the document reads as, where it was just read
     *
     * @throws \Incastro\Core\Document\Reading\DocumentRejected when the document cannot be read
     */
    public function __construct(public readonly array $document, private readonly Memory $memory = new Forgetful, ?Project $read = null)
    {
        $this->project = $read ?? ProjectReader::read($document);
    }

    /** @return array<string, Room> by space */
    public function rooms(): array
    {
        return $this->rooms ??= (new Surveyor($this->project->workshop, $this->project->unit, $this->memory))->rooms($this->project);
    }

    /** @return array<string, PlacedPiece> by id, those whose space has at least one width */
    public function pieces(): array
    {
        return $this->pieces ??= (new PiecePlacer($this->project))->pieces($this->rooms());
    }

    public function assembly(): Assembly
    {
        return $this->assembly ??= Assembly::of($this->pieces());
    }

    public function cutting(): Cutting
    {
        return $this->cutting ??= (new Cutter($this->project))->cut([...$this->panels(), ...LooseBoards::of($this->project)], $this->assembly()->bores());
    }

    public function verdicts(): Verdicts
    {
        return $this->verdicts ??= Verdicts::of($this->project, $this->rooms(), $this->assembly(), $this->cutting());
    }

    public function shopping(): ShoppingList
    {
        return $this->shopping ??= (new Shopper($this->project))->list($this->assembly(), $this->cutting());
    }

    public function steps(): WorkPlan
    {
        return $this->steps ??= (new StepMaker($this->project, $this->verdicts()->held))->make($this->assembly(), $this->cutting());
    }

    public function schedule(): Schedule
    {
        return $this->schedule ??= (new CalendarMaker($this->project))->make($this->steps(), $this->shopping());
    }

    public function carrying(): Carrying
    {
        return (new Carrier($this->project))->plan(array_values($this->pieces()), $this->cutting(), $this->shopping(), $this->steps());
    }

    public function trials(): Trials
    {
        return $this->trials ??= new Trials($this->project, array_values($this->pieces()), $this->steps());
    }

    public function handover(): Handover
    {
        return new Handover($this->project, $this->assembly());
    }

    /** @return list<Finding> of all stages, their cures as the document takes them */
    public function findings(): array
    {
        $late = array_filter([CalendarMaker::finding($this->schedule())]);
        $own = $this->verdicts()->accepted->marked([...$this->steps()->findings(), ...$this->trials()->findings(), ...$late]);

        return array_map(fn (Finding $f): Finding => $f->within($this->document), [...$this->verdicts()->findings, ...$own]);
    }

    /**
     * Parts of the plan by name, in the plan's order; each is worked out and written only where it is asked for.
     *
     * @return array<string, mixed>
     */
    public function sections(string ...$names): array
    {
        $sections = [
            'site' => fn (): mixed => new SiteSection($this->rooms(), new Tape($this->project->workshop)),
            'pieces' => fn (): mixed => new PiecesSection($this->pieces(), $this->verdicts()->held, $this->assembly()->fasteners()),
            'parts' => fn (): mixed => $this->parts(),
            'cut' => fn (): mixed => new CutSection($this->project, $this->cutting()),
            'lumber' => fn (): mixed => new LumberSection($this->project, $this->cutting()),
            'findings' => fn (): mixed => $this->findings(),
            'way_in' => fn (): mixed => new WayInSection($this->project),
            'drawings' => fn (): mixed => new DrawingsSection($this->project, $this->rooms(), $this->pieces()),
            'solids' => fn (): mixed => new SolidsSection($this->pieces()),
            'templates' => fn (): mixed => new TemplatesSection($this->pieces(), $this->cutting()),
            'bench' => fn (): mixed => new BenchSection($this->cutting()->parts),
            'buy' => $this->shopping(...),
            'steps' => $this->steps(...),
            'schedule' => $this->schedule(...),
            'carrying' => $this->carrying(...),
            'rework' => fn (): mixed => new ReworkSection($this->cutting()),
            'trials' => $this->trials(...),
            'handover' => $this->handover(...),
        ];

        return array_map(fn (\Closure $make): mixed => $make(), $names === [] ? $sections : array_intersect_key($sections, array_flip($names)));
    }

    public function parts(): PartsSection
    {
        return new PartsSection($this->project, $this->cutting(), $this->steps());
    }

    /** @return list<Panel> to be cut; what a room leaves no size for is told by the checks */
    private function panels(): array
    {
        $panels = array_merge(...array_map(fn (PlacedPiece $p): array => $p->fit->panels, array_values($this->pieces())), ...[[]]);

        return array_values(array_filter($panels, fn (Panel $p): bool => $p->length->value->isPositive() && $p->width->value->isPositive()));
    }
}
