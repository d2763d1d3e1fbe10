<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Steps;

use Incastro\Core\Assembly\Fittings\Fitting;
use Incastro\Core\Cut\Machining\Spot;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Measure\Text;

/** Castors, handles, slides and the like, in lines: how many, on which board, where on it, with which screws. */
final class FittingNumbers
{
    /**
     * @param  list<Fitting>  $fittings
     * @return list<Text>
     */
    public static function of(PlacedPiece $built, array $fittings): array
    {
        return array_map(fn (Fitting $f): Text => self::line($built, $f), $fittings);
    }

    private static function line(PlacedPiece $built, Fitting $fitting): Text
    {
        $on = $built->panels[$fitting->on];
        $args = ['n' => $fitting->count, 'name' => $fitting->name, 'part' => $on->name];
        if ($fitting->at === []) {
            return Text::of('number.fitting_sheet', ...$args);
        }
        if ($fitting->serves !== $fitting->on && self::slides($fitting)) {
            $side = $built->panels[$fitting->serves];

            return Text::of('number.slide', ...$args, up: $fitting->at[0]->z->minus($on->block->from(Axis::Z)), of: $side->name,
                above: $fitting->at[0]->z->minus($side->block->from(Axis::Z)));
        }
        $says = Text::of('number.fitting', ...$args, at: DrivenNumbers::at(array_map(fn (Place3 $p): Spot => Spot::of($on, $p), $fitting->at)));

        return $fitting->screws === 0 ? $says
            : Text::of('number.fitting_screws', what: $says, n: $fitting->screws, screw: Fitting::screw($built->project->unit));
    }

    private static function slides(Fitting $fitting): bool
    {
        $name = $fitting->name->args['name'] ?? $fitting->name;

        return $name instanceof Text && in_array($name->key, ['hardware.slide_pair', 'hardware.heavy_slide_pair'], true);
    }
}
