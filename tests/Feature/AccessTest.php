<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class AccessTest extends TestCase
{
    /** @return iterable<string, array{string, string, bool}> method, path under the project, whether a viewer may */
    public static function projectRoutes(): iterable
    {
        yield 'show' => ['GET', '', true];
        yield 'revisions' => ['GET', '/revisions', true];
        yield 'a revision' => ['GET', '/revisions/1', true];
        yield 'two revisions' => ['GET', '/revisions/1/compare/1', true];
        yield 'drawing' => ['GET', '/drawing.svg?of=01J8R100000000000000000026&view=front', true];
        yield 'small picture' => ['GET', '/small.svg', true];
        yield 'links' => ['GET', '/links', false];
        yield 'link made' => ['POST', '/links', false];
        yield 'parts as dxf' => ['GET', '/parts.dxf', true];
        yield 'packed' => ['GET', '/project.zip', true];
        yield 'readings from elsewhere' => ['POST', '/bring-in/readings', false];
        yield 'boards from elsewhere' => ['POST', '/bring-in/boards', false];
        yield 'outlines from elsewhere' => ['POST', '/bring-in/outlines', false];
        yield 'plan' => ['GET', '/plan', true];
        yield 'plan section' => ['GET', '/plan/cut', true];
        yield 'csv' => ['GET', '/parts.csv', true];
        yield 'pdf' => ['GET', '/plan.pdf', true];
        yield 'booklet' => ['GET', '/booklet.pdf', true];
        yield 'shopping list' => ['GET', '/shopping.pdf', true];
        yield 'shopping list as csv' => ['GET', '/shopping.csv', true];
        yield 'record' => ['GET', '/record.pdf', true];
        yield 'record as data' => ['GET', '/record.json', true];
        yield 'bin labels' => ['GET', '/bin-labels.pdf', true];
        yield 'calendar' => ['GET', '/work.ics', true];
        yield 'measuring list' => ['GET', '/measuring-list.pdf', true];
        yield 'survey sheet' => ['GET', '/survey.pdf', true];
        yield 'labels' => ['GET', '/labels.pdf?columns=3&rows=8&width=70&height=37', true];
        yield 'rack' => ['GET', '/rack', true];
        yield 'rack filled' => ['POST', '/rack', false];
        yield 'library' => ['GET', '/library', true];
        yield 'library entry' => ['POST', '/library', false];
        yield 'library as a list' => ['GET', '/library.csv', true];
        yield 'library brought in' => ['POST', '/library.csv', false];
        yield 'what a space begins with' => ['GET', '/space-starts/closet', true];
        yield 'json' => ['GET', '/project.json', true];
        yield 'change' => ['POST', '/changes', false];
        yield 'what becomes of what is cut' => ['POST', '/replan', true];
        yield 'search' => ['POST', '/layout-searches', false];
    }

    #[DataProvider('projectRoutes')]
    public function test_each_project_route_is_guarded(string $method, string $path, bool $viewerMay): void
    {
        $owner = $this->demoOwner();
        $url = '/api/projects/'.$this->demoProject()->id.$path;
        $body = match ($path) {
            '/changes' => $this->change(1, [$this->set('Renamed', 'name')]),
            '/library' => ['kind' => 'bin', 'name' => 'Bin'],
            '/bring-in/readings' => ['space' => '01J8R100000000000000000001', 'text' => '1,1048'],
            '/bring-in/boards' => ['text' => "length,width\n600,250"],
            '/bring-in/outlines' => ['unit' => 'mm', 'text' => "0\nSECTION\n2\nENTITIES\n0\nCIRCLE\n8\n0\n10\n0\n20\n0\n40\n50\n0\nENDSEC\n0\nEOF"],
            '/links' => ['label' => 'The yard', 'days' => 3],
            default => [],
        };
        $this->json($method, $url, $body)->assertStatus(401)->assertJsonPath('message', 'You are signed out; sign in to go on.');
        $this->actingAs($this->stranger())->json($method, $url, $body)->assertStatus(403)->assertJsonStructure(['message']);
        $this->actingAs($this->viewer())->json($method, $url, $body)->assertStatus($viewerMay ? 200 : 403);
        // An empty list is refused, but not for want of a right.
        self::assertContains($this->actingAs($owner)->json($method, $url, $body)->getStatusCode(), $method.$path === 'POST/library.csv' ? [422] : [200, 201, 202]);
    }

    public function test_each_limit_is_counted_by_itself(): void
    {
        $seen = [];
        foreach (Route::getRoutes() as $route) {
            foreach (array_filter($route->gatherMiddleware(), fn (mixed $m): bool => is_string($m) && str_starts_with($m, 'throttle:')) as $limit) {
                [, , $name] = explode(',', $limit) + [2 => ''];
                self::assertNotSame('', $name, "{$route->uri()} would share its count with every other");
                self::assertArrayNotHasKey($name, $seen, $route->uri());
                $seen[$name] = true;
            }
        }
        self::assertGreaterThan(10, count($seen));
    }

    public function test_every_project_route_is_in_the_list_above(): void
    {
        $listed = array_map(fn (array $r): string => "{$r[0]} ".explode('?', $r[1])[0], array_values(iterator_to_array(self::projectRoutes())));
        foreach (Route::getRoutes() as $route) {
            if (! str_starts_with($route->uri(), 'api/projects/{project}')) {
                continue;
            }
            self::assertContains('auth', $route->gatherMiddleware(), $route->uri());
            $path = str_replace(['api/projects/{project}', '/{section?}'], '', $route->uri());
            // What is reached by an id or needs a body of its own: see LayoutSearchTest, CutTest, PhotoTest, TemplateTest, CarryInTest, StartTest, PieceTest, HandoverTest and ShelfTest.
            if (! preg_match('/links\/{link}|{search}|places|rack\/{piece}|library\/{entry}|{photo}|{form}|thing-starts|piece-starts|schools|carry-in|other-side|copy|household/', $path) && ! in_array($route->methods()[0].$path, ['PATCH', 'DELETE', 'PATCH/revisions/{number}'], true)) {
                self::assertContains($route->methods()[0].' '.strtr($path, ['{kind}' => 'closet', '{number}' => '1', '{from}' => '1', '{to}' => '1']), $listed);
            }
        }
    }

    public function test_a_person_sees_only_the_projects_of_their_households(): void
    {
        $owner = $this->demoOwner();
        $this->actingAs($this->stranger())->getJson('/api/projects')->assertOk()->assertJsonCount(0, 'data');
        $this->actingAs($owner)->getJson('/api/projects')->assertOk()->assertJsonCount(19, 'data')
            ->assertJsonPath('data.3.name', 'Chart room, left niche')->assertJsonPath('data.3.household', 'Gannet Point Lookout');
    }

    public function test_the_demo_signs_in_with_one_click_only_where_it_is_on(): void
    {
        $this->demoOwner();
        $this->get('/demo')->assertRedirect();
        $this->assertAuthenticated();
        $this->getJson('/api/session')->assertJsonPath('user.name', 'Wren Larkin')->assertJsonPath('demo', true);
        $this->deleteJson('/api/session')->assertNoContent();
        $this->assertGuest();
        config(['incastro.demo' => false]);
        $this->get('/demo')->assertNotFound();
        $this->assertGuest();
    }

    public function test_a_wrong_password_is_said_so(): void
    {
        $this->demoOwner()->update(['password' => 'tide-tables-41']);
        $ask = fn (string $password) => $this->postJson('/api/sign-in', ['email' => 'wren@gannet-point.example', 'password' => $password]);
        $ask('guess')->assertStatus(422)->assertJsonPath('message', 'That address and password do not belong together.');
        $this->assertGuest();
        $ask('tide-tables-41')->assertOk()->assertJsonPath('user.name', 'Wren Larkin');
    }

    public function test_an_unknown_address_of_the_api_says_so_in_words(): void
    {
        $this->actingAs($this->demoOwner());
        $this->getJson('/api/projects/01j00000000000000000000000')->assertStatus(404)->assertJsonPath('message', 'There is nothing at this address.');
        $this->getJson('/api/projects/'.$this->demoProject()->id.'/plan/soup')->assertStatus(404);
    }

    public function test_a_profile_is_ones_own_and_new_projects_begin_with_it(): void
    {
        $owner = $this->demoOwner();
        $workshop = $this->demoProject()->decoded()['workshop'];
        $sheets = collect($this->demoProject()->decoded()['stock'])->sortBy('order')->values()->all();
        $this->patchJson('/api/profile', ['unit' => 'in'])->assertUnauthorized();
        $this->actingAs($owner)->patchJson('/api/profile', ['unit' => 'ell'])->assertStatus(422);
        $this->patchJson('/api/profile', ['workshop' => ['kerf' => -2] + $workshop])->assertStatus(422)->assertJsonPath('problems.0.pointer', '/workshop/kerf');
        $this->patchJson('/api/profile', ['unit' => 'in', 'workshop' => ['kerf' => 1.8] + $workshop, 'sheets' => $sheets])->assertOk();
        $this->getJson('/api/session')->assertJsonPath('user.profile.unit', 'in');
        $id = $this->postJson('/api/projects/new', ['name' => 'Den', 'unit' => 'mm'])->assertCreated()->json('data.id');
        $document = $this->getJson("/api/projects/$id")->json('document');
        self::assertSame(1.8, $document['workshop']['kerf']);
        $stock = collect($document['stock'])->sortBy('order')->values()->all();
        self::assertSame(['Birch ply 18', 'Birch ply 6'], array_column($stock, 'name'));
        self::assertSame([17.6, 6.2], array_column($stock, 'thickness'));
    }

    public function test_health_covers_database_queue_and_disk(): void
    {
        $this->getJson('/up')->assertOk()->assertExactJson(['database' => true, 'queue' => true, 'disk' => true]);
    }
}
