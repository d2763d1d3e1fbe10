<?php

declare(strict_types=1);

namespace App\Providers;

use App\Actions\StageFiles;
use App\Http\InPlaceFiles;
use App\Http\Requests\NotCommon;
use App\Http\Unlimited;
use App\Mail\Mailbox;
use App\Models\Household;
use App\Models\Project;
use App\Policies\HouseholdPolicy;
use App\Policies\ProjectPolicy;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\ThrottleRequests;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\ServiceProvider;
use Illuminate\Validation\Rules\Password;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton('files', fn (): InPlaceFiles => new InPlaceFiles);
        $this->app->singleton(StageFiles::class, fn (): StageFiles => new StageFiles(storage_path('framework/stages'), config()->string('incastro.core_hash')));
    }

    public function boot(): void
    {
        Gate::policy(Project::class, ProjectPolicy::class);
        Gate::policy(Household::class, HouseholdPolicy::class);
        Mail::extend('mailbox', fn (): Mailbox => new Mailbox(storage_path('mail')));
        if (! config()->boolean('incastro.limits')) {
            $this->app->bind(ThrottleRequests::class, Unlimited::class);
        }
        // Length is what counts; what a password is made of is the person's own.
        Password::defaults(fn (): Password => Password::min(10)->max(200)->rules([new NotCommon]));
        // Whom the address of a caller is believed of who speaks for another; nobody unless it is set.
        TrustProxies::at(array_values(array_filter(explode(',', config()->string('app.proxies')))));
        TrustProxies::withHeaders(Request::HEADER_X_FORWARDED_FOR);
    }
}
