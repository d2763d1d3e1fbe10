<?php

declare(strict_types=1);

namespace App\Http;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\HttpException;

/**
 * Nothing is written where the disk is nearly full: the database that meets the wall itself may stand still for everybody. Whoever only reads, comes in
 * or goes out is served.
 */
final class RoomOnDisk
{
    /** What takes no room, or makes some. */
    private const ALWAYS = ['api/sign-in', 'api/sign-in/code', 'api/session'];

    public static function isLeft(): bool
    {
        $free = @disk_free_space(storage_path());

        // Where nobody can tell, the database is asked to write and says for itself.
        return $free === false || $free > config()->integer('incastro.least_free_mb') * 1e6;
    }

    public function handle(Request $request, Closure $next): mixed
    {
        $isWriting = ! $request->isMethodSafe() && ! $request->isMethod('DELETE') && ! $request->is(self::ALWAYS);
        if ($isWriting && ! self::isLeft()) {
            throw new HttpException(507);
        }

        return $next($request);
    }
}
