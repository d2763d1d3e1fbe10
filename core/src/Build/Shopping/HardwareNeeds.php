<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Shopping;

use Incastro\Core\Design\Hardware;
use Incastro\Core\Design\Panel;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Amount;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * Hinges, slides, pins, pulls and whatever else the fills call for, and boards bought ready-made. Screws and dowels are
 * counted as they are driven (ScrewNeeds).
 */
final class HardwareNeeds
{
    /** How many are usually in a bag. */
    private const PACKS = ['hardware.shelf_pin' => [20.0, 50.0]];

    /** @return list<Need> */
    public static function of(PlacedPiece $built): array
    {
        $alike = [];
        foreach ($built->design->hardware as $each) {
            if ($each->count > 0) {
                $key = self::key($each);
                $alike[$key] = new Hardware($each->for, $each->name, $each->count + ($alike[$key]->count ?? 0), $each->length);
            }
        }
        $needs = array_map(fn (string $key, Hardware $each): Need => self::need($built, $key, $each), array_keys($alike), $alike);
        foreach ($built->fit->panels as $panel) {
            if ($panel->boughtAs?->isReady() === true) {
                $needs[] = self::ready($built, $panel);
            }
        }

        return $needs;
    }

    private static function key(Hardware $each): string
    {
        $args = array_map(fn (mixed $a): string => $a instanceof Length ? (string) $a->units
            : (is_scalar($a) ? (string) $a : json_encode($a, JSON_THROW_ON_ERROR)), $each->name->args);

        return implode(' ', [$each->name->key, ...array_values($args), ...($each->length === null ? [] : [$each->length->units])]);
    }

    private static function need(PlacedPiece $built, string $key, Hardware $each): Need
    {
        $name = $each->length === null ? $each->name : Text::of('buy.of_length', name: $each->name, length: $each->length);

        return new Need(PurchaseGroup::Hardware, $key, $name, Amount::each($each->count),
            [Text::of('buy.sum_hardware', n: $each->count, piece: $built->piece->name)],
            self::PACKS[$each->name->key] ?? [1.0], substitutes: self::substitutes($each));
    }

    private static function ready(PlacedPiece $built, Panel $panel): Need
    {
        $name = Text::of('buy.ready', name: $panel->name, length: $panel->length->value, width: $panel->width->value);

        return new Need(PurchaseGroup::Hardware, "ready {$panel->name->key} {$panel->length->value->units} {$panel->width->value->units}",
            $name, Amount::each(1), [Text::of('buy.sum_hardware', n: 1, piece: $built->piece->name)]);
    }

    /** @return list<Text> */
    private static function substitutes(Hardware $each): array
    {
        return match ($each->name->key) {
            'hardware.slide_pair', 'hardware.heavy_slide_pair' => $each->length === null ? []
                : [Text::of('buy.slide_instead', shorter: $each->length->minus(Length::fromMillimetres(50)))],
            'hardware.shelf_pin' => [Text::of('buy.pin_instead')],
            'hardware.pull' => [Text::of('buy.pull_instead')],
            'hardware.magnet_catch' => [Text::of('buy.catch_instead')],
            default => [],
        };
    }
}
