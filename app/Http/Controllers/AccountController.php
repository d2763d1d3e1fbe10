<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\DeleteAccount;
use App\Actions\DemoHouse;
use App\Http\Requests\DeleteAccountRequest;
use App\Http\Requests\PasswordRequest;
use App\Http\Requests\SignUpRequest;
use App\Models\Household;
use App\Models\User;
use App\Words\Language;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

/** A person’s own account: begun, its password changed, and taken away with all that is theirs alone. */
final class AccountController
{
    public function store(SignUpRequest $request, SessionController $session, DemoHouse $demo): JsonResponse
    {
        $guest = $request->user();
        $user = DB::transaction(function () use ($request, $guest, $demo): User {
            $user = User::query()->create(['name' => $request->string('name')->trim()->value(), 'email' => $request->string('email')->value(), 'password' => $request->string('password')->value(), 'profile' => []]);
            $household = Household::query()->create(['name' => $request->string('household')->trim()->value() ?: Language::say('{0}’s household', $user->name)]);
            $household->users()->attach($user, ['role' => 'owner']);
            if ($guest instanceof User && $guest->isGuest()) {
                $demo->keep($guest, $user, $household);
            }

            return $user;
        });
        Auth::login($user);
        $request->session()->regenerate();

        return $session->show($request)->setStatusCode(201);
    }

    /** Whoever is signed in elsewhere is signed out. */
    public function password(PasswordRequest $request): Response
    {
        /** @var User $user */
        $user = $request->user();
        $user->forceFill(['password' => $request->string('password')->value(), 'remember_token' => null])->save();
        $request->session()->regenerate();

        return response()->noContent();
    }

    public function destroy(DeleteAccountRequest $request, DeleteAccount $delete): Response
    {
        /** @var User $user */
        $user = $request->user();
        Auth::logout();
        $delete->of($user);
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return response()->noContent();
    }
}
