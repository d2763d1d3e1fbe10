<?php

declare(strict_types=1);

namespace App\Words;

use App\Models\User;
use App\Print\Paper;
use Illuminate\Support\Facades\Auth;

/** How whoever asks reads and prints: from the profile of who is signed in, else as most do. */
final class Reader
{
    /** Fractions of an inch that a tape has. */
    public const FRACTIONS = [8, 16, 32, 64];

    public const USUAL_FRACTION = 32;

    /** The finest fraction of an inch a length is shown to. */
    public static function fraction(): int
    {
        $asked = self::of('fraction');

        return in_array($asked, self::FRACTIONS, true) ? $asked : self::USUAL_FRACTION;
    }

    public static function paper(): Paper
    {
        $asked = self::of('paper');

        return is_string($asked) ? Paper::tryFrom($asked) ?? Paper::A4 : Paper::A4;
    }

    /** The code of a language, null where none was chosen. */
    public static function language(): ?string
    {
        $asked = self::of('language');

        return is_string($asked) ? $asked : null;
    }

    private static function of(string $key): mixed
    {
        // Nobody is looked up for it: a refusal is said also where the database is away.
        $user = Auth::hasUser() ? Auth::user() : null;

        return $user instanceof User ? $user->profile[$key] ?? null : null;
    }
}
