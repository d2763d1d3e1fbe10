<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\KnownAddress;
use App\Models\Household;
use App\Models\User;
use App\Words\Language;
use Illuminate\Http\Request;
use Illuminate\Mail\Message;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Str;

/**
 * An account is begun. Where letters are sent it is begun by the letter: the answer on the page is the same whether or not the address has an account,
 * and takes as long; the letter tells. Where letters are only kept as files on the machine, it is begun at once.
 */
final class SignUp
{
    public const GOOD_FOR_H = 24;

    public function __construct(private readonly DemoHouse $demo)
    {
    }

    /** Whether an account may be begun from where this is asked. */
    public static function isOpenTo(Request $request): bool
    {
        $open = config('incastro.sign_up');

        return $open === 'here' ? in_array($request->ip(), ['127.0.0.1', '::1'], true) : (bool) $open;
    }

    public static function isByLetter(): bool
    {
        return config('mail.default') !== 'mailbox';
    }

    /** @param  array{name: string, email: string, password: string, household: string|null}  $of  the password as its hash */
    public function ask(array $of): void
    {
        $token = Str::random(48);
        DB::table('sign_ups')->insert($of + ['token_hash' => hash('sha256', $token), 'expires_at' => now()->addHours(self::GOOD_FOR_H)]);
        // When the answer is out: how long a letter takes tells nobody anything.
        defer(fn () => $this->write($of, $token));
    }

    /** By what the letter holds, once; null when it is no longer good. */
    public function open(string $token, ?User $guest): ?User
    {
        return DB::transaction(function () use ($token, $guest): ?User {
            $hash = hash('sha256', $token);
            $asked = DB::table('sign_ups')->where('token_hash', $hash)->where('expires_at', '>', now())->lockForUpdate()->first();
            if ($asked === null || User::query()->where('email', $asked->email)->exists()) {
                return null;
            }
            DB::table('sign_ups')->where('email', $asked->email)->delete();

            return $this->begin(['name' => $asked->name, 'email' => $asked->email, 'password' => $asked->password, 'household' => $asked->household], $guest);
        });
    }

    /**
     * @param  array{name: string, email: string, password: string, household: string|null}  $of  the password as its hash
     * @param  User|null  $guest  of the demo house, who takes along what is their own
     */
    public function begin(array $of, ?User $guest): User
    {
        return DB::transaction(function () use ($of, $guest): User {
            $user = User::query()->create(['name' => $of['name'], 'email' => $of['email'], 'password' => $of['password'], 'profile' => []]);
            $household = Household::query()->create(['name' => $of['household'] ?? Language::say('{0}’s household', $user->name)]);
            $household->users()->attach($user, ['role' => 'owner']);
            if ($guest?->isGuest() === true) {
                $this->demo->keep($guest, $user, $household);
            }

            return $user;
        });
    }

    /** @param  array{name: string, email: string, password: string, household: string|null}  $of */
    private function write(array $of, string $token): void
    {
        $isKnown = User::query()->where('email', $of['email'])->exists();
        $text = $isKnown
            ? Language::say("Somebody wanted to begin an account at Incastro with this address. There is one already: sign in with it, or ask for a new password, at\n\n{0}\n\nIf it was not you, leave it: nothing has changed.\n", KnownAddress::link('/'))
            : Language::say("Somebody wanted to begin an account at Incastro with this address. If that was you, open this link within a day:\n\n{0}\n\nIf it was not, leave it: there will be no account.\n", KnownAddress::link('/begin').'?'.http_build_query(['token' => $token]));
        Mail::raw($text, fn (Message $mail) => $mail->to($of['email'], $of['name'])->subject(Language::say('An account at Incastro')));
    }
}
