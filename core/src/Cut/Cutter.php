<?php

declare(strict_types=1);

namespace Incastro\Core\Cut;

use Incastro\Core\Assembly\Fastening\Bore;
use Incastro\Core\Cut\Begun\Started;
use Incastro\Core\Cut\Lumber\Timber;
use Incastro\Core\Cut\Machining\Hand;
use Incastro\Core\Cut\Nest\LaidParts;
use Incastro\Core\Cut\Nest\Orders;
use Incastro\Core\Cut\Nest\ToLay;
use Incastro\Core\Design\Panel;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Text;

/** Turns fitted panels into parts to cut and lays them on sheets; uses the accepted layout for as long as it holds. */
final readonly class Cutter
{
    public function __construct(private Project $project)
    {
    }

    /**
     * @param  list<Panel>  $panels
     * @param  array<string, list<Bore>>  $bores  by part
     */
    public function cut(array $panels, array $bores = []): Cutting
    {
        $parts = array_map(fn (Panel $p): Part => $this->part($p, $bores[$p->id] ?? []), $panels);
        $hands = [];
        foreach ($parts as $part) {
            $hands[$part->panel->id] = Hand::of($part);
        }
        $pairs = Hand::pairs($parts, $hands);
        $nested = $accepted = $stocks = [];
        $laid = LaidParts::of($this->project, $parts);
        $started = new Started($this->project, $parts, $laid);
        $begun = $started->parts;
        $open = new ToLay(array_values(array_filter($parts, fn (Part $p): bool => ! isset($begun[$p->panel->id]))), $pairs, $laid);
        foreach ($this->project->stock as $id => $material) {
            $orders = new Orders($this->project, $id, $open, $started->boards($id));
            $stocks[$id] = $orders->stock;
            if ($orders->isEmpty()) {
                continue;
            }
            $layout = $started->rest($this->project->layouts[$id] ?? null);
            $kept = $layout === null ? null : $orders->kept($layout);
            $remembered = $kept === null ? $started->remembered($id) : null;
            $nested[$id] = $kept ?? ($remembered === null ? null : $orders->kept($remembered)) ?? $orders->nested($layout);
            $accepted = $kept === null ? $accepted : [...$accepted, $id];
        }
        [$used, $moved] = (new Leftovers($this->project, $open->parts))->used($nested);
        $all = [];
        foreach ($stocks as $id => $stock) {
            $whole = $started->with($id, $stock, $used[$id] ?? null);
            $all += $whole === null ? [] : [$id => $whole];
        }

        return new Cutting($parts, $all, $nested, $accepted, $moved, (new Timber($this->project))->laid($parts), $pairs, $hands, $started, $laid);
    }

    /** @param  list<Bore>  $bores */
    private function part(Panel $panel, array $bores): Part
    {
        $band = $this->project->workshop->banding;
        [$length, $width, $shorter, $narrower] = [$panel->length, $panel->width, false, false];
        foreach ($panel->banded as $edge) {
            $across = match ($edge) {
                'front' => Axis::Y,
                'left', 'right' => Axis::X,
                default => Axis::Z,
            };
            if ($across === $panel->long) {
                [$length, $shorter] = [$length->minus($band, Text::of("cut.banding_$edge")), true];
            } else {
                [$width, $narrower] = [$width->minus($band, Text::of("cut.banding_$edge")), true];
            }
        }
        $over = $this->project->cutting->of($panel->id)->oversize;
        if ($over !== null) {
            [$length, $width] = [$length->plus($over, Text::of('cut.oversize')), $width->plus($over, Text::of('cut.oversize'))];
        }
        $named = fn (Figure $f, bool $changed, string $key): Figure => $changed || $over !== null ? $f->named(Text::of($key)) : $f;

        return new Part(
            $panel,
            $named($length, $shorter, 'cut.cut_length'),
            $named($width, $narrower, 'cut.cut_width'),
            $this->project->stock[$panel->material]->grain && $panel->role->grainMatters(),
            $bores,
        );
    }
}
