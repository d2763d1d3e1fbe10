<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Cut\PartShape;
use Incastro\Core\Design\CellsSection;
use Incastro\Core\Design\Design;
use Incastro\Core\Design\Hardware;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Spacing;
use Incastro\Core\Design\Taken;
use Incastro\Core\Design\Weight;
use Incastro\Core\Document\EdgeKind;
use Incastro\Core\Document\Piece;
use Incastro\Core\Document\Project;
use Incastro\Core\Document\Workshop;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Fit\Motion\Motion;
use Incastro\Core\Geometry\View;

/** Writes down one piece: its figures, its bays with what dragging them needs, what is bought for it, and its solids. */
final readonly class PieceSection
{
    /** @param  list<Finding>  $held  what holds it up until somebody has decided */
    public function __construct(private Project $project, private Piece $piece, private Design $design, private Fit $fit, private array $held)
    {
    }

    /** @return array<string, mixed> */
    public function piece(): array
    {
        return [
            'name' => $this->piece->name,
            'space' => $this->piece->space,
            'clear' => $this->fit->box->clear,
            'width' => $this->fit->box->width,
            'height' => $this->fit->box->height,
            'depth' => $this->fit->box->depth,
            'from' => $this->fit->box->left,
            'to' => $this->fit->box->right(),
            'edges' => $this->fit->edges,
            'usual_set_off' => array_column(array_map(fn (EdgeKind $k): array => [$k->value, $k->usualSetOff()], EdgeKind::cases()), 1, 0),
            'budget' => $this->fit->budget,
            'spare' => $this->fit->spare,
            'tilt_up' => $this->fit->tiltUp,
            'supports' => $this->fit->supports,
            'stacks' => $this->fit->stacks,
            'floor_advice' => FloorAdvice::of($this->piece, $this->project->spaces[$this->piece->space]),
            'motions' => $this->fit->motions,
            'crown' => $this->fit->crown,
            'orders' => (object) $this->fit->orders,
            'openings' => (object) $this->design->openings,
            'spacings' => (object) array_map(fn (Spacing $s): array => ['openings' => $s->openings, 'free' => $s->free], $this->design->spacings),
            'cells' => (object) (new CellsSection($this->piece, $this->fit->box, $this->design))->cells(),
            'studs' => (object) $this->fit->box->studs,
            'hardware' => $this->hardware(),
            'held' => array_map(fn (Finding $f): array => ['code' => $f->code, 'ref' => $f->place->ref, 'before' => $f->decides?->before()->value], $this->held),
            'totals' => (new Totals($this->fit->panels, $this->design, new Weight($this->project->stock)))->written(),
        ];
    }

    /** @return list<array<string, mixed>> the same thing for several bays on one line */
    private function hardware(): array
    {
        $lines = [];
        foreach ($this->design->hardware as $each) {
            $key = json_encode([$each->name, $each->length], JSON_THROW_ON_ERROR);
            $lines[$key] ??= ['name' => $each->name, 'count' => 0, 'length' => $each->length, 'for' => []];
            $lines[$key]['count'] += $each->count;
            $lines[$key]['for'][] = self::bay($each);
        }

        return array_map(fn (array $l): array => ['for' => array_values(array_unique($l['for']))] + $l, array_values($lines));
    }

    /** The bay or piece it is for: a part's own id begins with it. */
    private static function bay(Hardware $each): string
    {
        return explode(':', $each->owner)[0];
    }

    /** @return list<array<string, mixed>> every panel as a solid, and how it moves */
    public function solids(): array
    {
        $moves = [];
        foreach ($this->fit->motions as $motion) {
            $moves += array_fill_keys($motion->mover->parts, self::moves($motion));
        }

        return array_map(function (Panel $panel) use ($moves): array {
            $solid = $panel->solid;

            return ['part' => $panel->id, 'bay' => $panel->bay, 'role' => $panel->role->value, 'axis' => $solid->axis->value, 'outline' => $solid->outline, 'from' => $solid->from, 'to' => $solid->to,
                'taken' => array_map(fn (Taken $t): array => ['kind' => $t->kind->value, 'corner' => [$t->block->corner->x, $t->block->corner->y, $t->block->corner->z], 'size' => [$t->block->size->x, $t->block->size->y, $t->block->size->z]],
                    array_values(array_filter($panel->taken, fn (Taken $t): bool => $t->kind->isSeenThrough()))),
                'moves' => $moves[$panel->id] ?? null];
        }, $this->fit->panels);
    }

    /** @return array<string, mixed> as far as it opens in its place */
    private static function moves(Motion $motion): array
    {
        [$u, $v] = $motion->mover->pivot;

        return $motion->mover->kind->turns()
            ? ['how' => 'turn', 'about' => $motion->mover->view === View::Top ? 'z' : 'x', 'pivot' => [round($u, 2), round($v, 2)], 'by' => round($motion->opens, 1)]
            : ['how' => 'slide', 'about' => 'z', 'pivot' => [round($u, 2), round($v, 2)], 'by' => round($motion->opens, 1)];
    }

    /** @return array<string, mixed> what a part has besides a length and a width */
    public static function shape(Panel $panel, Workshop $workshop): array
    {
        $shape = new PartShape($panel);

        return ['bay' => $panel->bay, 'outline' => $shape->outline(), 'marked_out' => $shape->markedOut($workshop), 'bevels' => $shape->bevels(), 'long_face' => $shape->longFace(), 'taken' => $shape->taken()];
    }
}
