<?php

declare(strict_types=1);

namespace App\Models;

use App\Http\KnownAddress;
use App\Words\Language;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Mail\Message;
use Illuminate\Support\Facades\Mail;

/**
 * A person. `profile` holds only how they read numbers (unit, fraction); what a plan reads is in the document.
 *
 * @property string $id
 * @property string $name
 * @property string $email
 * @property array<string, mixed> $profile
 * @property \Illuminate\Support\Carbon|null $guest_until
 */
final class User extends Authenticatable
{
    use HasUlids;

    protected $table = 'users';

    protected $fillable = ['name', 'email', 'password', 'profile'];

    protected $hidden = ['password', 'remember_token', 'second_secret', 'second_codes'];

    /** @return BelongsToMany<Household, $this> */
    public function households(): BelongsToMany
    {
        return $this->belongsToMany(Household::class, 'household_user')->withPivot('role');
    }

    /** @return BelongsToMany<Household, $this> those whose projects the person may add to and change */
    public function makingIn(): BelongsToMany
    {
        return $this->households()->wherePivotIn('role', ['owner', 'maker']);
    }

    /** Looks round the demo house, for a day, without an account. */
    public function isGuest(): bool
    {
        return $this->guest_until !== null;
    }

    public function roleIn(string $householdId): ?string
    {
        $role = $this->households()->toBase()->where('households.id', $householdId)->value('role');

        return is_string($role) ? $role : null;
    }

    /** The letter with the link to a new password; the link names the address this server is reached at. */
    public function sendPasswordResetNotification(#[\SensitiveParameter] $token): void
    {
        $link = KnownAddress::link('/reset').'?'.http_build_query(['email' => $this->email, 'token' => $token]);
        $text = Language::say("Somebody asked for a new password for your account at Incastro. If that was you, open this link within the hour:\n\n{0}\n\nIf it was not, leave it: nothing has changed.\n", $link);
        Mail::raw($text, fn (Message $mail) => $mail->to($this->email, $this->name)->subject(Language::say('A new password')));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['profile' => 'array', 'password' => 'hashed', 'guest_until' => 'datetime', 'second_codes' => 'array', 'second_step' => 'integer'];
    }
}
