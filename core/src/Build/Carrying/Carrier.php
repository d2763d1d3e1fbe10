<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Carrying;

use Incastro\Core\Build\Shopping\ShoppingList;
use Incastro\Core\Build\Steps\Step;
use Incastro\Core\Build\Steps\StepKind;
use Incastro\Core\Build\Steps\WorkPlan;
use Incastro\Core\Cut\Cutting;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Weight;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Fit\Entry\Load;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Fit\Units\Unit;
use Incastro\Core\Fit\Units\UnitKind;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Amount;
use Incastro\Core\Measure\AmountUnit;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * Plans lifting and fetching. An ideal lift is 23 kg a person, 10 kg at shoulder height or with the arms out (fieldbook §7); what is
 * too heavy for the hands there are is brought without its back, or put together where it stands.
 */
final readonly class Carrier
{
    private const HIGH_KG = 10.0;

    private const SHOULDER_MM = 1300;

    /** Lighter and shorter than this a thing is just picked up. */
    private const LEAST_KG = 8.0;

    private const LEAST_MM = 1800;

    public function __construct(private Project $project)
    {
    }

    /** @param  list<PlacedPiece>  $pieces */
    public function plan(array $pieces, Cutting $cutting, ShoppingList $buy, WorkPlan $steps): Carrying
    {
        $loads = array_merge(...array_map($this->loads(...), $pieces), ...[[]]);
        usort($loads, fn (array $a, array $b): int => $b['kg']->value <=> $a['kg']->value);

        return new Carrying($loads, [...$this->sheets($cutting), ...$this->boards($cutting)],
            $this->project->workshop->carKg, self::delivery($buy, $steps), $this->apart($pieces, $steps));
    }

    /** @return list<array<string, mixed>&array{kg: Amount}> */
    private function loads(PlacedPiece $built): array
    {
        $loads = [];
        $units = $built->units;
        $carried = $built->carried;
        foreach ($units as $unit) {
            $kg = $built->weight->of(...$carried->panels($unit));
            $longest = $carried->longest($unit)->units / Length::PER_MM;
            if ($unit->kind === UnitKind::Mover || $carried->carcassOf($unit) !== null || ($kg < self::LEAST_KG && $longest < self::LEAST_MM)) {
                continue;
            }
            $people = Load::peopleFor($kg, $longest);
            $isHigh = $unit->bottom()->units / Length::PER_MM > self::SHOULDER_MM && $kg > self::HIGH_KG;
            $loads[] = [
                'piece' => $built->piece->id, 'name' => match ($unit->kind) {
                    UnitKind::Carcass => Text::of('carry.carcass', what: $unit->name($built->piece)),
                    UnitKind::Base => Text::of('carry.base', what: $unit->name($built->piece)),
                    default => $unit->panels[0]->name,
                },
                'parts' => array_map(fn (Panel $p): string => $p->id, $carried->panels($unit)),
                'size' => array_map(fn (Axis $a): Length => $carried->extent($unit, $a), Axis::cases()),
                'kg' => new Amount($kg, AmountUnit::Kilogram), 'people' => $people,
                'says' => [...$this->advice($built, $unit, $kg, $people), ...($isHigh ? [Text::of('carry.high')] : [])],
            ];
        }

        return $loads;
    }

    /** @return list<Text> what to do where there are too few hands */
    private function advice(PlacedPiece $built, Unit $unit, float $kg, int $people): array
    {
        $hands = $this->project->make->hands;
        if ($people <= $hands) {
            return [];
        }
        $heaviest = max(array_map($built->weight->of(...), $unit->panels));

        return count($unit->panels) > 1
            ? [Text::of('carry.leave', hands: $hands, heaviest: new Amount($heaviest, AmountUnit::Kilogram))]
            : [Text::of('carry.slide', n: $people)];
    }

    /**
     * @return list<array{name: Text, count: int, kg: float, length: Length, width: Length, fits: bool|null}> sheets still to be fetched, as the shop hands
     *     them over
     */
    private function sheets(Cutting $cutting): array
    {
        $goods = [];
        foreach ($cutting->nested as $id => $nested) {
            $material = $this->project->stock[$id];
            foreach ($nested->sheets as $sheet) {
                if ($sheet->begun !== null || $sheet->kind->inHand) {
                    continue;
                }
                [$length, $width] = [Length::ofUnits($sheet->kind->length), Length::ofUnits($sheet->kind->width)];
                $key = "$id {$sheet->kind->id}";
                $goods[$key] = [
                    'name' => Text::of('buy.sheet', name: $material->name, length: $length, width: $width), 'count' => 1 + ($goods[$key]['count'] ?? 0),
                    'kg' => $material->kg($length, $width), 'length' => $length, 'width' => $width,
                    'fits' => $this->project->workshop->fitsCar($length, $width),
                ];
            }
        }

        return array_values($goods);
    }

    /** @return list<array{name: Text, count: int, kg: float, length: Length, width: Length, fits: bool|null}> */
    private function boards(Cutting $cutting): array
    {
        $goods = [];
        foreach ($cutting->lumber as $sticks) {
            [$thickness, $width] = [$sticks->thickness, $sticks->width];
            foreach ($sticks->nested->sheets as $stick) {
                $key = "$thickness->units $width->units {$stick->kind->id}";
                $goods[$key] = [
                    'name' => $sticks->name($stick->kind->name),
                    'count' => 1 + ($goods[$key]['count'] ?? 0),
                    'kg' => $thickness->units * $width->units / Length::PER_MM ** 2 * $stick->kind->length / Length::PER_MM * Weight::LUMBER_DENSITY / 1e9,
                    'length' => Length::ofUnits($stick->kind->length), 'width' => $width,
                    'fits' => $this->project->workshop->fitsCar(Length::ofUnits($stick->kind->length), $width),
                ];
            }
        }

        return array_values($goods);
    }

    /** @return list<array{name: Text, before: string, lead: int|null, shop: string}> what is still to be bought, by the step that first wants it */
    private static function delivery(ShoppingList $buy, WorkPlan $steps): array
    {
        $place = array_flip(array_keys($steps->steps));
        $delivery = [];
        foreach ($buy->lines as $line) {
            $first = null;
            foreach ($line->packs === 0 || $line->isBought() ? [] : $steps->steps as $id => $step) {
                $first ??= in_array($step->kind, $line->need->group->usedIn(), true) ? (string) $id : null;
            }
            $delivery = $first === null ? $delivery
                : [...$delivery, ['name' => $line->need->name, 'before' => $first, 'lead' => $line->line->leadDays, 'shop' => $line->shop]];
        }
        usort($delivery, fn (array $a, array $b): int => $place[$a['before']] <=> $place[$b['before']]);

        return $delivery;
    }

    /**
     * @param  list<PlacedPiece>  $pieces
     * @return list<array{title: Text, parts: list<string>}> the last that went on comes off first
     */
    private function apart(array $pieces, WorkPlan $steps): array
    {
        $kinds = [StepKind::Shelves, StepKind::Drawers, StepKind::Doors, StepKind::Lids, StepKind::Slats, StepKind::Trim,
            StepKind::Filler, StepKind::Top, StepKind::SiteFrame, StepKind::Fix, StepKind::Join, StepKind::Stand, StepKind::SetBase];
        $apart = [];
        foreach (array_reverse($steps->steps) as $step) {
            if (in_array($step->kind, $kinds, true)) {
                $apart[] = ['title' => Text::of("apart.{$step->kind->value}", ...$step->title->args), 'parts' => $step->parts];
            }
        }
        $caulked = array_filter($steps->steps, fn (Step $s): bool => $s->kind === StepKind::Caulk);
        $last = array_map(
            fn (PlacedPiece $p): array => ['title' => Text::of($p->gluedJoints() === [] ? 'apart.dry' : 'apart.glued', piece: $p->piece->name),
                'parts' => array_keys($p->panels)], $pieces);

        return [...array_values(array_map(fn (Step $s): array => ['title' => Text::of('apart.caulk', ...$s->title->args), 'parts' => []], $caulked)),
            ...$apart, ...$last];
    }
}
