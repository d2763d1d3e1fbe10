<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\OpenSession;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Where a person is signed in, and ending that. */
final class OpenSessionController
{
    public function index(Request $request): JsonResponse
    {
        $own = $request->session()->get('open');
        /** @var list<OpenSession> $all */
        $all = OpenSession::query()->where('user_id', self::user($request)->id)->orderByDesc('seen_at')->get()->all();

        return new JsonResponse(['data' => array_map(fn (OpenSession $s): array => ['id' => $s->id, 'device' => $s->device, 'from' => $s->from,
            'begun' => $s->begun_at->toIso8601String(), 'seen' => $s->seen_at->toIso8601String(), 'me' => $s->id === $own], $all)]);
    }

    public function destroy(Request $request, string $open): Response
    {
        abort_unless(OpenSession::query()->where('user_id', self::user($request)->id)->whereKey($open)->delete() > 0, 404);

        return response()->noContent();
    }

    /** All but this one. */
    public function others(Request $request): Response
    {
        OpenSession::query()->where('user_id', self::user($request)->id)->whereKeyNot($request->session()->get('open'))->delete();

        return response()->noContent();
    }

    private static function user(Request $request): User
    {
        /** @var User $user */
        $user = $request->user();

        return $user;
    }
}
