<?php

declare(strict_types=1);

namespace Incastro\Core\Build;

use Incastro\Core\Cut\Machining\Bore;
use Incastro\Core\Cut\Machining\Bored;
use Incastro\Core\Cut\Machining\BoreKind;
use Incastro\Core\Design\Design;
use Incastro\Core\Design\Joint;
use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\JointLine;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Document\EdgeKind;
use Incastro\Core\Document\FinishKind;
use Incastro\Core\Document\Piece;
use Incastro\Core\Document\Project;
use Incastro\Core\Document\SideKind;
use Incastro\Core\Fit\EdgeFit;
use Incastro\Core\Fit\Fit;
use Incastro\Core\Fit\Support;
use Incastro\Core\Fit\WallScrew;
use Incastro\Core\Fit\WallScrews;
use Incastro\Core\Measure\Length;
use Incastro\Core\Survey\Room;

/** One piece as it is to be built: what the stages before say of it. */
final readonly class PieceWork
{
    /** A wider gap wants a strip: our own figure. */
    private const CAULK_BRIDGES_MM = 20;

    /** 0.3 mm. */
    private const CARD = 12_000;

    /** Softwood, kg/m³ (fieldbook §7), for what is bought by length. */
    public const LUMBER_DENSITY = 480.0;

    /** @var array<string, Panel> as they stand in the house, by id */
    public array $panels;

    /** @var list<WallScrew> */
    public array $wallScrews;

    public function __construct(
        public Project $project,
        public Piece $piece,
        public Room $room,
        public Design $design,
        public Fit $fit,
        public Bored $bored,
    ) {
        $this->panels = array_column(array_map(fn (Panel $p): array => [$p->id, $p], $fit->panels), 1, 0);
        $this->wallScrews = WallScrews::of($fit, $design);
    }

    public static function thickness(Panel $panel): Length
    {
        return $panel->block->size->{$panel->inHouse($panel->thin)->value};
    }

    public function kg(Panel ...$panels): float
    {
        return array_sum(array_map(fn (Panel $p): float => $p->solid->litres() * ($p->bought ? self::LUMBER_DENSITY : ($this->project->stock[$p->material]->density ?? 0.0)) / 1000, $panels));
    }

    /** Whether it gets the piece's finish: what is hidden only where the person finishes that too. */
    public function isFinished(Panel $panel): bool
    {
        return self::isWood($panel) && (! $panel->role->isHidden() || $this->project->make->finishHidden);
    }

    /** What is cut or bought by length for it and can be painted. */
    public static function isWood(Panel $panel): bool
    {
        return ! $panel->bought || in_array($panel->role, [Role::Stud, Role::Board, Role::Trim], true);
    }

    /**
     * Edges that are caulked: gaps left open before a wall, up to what caulk bridges, and scribed edges under paint.
     *
     * @return list<EdgeFit>
     */
    public function caulked(): array
    {
        $isPainted = $this->piece->finish->kind === FinishKind::Paint;
        $most = Length::fromMillimetres(self::CAULK_BRIDGES_MM);

        return array_values(array_filter($this->fit->edges, fn (EdgeFit $e): bool => match (true) {
            $e->kind === EdgeKind::Play => $e->greatest()->isPositive() && ! $e->greatest()->isGreaterThan($most) && $this->isWall($e),
            default => $isPainted && $e->kind !== null && $e->kind->isScribed(),
        }));
    }

    /** Places under the base that are packed: thinner than a card nobody does. */
    public function packed(): int
    {
        return count(array_filter(array_merge(...array_map(fn (Support $s): array => [$s->shimRear, $s->shimFront], $this->fit->supports), ...[[]]), self::isPacked(...)));
    }

    public static function isPacked(Length $shim): bool
    {
        return ! $shim->isLessThan(Length::ofUnits(self::CARD));
    }

    private function isWall(EdgeFit $edge): bool
    {
        $side = $edge->name->side();

        return $side === null || $this->room->space->side($side) === SideKind::Wall;
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

    /** @return list<Bore> */
    public function bores(BoreKind ...$kinds): array
    {
        $found = [];
        foreach ($this->bored->bores as $bores) {
            foreach ($bores as $bore) {
                if (in_array($bore->kind, $kinds, true)) {
                    $found[] = $bore;
                }
            }
        }

        return $found;
    }
}
