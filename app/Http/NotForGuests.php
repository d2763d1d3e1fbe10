<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\User;
use App\Words\Catalogue;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** From the demo house no letter goes out and nothing is shared: a guest has no account to answer for it. */
final class NotForGuests
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();

        return $user instanceof User && $user->isGuest() ? new JsonResponse(['message' => Catalogue::own()->say('refused.guest')], 403) : $next($request);
    }
}
