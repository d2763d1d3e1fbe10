<?php

declare(strict_types=1);

namespace App\Print;

/**
 * Names the shapes of the plan's JSON that printing reads; schema/plan.schema.json holds them all.
 *
 * @phpstan-type Text array{key: string, args: array<string, mixed>}
 * @phpstan-type Fig array{mm: int|float, exact: bool, trail: list<array<string, mixed>>}
 * @phpstan-type Size array{length: Fig, width: Fig}
 * @phpstan-type Part array{id: string, label: string, name: Text, hand: ?string, material: string, material_name: string, thickness: int|float, finished: Size, cut: Size, grain: string, banded: list<string>, fit_on_site: bool, bought: bool, role: string, piece: string, mirror_of: ?string, outline: list<array{int|float, int|float}>|null}
 * @phpstan-type Offcut array{x_mm: int|float, y_mm: int|float, length_mm: int|float, width_mm: int|float, worth_keeping: bool}
 * @phpstan-type Placement array{part: string, label: string, x_mm: int|float, y_mm: int|float, length_mm: int|float, width_mm: int|float, turned: bool}
 * @phpstan-type Cut array{order: int, kind: string, axis: string, at_mm: int|float, from_mm: int|float, to_mm: int|float, piece: string, trim: bool, fence_mm: int|float, from_far: bool, setting: bool, saw: ?string, off: Yield, rest: ?Yield}
 * @phpstan-type Yield array{what: string, parts: list<string>, length_mm: int|float, width_mm: int|float}
 * @phpstan-type Extent array{length_mm: int|float, width_mm: int|float}
 * @phpstan-type Shop array{tolerance: int|float, cuts: list<array{axis: string, of: Extent, at_mm: int|float, off: Extent, rest: Extent}>, pieces: list<array{length_mm: int|float, width_mm: int|float, parts: list<string>, fits_car: bool|null}>}
 * @phpstan-type Sheet array{size_name: string, in_hand: bool, length: int|float, width: int|float, trims: list<int|float>, settings: int, sawn: int|float, shop: ?Shop, placements: list<Placement>, cuts: list<Cut>, offcuts: list<Offcut>}
 * @phpstan-type Material array{material: string, name: string, thickness: int|float, length: int|float, width: int|float, kerf: int|float, trim: int|float, lower_bound: ?int, status: string, used_percent: int, cost_cents: int, sheets: list<Sheet>}
 * @phpstan-type Walked array{id: string, kind: string, name: Text, value: int|float|null, deg: int|float|null, typed: ?string, off_by: int|float|null}
 * @phpstan-type Site array{name: string, kind: string, walk: list<Walked>, things: list<array{name: Text, treatment: ?string}>}
 * @phpstan-type Item array{kind: string, layer: string, ref?: ?string, deg?: int|float, text?: Text, points?: list<array{int|float, int|float}>, value?: int|float|null, exact?: bool, side?: string, rank?: int, title?: Text, times?: int, base?: int|float, stations?: list<array{at: int|float, value: int|float}>, name?: Text}
 * @phpstan-type Drawing array{view: string, bounds: array{int|float, int|float, int|float, int|float}, items: list<Item>}
 * @phpstan-type Circle array{at: array{int|float, int|float}, radius: int|float}
 * @phpstan-type TemplateLine array{layer: string, points: list<array{int|float, int|float}>, closed: bool, circle: Circle|null}
 * @phpstan-type Template array{piece: string, name: Text, seen: Text, left: ?Text, right: ?Text, bounds: array{int|float, int|float, int|float, int|float}, lines: list<TemplateLine>, marks: list<array{at: array{int|float, int|float}, text: Text}>}
 * @phpstan-type BenchRectangle array{x: int|float, y: int|float, length: int|float, width: int|float}
 * @phpstan-type BoreRow array{kind: string, with: list<string>, along: non-empty-list<int|float>, across: non-empty-list<int|float>, diameter: int|float, depth: int|float|null, screw: int|float|null, slots: list<BenchRectangle>}
 * @phpstan-type BenchFace array{face: string, sides: array{left: string, right: string, lower: string, upper: string}, length: int|float, width: int|float, loops: list<list<array{int|float, int|float}>>, round: list<BenchRectangle>, recesses: list<array{kind: string, depth: int|float, x: int|float, y: int|float, length: int|float, width: int|float}>, rows: list<BoreRow>}
 * @phpstan-type Found array{code: string, severity: 'stop'|'look'|'note', says: Text, remedy: Text, source: Text, accepted: ?string, decides: ?string, before: ?string, decided: ?array{who: string, on: string, said: string, goes_on: bool}}
 * @phpstan-type StepNeed array{step: string, why: Text, hours: int|float}
 * @phpstan-type Step array{id: string, kind: string, scene: 'bench'|'shop'|'room', piece: ?string, title: Text, parts: list<string>, makes: list<string>, places: list<string>, numbers: list<Text>, checks: list<Text>, tools: list<Text>, cautions: list<Text>, hands: int, minutes: int, noisy: bool, sheet: array{material: string, sheet: int}|null, needs: list<StepNeed>, held: list<array{says: Text}>}
 * @phpstan-type Apart array{title: Text, parts: list<string>}
 * @phpstan-type Moment array{date: string, minute: int}
 * @phpstan-type Scheduled array{days: list<array{date: string, from: int, minutes: int, slots: list<array{step: string, from: int, minutes: int, hands: int, last: bool}>}>, drying: list<array{step: string, from: Moment, until: Moment, why: Text}>, ends: ?string, minutes: int, least_minutes: int, most_minutes: int}
 * @phpstan-type Amount array{value: int|float, unit: string}
 * @phpstan-type Purchase array{key: string, group: string, name: Text, need: Amount, wanted: Amount, in_hand: Amount, short: Amount, pack: Amount, packs: int, price_cents: ?int, cost_cents: ?int, shop: string, instead: ?string, left_out: bool, got_packs: int|float, spent_cents: int, bought: bool}
 * @phpstan-type Shopping array{currency: string, lines: list<Purchase>, total_cents: int, unpriced: int, shops: array<string, string>}
 * @phpstan-type Bench array{faces: list<BenchFace>, edges: list<array{edge: string, from: string, face: string, is_end: bool, rows: list<BoreRow>}>}
 * @phpstan-type Mark array{drawing: string, view: string, x: int|float, y: int|float}
 * @phpstan-type HandedPiece array{id: string, name: string, space: string, width: int|float, height: int|float, depth: int|float, materials: list<string>, parts: int, kg: Amount, finish: string, coats: int, colour: ?string, sheen: ?string, tins: list<array{name: string, colour: ?string, sheen: ?string, batch: ?string, at: ?string}>, glued: bool, wall_screws: list<array{part: Text, x: int|float, z: int|float}>}
 * @phpstan-type HiddenRow array{about: string, name: ?Text, records: list<array{text: ?string, distances: list<array{from: string, length: int|float}>, at: ?string}>, photos: list<array{photo: string, caption: ?string, mark: ?Mark, at: ?string}>}
 * @phpstan-type Handed array{handed: array{at: ?string, to: ?string, text: ?string}|null, pieces: list<HandedPiece>, hidden: list<HiddenRow>, choices: list<array{text: string, reason: string, at: ?string, verdict: array{good: bool, text: ?string}|null}>, mistakes: list<array{text: string, cause: ?string, minutes: ?int, at: ?string}>, stored: list<array{bay: string, label: string, piece: string, things: list<array{name: string, count: int}>}>, care: list<array{key: string, text: Text, months: int, last: ?string, due: ?string}>}
 */
final class PlanReader
{
    /**
     * @param  array<string, mixed>  $plan
     * @return list<Part>
     */
    public static function parts(array $plan): array
    {
        /** @var list<Part> */
        return $plan['parts'];
    }

    /**
     * @param  array<string, mixed>  $plan
     * @return list<Found>
     */
    public static function findings(array $plan): array
    {
        /** @var list<Found> */
        return $plan['findings'];
    }

    /**
     * @param  array<string, mixed>  $plan
     * @return Shopping
     */
    public static function shopping(array $plan): array
    {
        /** @var Shopping */
        return $plan['buy'];
    }

    /**
     * @param  array<string, mixed>  $plan
     * @return list<Step>
     */
    public static function steps(array $plan): array
    {
        /** @var list<Step> */
        return $plan['steps'];
    }

    /**
     * @param  array<string, mixed>  $plan
     * @return list<Apart> how it comes apart again
     */
    public static function apart(array $plan): array
    {
        /** @var array{apart: list<Apart>} $carrying */
        $carrying = $plan['carrying'];

        return $carrying['apart'];
    }

    /**
     * @param  array<string, mixed>  $plan
     * @return array<string, Template>
     */
    public static function templates(array $plan): array
    {
        /** @var array<string, Template> */
        return $plan['templates'];
    }

    /**
     * @param  array<string, mixed>  $plan
     * @return Scheduled
     */
    public static function schedule(array $plan): array
    {
        /** @var Scheduled */
        return $plan['schedule'];
    }

    /**
     * @param  array<string, mixed>  $plan
     * @return list<Material>
     */
    public static function materials(array $plan): array
    {
        /** @var list<Material> */
        return $plan['cut'];
    }

    /**
     * @param  array<string, mixed>  $plan
     * @return array<string, Site>
     */
    public static function sites(array $plan): array
    {
        /** @var array<string, Site> */
        return $plan['site'];
    }

    /**
     * @param  array<string, mixed>  $plan
     * @return array<string, array<string, Drawing>> by space or piece, and view
     */
    public static function drawings(array $plan): array
    {
        /** @var array<string, array<string, Drawing>> */
        return $plan['drawings'];
    }

    /**
     * @param  array<string, mixed>  $plan
     * @return Template|null
     */
    public static function template(array $plan, string $key): ?array
    {
        /** @var array<string, Template> $templates */
        $templates = $plan['templates'];

        return $templates[$key] ?? null;
    }

    /**
     * @param  array<string, mixed>  $plan
     * @return Drawing|null
     */
    public static function drawing(array $plan, string $of, string $view): ?array
    {
        /** @var array<string, array<string, Drawing>> $drawings */
        $drawings = $plan['drawings'];

        return $drawings[$of][$view] ?? null;
    }

    /**
     * Pieces whose parts are not cut until somebody has decided.
     *
     * @param  array<string, mixed>  $plan
     * @return list<string>
     */
    public static function waiting(array $plan): array
    {
        return array_map(strval(...), array_keys(array_filter(self::pieces($plan), fn (array $p): bool => in_array('cut', array_column($p['held'], 'before'), true))));
    }

    /**
     * @param  array<string, mixed>  $plan
     * @return array<string, array{name: string, clear: Fig, width: Fig, height: Fig, depth: Fig, held: list<array{code: string, ref: string, before: 'cut'|'fix'}>}>
     */
    public static function pieces(array $plan): array
    {
        /** @var array<string, array{name: string, clear: Fig, width: Fig, height: Fig, depth: Fig, held: list<array{code: string, ref: string, before: 'cut'|'fix'}>}> */
        return $plan['pieces'];
    }

    /**
     * @param  array<string, mixed>  $plan
     * @return array<string, Bench> by part
     */
    public static function benches(array $plan): array
    {
        /** @var array<string, Bench> */
        return $plan['bench'];
    }

    /**
     * @param  array<string, mixed>  $plan
     * @return Handed
     */
    public static function handover(array $plan): array
    {
        /** @var Handed */
        return $plan['handover'];
    }
}
