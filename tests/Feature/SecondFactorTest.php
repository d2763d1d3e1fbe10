<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Totp;
use App\Models\User;
use Illuminate\Encryption\Encrypter;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** The second factor, and where one is signed in. */
final class SecondFactorTest extends TestCase
{
    /** RFC 6238, appendix B: the secret is the ASCII text 12345678901234567890; eight digits. */
    #[TestWith([59, '94287082'])]
    #[TestWith([1111111109, '07081804'])]
    #[TestWith([1111111111, '14050471'])]
    #[TestWith([1234567890, '89005924'])]
    #[TestWith([2000000000, '69279037'])]
    #[TestWith([20000000000, '65353130'])]
    public function test_codes_are_those_of_the_standard(int $time, string $code): void
    {
        self::assertSame($code, Totp::code('GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ', intdiv($time, 30), 8));
        self::assertSame(intdiv($time, 30), Totp::step('GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ', substr($code, 2), $time, 0));
    }

    public function test_a_code_is_good_for_its_step_and_those_beside_it_and_once(): void
    {
        $secret = Totp::secret();
        self::assertMatchesRegularExpression('/^[A-Z2-7]{32}$/', $secret);
        $code = Totp::code($secret, 1000);
        foreach ([[1000, 999, 1000], [999, 999, 1000], [1001, 999, 1000], [998, 999, null], [1002, 999, null], [1000, 1000, null]] as [$now, $after, $is]) {
            self::assertSame($is, Totp::step($secret, $code, $now * 30 + 7, $after), "$now after $after");
        }
    }

    public function test_it_is_turned_on_asked_for_and_turned_off(): void
    {
        $this->freezeTime();
        $user = $this->withPassword();
        $this->actingAs($user)->postJson('/api/account/second', ['password' => 'not this one'])->assertStatus(422)->assertJsonPath('message', 'The password is not this one; nothing was changed.');
        $begun = $this->postJson('/api/account/second', ['password' => 'tide-tables-41'])->assertOk();
        self::assertGreaterThan(24, count($begun->json('rows')));
        $this->putJson('/api/account/second', ['code' => '000000'])->assertStatus(422);
        $this->getJson('/api/session')->assertJsonPath('user.second', null);
        $codes = $this->putJson('/api/account/second', ['code' => $this->now($begun->json('secret'))])->assertOk()->json('codes');
        self::assertCount(10, array_unique($codes));
        $this->getJson('/api/session')->assertJsonPath('user.second', 10);
        // Nothing of it lies open in the database.
        $row = (array) DB::table('users')->where('id', $user->id)->first();
        self::assertStringNotContainsString($begun->json('secret'), implode(' ', array_map(strval(...), $row)));
        self::assertStringNotContainsString(str_replace('-', '', $codes[0]), (string) $row['second_codes']);
        $this->deleteJson('/api/session');
        // The code that turned it on is used up; the next lets in, once.
        $this->signIn()->assertOk()->assertExactJson(['second' => true]);
        $this->assertGuest();
        $this->code($this->now($begun->json('secret')))->assertStatus(422);
        $this->travel(31)->seconds();
        $this->code(implode(' ', str_split($this->now($begun->json('secret')), 3)))->assertOk()->assertJsonPath('user.name', 'Ansel Pike');
        $this->deleteJson('/api/session');
        $this->signIn();
        $this->code($this->now($begun->json('secret')))->assertStatus(422);
        // One on paper lets in once.
        $this->code($codes[3])->assertOk()->assertJsonPath('user.second', 9);
        $this->deleteJson('/api/session');
        $this->signIn();
        $this->code($codes[3])->assertStatus(422);
        $this->code(strtoupper($codes[4]))->assertOk();
        $this->deleteJson('/api/account/second', ['password' => 'tide-tables-41'])->assertNoContent();
        $this->deleteJson('/api/session');
        $this->signIn()->assertOk()->assertJsonPath('user.second', null);
    }

    public function test_a_code_without_the_password_before_it_is_nothing(): void
    {
        [, $secret] = $this->turnedOn();
        $says = 'The password comes first, and the code within five minutes of it; sign in again.';
        $this->code($this->now($secret))->assertStatus(422)->assertJsonPath('message', $says);
        $this->signIn();
        $this->travel(6)->minutes();
        $this->code($this->now($secret))->assertStatus(422)->assertJsonPath('message', $says);
    }

    public function test_codes_cannot_be_tried_out(): void
    {
        [, $secret] = $this->turnedOn();
        $this->freezeTime();
        $this->signIn();
        $told = array_map(fn (int $i): int => $this->code(sprintf('%06d', $i))->status(), range(1, 12));
        self::assertSame([...array_fill(0, 6, 422), ...array_fill(0, 6, 429)], $told);
        $this->travel(61)->seconds();
        $this->code($this->now($secret))->assertOk();
    }

    /** As after a restore on a machine with a key of its own. */
    public function test_under_another_key_the_codes_on_paper_still_work(): void
    {
        $this->freezeTime();
        $user = $this->withPassword();
        $secret = $this->actingAs($user)->postJson('/api/account/second', ['password' => 'tide-tables-41'])->json('secret');
        $codes = $this->putJson('/api/account/second', ['code' => $this->now($secret)])->assertOk()->json('codes');
        DB::table('users')->where('id', $user->id)->update(['second_secret' => (new Encrypter(random_bytes(32), 'AES-256-CBC'))->encryptString($secret)]);
        $this->deleteJson('/api/session');
        $this->travel(40)->seconds();
        $this->signIn()->assertExactJson(['second' => true]);
        $this->code($this->now($secret))->assertStatus(422);
        $this->code($codes[0])->assertOk();
    }

    public function test_who_runs_the_server_can_turn_it_off(): void
    {
        $this->turnedOn();
        self::assertSame(1, $this->artisan('incastro:second-factor', ['what' => 'off', 'email' => 'nobody@elsewhere.example']));
        self::assertSame(0, $this->artisan('incastro:second-factor', ['what' => 'off', 'email' => 'Ansel@elsewhere.example']));
        $this->signIn()->assertOk()->assertJsonPath('user.name', 'Ansel Pike');
    }

    public function test_where_one_is_signed_in_is_listed_and_can_be_ended(): void
    {
        $this->withPassword();
        $cookies = [];
        foreach (['Mozilla/5.0 (X11; Linux x86_64) Firefox/128.0', 'Mozilla/5.0 (iPhone; CPU iPhone OS 18) Safari/605.1'] as $agent) {
            $this->flushSession();
            $this->app?->make('auth')->forgetGuards();
            $this->withHeaders(['User-Agent' => $agent]);
            $this->signIn()->assertOk();
            $cookies[] = session()->all();
        }
        $listed = $this->getJson('/api/account/sessions')->assertOk()->json('data');
        self::assertEqualsCanonicalizing([['Firefox, Linux', false], ['Safari, iPhone', true]], array_map(fn (array $s): array => [$s['device'], $s['me']], $listed));
        $other = array_values(array_filter($listed, fn (array $s): bool => ! $s['me']))[0];
        $this->deleteJson("/api/account/sessions/{$other['id']}")->assertNoContent();
        $this->deleteJson("/api/account/sessions/{$other['id']}")->assertNotFound();
        $this->getJson('/api/projects')->assertOk();
        // The one that was ended finds itself signed out.
        $this->app?->make('auth')->forgetGuards();
        $this->withSession($cookies[0]);
        $this->getJson('/api/projects')->assertUnauthorized();
        $this->getJson('/api/session')->assertJsonPath('user', null);
    }

    public function test_a_new_password_ends_every_other_session(): void
    {
        $user = $this->withPassword();
        $this->signIn();
        DB::table('open_sessions')->insert(['id' => strtolower(self::ulid()), 'user_id' => $user->id, 'device' => 'x', 'from' => '198.51.100.1', 'begun_at' => now(), 'seen_at' => now()]);
        $this->putJson('/api/account/password', ['current' => 'tide-tables-41', 'password' => 'seven small harbours'])->assertNoContent();
        self::assertSame([true], array_column($this->getJson('/api/account/sessions')->json('data'), 'me'));
    }

    private function withPassword(): User
    {
        $user = $this->stranger();
        $user->update(['password' => 'tide-tables-41']);

        return $user;
    }

    /** @return array{User, string} signed out, with its secret */
    private function turnedOn(): array
    {
        $user = $this->withPassword();
        $secret = $this->actingAs($user)->postJson('/api/account/second', ['password' => 'tide-tables-41'])->json('secret');
        $this->putJson('/api/account/second', ['code' => $this->now($secret)])->assertOk();
        $this->deleteJson('/api/session');
        $this->app?->make('auth')->forgetGuards();
        $this->travel(40)->seconds();

        return [$user, $secret];
    }

    private function now(string $secret): string
    {
        return Totp::code($secret, intdiv(now()->getTimestamp(), Totp::STEP_S));
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function signIn(): TestResponse
    {
        return $this->postJson('/api/sign-in', ['email' => 'ansel@elsewhere.example', 'password' => 'tide-tables-41']);
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function code(string $code): TestResponse
    {
        return $this->postJson('/api/sign-in/code', ['code' => $code]);
    }
}
