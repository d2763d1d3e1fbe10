<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Design\Cell;
use Incastro\Core\Design\Design;
use Incastro\Core\Design\Joint;
use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\JointLine;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Design\Weight;
use Incastro\Core\Document\Model\MadeOf;
use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Document\Model\Whereabouts;
use Incastro\Core\Envelope\Box;
use Incastro\Core\Findings\Fix;
use Incastro\Core\Fit\Entry\Load;
use Incastro\Core\Fit\Entry\Loads;
use Incastro\Core\Fit\Units\Carried;
use Incastro\Core\Fit\Units\Unit;
use Incastro\Core\Fit\Units\Units;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\Room;

/** One piece in its place: the context of all that comes after. It is made once and handed on whole. */
final readonly class PlacedPiece
{
    /** @var array<string, Panel> as they stand in the house, by id */
    public array $panels;

    public Weight $weight;

    /** @var list<Unit> what is joined before it goes to its place */
    public array $units;

    public Carried $carried;

    /** @var list<Load> what is carried in as a whole */
    public array $loads;

    public Box $box;

    public function __construct(public Project $project, public Piece $piece, public Room $room, public Design $design, public Fit $fit)
    {
        $this->panels = array_column(array_map(fn (Panel $p): array => [$p->id, $p], $fit->panels), 1, 0);
        $this->weight = new Weight($project->stock);
        $this->box = $fit->box;
        $this->units = Units::of($design, $fit);
        $this->carried = new Carried($this->units);
        $this->loads = (new Loads($this->weight, $this->units, $this->carried))->of($design, $fit);
    }

    /** @return list<Panel> */
    public function boards(Role ...$roles): array
    {
        return array_values(array_filter($this->fit->panels, fn (Panel $p): bool => in_array($p->role, $roles, true)));
    }

    /** @return list<Panel> what stands in a bay, of those roles, of any when none is named */
    public function inBay(string $bay, Role ...$roles): array
    {
        $isAsked = fn (Panel $p): bool => $roles === [] || in_array($p->role, $roles, true);

        return array_values(array_filter($this->fit->panels, fn (Panel $p): bool => $p->bay === $bay && $isAsked($p)));
    }

    /** @return list<Panel> what moves in a bay */
    public function movingIn(string $bay): array
    {
        return array_values(array_filter($this->inBay($bay), fn (Panel $p): bool => $p->role->moves()));
    }

    /** The bay a lid closes. */
    public function under(Panel $lid): ?Cell
    {
        return $this->design->cells[$lid->closes ?? ''] ?? null;
    }

    /** @return list<array{Joint, JointLine, Panel, Panel}> joints of two boards that touch */
    public function joints(JointKind ...$kinds): array
    {
        $joints = [];
        foreach ($this->design->joints as $joint) {
            [$a, $b] = [$this->panels[$joint->first] ?? null, $this->panels[$joint->second] ?? null];
            $line = $a === null || $b === null || ! in_array($joint->kind, $kinds, true) ? null : JointLine::of($joint->axis, $a, $b);
            array_push($joints, ...($a === null || $b === null || $line === null ? [] : [[$joint, $line, $a, $b]]));
        }

        return $joints;
    }

    /** @return list<array{Joint, JointLine, Panel, Panel}> */
    public function gluedJoints(): array
    {
        return $this->piece->methods->glue ? $this->joints(JointKind::PocketScrews, JointKind::Screws, JointKind::Dowels, JointKind::Dado) : [];
    }

    /** Whether it gets the piece's finish: what is hidden only where the person finishes that too. */
    public function isFinished(Panel $panel): bool
    {
        return $panel->isWood() && (! $panel->role->isHidden() || $this->project->make->finishHidden);
    }

    public function madeOf(Panel $panel): MadeOf
    {
        return $this->project->stock[$panel->material]->madeOf ?? MadeOf::BirchPly;
    }

    /**
     * A cure that sets something of a bay; null when the piece has no such bay.
     *
     * @param  list<string>  $keys  from the bay down
     */
    public function cure(Text $does, string $bay, array $keys, mixed $value): ?Fix
    {
        $path = Whereabouts::ofBay($this->piece, $bay);

        return $path === null ? null : Fix::set($does, [...$path, ...$keys], $value);
    }
}
