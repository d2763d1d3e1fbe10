<?php

declare(strict_types=1);

namespace App\Http;

use App\Actions\StaleChange;
use App\Words\Catalogue;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Incastro\Core\Document\Reading\DocumentRejected;
use Incastro\Core\Document\Reading\Problem;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\HttpKernel\Exception\UnprocessableEntityHttpException;

/** Every refusal as one clear sentence: what was wrong and what is expected. */
final class Refusals
{
    /** PostgreSQL's word for a disk that is full. */
    private const NO_ROOM = '53100';

    public static function map(Exceptions $exceptions): void
    {
        $exceptions->dontReport([DocumentRejected::class, StaleChange::class]);
        $exceptions->shouldRenderJsonWhen(fn (Request $request): bool => $request->is('api/*'));
        $exceptions->render(fn (DocumentRejected $e): JsonResponse => self::rejected($e));
        $exceptions->render(fn (StaleChange $e): JsonResponse => new JsonResponse([
            'message' => Catalogue::own()->say('change.stale'),
            'paths' => $e->paths,
            'theirs' => $e->theirs,
            'mine' => $e->mine,
            'revision' => $e->revision,
            'rows' => $e->rows,
        ], 409));
        $exceptions->render(fn (\Throwable $e, Request $request): JsonResponse|RedirectResponse|null => match (true) {
            ! $request->is('api/*') => null,
            // A file opened in a window of its own: whoever reads is no program, and signs in on a page.
            $e instanceof AuthenticationException && $request->headers->get('Sec-Fetch-Mode') === 'navigate' => new RedirectResponse('/'),
            default => self::plain($e),
        });
    }

    private static function rejected(DocumentRejected $e): JsonResponse
    {
        $words = Catalogue::own();

        return new JsonResponse([
            'message' => $words->render($e->problems[0]->says),
            'problems' => array_map(fn (Problem $p): array => [
                'pointer' => $p->pointer, 'says' => $p->says, 'message' => $words->render($p->says),
            ], $e->problems),
        ], 422);
    }

    private static function plain(\Throwable $e): ?JsonResponse
    {
        $words = Catalogue::own();
        $status = $e instanceof HttpExceptionInterface ? $e->getStatusCode() : 500;

        return match (true) {
            $e instanceof AuthenticationException => new JsonResponse(['message' => $words->say('refused.signed_out')], 401),
            $e instanceof AuthorizationException, $status === 403 => new JsonResponse(['message' => $words->say('refused.not_yours')], 403),
            $status === 404 => new JsonResponse(['message' => $words->say('refused.not_found')], 404),
            $status === 419 => new JsonResponse(['message' => $words->say('refused.page_too_old')], 419),
            $status === 507 => new JsonResponse(['message' => $words->say('refused.disk_full')], 507),
            $status === 413 => new JsonResponse(['message' => $words->say('refused.too_large')], 413),
            $status === 503 => new JsonResponse(['message' => $words->say('refused.not_now')], 503),
            $e instanceof \PDOException && (string) $e->getCode() === self::NO_ROOM => new JsonResponse(['message' => $words->say('refused.disk_full')], 507),
            $e instanceof \PDOException && self::isAway($e) => new JsonResponse(['message' => $words->say('refused.not_now')], 503),
            $status === 429 => new JsonResponse(['message' => $words->say('refused.too_often')], 429),
            $e instanceof \Illuminate\Validation\ValidationException => null,
            $e instanceof UnprocessableEntityHttpException => new JsonResponse(['message' => $e->getMessage()], 422),
            $status < 500 => new JsonResponse(['message' => $words->say('refused.not_understood')], $status),
            default => new JsonResponse(['message' => $words->say('refused.our_fault')], $status),
        };
    }

    /** The database is gone, going, coming or full; anything else it says is our own mistake. */
    private static function isAway(\PDOException $e): bool
    {
        $state = (string) $e->getCode();

        return in_array($state, ['7', 'HY000', '57P01', '57P02', '57P03', '53300'], true) || str_starts_with($state, '08');
    }
}
