<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Household;
use App\Models\Invitation;
use App\Models\LibraryEntry;
use App\Models\Project;
use App\Models\RackPiece;
use App\Models\SharedLink;
use App\Models\User;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Route as Routes;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Every route there is, walked by everybody: who may, and who may not. A route that is not in the table fails the test. */
final class RoutesTest extends TestCase
{
    private const ANYONE = 0;

    private const SIGNED_IN = 1;

    private const VIEWER = 2;

    private const MAKER = 3;

    private const OWNER = 4;

    /** By method and address: the least that may. What makes or takes away comes last where it would be missed. */
    private const TABLE = [
        'GET up' => self::ANYONE, 'GET demo/{room?}/{stage?}' => self::ANYONE, 'GET {any?}' => self::ANYONE, 'GET api/session' => self::ANYONE, 'POST api/sign-in' => self::ANYONE, 'DELETE api/session' => self::ANYONE,
        'POST api/account' => self::ANYONE, 'POST api/account/begin' => self::ANYONE, 'POST api/sign-in/code' => self::ANYONE,
        'GET api/account/sessions' => self::SIGNED_IN, 'DELETE api/account/sessions' => self::SIGNED_IN, 'DELETE api/account/sessions/{open}' => self::SIGNED_IN, 'POST api/account/second' => self::SIGNED_IN, 'PUT api/account/second' => self::SIGNED_IN, 'DELETE api/account/second' => self::SIGNED_IN, 'POST api/forgotten' => self::ANYONE, 'POST api/reset' => self::ANYONE,
        'GET api/look/{token}' => self::ANYONE, 'GET api/look/{token}/picture.svg' => self::ANYONE, 'GET api/look/{token}/{file}' => self::ANYONE,
        'DELETE api/account' => self::SIGNED_IN, 'PUT api/account/password' => self::SIGNED_IN, 'GET api/piece-starts' => self::SIGNED_IN, 'GET api/meter' => self::SIGNED_IN, 'PATCH api/profile' => self::SIGNED_IN, 'POST api/join' => self::SIGNED_IN,
        'GET api/households' => self::SIGNED_IN, 'POST api/households' => self::SIGNED_IN, 'GET api/projects' => self::SIGNED_IN, 'POST api/projects' => self::SIGNED_IN, 'POST api/projects/new' => self::SIGNED_IN,
        'PATCH api/households/{household}' => self::OWNER, 'POST api/households/{household}/invitations' => self::OWNER, 'DELETE api/households/{household}/invitations/{invitation}' => self::OWNER,
        'PATCH api/households/{household}/members/{member}' => self::OWNER, 'DELETE api/households/{household}/members/{member}' => self::OWNER,
        'POST api/projects/{deleted}/bring-back' => self::MAKER, 'POST api/projects/{project}/copy' => self::MAKER, 'PATCH api/projects/{project}' => self::MAKER, 'PUT api/projects/{project}/household' => self::OWNER, 'DELETE api/projects/{project}' => self::MAKER,
        'GET api/projects/{project}' => self::VIEWER, 'GET api/projects/{project}/revisions' => self::VIEWER, 'GET api/projects/{project}/revisions/{number}' => self::VIEWER, 'PATCH api/projects/{project}/revisions/{number}' => self::MAKER,
        'GET api/projects/{project}/revisions/{from}/compare/{to}' => self::VIEWER, 'POST api/projects/{project}/changes' => self::MAKER, 'GET api/projects/{project}/plan/{section?}' => self::VIEWER,
        'GET api/projects/{project}/parts.csv' => self::VIEWER, 'POST api/projects/{project}/bring-in/readings' => self::MAKER, 'POST api/projects/{project}/bring-in/boards' => self::MAKER, 'POST api/projects/{project}/bring-in/outlines' => self::MAKER,
        'GET api/projects/{project}/parts.dxf' => self::VIEWER, 'GET api/projects/{project}/project.zip' => self::VIEWER, 'GET api/projects/{project}/drawing.svg' => self::VIEWER, 'GET api/projects/{project}/small.svg' => self::VIEWER,
        'GET api/projects/{project}/links' => self::MAKER, 'POST api/projects/{project}/links' => self::MAKER, 'DELETE api/projects/{project}/links/{link}' => self::MAKER,
        'GET api/projects/{project}/plan.pdf' => self::VIEWER, 'GET api/projects/{project}/booklet.pdf' => self::VIEWER, 'GET api/projects/{project}/record.pdf' => self::VIEWER, 'GET api/projects/{project}/record.json' => self::VIEWER,
        'GET api/projects/{project}/bin-labels.pdf' => self::VIEWER, 'POST api/projects/{project}/other-side' => self::VIEWER, 'GET api/projects/{project}/shopping.pdf' => self::VIEWER, 'GET api/projects/{project}/work.ics' => self::VIEWER,
        'GET api/projects/{project}/shopping.csv' => self::VIEWER, 'GET api/projects/{project}/labels.pdf' => self::VIEWER, 'GET api/projects/{project}/measuring-list.pdf' => self::VIEWER, 'GET api/projects/{project}/survey.pdf' => self::VIEWER,
        'GET api/projects/{project}/template.{form}' => self::VIEWER, 'GET api/projects/{project}/project.json' => self::VIEWER, 'GET api/projects/{project}/space-starts/{kind}' => self::VIEWER, 'GET api/projects/{project}/thing-starts/{kind}' => self::VIEWER,
        'GET api/projects/{project}/piece-starts/{starter}' => self::VIEWER, 'GET api/projects/{project}/carry-in/{piece}' => self::VIEWER, 'GET api/projects/{project}/schools/{piece}' => self::VIEWER,
        'PUT api/projects/{project}/photos/{photo}' => self::MAKER, 'GET api/projects/{project}/photos/{photo}' => self::VIEWER, 'GET api/projects/{project}/rack' => self::VIEWER, 'POST api/projects/{project}/rack' => self::MAKER,
        'PATCH api/projects/{project}/rack/{piece}' => self::MAKER, 'DELETE api/projects/{project}/rack/{piece}' => self::MAKER, 'GET api/projects/{project}/library' => self::VIEWER, 'POST api/projects/{project}/library' => self::MAKER,
        'DELETE api/projects/{project}/library/{entry}' => self::MAKER, 'GET api/projects/{project}/library.csv' => self::VIEWER, 'POST api/projects/{project}/library.csv' => self::MAKER, 'POST api/projects/{project}/places' => self::MAKER,
        'POST api/projects/{project}/replan' => self::VIEWER, 'POST api/projects/{project}/layout-searches' => self::MAKER, 'GET api/projects/{project}/layout-searches/{search}' => self::VIEWER, 'DELETE api/projects/{project}/layout-searches/{search}' => self::MAKER,
    ];

    /** What sends or shares, which a guest of the demo house does not. */
    private const NOT_FOR_GUESTS = [
        'DELETE api/account', 'PUT api/account/password', 'GET api/account/sessions', 'DELETE api/account/sessions', 'DELETE api/account/sessions/{open}', 'POST api/account/second', 'PUT api/account/second', 'DELETE api/account/second', 'POST api/join', 'POST api/households', 'POST api/households/{household}/invitations', 'PUT api/projects/{project}/household', 'POST api/projects/{project}/links',
    ];

    public function test_every_route_is_in_the_table_and_the_table_names_no_other(): void
    {
        $there = array_map(fn (Route $r): string => $r->methods()[0].' '.$r->uri(), iterator_to_array(Routes::getRoutes(), false));
        // The framework's own door to local files is closed elsewhere.
        $there = array_values(array_filter($there, fn (string $r): bool => ! str_contains($r, 'storage/{path}')));
        self::assertEqualsCanonicalizing(array_keys(self::TABLE), $there);
    }

    /** @return iterable<string, array{string, int}> */
    public static function everybody(): iterable
    {
        yield 'nobody' => ['nobody', self::ANYONE];
        yield 'a stranger' => ['stranger', self::SIGNED_IN];
        yield 'a viewer' => ['viewer', self::VIEWER];
        yield 'a maker' => ['maker', self::MAKER];
        yield 'an owner' => ['owner', self::OWNER];
    }

    /** @return iterable<string, array{string}> */
    public static function everybodyAndAGuest(): iterable
    {
        foreach ([...array_keys(iterator_to_array(self::everybody())), 'a guest'] as $who) {
            yield $who => [(string) preg_replace('/^an? /', '', $who)];
        }
    }

    /** What a page elsewhere can have a browser send: another host's name, its own as where it comes from, a token that it made up or has none of. */
    #[DataProvider('everybodyAndAGuest')]
    public function test_nothing_is_done_for_a_forged_host_origin_or_token(string $who): void
    {
        Queue::fake();
        [$actor, $owned] = $this->actor($who);
        // As it is served: where tests run, no token is asked for.
        $this->app?->instance('env', 'production');
        $evil = ['Origin' => 'https://evil.example', 'Referer' => 'https://evil.example/', 'Sec-Fetch-Site' => 'cross-site'];
        $before = self::rows();
        foreach (array_keys(self::TABLE) as $route) {
            [$method, $uri] = explode(' ', $route);
            $path = '/'.strtr($uri, $owned);
            $here = "http://127.0.0.1$path";
            $answers = ['host' => $this->forged($actor, $method, "http://evil.example$path", [])];
            self::assertSame(421, $answers['host']->getStatusCode(), "$who, $route");
            foreach (['origin' => $evil, 'token' => $evil + ['X-XSRF-TOKEN' => 'x', 'X-CSRF-TOKEN' => str_repeat('a', 40)]] as $forgery => $headers) {
                if ($method === 'GET' && $forgery === 'token') {
                    continue; // none is asked for
                }
                $answers[$forgery] = $this->forged($actor, $method, $here, $headers);
                if ($method !== 'GET') {
                    self::assertSame(419, $answers[$forgery]->getStatusCode(), "$who, $route, $forgery");
                }
            }
            foreach ($answers as $forgery => $answer) {
                self::assertNull($answer->headers->get('Access-Control-Allow-Origin'), "$who, $route, $forgery");
                self::assertStringNotContainsString('evil.example', (string) $answer->headers->get('Location'), "$who, $route, $forgery");
                self::assertSame([], $forgery === 'host' ? $answer->headers->getCookies() : [], "$who, $route");
            }
        }
        self::assertSame($before, self::rows(), $who);
    }

    /** @param  array<string, string>  $headers */
    private function forged(?User $actor, string $method, string $address, array $headers): \Symfony\Component\HttpFoundation\Response
    {
        $this->flushSession();
        $this->app?->make('auth')->forgetGuards();
        if ($actor !== null) {
            $this->actingAs($actor);
        }
        // A GET may open what is each person's own, as a copy of the demo house: that is not what is asked here.
        DB::beginTransaction();
        $answer = $this->json($method, $address, [], $headers)->baseResponse;
        $method === 'GET' ? DB::rollBack() : DB::commit();

        return $answer;
    }

    /** @return array<string, string> every table but those of sessions and counts, by a sum over its rows */
    private static function rows(): array
    {
        $rows = [];
        foreach (DB::select("select tablename from pg_tables where schemaname = 'public'") as $table) {
            if (! in_array($table->tablename, ['cache', 'cache_locks', 'jobs', 'open_sessions'], true)) {
                $rows[$table->tablename] = (string) DB::selectOne("select md5(coalesce(string_agg(t::text, ',' order by t::text), '')) as sum from \"$table->tablename\" t")?->sum;
            }
        }

        return $rows;
    }

    /** @return array{User|null, array<string, string>} somebody, and what addresses name */
    private function actor(string $who): array
    {
        if ($who === 'guest') {
            config(['incastro.demo' => true]);
            $this->get('/demo')->assertRedirect();
            $guest = User::query()->whereNotNull('guest_until')->firstOrFail();
            $project = Project::query()->where('owner_id', $guest->id)->where('sample', 'chart-room-left-niche')->firstOrFail();

            return [$guest, $this->owned($guest, $project) + ['{project}' => $project->id]];
        }
        $owner = $this->demoOwner();
        $owned = $this->owned($owner) + ['{project}' => $this->demoProject()->id];
        $actor = ['nobody' => fn (): ?User => null, 'stranger' => $this->stranger(...), 'viewer' => $this->viewer(...), 'maker' => fn (): User => $this->maker(), 'owner' => fn (): User => $owner][$who]();
        // Everybody with an account has a household of their own, to which new projects may go.
        $actor?->households()->syncWithoutDetaching([Household::query()->create(['name' => 'Their own'])->id => ['role' => 'owner']]);

        return [$actor, $owned];
    }

    #[DataProvider('everybody')]
    public function test_each_goes_as_far_as_they_may_and_no_further(string $who, int $rank): void
    {
        Queue::fake();
        [$actor, $owned] = $this->actor($who);
        foreach (self::TABLE as $route => $least) {
            [$method, $uri] = explode(' ', $route);
            DB::beginTransaction();
            // What a request before has opened went with its transaction.
            $this->flushSession();
            $this->app?->make('auth')->forgetGuards();
            if ($actor !== null) {
                $this->actingAs($actor);
            }
            $status = $this->json($method, '/'.strtr($uri, $owned), [])->getStatusCode();
            DB::rollBack();
            // Refused for want of a right; anything else, a body that is wanted included, means the door was open.
            $may = ! in_array($status, [401, 403], true);
            self::assertSame($rank >= $least, $may, "$who, $route: $status");
            self::assertLessThan(500, $status, "$who, $route");
        }
    }

    public function test_a_guest_of_the_demo_house_does_all_in_their_copy_but_send_and_share(): void
    {
        Queue::fake();
        [$guest, $owned] = $this->actor('guest');
        foreach (self::TABLE as $route => $least) {
            [$method, $uri] = explode(' ', $route);
            DB::beginTransaction();
            // What a request before has opened went with its transaction.
            $this->flushSession();
            $this->app?->make('auth')->forgetGuards();
            $status = $this->actingAs($guest ?? self::fail('No guest.'))->json($method, '/'.strtr($uri, $owned), [])->getStatusCode();
            DB::rollBack();
            self::assertSame(in_array($route, self::NOT_FOR_GUESTS, true), in_array($status, [401, 403], true), "$route: $status");
            self::assertLessThan(500, $status, $route);
        }
    }

    /** @return array<string, string> one of each thing that an address names, all of the demo's household */
    private function owned(User $owner, ?Project $of = null): array
    {
        $project = $of ?? $this->demoProject();
        Invitation::to($project->household, 'ivo@lee-shore.example', 'viewer');
        SharedLink::of($project, $owner, 'Yard', 3);
        $search = $project->layoutSearches()->create(['user_id' => $owner->id, 'revision' => 1, 'seed' => 1, 'effort' => 1, 'status' => 'waiting']);
        $entry = LibraryEntry::query()->create(['household_id' => $project->household_id, 'kind' => 'bin', 'name' => 'Bin', 'entry' => ['kind' => 'bin', 'name' => 'Bin']]);
        $deleted = Project::query()->where('id', '!=', $project->id)->where('household_id', $project->household_id)->firstOrFail();
        $deleted->delete();

        return ['{any?}' => '', '/{room?}/{stage?}' => '', '{token}' => str_repeat('a', 40), '{file}' => 'plan.pdf', '{household}' => $project->household_id, '{invitation}' => Invitation::query()->firstOrFail()->id, '{member}' => $owner->id,
            '{deleted}' => $deleted->id, '{number}' => '1', '{from}' => '1', '{to}' => '1', '/{section?}' => '/cut', '{link}' => SharedLink::query()->firstOrFail()->id, '{form}' => 'svg', 'thing-starts/{kind}' => 'thing-starts/pipe', '{kind}' => 'closet', '{starter}' => 'shelves',
            'rack/{piece}' => 'rack/'.$this->rackPiece($project), '{piece}' => (string) array_key_first($project->decoded()['pieces']), '{photo}' => self::ulid(), '{entry}' => (string) $entry->getKey(), '{search}' => (string) $search->getKey()];
    }

    private function rackPiece(Project $project): string
    {
        return RackPiece::query()->create(['household_id' => $project->household_id, 'number' => 1, 'material' => 'Birch ply 18', 'grain' => true, 'thickness' => '18', 'length' => '600', 'width' => '300'])->id;
    }

    private function maker(): User
    {
        $user = User::query()->create(['name' => 'Bo Quay', 'email' => 'bo@gannet-point.example', 'profile' => []]);
        $this->demoProject()->household->users()->attach($user, ['role' => 'maker']);

        return $user;
    }
}
