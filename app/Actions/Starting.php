<?php

declare(strict_types=1);

namespace App\Actions;

use Illuminate\Support\Str;
use Incastro\Core\Document\Starter;
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
}
