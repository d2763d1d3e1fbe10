<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Asked by the web server before it lets anybody at the meter: a person is signed in, and the page that asks is one of this server's own. */
final class MeterController
{
    public function __invoke(Request $request): Response
    {
        $origin = $request->headers->get('Origin');
        $isOwn = ($origin === null || $origin === $request->getSchemeAndHttpHost()) && in_array($request->headers->get('Sec-Fetch-Site'), [null, 'same-origin', 'none'], true);

        return new Response('', $isOwn ? 204 : 403);
    }
}
