<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\SecondFactor;
use App\Models\User;
use Illuminate\Console\Command;

/** For who has lost the device and the codes on paper; whoever runs the server knows whom they are speaking with. */
final class SecondFactorCommand extends Command
{
    protected $signature = 'incastro:second-factor {what} {email}';

    protected $description = 'Turn the second factor of an account off';

    public function handle(SecondFactor $second): int
    {
        $email = mb_strtolower(trim((string) $this->argument('email')));
        $user = User::query()->where('email', $email)->first();
        if ($this->argument('what') !== 'off' || $user === null || ! $second->isOn($user)) {
            $this->error($this->argument('what') !== 'off' ? 'Expected: second-factor off E-MAIL.' : "There is no account $email with a second factor; nothing was changed.");

            return self::FAILURE;
        }
        $second->turnOff($user);
        $this->info("$email signs in by its password alone now.");

        return self::SUCCESS;
    }
}
