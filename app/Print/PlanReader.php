<?php

declare(strict_types=1);

namespace App\Print;

/**
 * Asks a plan's JSON for its parts, in the shapes that its schema gives them.
 *
 * @phpstan-import-type Bench from PlanShapes
 * @phpstan-import-type Carrying from PlanShapes
 * @phpstan-import-type Drawing from PlanShapes
 * @phpstan-import-type Finding from PlanShapes
 * @phpstan-import-type FittedPiece from PlanShapes
 * @phpstan-import-type Handover from PlanShapes
 * @phpstan-import-type MaterialPlan from PlanShapes
 * @phpstan-import-type Part from PlanShapes
 * @phpstan-import-type Schedule from PlanShapes
 * @phpstan-import-type ShoppingList from PlanShapes
 * @phpstan-import-type Site from PlanShapes
 * @phpstan-import-type Step from PlanShapes
 * @phpstan-import-type Template from PlanShapes
 * @phpstan-import-type Text from PlanShapes
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
     * @return list<Finding>
     */
    public static function findings(array $plan): array
    {
        /** @var list<Finding> */
        return $plan['findings'];
    }

    /**
     * @param  array<string, mixed>  $plan
     * @return ShoppingList
     */
    public static function shopping(array $plan): array
    {
        /** @var ShoppingList */
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
     * @return list<array{title: Text, parts: list<string>}> how it comes apart again
     */
    public static function apart(array $plan): array
    {
        /** @var Carrying $carrying */
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
     * @return Schedule
     */
    public static function schedule(array $plan): array
    {
        /** @var Schedule */
        return $plan['schedule'];
    }

    /**
     * @param  array<string, mixed>  $plan
     * @return list<MaterialPlan>
     */
    public static function materials(array $plan): array
    {
        /** @var list<MaterialPlan> */
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
     * @return array<string, FittedPiece>
     */
    public static function pieces(array $plan): array
    {
        /** @var array<string, FittedPiece> */
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
     * @return Handover
     */
    public static function handover(array $plan): array
    {
        /** @var Handover */
        return $plan['handover'];
    }
}
