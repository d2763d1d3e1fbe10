<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Doors;
use App\Http\Requests\SignInRequest;
use App\Models\User;
use App\Words\Catalogue;
use App\Words\Language;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;

/** Who is signed in. */
final class SessionController
{
    public function show(Request $request): JsonResponse
    {
        $user = $request->user();

        return new JsonResponse([
            'user' => $user instanceof User ? ['id' => $user->id, 'name' => $user->name, 'profile' => $user->profile, 'has_password' => $user->getAuthPassword() !== '' && $user->getAttribute('password') !== null, 'guest_until' => $user->guest_until?->toIso8601String()] : null,
            'demo' => config()->boolean('incastro.demo'),
            'languages' => Language::all(),
            'sign_up' => config()->boolean('incastro.sign_up'),
        ]);
    }

    /** As long with an address that nobody has as with one that somebody has. */
    public function store(SignInRequest $request, Doors $doors): JsonResponse
    {
        $email = $request->string('email')->value();
        $doors->knock($request, $email);
        $user = User::query()->where('email', $email)->first();
        $kept = $user?->getAttribute('password');
        $isRight = Hash::check($request->string('password')->value(), is_string($kept) ? $kept : self::nobodys());
        if ($user === null || ! is_string($kept) || ! $isRight) {
            return new JsonResponse(['message' => Catalogue::own()->say('refused.wrong_password')], 422);
        }
        Auth::login($user);
        $request->session()->regenerate();
        $doors->opened($request, $user);

        return $this->show($request);
    }

    /** The hash of a password that nobody has, as costly as anybody's. */
    private static function nobodys(): string
    {
        return Cache::rememberForever('nobodys password', fn (): string => Hash::make(Str::random(40)));
    }

    public function destroy(Request $request): Response
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return response()->noContent();
    }
}
