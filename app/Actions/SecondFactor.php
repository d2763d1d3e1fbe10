<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\User;
use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;

/**
 * A person's second factor: codes by the time from a device of theirs, and ten codes on paper for the day that device is gone. Each works once. The
 * secret is kept encrypted, codes on paper as their hashes.
 */
final class SecondFactor
{
    private const ON_PAPER = 10;

    public function isOn(User $user): bool
    {
        return $user->getAttribute('second_secret') !== null;
    }

    /**
     * From now on it is asked for.
     *
     * @return list<string> the codes on paper, shown once
     */
    public function turnOn(User $user, string $secret, int $step): array
    {
        $codes = array_map(fn (): string => implode('-', str_split(substr(strtolower(Totp::secret()), 0, 16), 4)), range(1, self::ON_PAPER));
        $user->forceFill(['second_secret' => Crypt::encryptString($secret), 'second_step' => $step, 'second_codes' => array_map(self::hash(...), $codes)])->save();

        return $codes;
    }

    public function turnOff(User $user): void
    {
        $user->forceFill(['second_secret' => null, 'second_step' => null, 'second_codes' => null])->save();
    }

    /** A code of the device or one on paper; whichever it was, it is used up. Of two who send the same at once one is let in. */
    public function takes(User $user, string $code): bool
    {
        $code = strtolower(preg_replace('/\s/', '', $code) ?? '');

        return DB::transaction(function () use ($user, $code): bool {
            DB::table('users')->where('id', $user->id)->lockForUpdate()->value('id');
            $held = User::query()->whereKey($user->id)->sole();
            $left = array_values(array_diff((array) $held->getAttribute('second_codes'), [self::hash($code)]));
            if (count($left) < count((array) $held->getAttribute('second_codes'))) {
                $held->forceFill(['second_codes' => $left])->save();

                return true;
            }
            $step = Totp::step($this->secret($held), $code, now()->getTimestamp(), (int) $held->getAttribute('second_step'));
            if ($step !== null) {
                $held->forceFill(['second_step' => $step])->save();
            }

            return $step !== null;
        });
    }

    /** Codes on paper that still work; null where it is off. */
    public function left(User $user): ?int
    {
        return $this->isOn($user) ? count((array) $user->getAttribute('second_codes')) : null;
    }

    /** Under the key of another machine nothing can be read: the codes on paper still work. */
    private function secret(User $user): string
    {
        try {
            return Crypt::decryptString((string) $user->getAttribute('second_secret'));
        } catch (DecryptException) {
            return Totp::secret();
        }
    }

    private static function hash(string $code): string
    {
        return hash('sha256', str_replace('-', '', $code));
    }
}
