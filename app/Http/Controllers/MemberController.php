<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Doors;
use App\Http\KnownAddress;
use App\Http\Requests\InviteRequest;
use App\Models\Household;
use App\Models\Invitation;
use App\Models\User;
use App\Words\Catalogue;
use App\Words\Language;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Mail\Message;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Mail;

/** Who belongs to a household: asked by letter, made more or less of, taken out; one owner always stays. */
final class MemberController
{
    public function invite(InviteRequest $request, Household $household): Response
    {
        $email = $request->string('email')->value();
        $link = KnownAddress::link('/join').'?'.http_build_query(['token' => Invitation::to($household, $email, $request->string('role')->value())]);
        $text = Language::say("You are asked to share the projects of {0} at Incastro. Open this link within {1} days:\n\n{2}\n", $household->name, Invitation::GOOD_FOR, $link);
        Mail::raw($text, fn (Message $mail) => $mail->to($email)->subject(Language::say('Projects of {0}', $household->name)));

        return response()->noContent();
    }

    public function callOff(Household $household, Invitation $invitation): Response
    {
        Gate::authorize('manage', $household);
        abort_unless($invitation->household_id === $household->id, 404);
        $invitation->delete();

        return response()->noContent();
    }

    /** Whoever holds the letter joins with the account they are signed in with; a member keeps what they are, unless asked as more. */
    public function join(Request $request, Doors $doors): JsonResponse
    {
        $doors->knock($request);
        $request->validate(['token' => ['required', 'string', 'max:200']]);
        /** @var User $user */
        $user = $request->user();

        return DB::transaction(function () use ($request, $user): JsonResponse {
            $invitation = Invitation::by($request->string('token')->value());
            if ($invitation === null) {
                return new JsonResponse(['message' => Catalogue::own()->say('refused.stale_invitation')], 422);
            }
            $rank = fn (?string $role): int => (int) array_search($role, [null, 'viewer', 'maker', 'owner'], true);
            if ($rank($invitation->role) > $rank($user->roleIn($invitation->household_id))) {
                $invitation->household->users()->syncWithoutDetaching([$user->id => ['role' => $invitation->role]]);
            }
            $invitation->delete();

            return new JsonResponse(['household' => $invitation->household->name]);
        });
    }

    public function update(Request $request, Household $household, User $member): Response|JsonResponse
    {
        Gate::authorize('manage', $household);
        $request->validate(['role' => ['required', 'in:owner,maker,viewer']], ['role.*' => Language::say('A member is an owner, a maker or a viewer.')]);

        return $this->changed($household, $member, $request->string('role')->value());
    }

    /** An owner takes somebody out, or somebody leaves. */
    public function destroy(Request $request, Household $household, User $member): Response|JsonResponse
    {
        Gate::authorize($request->user()?->getAuthIdentifier() === $member->id ? 'view' : 'manage', $household);

        return $this->changed($household, $member, null);
    }

    private function changed(Household $household, User $member, ?string $role): Response|JsonResponse
    {
        return DB::transaction(function () use ($household, $member, $role): Response|JsonResponse {
            // The household's row is held, so that two owners do not make each other less at once.
            Household::query()->whereKey($household->id)->lockForUpdate()->first();
            abort_if($member->roleIn($household->id) === null, 404);
            $others = $household->users()->wherePivot('role', 'owner')->where('users.id', '!=', $member->id)->count();
            if ($role !== 'owner' && $others === 0) {
                return new JsonResponse(['message' => Catalogue::own()->say('refused.last_owner')], 422);
            }
            $role === null ? $household->users()->detach($member->id) : $household->users()->updateExistingPivot($member->id, ['role' => $role]);

            return response()->noContent();
        });
    }
}
