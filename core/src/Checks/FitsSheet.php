<?php

declare(strict_types=1);

namespace Incastro\Core\Checks;

use Incastro\Core\Cut\Cutting;
use Incastro\Core\Cut\Nest\Item;
use Incastro\Core\Cut\Nest\Nested;
use Incastro\Core\Cut\Nest\Nester;
use Incastro\Core\Cut\Nest\SheetKind;
use Incastro\Core\Cut\Nest\Stock;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** A part that lies on no sheet: larger than any, beyond the saws, or without a sheet left for it. */
final class FitsSheet
{
    /** @return list<Finding> */
    public function of(Cutting $cutting, Project $project): array
    {
        $names = [];
        foreach ($cutting->parts as $part) {
            $names[$part->panel->id] = $part->panel->name;
        }
        $findings = [];
        foreach ($cutting->nested as $materialId => $nested) {
            foreach ($nested->unplaced as $item) {
                $findings[] = $this->finding($item, $nested, $names[$cutting->laid->part($item->id)], $project->stock[$materialId]->name);
            }
        }

        return $findings;
    }

    private function finding(Item $item, Nested $nested, Text $part, string $sheet): Finding
    {
        $usable = $nested->stock->largest()->usable();
        [$length, $width, $most, $across] = array_map(Length::ofUnits(...), [$item->length, $item->width, $usable->length, $usable->width]);
        $why = $this->why($item, $nested);
        $says = match ($why) {
            'larger_than_sheet' => Text::of('cut.larger_than_sheet', part: $part, length: $length, width: $width, sheet: $sheet, most: $most, across: $across),
            'beyond_saws' => Text::of('cut.beyond_saws', part: $part, length: $length, width: $width, sheet: $sheet),
            default => Text::of('cut.too_few_sheets', part: $part, sheet: $sheet),
        };

        return new Finding("cut.$why", Severity::Stop, new Place(WorkStage::Cut, $item->id), $says,
            Text::of(['larger_than_sheet' => 'cut.larger_sheet', 'beyond_saws' => 'cut.other_saw', 'too_few_sheets' => 'cut.more_sheets'][$why]),
            Text::of('source.geometry'), $length, $most);
    }

    /** @return 'larger_than_sheet'|'beyond_saws'|'too_few_sheets' */
    private function why(Item $item, Nested $nested): string
    {
        $stock = $nested->stock;
        if (! $stock->holds($item)) {
            return 'larger_than_sheet';
        }
        $endless = array_map(fn (SheetKind $k): SheetKind => new SheetKind($k->id, $k->name, $k->length, $k->width, $k->trims), $stock->kinds);
        $alone = Nester::nest([$item], new Stock($stock->name, $endless, $stock->kerf, $stock->goal, $stock->saws));

        return $alone->unplaced === [] ? 'too_few_sheets' : 'beyond_saws';
    }
}
