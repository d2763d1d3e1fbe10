<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\DeleteAccount;
use App\Actions\SignUp;
use App\Http\Doors;
use App\Http\Requests\DeleteAccountRequest;
use App\Http\Requests\PasswordRequest;
use App\Http\Requests\SignUpRequest;
use App\Models\OpenSession;
use App\Models\User;
use App\Words\Catalogue;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;

/** A person’s own account: begun, its password changed, and taken away with all that is theirs alone. */
final class AccountController
{
    public function store(SignUpRequest $request, SessionController $session, SignUp $signUp, Doors $doors): JsonResponse
    {
        $doors->knock($request, $request->string('email')->value());
        $of = ['name' => $request->string('name')->trim()->value(), 'email' => $request->string('email')->value(),
            'password' => Hash::make($request->string('password')->value()), 'household' => $request->string('household')->trim()->value() ?: null];
        if (SignUp::isByLetter()) {
            $signUp->ask($of);

            return new JsonResponse(['letter' => true], 202);
        }

        return $this->begun($request, $signUp->begin($of, $this->guest($request)), $session, $doors);
    }

    /** The letter of a sign-up is opened. */
    public function open(Request $request, SessionController $session, SignUp $signUp, Doors $doors): JsonResponse
    {
        $doors->knock($request);
        $token = $request->validate(['token' => ['required', 'string', 'max:200']])['token'];
        $user = $signUp->open($token, $this->guest($request));

        return $user === null ? new JsonResponse(['message' => Catalogue::own()->say('refused.stale_link')], 422) : $this->begun($request, $user, $session, $doors);
    }

    private function begun(Request $request, User $user, SessionController $session, Doors $doors): JsonResponse
    {
        Auth::login($user);
        $request->session()->regenerate();
        $doors->opened($request, $user);

        return $session->show($request)->setStatusCode(201);
    }

    private function guest(Request $request): ?User
    {
        $user = $request->user();

        return $user instanceof User ? $user : null;
    }

    /** Whoever is signed in elsewhere is signed out. */
    public function password(PasswordRequest $request): Response
    {
        /** @var User $user */
        $user = $request->user();
        OpenSession::query()->where('user_id', $user->id)->whereKeyNot($request->session()->get('open'))->delete();
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
