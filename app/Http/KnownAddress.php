<?php

declare(strict_types=1);

namespace App\Http;

use App\Words\Catalogue;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Incastro\Core\Measure\Text;

/**
 * This server answers at its own addresses alone: this machine's, the one of its letters, those that are set. A caller that names another gets one
 * sentence, no session and no letter.
 */
final class KnownAddress
{
    public function handle(Request $request, \Closure $next): mixed
    {
        // As it was sent: nothing in front of the server is asked what it was.
        $host = self::nameOf((string) $request->server->get('HTTP_HOST', ''));

        return in_array($host, self::known(), true) ? $next($request)
            : new Response(Catalogue::own()->render(Text::of('refused.address', host: $host === '' ? '–' : $host)), 421, ['Content-Type' => 'text/plain; charset=UTF-8']);
    }

    /** The address that stands in letters, whatever a caller says this server is called. */
    public static function link(string $path): string
    {
        $own = config('app.url');

        return rtrim(is_string($own) ? $own : '', '/').$path;
    }

    /** @return list<string> */
    private static function known(): array
    {
        $set = config('app.hosts');
        $own = parse_url(self::link('/'), PHP_URL_HOST);

        return array_values(array_filter(['127.0.0.1', 'localhost', '[::1]', is_string($own) ? $own : '',
            ...array_map(fn (string $host): string => self::nameOf(trim($host)), explode(',', is_string($set) ? $set : ''))]));
    }

    /** Without its port. */
    private static function nameOf(string $host): string
    {
        return strtolower(preg_replace('/:\d+$/', '', $host) ?? '');
    }
}
