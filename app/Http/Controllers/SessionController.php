<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SecondFactor;
use App\Actions\SignUp;
use App\Http\Doors;
use App\Http\Requests\SignInRequest;
use App\Models\OpenSession;
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
    /** Between the password and the code. */
    private const CODE_MIN = 5;

    public function __construct(private readonly SecondFactor $second)
    {
    }

    public function show(Request $request): JsonResponse
    {
        $user = $request->user();

        return new JsonResponse([
            'user' => $user instanceof User ? ['id' => $user->id, 'name' => $user->name, 'profile' => $user->profile, 'has_password' => $user->getAuthPassword() !== '' && $user->getAttribute('password') !== null, 'guest_until' => $user->guest_until?->toIso8601String(), 'second' => $this->second->left($user)] : null,
            'demo' => config()->boolean('incastro.demo'),
            'languages' => Language::all(),
            'sign_up' => SignUp::isOpenTo($request),
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
        if ($this->second->isOn($user)) {
            $request->session()->regenerate();
            $request->session()->put('second of', [$user->id, now()->addMinutes(self::CODE_MIN)->getTimestamp()]);

            return new JsonResponse(['second' => true]);
        }

        return $this->opened($request, $user, $doors);
    }

    /** After the password the code, of whose device or paper it is. */
    public function code(Request $request, Doors $doors): JsonResponse
    {
        [$id, $until] = (array) $request->session()->get('second of', [null, 0]) + [null, 0];
        $user = $until > now()->getTimestamp() ? User::query()->find($id) : null;
        if (! $user instanceof User) {
            return new JsonResponse(['message' => Catalogue::own()->say('refused.password_first')], 422);
        }
        $doors->knock($request, "$user->email, the code");
        $request->validate(['code' => ['required', 'string', 'max:40']]);
        if (! $this->second->takes($user, $request->string('code')->value())) {
            return new JsonResponse(['message' => Catalogue::own()->say('refused.wrong_code')], 422);
        }
        $request->session()->forget('second of');

        return $this->opened($request, $user->refresh(), $doors);
    }

    private function opened(Request $request, User $user, Doors $doors): JsonResponse
    {
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
        OpenSession::query()->whereKey($request->session()->get('open'))->delete();
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return response()->noContent();
    }
}
