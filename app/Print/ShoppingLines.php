<?php

declare(strict_types=1);

namespace App\Print;

use App\Words\Catalogue;
use App\Words\Language;

/**
 * The lines of the shopping list in the order they are carried out of the house.
 *
 * @phpstan-import-type Purchase from PlanShapes
 * @phpstan-import-type ShoppingList from PlanShapes
 */
final class ShoppingLines
{
    /** Always there, in this order; the person's own shops come after. */
    private const USUAL = ['timber', 'hardware', 'paint', 'other'];

    /**
     * @param  ShoppingList  $list
     * @return array<string, list<Purchase>> by the shop's name
     */
    public static function byShop(array $list, Catalogue $words): array
    {
        $lines = [];
        foreach ($list['lines'] as $line) {
            $lines[$line['shop']][] = $line;
        }
        $keys = [...array_filter(self::USUAL, fn (string $k): bool => isset($lines[$k])), ...array_diff(array_keys($lines), self::USUAL)];
        $shops = [];
        foreach ($keys as $key) {
            $name = $list['shops'][$key] ?? $words->say("buy.shop.$key");
            $shops[$name] = [...($shops[$name] ?? []), ...$lines[$key]];
        }

        return $shops;
    }

    /** @param  Purchase  $line */
    public static function packs(array $line, Catalogue $words): string
    {
        $pack = $line['pack'];

        return match (true) {
            $line['left_out'] => Language::say('left out'),
            $line['packs'] === 0 => Language::say('in hand'),
            $pack['unit'] === 'each' && (float) $pack['value'] === 1.0 => (string) $line['packs'],
            default => "{$line['packs']} × ".$words->amount($pack),
        };
    }
}
