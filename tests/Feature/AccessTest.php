<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Route;
use Tests\TestCase;

final class AccessTest extends TestCase
{
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

    public function test_a_person_sees_only_the_projects_of_their_households(): void
    {
        $owner = $this->demoOwner();
        $this->actingAs($this->stranger())->getJson('/api/projects')->assertOk()->assertJsonCount(0, 'data');
        $this->actingAs($owner)->getJson('/api/projects')->assertOk()->assertJsonCount(19, 'data')
            ->assertJsonPath('data.3.name', 'Chart room, left niche')->assertJsonPath('data.3.household', 'Gannet Point Lookout');
    }

    public function test_a_wrong_password_is_said_so(): void
    {
        $this->demoOwner()->update(['password' => 'tide-tables-41']);
        $ask = fn (string $password) => $this->postJson('/api/sign-in', ['email' => 'wren@gannet-point.example', 'password' => $password]);
        $ask('guess')->assertStatus(422)->assertJsonPath('message', 'That address and password do not belong together.');
        $this->assertGuest();
        $ask('tide-tables-41')->assertOk()->assertJsonPath('user.name', 'Wren Larkin');
    }

    public function test_a_file_opened_in_a_window_of_its_own_without_a_session_leads_to_the_page_and_not_to_data(): void
    {
        $this->demoOwner();
        $address = '/api/projects/'.$this->demoProject()->id.'/plan.pdf';
        $this->get($address, ['Sec-Fetch-Mode' => 'navigate', 'Accept' => 'text/html'])->assertRedirect('/');
        $this->getJson($address)->assertStatus(401)->assertJsonPath('message', 'You are signed out; sign in to go on.');
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
