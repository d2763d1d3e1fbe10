<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\DemoHouse;
use App\Actions\PassOn;
use App\Models\Household;
use App\Models\User;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** What people began or changed in the demo house that all shared goes to an account. */
final class AdoptCommand extends Command
{
    protected $signature = 'incastro:adopt {email}';

    protected $description = 'Give what was begun in the shared demo house of before to an account';

    public function handle(): int
    {
        $email = mb_strtolower(trim((string) $this->argument('email')));
        $user = User::query()->where('email', $email)->first();
        $to = $user === null || $user->isGuest() ? null : Household::query()->where('name', '!=', DemoHouse::NAME)
            ->whereHas('users', fn ($q) => $q->where('users.id', $user->id)->where('household_user.role', 'owner'))->orderBy('id')->first();
        if ($user === null || $to === null) {
            $this->error("There is no account $email with a household of its own; begin one first.");

            return self::FAILURE;
        }
        $names = DB::transaction(function () use ($user, $to): array {
            $left = DemoCommand::left()->pluck('name', 'id');
            DB::table('projects')->whereIn('id', $left->keys())->update(['household_id' => $to->id, 'sample' => null]);
            $shared = User::query()->where('email', DemoHouse::SHARED)->first();
            if ($shared !== null) {
                PassOn::of($left->keys(), $shared, $user);
            }

            return array_values($left->all());
        });
        $this->info($names === [] ? 'There is nothing of anybody’s own in the shared demo house.' : "Now in {$to->name}: ".implode('; ', $names).'.');
        @unlink(storage_path('demo-left'));

        return self::SUCCESS;
    }
}
