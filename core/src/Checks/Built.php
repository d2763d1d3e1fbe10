<?php

declare(strict_types=1);

namespace Incastro\Core\Checks;

use Incastro\Core\Checks\Strength\Stowed;
use Incastro\Core\Cut\Machining\Bored;
use Incastro\Core\Design\Cell;
use Incastro\Core\Design\Design;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Document\Limit;
use Incastro\Core\Document\MadeOf;
use Incastro\Core\Document\Piece;
use Incastro\Core\Document\Project;
use Incastro\Core\Document\StoredThing;
use Incastro\Core\Document\Whereabouts;
use Incastro\Core\Findings\Fix;
use Incastro\Core\Findings\Place;
use Incastro\Core\Fit\Fit;
use Incastro\Core\Fit\WallScrew;
use Incastro\Core\Fit\WallScrews;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\Room;

/** What a check may look at. */
final readonly class Built
{
    /** @var array<string, Panel> as they stand in the house, by id */
    public array $panels;

    /** @var list<WallScrew> */
    public array $screws;

    public function __construct(
        public Project $project,
        public Piece $piece,
        public Room $room,
        public Fit $fit,
        public Design $design,
        public Bored $bored,
    ) {
        $this->panels = array_column(array_map(fn (Panel $p): array => [$p->id, $p], $fit->panels), 1, 0);
        $this->screws = WallScrews::of($fit, $design);
    }

    /** The person's own limit, else the usual one. */
    public function limit(Limit $limit): float
    {
        return $this->project->limits[$limit->value] ?? $limit->usual();
    }

    public function length(Limit $limit): Length
    {
        return Length::fromMillimetres($this->limit($limit));
    }

    /** Where a finding about the bay is. */
    public function bay(string $id): Place
    {
        return new Place('piece', $id);
    }

    /** @return list<Panel> as they stand in the house */
    public function boards(Role ...$roles): array
    {
        return array_values(array_filter($this->fit->panels, fn (Panel $p): bool => in_array($p->role, $roles, true)));
    }

    /** @return list<Panel> what stands in a bay, of those roles, of any when none is named */
    public function inBay(string $bay, Role ...$roles): array
    {
        return array_values(array_filter($this->fit->panels, fn (Panel $p): bool => $p->bay === $bay && ($roles === [] || in_array($p->role, $roles, true))));
    }

    /** @return list<Panel> what moves in a bay */
    public function movingIn(string $bay): array
    {
        return array_values(array_filter($this->inBay($bay), fn (Panel $p): bool => $p->role->moves()));
    }

    /** The bay a lid closes. */
    public function under(Panel $lid): ?Cell
    {
        return $this->design->cells[explode(':lid_', $lid->id)[1] ?? ''] ?? null;
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

    /** kg of all its boards, and of what stands in it. */
    public function loaded(): float
    {
        return Stowed::whole($this) + array_sum(array_map($this->kg(...), $this->fit->panels));
    }

    /**
     * What is to be kept in bays of the piece, each with its bay and how high over the floor that begins.
     *
     * @return list<array{StoredThing, Cell, Length}>
     */
    public function kept(): array
    {
        $kept = [];
        foreach ($this->project->stored as $thing) {
            $cell = $this->design->cells[$thing->bay ?? ''] ?? null;
            if ($cell !== null) {
                $kept[] = [$thing, $cell, $cell->z->from->minus($this->room->floorHighPoint())];
            }
        }

        return $kept;
    }

    public function madeOf(Panel $panel): MadeOf
    {
        return $this->project->stock[$panel->material]->madeOf ?? MadeOf::BirchPly;
    }

    public function kg(Panel $panel): float
    {
        $material = $this->project->stock[$panel->material] ?? null;

        return $panel->bought || $material === null ? 0.0 : $panel->solid->litres() * $material->density / 1000;
    }
}
