<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Doors;
use App\Http\Requests\NewPasswordRequest;
use App\Models\OpenSession;
use App\Models\User;
use App\Words\Catalogue;
use App\Words\Language;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Password;

/** A forgotten password: a letter with a link that is good for an hour, once. */
final class PasswordResetController
{
    /** The answer is the same whether or not there is such an account. */
    public function store(Request $request, Doors $doors): Response
    {
        $doors->knock($request);
        $request->validate(['email' => ['required', 'email']], ['email.*' => Language::say('This is no e-mail address; expected one like wren@example.org.')]);
        // When the answer is out: how long a letter takes tells nobody whether there is one. A guest of the demo house has no address.
        $of = ['email' => mb_strtolower(trim($request->string('email')->value())), 'guest_until' => null];
        defer(fn () => Password::sendResetLink($of));

        return response()->noContent();
    }

    public function update(NewPasswordRequest $request, Doors $doors): Response|JsonResponse
    {
        $doors->knock($request, mb_strtolower($request->string('email')->value()));
        $done = Password::reset(['email' => mb_strtolower($request->string('email')->value()), 'token' => $request->string('token')->value(), 'password' => $request->string('password')->value()],
            function (User $user, string $password): void {
                OpenSession::query()->where('user_id', $user->id)->delete();
                $user->forceFill(['password' => $password, 'remember_token' => null])->save();
            });

        return $done === Password::PASSWORD_RESET ? response()->noContent()
            : new JsonResponse(['message' => Catalogue::own()->say('refused.stale_link')], 422);
    }
}
