<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ProfileRequest;
use App\Models\User;
use Illuminate\Http\JsonResponse;

/** A person's own profile; nobody else's can be reached. */
final class ProfileController
{
    public function update(ProfileRequest $request): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        $user->update(['profile' => array_merge($user->profile, $request->profile())]);

        return new JsonResponse(['profile' => $user->profile]);
    }
}
