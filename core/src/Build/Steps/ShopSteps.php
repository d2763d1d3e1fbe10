<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Steps;

use Incastro\Core\Cut\Begun\MadePiece;
use Incastro\Core\Cut\Begun\Worth;
use Incastro\Core\Cut\Cutting;
use Incastro\Core\Cut\Lumber\Sticks;
use Incastro\Core\Cut\Nest\Item;
use Incastro\Core\Cut\Nest\LaidSheet;
use Incastro\Core\Cut\Nest\Nested;
use Incastro\Core\Cut\Nest\Placement;
use Incastro\Core\Cut\Part;
use Incastro\Core\Cut\Saw\SawCut;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Fit\Entry\Load;
use Incastro\Core\Measure\Amount;
use Incastro\Core\Measure\AmountUnit;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Buying apart, what comes first: sheets are looked over, then cut, one step a sheet; boards are cut by their section. */
final readonly class ShopSteps
{
    public function __construct(private Project $project, private Cutting $cutting)
    {
    }

    public function into(Draft $draft): void
    {
        foreach ($this->cutting->nested as $id => $nested) {
            $this->sheets($draft, (string) $id, $nested);
        }
        foreach ($this->project->stock as $id => $material) {
            $this->recut($draft, (string) $id, $material->name);
        }
        foreach ($this->cutting->lumber as $sticks) {
            $this->boards($draft, $sticks);
        }
    }

    private function sheets(Draft $draft, string $id, Nested $nested): void
    {
        $graph = $draft->graph;
        $material = $this->project->stock[$id];
        $intake = $draft->add(new Step("intake:$id", StepKind::Intake, null, Text::of('step.intake', material: $material->name), array_keys($this->own($id)),
            numbers: [Text::of('number.sheet', length: $material->sheetLength, width: $material->sheetWidth,
                diagonal: self::diagonal($material->sheetLength, $material->sheetWidth)), Text::of('number.thickness', thickness: $material->thickness)],
            checks: [Text::of('check.sheet')], amount: count($nested->sheets)));
        foreach ($nested->sheets as $i => $sheet) {
            $parts = $this->parts($sheet);
            if ($parts === []) {
                continue;
            }
            $new = array_values(array_filter($parts, fn (string $p): bool => ! isset($draft->made[$p])));
            $kg = $material->kg(Length::ofUnits($sheet->kind->length), Length::ofUnits($sheet->kind->width));
            $step = $draft->add(new Step("cut:$id:".($sheet->begun ?? $i + 1), StepKind::CutSheet, null,
                Text::of('step.cut_sheet', material: $material->name, n: $i + 1, of: count($nested->sheets)), $parts, $new,
                numbers: [Text::of('number.sheet_parts', n: count($parts), kerf: Length::ofUnits($nested->stock->kerf)),
                    Text::of('number.kg', kg: new Amount($kg, AmountUnit::Kilogram))],
                checks: [Text::of('check.labelled'), ...($this->isLate($sheet) ? [Text::of('check.cut_long')] : [])],
                amount: 1.5 * count($parts),
                hands: min(2, Load::peopleFor($kg, $sheet->kind->length / Length::PER_MM)),
                sheet: ['material' => $id, 'sheet' => $i + 1], isOver: self::isSawn($sheet)));
            array_walk($parts, fn (string $p) => $draft->made[$p] = array_values(array_unique([...($draft->made[$p] ?? []), $step])));
            $graph->need($step, $intake, 'intake');
        }
        if ($nested->unplaced !== []) {
            $parts = array_values(array_unique(array_map(fn (Item $item): string => $this->cutting->laid->part($item->id), $nested->unplaced)));
            $new = array_values(array_filter($parts, fn (string $p): bool => ! isset($draft->made[$p])));
            $step = $draft->add(new Step("cut_other:$id", StepKind::CutOther, null,
                Text::of('step.cut_other', material: $material->name), $parts, $new, amount: count($parts)));
            $graph->need($step, $intake, 'intake');
        }
    }

    /** Pieces of begun sheets that are larger than what they serve as now, one step for all of a material. */
    private function recut(Draft $draft, string $material, string $name): void
    {
        $trims = array_values(array_filter($this->cutting->started->pieces,
            fn (MadePiece $p): bool => $p->material === $material && $p->serving?->worth === Worth::Trim));
        if ($trims === []) {
            return;
        }
        $named = array_column(array_map(fn (Part $p): array => [$p->panel->id, $p->panel->name], $this->cutting->parts), 1, 0);
        $parts = array_map(fn (MadePiece $p): string => $this->cutting->laid->part((string) $p->serves), $trims);
        $numbers = array_map(function (MadePiece $p) use ($named): Text {
            [$l, $w] = $p->partSize();

            return Text::of('number.recut', part: $named[$this->cutting->laid->part((string) $p->serves)] ?? '', length: $l, width: $w,
                to: $l->minus(Length::ofUnits($p->serving->overLength ?? 0)), wide: $w->minus(Length::ofUnits($p->serving->overWidth ?? 0)));
        }, $trims);
        $step = $draft->add(new Step("recut:$material", StepKind::Recut, null, Text::of('step.recut', material: $name), array_values(array_unique($parts)),
            numbers: $numbers, checks: [Text::of('check.labelled')], amount: count($trims)));
        $draft->after($step, $parts, 'cut');
        foreach ($parts as $part) {
            $draft->benched[$part] = $step;
        }
    }

    /** Cut as far as it ever will be. */
    private static function isSawn(LaidSheet $sheet): bool
    {
        $opened = $sheet->opened;

        return $opened !== null && ($opened->rework->closed
            || array_diff(array_map(fn (SawCut $c): int => $c->order, $opened->sawing->cuts), $opened->made) === []);
    }

    private function boards(Draft $draft, Sticks $sticks): void
    {
        [$thickness, $width] = [$sticks->thickness, $sticks->width];
        $ids = array_map(fn (Part $p): string => $p->panel->id, $sticks->parts);
        $draft->add(new Step("lumber:$thickness->units:$width->units", StepKind::CutLumber,
            null, Text::of('step.cut_lumber', thickness: $thickness, width: $width), $ids, $ids,
            numbers: [Text::of('number.sticks', n: count($sticks->nested->sheets), parts: count($ids))],
            checks: [Text::of('check.labelled')], amount: count($ids), isOver: $this->areCut($sticks->parts)));
    }

    /**
     * Each cut off its stick as long as it is wanted now.
     *
     * @param  list<Part>  $parts
     */
    private function areCut(array $parts): bool
    {
        $cut = $this->project->log->crosscuts();
        foreach ($parts as $part) {
            $is = $cut[$part->panel->id] ?? null;
            if ($is === null || $is->length->minus($part->length->value)->absolute()->isGreaterThan($this->project->workshop->partTolerance)) {
                return false;
            }
        }

        return true;
    }

    /** @return array<string, true> parts of the material */
    private function own(string $material): array
    {
        $own = [];
        foreach ($this->cutting->parts as $part) {
            if (! $part->panel->bought && $part->panel->material === $material) {
                $own[$part->panel->id] = true;
            }
        }

        return $own;
    }

    /** @return list<string> */
    private function parts(LaidSheet $sheet): array
    {
        $isServing = fn (Placement $p): bool => ! isset($sheet->pieces[$p->item]) || $sheet->pieces[$p->item]->serves !== null;
        $parts = array_filter($sheet->placements, $isServing);

        return array_values(array_unique(array_map(fn (Placement $p): string => $this->cutting->laid->part($p->item), $parts)));
    }

    /** Holds a part that is cut long and fitted at the wall. */
    private function isLate(LaidSheet $sheet): bool
    {
        $late = array_filter($this->cutting->parts, fn (Part $p): bool => $p->panel->fitOnSite);

        return array_intersect($this->parts($sheet), array_map(fn (Part $p): string => $p->panel->id, $late)) !== [];
    }

    public static function diagonal(Length $a, Length $b): Length
    {
        return Length::nearestTenth(hypot($a->units, $b->units) / Length::PER_MM);
    }
}
