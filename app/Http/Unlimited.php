<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;

/** In the place of the limits where they are off: for benchmarks, in which fifty people sign up from one address. */
final class Unlimited
{
    public function handle(Request $request, \Closure $next): mixed
    {
        return $next($request);
    }
}
