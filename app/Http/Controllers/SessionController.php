<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SignInRequest;
use App\Models\User;
use App\Words\Catalogue;
use App\Words\Language;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;

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

    public function store(SignInRequest $request): JsonResponse
    {
        if (! Auth::attempt($request->safe(['email', 'password']))) {
            return new JsonResponse(['message' => Catalogue::own()->say('refused.wrong_password')], 422);
        }
        $request->session()->regenerate();

        return $this->show($request);
    }

    public function destroy(Request $request): Response
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return response()->noContent();
    }
}
