<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Household;
use App\Models\Invitation;
use App\Models\User;
use Illuminate\Mail\Transport\ArrayTransport;
use Illuminate\Support\Facades\Mail;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Households whose members share projects: asked by letter, made more or less of, taken out. */
final class HouseholdTest extends TestCase
{
    public function test_somebody_is_asked_by_letter_and_joins_once(): void
    {
        [$owner, $household] = $this->house();
        $token = $this->ask($owner, $household, 'maud@lee-shore.example', 'maker');
        self::assertSame([['email' => 'maud@lee-shore.example', 'role' => 'maker']], array_map(fn (array $i): array => ['email' => $i['email'], 'role' => $i['role']], $this->seen($owner, $household)['invitations']));
        self::assertSame(0, Invitation::query()->where('token_hash', $token)->count(), 'only its hash is kept');
        $maud = $this->person('maud');
        $this->actingAs($maud)->postJson('/api/join', ['token' => 'guessed'])->assertStatus(422)->assertSee('no longer good');
        $this->postJson('/api/join', ['token' => $token])->assertOk()->assertJsonPath('household', 'Lee Shore');
        self::assertSame('maker', $maud->roleIn($household->id));
        $this->postJson('/api/join', ['token' => $token])->assertStatus(422);
        self::assertSame([], $this->seen($maud, $household)['invitations'], 'whom it has asked is seen by owners alone');
    }

    public function test_a_letter_grows_old_is_called_off_and_replaced_by_the_next(): void
    {
        [$owner, $household] = $this->house();
        $first = $this->ask($owner, $household, 'maud@lee-shore.example', 'viewer');
        $second = $this->ask($owner, $household, 'MAUD@lee-shore.example ', 'maker');
        self::assertSame(1, $household->invitations()->count());
        $this->actingAs($this->person('maud'))->postJson('/api/join', ['token' => $first])->assertStatus(422);
        $this->travel(Invitation::GOOD_FOR + 1)->days();
        $this->postJson('/api/join', ['token' => $second])->assertStatus(422);
        $this->travelBack();
        $id = $household->invitations()->firstOrFail()->id;
        $this->deleteJson("/api/households/$household->id/invitations/$id")->assertForbidden();
        $this->actingAs($owner)->deleteJson("/api/households/$household->id/invitations/$id")->assertNoContent();
        $this->actingAs($this->person('bo'))->postJson('/api/join', ['token' => $second])->assertStatus(422);
    }

    public function test_a_member_is_never_made_less_by_a_letter(): void
    {
        [$owner, $household] = $this->house();
        $maud = $this->member($household, 'maud', 'maker');
        foreach (['viewer' => 'maker', 'owner' => 'owner'] as $asked => $is) {
            $token = $this->ask($owner, $household, 'maud@lee-shore.example', $asked);
            $this->actingAs($maud)->postJson('/api/join', ['token' => $token])->assertOk();
            self::assertSame($is, $maud->roleIn($household->id));
        }
    }

    public function test_one_owner_always_stays(): void
    {
        [$owner, $household] = $this->house();
        $maud = $this->member($household, 'maud', 'viewer');
        $url = "/api/households/$household->id/members";
        $this->actingAs($owner)->deleteJson("$url/$owner->id")->assertStatus(422)->assertSee('at least one owner');
        $this->patchJson("$url/$owner->id", ['role' => 'maker'])->assertStatus(422);
        $this->patchJson("$url/$maud->id", ['role' => 'captain'])->assertStatus(422)->assertSee('an owner, a maker or a viewer');
        $this->patchJson("$url/$maud->id", ['role' => 'owner'])->assertNoContent();
        $this->deleteJson("$url/$owner->id")->assertNoContent();
        self::assertNull($owner->roleIn($household->id));
        $this->deleteJson("$url/$maud->id")->assertForbidden();
    }

    public function test_a_household_is_begun_and_named(): void
    {
        $owner = $this->person('ivo');
        $id = $this->actingAs($owner)->postJson('/api/households', ['name' => 'Boat club'])->assertCreated()->assertJsonPath('data.role', 'owner')->json('data.id');
        $this->postJson('/api/households', ['name' => ''])->assertStatus(422);
        $this->patchJson("/api/households/$id", ['name' => 'Boat and bench club'])->assertOk()->assertJsonPath('data.name', 'Boat and bench club');
        $this->getJson('/api/households')->assertJsonCount(1, 'data');
    }

    /** @return iterable<string, array{string, string, array<string, string>}> */
    public static function routes(): iterable
    {
        yield 'named' => ['PATCH', '', ['name' => 'Ours']];
        yield 'asked into' => ['POST', '/invitations', ['email' => 'x@lee-shore.example', 'role' => 'viewer']];
        yield 'made more of' => ['PATCH', '/members/{owner}', ['role' => 'owner']];
        yield 'taken out' => ['DELETE', '/members/{owner}', []];
    }

    /** @param  array<string, string>  $body */
    #[DataProvider('routes')]
    public function test_owners_alone_say_who_belongs(string $method, string $path, array $body): void
    {
        [$owner, $household] = $this->house();
        $url = "/api/households/$household->id".str_replace('{owner}', $owner->id, $path);
        $this->json($method, $url, $body)->assertUnauthorized();
        foreach ([$this->person('stranger'), $this->member($household, 'maud', 'maker'), $this->member($household, 'bo', 'viewer')] as $other) {
            $this->actingAs($other)->json($method, $url, $body)->assertForbidden();
        }
    }

    /** @return array{User, Household} */
    private function house(): array
    {
        $household = Household::query()->create(['name' => 'Lee Shore']);

        return [$this->member($household, 'ivo', 'owner'), $household];
    }

    private function person(string $name): User
    {
        return User::query()->firstOrCreate(['email' => "$name@lee-shore.example"], ['name' => $name, 'profile' => []]);
    }

    private function member(Household $household, string $name, string $role): User
    {
        $household->users()->attach($this->person($name), ['role' => $role]);

        return $this->person($name);
    }

    /** What the letter holds. */
    private function ask(User $owner, Household $household, string $email, string $role): string
    {
        config(['mail.default' => 'array']);
        $this->actingAs($owner)->postJson("/api/households/$household->id/invitations", ['email' => $email, 'role' => $role])->assertNoContent();
        $transport = Mail::mailer('array')->getSymfonyTransport();
        self::assertInstanceOf(ArrayTransport::class, $transport);
        $letter = $transport->messages()->last()?->getOriginalMessage();
        self::assertInstanceOf(\Symfony\Component\Mime\Email::class, $letter);
        self::assertSame(1, preg_match('/join\?token=(\w+)/', (string) $letter->getTextBody(), $found));

        return $found[1];
    }

    /** @return array{invitations: list<array<string, string>>} */
    private function seen(User $user, Household $household): array
    {
        return array_column($this->actingAs($user)->getJson('/api/households')->assertOk()->json('data'), null, 'id')[$household->id];
    }
}
