<?php

declare(strict_types=1);

namespace App\Actions;

use Illuminate\Support\Str;
use Incastro\Core\Document\Model\SpaceKind;
use Incastro\Core\Document\Model\Starter;
use Incastro\Core\Measure\Unit;

/** How the application begins things: the core's starter, with new ids and the person's own saw, instruments and sheets. */
final class Starting
{
    /** @return string a ULID as documents write it */
    public static function id(): string
    {
        return strtoupper((string) Str::ulid());
    }

    /** @param  array<array-key, mixed>  $profile  as a user's profile holds it: `workshop` and `sheets`, either may be missing */
    public static function in(Unit $unit, array $profile = []): Starter
    {
        /** @var list<array<array-key, mixed>> $sheets */
        $sheets = array_values((array) ($profile['sheets'] ?? []));

        return new Starter($unit, self::id(...), (array) ($profile['workshop'] ?? []), $sheets);
    }

    /**
     * A first document with the person's own prices, where they are in the currency that the person reckons in now.
     *
     * @param  array<array-key, mixed>  $profile  `currency` and `prices` too
     * @return array<string, mixed>
     */
    public static function document(Unit $unit, SpaceKind $kind, string $name, string $asOf, array $profile): array
    {
        $prices = (array) ($profile['prices'] ?? []);
        $currency = $profile['currency'] ?? $prices['currency'] ?? null;
        $shop = $currency === ($prices['currency'] ?? null) ? $prices : ['currency' => $currency];
        // An object without keys would come back as a list.
        $shop = array_filter($shop, fn (mixed $said): bool => $said !== [] && $said !== null);

        return self::in($unit, $profile)->document($kind, $name, $asOf) + ($shop === [] ? [] : ['shop' => $shop]);
    }
}
