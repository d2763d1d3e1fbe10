<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\PlanProject;
use App\Models\Project;
use Illuminate\Testing\TestResponse;
use Incastro\Core\Dxf\Outlines;
use Tests\TestCase;

final class SecurityTest extends TestCase
{
    public function test_a_session_gets_another_name_when_somebody_signs_in(): void
    {
        $this->demoOwner()->update(['password' => 'tide-tables-41']);
        $before = session()->getId();
        $this->postJson('/api/sign-in', ['email' => 'wren@gannet-point.example', 'password' => 'tide-tables-41'])->assertOk();
        self::assertNotSame($before, session()->getId());
        $during = session()->getId();
        $this->deleteJson('/api/session')->assertNoContent();
        self::assertNotSame($during, session()->getId());
    }

    public function test_nothing_but_what_a_profile_holds_can_be_set_through_it(): void
    {
        $owner = $this->demoOwner();
        $this->actingAs($owner)->patchJson('/api/profile', ['unit' => 'in', 'email' => 'evil@elsewhere.example', 'password' => 'x', 'name' => 'Eve', 'role' => 'owner'])->assertOk();
        self::assertSame(['wren@gannet-point.example', 'Wren Larkin'], [$owner->refresh()->email, $owner->name]);
        self::assertSame(['unit'], array_values(array_diff(array_keys($owner->profile), ['workshop', 'sheets'])));
    }

    public function test_a_project_that_comes_in_belongs_to_who_sends_it_whatever_it_says(): void
    {
        $this->demoOwner();
        $stranger = $this->stranger();
        $document = (array) json_decode((string) file_get_contents(__DIR__.'/../../database/demo/galley-sink.json'), true);
        $made = $this->actingAs($stranger)->postJson('/api/projects', $document)->assertCreated();
        self::assertNotSame(strtolower($document['id']), $made->json('data.id'));
        $made->assertJsonPath('data.household', 'Elsewhere');
        $this->postJson('/api/projects', ['household_id' => $this->demoProject()->household_id, 'owner_id' => 'x'] + $document)->assertStatus(422)->assertJsonPath('problems.0.pointer', '/household_id');
        self::assertSame(1, Project::query()->where('household_id', '!=', $this->demoProject()->household_id)->count());
    }

    public function test_what_is_nested_or_large_beyond_any_project_is_refused_in_words(): void
    {
        $this->actingAs($this->demoOwner());
        $send = fn (string $path, string $body): TestResponse => $this->call('POST', $path, server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: $body);
        $deep = str_repeat('{"a":', 5000).'1'.str_repeat('}', 5000);
        $send('/api/projects', $deep)->assertStatus(422)->assertJsonStructure(['message']);
        $send('/api/projects', '{"name":"'.str_repeat('x', 8_100_000).'"}')->assertStatus(422)->assertJsonStructure(['message']);
        $send('/api/projects/'.$this->demoProject()->id.'/changes', $deep)->assertStatus(422)->assertJsonStructure(['message']);
        self::assertSame(19, Project::query()->count());
    }

    public function test_a_name_is_only_ever_a_name(): void
    {
        $this->actingAs($this->demoOwner());
        $project = $this->demoProject();
        $piece = (string) array_key_first($project->decoded()['pieces']);
        $evil = "=HYPERLINK(1)\n  0\nSECTION</svg><script>alert(1)</script>";
        $this->postJson("/api/projects/$project->id/changes", $this->change(1, [
            $this->set($evil, 'name'), $this->set($evil, 'pieces', $piece, 'name'),
            $this->set(['name' => $evil, 'material' => array_key_first($project->decoded()['stock']), 'length' => 300, 'width' => 200, 'outline' => [[0, 0], [300, 0], [300, 120], [200, 200], [0, 200]]], 'loose', self::ulid()),
        ]))->assertOk();
        $dxf = (string) $this->get("/api/projects/$project->id/parts.dxf")->assertOk()->getContent();
        self::assertSame(substr_count($dxf, "\r\nSECTION\r\n"), substr_count($dxf, "\r\nENDSEC\r\n"), 'no section was smuggled in');
        self::assertNotSame([], Outlines::of($dxf, 1.0));
        foreach (explode("\r\n", (string) $this->get("/api/projects/$project->id/parts.csv")->assertOk()->getContent()) as $line) {
            self::assertDoesNotMatchRegularExpression('/(^|,)"?[=+@]/', $line);
        }
        self::assertStringNotContainsString('<script', (string) $this->get("/api/projects/$project->id/small.svg")->getContent());
        foreach (['plan.pdf', 'shopping.pdf', 'bin-labels.pdf', 'record.pdf'] as $pdf) {
            self::assertStringStartsWith('%PDF', (string) $this->get("/api/projects/$project->id/$pdf")->assertOk()->getContent());
        }
        foreach (['project.json', 'parts.csv', 'work.ics', 'project.zip'] as $file) {
            $said = (string) $this->get("/api/projects/$project->id/$file")->assertOk()->headers->get('Content-Disposition');
            self::assertDoesNotMatchRegularExpression('/[\r\n]/', $said);
        }
        $this->get("/api/projects/$project->id/template.dxf?of=".urlencode(array_key_last(app(PlanProject::class)->decoded($project->refresh())['templates'])))->assertOk();
    }

    public function test_a_picture_is_judged_by_what_it_is_and_not_by_what_it_is_called(): void
    {
        $this->actingAs($this->demoOwner());
        $url = '/api/projects/'.$this->demoProject()->id.'/photos/'.self::ulid();
        $put = fn (string $bytes): TestResponse => $this->call('PUT', $url, server: ['CONTENT_TYPE' => 'image/jpeg', 'HTTP_ACCEPT' => 'application/json'], content: $bytes);
        foreach (['<?php system("id");', '<svg xmlns="http://www.w3.org/2000/svg"><script/></svg>', "\xff\xd8\xff\xe0 cut short", 'BM'.str_repeat("\0", 60)] as $bytes) {
            $put($bytes)->assertStatus(422)->assertJsonStructure(['message']);
        }
        // A picture of 30 000 x 30 000 would want 3.6 GB to be drawn anew: its head alone says so.
        $huge = "\x89PNG\r\n\x1a\n\0\0\0\rIHDR".pack('NN', 30_000, 30_000)."\x08\x02\0\0\0\0\0\0\0";
        $put($huge)->assertStatus(422);
    }
}
