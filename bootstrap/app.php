<?php

declare(strict_types=1);

use App\Http\KnownAddress;
use App\Http\OnlyText;
use App\Http\Refusals;
use App\Http\RoomOnDisk;
use App\Http\StillOpen;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;

$app = Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php', commands: __DIR__.'/../routes/console.php')
    ->withMiddleware(function (Middleware $middleware): void {
        // Same origin only: the CORS middleware needs a package that cannot be had (docs/decisions/0002).
        $middleware->remove(HandleCors::class);
        $middleware->redirectGuestsTo('/');
        $middleware->prepend(KnownAddress::class);
        $middleware->append(RoomOnDisk::class);
        $middleware->web(append: [OnlyText::class]);
        // A new password ends every other session.
        $middleware->authenticateSessions();
        $middleware->web(append: [StillOpen::class]);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        Refusals::map($exceptions);
    })
    ->create();

// The start command keeps settings and state outside the source tree.
if (($state = getenv('INCASTRO_STATE')) !== false && $state !== '') {
    $app->useEnvironmentPath($state);
    $app->useStoragePath($state.'/storage');
}

return $app;
