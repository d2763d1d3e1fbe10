<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\DemoHouse;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;

/** One click into a copy of the demo house, only where the demo is on. Who has a copy comes back to it. */
final class DemoController
{
    /** From one address. */
    private const COPIES_A_MINUTE = 60;

    public function enter(Request $request, DemoHouse $house, string $room = DemoHouse::FIRST, string $stage = 'site'): RedirectResponse
    {
        abort_unless(config()->boolean('incastro.demo') && isset(DemoHouse::rooms()[$room]), 404);
        $guest = $request->user();
        if (! $guest instanceof User || ! $guest->isGuest()) {
            // A copy is work and room on the disk; coming back to one's own is neither.
            $mayOpen = ! config()->boolean('incastro.limits') || RateLimiter::attempt('demo '.$request->ip(), self::COPIES_A_MINUTE, fn (): bool => true);
            abort_unless($mayOpen, 429);
            $guest = $house->open();
            if ($guest === null) {
                return redirect('/?demo=full');
            }
            Auth::login($guest);
            $request->session()->regenerate();
        }
        $project = $house->room($guest, $room);

        // A room that was deleted in this copy is gone from it.
        return redirect($project === null ? '/' : "/projects/$project->id/$stage");
    }
}
