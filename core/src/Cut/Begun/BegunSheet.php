<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Begun;

use Incastro\Core\Cut\Nest\LaidSheet;
use Incastro\Core\Cut\Nest\Placement;
use Incastro\Core\Cut\Nest\Rect;
use Incastro\Core\Cut\Nest\SheetKind;
use Incastro\Core\Cut\Saw\Apart;
use Incastro\Core\Cut\Saw\SawCut;
use Incastro\Core\Cut\Saw\Sawing;
use Incastro\Core\Document\Facts\Begun;
use Incastro\Core\Document\Model\LeftOf;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Document\Model\Rework;
use Incastro\Core\Document\Model\Saws;
use Incastro\Core\Measure\Length;

/** A sheet that was begun: how it was laid, how it is sawn, and what it is in now. */
final readonly class BegunSheet
{
    public LaidSheet $laid;

    public Sawing $sawing;

    /** What the cuts made so far leave. */
    public Apart $apart;

    public int $kerf;

    private Saws $saws;

    public Rework $rework;

    /** @var list<int> which cuts were made */
    public array $made;

    public function __construct(public Begun $fact, Project $project)
    {
        $this->saws = $fact->saws ?? $project->workshop->saws;
        $this->kerf = $fact->kerf->units ?? $this->saws->widestKerf($project->workshop->kerf->units);
        $placements = array_map(
            fn (array $p): Placement => new Placement($p['part']->id, $p['x']->units, $p['y']->units, $p['length']->units, $p['width']->units, $p['turned']),
            $fact->parts);
        $this->laid = new LaidSheet($this->kind($project), $placements, [], $fact->id);
        $this->sawing = Sawing::of($this->laid, $this->kerf, $this->saws);
        $this->made = array_values(array_unique($project->log->sawn[$fact->id] ?? []));
        $this->apart = Apart::after($this->laid->kind,
            array_values(array_filter($this->sawing->cuts, fn (SawCut $c): bool => in_array($c->order, $this->made, true))), $this->kerf);
        $this->rework = $project->rework[$fact->id] ?? new Rework;
    }

    /** What was laid there and is cut free. */
    public function isFree(Placement $p): bool
    {
        return array_filter($this->apart->pieces, fn (Rect $r): bool => [$r->x, $r->y, $r->length, $r->width] === [$p->x, $p->y, $p->length, $p->width]) !== [];
    }

    /** How it is sawn with its parts named as they lie there now: a closed sheet no further than it was. */
    public function sawing(LaidSheet $now): Sawing
    {
        $names = array_column(array_map(fn (Placement $p): array => ["$p->x $p->y", $p->item], $now->placements), 1, 0);
        $all = array_map(
            fn (Placement $p): Placement => new Placement($names["$p->x $p->y"] ?? "spare {$this->fact->id} $p->item",
                $p->x, $p->y, $p->length, $p->width, $p->turned),
            $this->laid->placements);
        $sawing = Sawing::of(new LaidSheet($this->laid->kind, $all), $this->kerf, $this->saws);

        return $this->rework->closed ? $sawing->until($this->made, $this->rests()) : $sawing;
    }

    /** @return list<Rect> what is left of it once it is cut as far as it will be, the largest first */
    public function rests(): array
    {
        if (! $this->rework->closed) {
            return $this->sawing->offcuts;
        }
        $isPart = fn (Rect $r): bool => array_filter($this->laid->placements,
            fn (Placement $p): bool => [$r->x, $r->y, $r->length, $r->width] === [$p->x, $p->y, $p->length, $p->width]) !== [];
        $rests = array_values(array_filter($this->apart->pieces, fn (Rect $r): bool => ! $isPart($r)));
        usort($rests, fn (Rect $a, Rect $b): int => $b->area() <=> $a->area());

        return $rests;
    }

    /** The board a piece of it is, to cut from; an edge that was not trimmed yet still has its trim to come off. */
    public function board(Rect $rect): SheetKind
    {
        $usable = $this->laid->kind->usable();
        $trims = [$usable->x - $rect->x, $rect->x + $rect->length - $usable->x - $usable->length,
            $usable->y - $rect->y, $rect->y + $rect->width - $usable->y - $usable->width];
        [$left, $right, $near, $far] = array_map(fn (int $t): int => max(0, $t), $trims);

        return new SheetKind((new LeftOf($this->fact->id, $rect->x, $rect->y))->id(),
            $this->laid->kind->name, $rect->length, $rect->width, [$left, $right, $near, $far], 0, 1, true,
            new LeftOf($this->fact->id, $rect->x, $rect->y));
    }

    private function kind(Project $project): SheetKind
    {
        $material = $project->stock[$this->fact->material];
        $size = $this->fact->size === null ? null : ($material->sizes[$this->fact->size] ?? null);
        $isLeft = $this->fact->leftOf !== null;

        return new SheetKind($this->fact->size ?? $this->fact->material, $size->name ?? $material->name, $this->fact->length->units, $this->fact->width->units,
            array_map(fn (Length $l): int => $l->units, $this->fact->trims), $isLeft ? 0 : ($size->priceCents ?? $material->priceCents),
            $size === null ? $material->limit : $size->limit, $isLeft || ($size->inHand ?? false), $this->fact->leftOf);
    }
}
