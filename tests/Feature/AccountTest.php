<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Household;
use App\Models\Photo;
use App\Models\Project;
use App\Models\User;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Mail;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** Accounts: begun, signed into, their passwords changed and forgotten, taken away. */
final class AccountTest extends TestCase
{
    private const PASSWORD = 'seven small harbours';

    private const NEXT = 'eight small harbours';

    public function test_an_account_begins_with_a_household_of_its_own_and_its_first_project(): void
    {
        $this->signUp()->assertCreated()->assertJsonPath('user.name', 'Ivo Brand')->assertJsonPath('user.has_password', true);
        self::assertSame('owner', $this->ivo()->roleIn($this->ivo()->households()->firstOrFail()->id));
        $this->postJson('/api/projects/new', ['name' => 'Porch', 'unit' => 'mm'])->assertCreated()->assertJsonPath('data.household', 'Ivo Brand’s household');
        $this->deleteJson('/api/session')->assertNoContent();
        $this->postJson('/api/sign-in', ['email' => 'ivo@lee-shore.example', 'password' => self::PASSWORD])->assertOk();
    }

    public function test_what_is_wrong_with_a_sign_up_is_said_and_nobody_is_made(): void
    {
        $this->signUp(['password' => 'short'])->assertStatus(422)->assertSee('expected 10 characters or more');
        $this->signUp(['email' => 'ivo'])->assertStatus(422)->assertSee('expected one like');
        $this->signUp(['name' => ''])->assertStatus(422);
        self::assertSame(0, User::query()->where('email', 'like', 'ivo%')->count());
        $this->signUp()->assertCreated();
        $this->signUp(['email' => ' IVO@lee-shore.example '])->assertStatus(422)->assertSee('There is an account with this address');
        config(['incastro.sign_up' => false]);
        $this->signUp(['email' => 'other@lee-shore.example'])->assertForbidden();
    }

    public function test_a_password_is_changed_by_who_knows_it_and_other_sessions_end(): void
    {
        $this->signUp();
        $this->putJson('/api/account/password', ['current' => 'not this one', 'password' => self::NEXT])->assertStatus(422)->assertSee('not this one');
        $this->putJson('/api/account/password', ['current' => self::PASSWORD, 'password' => self::NEXT])->assertNoContent();
        $this->getJson('/api/projects')->assertOk();
        // A session begun with the password before is over.
        $this->withSession(['password_hash_web' => 'of another password'])->getJson('/api/projects')->assertUnauthorized();
        $this->postJson('/api/sign-in', ['email' => 'ivo@lee-shore.example', 'password' => self::PASSWORD])->assertStatus(422);
        $this->postJson('/api/sign-in', ['email' => 'ivo@lee-shore.example', 'password' => self::NEXT])->assertOk();
    }

    public function test_a_forgotten_password_is_made_anew_by_a_letter_in_the_mailbox_once(): void
    {
        config(['mail.default' => 'mailbox']);
        Mail::forgetMailers();
        File::deleteDirectory(storage_path('mail'));
        $this->signUp();
        $this->deleteJson('/api/session');
        $this->postJson('/api/forgotten', ['email' => 'nobody@lee-shore.example'])->assertNoContent();
        self::assertFalse(is_dir(storage_path('mail')), 'the answer is the same, and no letter is written');
        $this->postJson('/api/forgotten', ['email' => 'ivo@lee-shore.example'])->assertNoContent();
        $letters = File::files(storage_path('mail'));
        self::assertCount(1, $letters);
        self::assertSame('0600', substr(sprintf('%o', fileperms($letters[0]->getPathname())), -4));
        $letter = quoted_printable_decode($letters[0]->getContents());
        self::assertStringContainsString('ivo@lee-shore.example', $letter);
        self::assertSame(1, preg_match('/reset\?(\S+)/', $letter, $found));
        parse_str($found[1], $link);
        $reset = fn (string $token, string $password): TestResponse => $this->postJson('/api/reset', ['email' => $link['email'], 'token' => $token, 'password' => $password]);
        $reset('guessed', self::NEXT)->assertStatus(422)->assertSee('no longer good');
        $reset((string) $link['token'], 'short')->assertStatus(422);
        $reset((string) $link['token'], self::NEXT)->assertNoContent();
        $reset((string) $link['token'], self::PASSWORD)->assertStatus(422)->assertSee('no longer good');
        $this->postJson('/api/sign-in', ['email' => 'ivo@lee-shore.example', 'password' => self::NEXT])->assertOk();
    }

    public function test_an_account_is_taken_away_with_what_is_its_own_alone(): void
    {
        $this->signUp();
        $ivo = $this->ivo();
        $own = (string) $this->postJson('/api/projects/new', ['name' => 'Porch', 'unit' => 'mm'])->json('data.id');
        File::ensureDirectoryExists(Photo::folder($own));
        $shared = $this->shared($ivo);
        $this->deleteJson('/api/account', ['password' => 'not this one'])->assertStatus(422)->assertSee('nothing was deleted');
        self::assertNotNull(User::query()->find($ivo->id));
        $this->deleteJson('/api/account', ['password' => self::PASSWORD])->assertNoContent();
        self::assertNull(User::query()->find($ivo->id));
        self::assertNull(Project::query()->find($own));
        self::assertFalse(is_dir(Photo::folder($own)));
        $left = Project::query()->findOrFail($shared->id);
        $heir = User::query()->where('email', 'maud@lee-shore.example')->firstOrFail();
        self::assertSame([$heir->id, 'owner'], [$left->owner_id, $heir->roleIn($left->household_id)]);
        self::assertSame([$heir->id], $left->revisions()->pluck('user_id')->unique()->values()->all(), 'its history stays');
        $this->getJson('/api/session')->assertJsonPath('user', null);
    }

    /** A project of a household that others belong to, changed by the one who leaves. */
    private function shared(User $ivo): Project
    {
        $household = Household::query()->create(['name' => 'Lee Shore makers']);
        $household->users()->attach($ivo, ['role' => 'owner']);
        foreach (['viewer' => 'bo', 'maker' => 'maud'] as $role => $name) {
            $household->users()->attach(User::query()->create(['name' => $name, 'email' => "$name@lee-shore.example", 'profile' => []]), ['role' => $role]);
        }
        $made = Project::query()->findOrFail((string) $this->postJson('/api/projects/new', ['name' => 'Bench', 'unit' => 'mm'])->json('data.id'));
        $made->forceFill(['household_id' => $household->id])->save();
        $this->postJson("/api/projects/$made->id/changes", $this->change(1, [$this->set('Long bench', 'name')]))->assertOk();

        return $made;
    }

    private function ivo(): User
    {
        return User::query()->where('email', 'ivo@lee-shore.example')->firstOrFail();
    }

    /**
     * @param  array<string, string>  $with
     * @return TestResponse<\Illuminate\Http\JsonResponse>
     */
    private function signUp(array $with = []): TestResponse
    {
        return $this->postJson('/api/account', $with + ['name' => 'Ivo Brand', 'email' => 'ivo@lee-shore.example', 'password' => self::PASSWORD]);
    }
}
