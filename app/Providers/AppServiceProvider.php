<?php

declare(strict_types=1);

namespace App\Providers;

use App\Http\Unlimited;
use App\Mail\Mailbox;
use App\Models\Household;
use App\Models\Project;
use App\Policies\HouseholdPolicy;
use App\Policies\ProjectPolicy;
use Illuminate\Routing\Middleware\ThrottleRequests;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\ServiceProvider;
use Illuminate\Validation\Rules\Password;

final class AppServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        Gate::policy(Project::class, ProjectPolicy::class);
        Gate::policy(Household::class, HouseholdPolicy::class);
        Mail::extend('mailbox', fn (): Mailbox => new Mailbox(storage_path('mail')));
        if (! config()->boolean('incastro.limits')) {
            $this->app->bind(ThrottleRequests::class, Unlimited::class);
        }
        // Length is what counts; what a password is made of is the person's own.
        Password::defaults(fn (): Password => Password::min(10)->max(200));
    }
}
