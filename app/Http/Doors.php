<?php

declare(strict_types=1);

namespace App\Http;

use App\Actions\Attempts;
use App\Models\OpenSession;
use App\Models\User;
use App\Words\Catalogue;
use Illuminate\Http\Exceptions\HttpResponseException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cookie;
use Incastro\Core\Measure\Text;

/**
 * The ways in: signing in, beginning an account, a new password, an invitation, a code. All count together by the address they are tried from, and by
 * the account they are tried at; who signed in from a device before is not held up there by what others try at the account.
 */
final readonly class Doors
{
    /** Tries that cost nothing: a family behind one address, somebody who mistypes. */
    private const FREE_FROM = 30;

    private const FREE_AT = 6;

    private const COOKIE = 'incastro_known';

    private const REMEMBERED_MIN = 60 * 24 * 365;

    public function __construct(private Attempts $attempts)
    {
    }

    /**
     * @param  string|null  $at  the address of the account
     *
     * @throws HttpResponseException 429 with the seconds to wait
     */
    public function knock(Request $request, ?string $at = null): void
    {
        $wait = $this->attempts->wait('from '.$request->ip(), self::FREE_FROM);
        if ($wait === 0 && $at !== null) {
            $wait = $this->attempts->wait($this->key($request, $at), self::FREE_AT);
        }
        if ($wait > 0) {
            throw new HttpResponseException(new JsonResponse(['message' => Catalogue::own()->render(Text::of('refused.slower', n: $wait))], 429, ['Retry-After' => (string) $wait]));
        }
    }

    /** Came in: what was tried at the account from here is forgotten, and the device known from now on. */
    public function opened(Request $request, User $user): void
    {
        OpenSession::begin($request, $user);
        $this->attempts->forget($this->key($request, $user->email));
        $known = $this->known($request);
        $known[$user->id] = true;
        Cookie::queue(Cookie::make(self::COOKIE, implode(' ', array_slice(array_keys($known), -8)), self::REMEMBERED_MIN, null, null, null, true, false, 'lax'));
    }

    private function key(Request $request, string $at): string
    {
        $id = User::query()->where('email', $at)->value('id');

        return is_string($id) && isset($this->known($request)[$id]) ? "at $at from a device that knows it" : "at $at";
    }

    /** @return array<string, true> whose accounts were opened from this device; the cookie is encrypted and signed */
    private function known(Request $request): array
    {
        $cookie = $request->cookie(self::COOKIE);

        return array_fill_keys(array_filter(explode(' ', is_string($cookie) ? $cookie : '')), true);
    }
}
