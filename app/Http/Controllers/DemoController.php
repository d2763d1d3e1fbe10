<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** One click into the demo house, only where the demo is on. */
final class DemoController
{
    public function enter(Request $request): RedirectResponse
    {
        abort_unless(config()->boolean('incastro.demo'), 404);
        Auth::login(User::query()->where('email', DemoSeeder::OWNER_EMAIL)->firstOrFail());
        $request->session()->regenerate();

        return redirect('/projects/'.strtolower(DemoSeeder::FIRST_PROJECT).'/site');
    }
}
