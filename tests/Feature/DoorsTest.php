<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Requests\NotCommon;
use App\Models\User;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Route as Routes;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** The ways in: how often they may be tried, what they tell about whose account there is, and which passwords are taken. */
final class DoorsTest extends TestCase
{
    public function test_sign_ups_are_counted_by_the_address_they_come_from_whoever_the_session_is(): void
    {
        $this->freezeTime();
        $codes = [];
        for ($i = 0; $i < 34; $i++) {
            $codes[] = $this->postJson('/api/account', ['name' => "Nils $i", 'email' => "nils$i@lee-shore.example", 'password' => 'seven small harbours'])->status();
        }
        self::assertSame([...array_fill(0, 30, 201), 429, 429, 429, 429], $codes);
        // From elsewhere nobody is held up, and nobody is believed to be elsewhere who says so.
        $this->postJson('/api/account', $of = ['name' => 'Nora', 'email' => 'nora@lee-shore.example', 'password' => 'seven small harbours'], ['X-Forwarded-For' => '203.0.113.9'])->assertStatus(429);
        $this->withServerVariables(['REMOTE_ADDR' => '203.0.113.9'])->postJson('/api/account', $of)->assertCreated();
    }

    public function test_a_minute_forgives_a_try(): void
    {
        $this->freezeTime();
        for ($i = 0; $i < 60; $i++) {
            $this->guess('198.51.100.1')->assertStatus(422);
            $this->travel(60)->seconds();
        }
        // Also of tries that come closer together: two in a minute and a half leave one half a minute later.
        $this->travel(1)->hours();
        $told = array_map(function (): int {
            $this->travel(45)->seconds();

            return $this->guess('198.51.100.1')->status();
        }, range(1, 18));
        self::assertSame(array_fill(0, 18, 422), $told, 'of eighteen in thirteen minutes five count');
    }

    public function test_who_stands_in_front_is_believed_where_it_is_set(): void
    {
        config(['app.proxies' => '127.0.0.1']);
        (new \App\Providers\AppServiceProvider($this->app ?? throw new \LogicException))->boot();
        for ($i = 0; $i < 35; $i++) {
            $this->postJson('/api/sign-in', ['email' => "nobody$i@lee-shore.example", 'password' => 'x'], ['X-Forwarded-For' => "203.0.113.$i"])->assertStatus(422);
        }
    }

    public function test_guesses_at_one_account_grow_slow_and_never_shut_it(): void
    {
        $this->demoOwner()->update(['password' => 'tide-tables-41']);
        $this->freezeTime();
        // From forty addresses: it is the account that is tried at.
        $told = [];
        for ($i = 0; $i < 40; $i++) {
            $told[] = $this->guess("198.51.100.$i")->status();
        }
        self::assertSame(6, count(array_keys($told, 422, true)), 'so many are looked at');
        self::assertSame(34, count(array_keys($told, 429, true)));
        // One that waits as long as it is told is looked at: again and again, slower and slower, up to a minute.
        $waits = [];
        for ($i = 0; $i < 8; $i++) {
            $answer = $this->guess("203.0.113.$i");
            $waits[] = $wait = (int) $answer->headers->get('Retry-After');
            $answer->assertStatus(429)->assertJsonPath('message', "Too many tries; the next is taken in $wait seconds.");
            $this->travel($wait)->seconds();
            $this->guess("203.0.113.1$i")->assertStatus(422);
        }
        // A minute has gone by in between, which forgives one.
        self::assertSame([1, 2, 4, 8, 16, 32, 32, 60], $waits);
        // And whoever knows the password comes in after no longer than that.
        $this->travel(60)->seconds();
        $this->guess('203.0.113.77', 'tide-tables-41')->assertOk();
    }

    public function test_a_device_that_signed_in_before_is_not_held_up_by_what_others_try(): void
    {
        $this->demoOwner()->update(['password' => 'tide-tables-41']);
        $cookie = $this->guess('198.51.100.1', 'tide-tables-41')->assertOk()->getCookie('incastro_known');
        self::assertNotNull($cookie);
        self::assertTrue($cookie->isHttpOnly());
        $this->deleteJson('/api/session');
        $this->freezeTime();
        for ($i = 0; $i < 12; $i++) {
            $this->guess("203.0.113.$i");
        }
        $this->guess('198.51.100.1', 'tide-tables-41')->assertStatus(429);
        $this->withCredentials()->withCookie('incastro_known', (string) $cookie->getValue());
        $this->guess('198.51.100.1', 'tide-tables-41')->assertOk();
        // One made up is none.
        $this->deleteJson('/api/session');
        $this->flushHeaders()->withUnencryptedCookie('incastro_known', $this->demoOwner()->id);
        $this->guess('198.51.100.2', 'tide-tables-41')->assertStatus(429);
    }

    public function test_a_clock_that_was_set_back_holds_nobody_up(): void
    {
        $this->demoOwner()->update(['password' => 'tide-tables-41']);
        $this->travel(2)->days();
        for ($i = 0; $i < 12; $i++) {
            $this->guess("198.51.100.$i");
        }
        $this->travelBack();
        $this->guess('198.51.100.99', 'tide-tables-41')->assertOk();
    }

    public function test_an_address_nobody_has_takes_as_much_work_as_one_somebody_has(): void
    {
        $this->demoOwner()->update(['password' => 'tide-tables-41']);
        $hashed = 0;
        Hash::swap(new class($hashed) extends \Illuminate\Hashing\HashManager
        {
            public function __construct(private int &$hashed)
            {
                parent::__construct(app());
            }

            public function check($value, $hashedValue, array $options = [])
            {
                $this->hashed++;

                return parent::check($value, $hashedValue, $options);
            }
        });
        $ask = fn (string $email): TestResponse => $this->postJson('/api/sign-in', ['email' => $email, 'password' => 'not this one'])->assertStatus(422);
        $known = $ask('wren@gannet-point.example')->json();
        self::assertSame(1, $hashed);
        self::assertSame($known, $ask('nobody@gannet-point.example')->json());
        self::assertSame(2, $hashed);
    }

    public function test_where_letters_are_sent_nobody_learns_at_the_door_whose_address_has_an_account(): void
    {
        config(['mail.default' => 'array', 'app.url' => 'https://house.example']);
        $this->demoOwner();
        $ask = fn (string $email): TestResponse => $this->postJson('/api/account', ['name' => 'Wren', 'email' => $email, 'password' => 'seven small harbours'])->assertStatus(202);
        $known = $ask('WREN@gannet-point.example');
        $new = $ask('new@gannet-point.example');
        self::assertSame($known->json(), $new->json());
        $this->assertGuest();
        [$first, $second] = self::letters();
        self::assertStringContainsString('There is one already', $first);
        self::assertSame(1, preg_match('#https://house\.example/begin\?token=(\w+)#', $second, $link));
        $this->postJson('/api/account/begin', ['token' => 'made up'])->assertStatus(422);
        $this->postJson('/api/account/begin', ['token' => $link[1]])->assertCreated()->assertJsonPath('user.name', 'Wren');
        self::assertSame(1, User::query()->where('email', 'new@gannet-point.example')->count());
        $this->deleteJson('/api/session');
        $this->postJson('/api/account/begin', ['token' => $link[1]])->assertStatus(422);
        $this->postJson('/api/sign-in', ['email' => 'new@gannet-point.example', 'password' => 'seven small harbours'])->assertOk();
        self::assertSame(0, DB::table('sign_ups')->where('email', 'new@gannet-point.example')->count());
    }

    public function test_a_letter_of_a_sign_up_is_good_for_a_day(): void
    {
        config(['mail.default' => 'array']);
        $this->postJson('/api/account', ['name' => 'Wren', 'email' => 'late@gannet-point.example', 'password' => 'seven small harbours'])->assertStatus(202);
        preg_match('#begin\?token=(\w+)#', self::letters()[0], $link);
        $this->travel(25)->hours();
        $this->postJson('/api/account/begin', ['token' => $link[1]])->assertStatus(422);
        self::assertSame(0, User::query()->where('email', 'late@gannet-point.example')->count());
    }

    /** @return iterable<string, array{string, bool}> */
    public static function passwords(): iterable
    {
        foreach (['1234567890', '0987654321', '1212121212', 'aaaaaaaaaa', 'abcdefghijk', 'qwertyuiop', 'Password123', 'passw0rd2026!', 'P@ssw0rd1234', 'iloveyou1234', 'qwerty123456', 'welcome2026', 'letmein!!!!',
            'monkeydragon', 'summer2026summer', 'ansel1234567', 'incastro2026', 'lkjhgfdsa1', 'admin-admin-admin'] as $common) {
            yield $common => [$common, true];
        }
        foreach (['seven small harbours', 'tide-tables-41', 'vK9#qLm2xR', 'correcthorsebatterystaple', 'summer garden kitchen dragon', 'zwei blaue Boote'] as $good) {
            yield $good => [$good, false];
        }
    }

    #[DataProvider('passwords')]
    public function test_what_is_guessed_first_is_no_password(string $password, bool $isCommon): void
    {
        self::assertSame($isCommon, NotCommon::isCommon($password, ['Ansel Pike', 'ansel@elsewhere.example']));
    }

    public function test_a_common_password_is_refused_wherever_one_is_chosen(): void
    {
        $says = 'This password is among the first that are guessed; expected one that is not made of common words, keys in a row or your own name. Four words of your own will do.';
        $this->postJson('/api/account', ['name' => 'Ansel', 'email' => 'a@elsewhere.example', 'password' => '1234567890'])->assertStatus(422)->assertJsonPath('errors.password.0', $says);
        $this->postJson('/api/reset', ['email' => 'a@elsewhere.example', 'token' => 'x', 'password' => 'password123'])->assertStatus(422)->assertJsonPath('errors.password.0', $says);
        $user = $this->stranger();
        $user->update(['password' => 'tide-tables-41']);
        $this->actingAs($user)->putJson('/api/account/password', ['current' => 'tide-tables-41', 'password' => 'anselpike-1999'])->assertStatus(422)->assertJsonPath('errors.password.0', $says);
        $this->putJson('/api/account/password', ['current' => 'tide-tables-41', 'password' => 'short'])->assertStatus(422)->assertJsonPath('errors.password.0', 'The password is too short; expected 10 characters or more.');
        $this->putJson('/api/account/password', ['current' => 'tide-tables-41', 'password' => 'seven small harbours'])->assertNoContent();
    }

    public function test_whatever_is_printed_or_written_out_has_a_limit(): void
    {
        $files = array_filter(iterator_to_array(Routes::getRoutes(), false), fn (Route $r): bool => preg_match('/\.(pdf|csv|dxf|ics|zip|svg)$|template\.\{form\}$/', $r->uri()) === 1 && ! str_contains($r->uri(), 'small.svg'));
        self::assertGreaterThan(14, count($files));
        foreach ($files as $route) {
            self::assertNotSame([], array_filter($route->gatherMiddleware(), fn (mixed $m): bool => is_string($m) && str_starts_with($m, 'throttle:')), $route->uri());
        }
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function guess(string $from, string $password = 'a guess at it'): TestResponse
    {
        $this->app?->make('auth')->forgetGuards();

        return $this->withServerVariables(['REMOTE_ADDR' => $from])->postJson('/api/sign-in', ['email' => 'wren@gannet-point.example', 'password' => $password]);
    }

    /** @return list<string> */
    private static function letters(): array
    {
        $sent = Mail::mailer('array')->getSymfonyTransport();

        return array_values(array_map(fn ($m): string => $m->getOriginalMessage()->getTextBody(), $sent instanceof \Illuminate\Mail\Transport\ArrayTransport ? $sent->messages()->all() : []));
    }
}
