<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\OpenSession;
use App\Models\User;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** A session that was ended from elsewhere is over at its next request. */
final class StillOpen
{
    private const SEEN_EVERY_MIN = 5;

    /** @throws AuthenticationException when it was ended */
    public function handle(Request $request, Closure $next): mixed
    {
        // The page itself opens also where the database is away.
        $user = $request->is('api/*') ? $request->user() : null;
        if (! $user instanceof User || $user->isGuest()) {
            return $next($request);
        }
        $id = $request->session()->get('open');
        $open = is_string($id) ? OpenSession::query()->whereKey($id)->first() : null;
        if (! is_string($id) || ($open !== null && $open->user_id !== $user->id)) {
            // From before sessions were listed, or of who was signed in here before.
            OpenSession::begin($request, $user);

            return $next($request);
        }
        if ($open === null) {
            Auth::logout();
            $request->session()->invalidate();
            $request->session()->regenerateToken();

            return ! $request->is('api/session') ? throw new AuthenticationException : $next($request);
        }
        if ($open->seen_at->lt(now()->subMinutes(self::SEEN_EVERY_MIN))) {
            $open->forceFill(['seen_at' => now(), 'from' => (string) $request->ip()])->save();
        }

        return $next($request);
    }
}
