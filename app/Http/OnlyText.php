<?php

declare(strict_types=1);

namespace App\Http;

use App\Words\Catalogue;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\UnprocessableEntityHttpException;

/** What is asked for is text, and each thing of an address is given once: anything else is refused before it is read. */
final class OnlyText
{
    /** An escaped zero character in JSON: an odd number of strokes before it. The database's texts end there. */
    private const ZERO = '/(?<!\\\\)(?:\\\\\\\\)*\\\\u0000/';

    public function handle(Request $request, \Closure $next): mixed
    {
        $refused = match (true) {
            array_filter($request->query->all(), is_array(...)) !== [] => 'refused.one_value',
            ! self::isText($request->query->all()) || ! self::isText($request->isJson() ? [] : $request->request->all()) => 'refused.not_text',
            $request->isJson() && self::hasZero($request->getContent()) => 'refused.not_text',
            default => null,
        };
        if ($refused !== null) {
            throw new UnprocessableEntityHttpException(Catalogue::own()->say($refused));
        }

        return $next($request);
    }

    private static function hasZero(string $json): bool
    {
        return str_contains($json, '\u0000') && preg_match(self::ZERO, $json) === 1;
    }

    /** @param  array<array-key, mixed>  $given */
    private static function isText(array $given): bool
    {
        foreach ($given as $key => $value) {
            if (! self::isPlain((string) $key) || (is_string($value) && ! self::isPlain($value)) || (is_array($value) && ! self::isText($value))) {
                return false;
            }
        }

        return true;
    }

    private static function isPlain(string $text): bool
    {
        return mb_check_encoding($text, 'UTF-8') && ! str_contains($text, "\0");
    }
}
