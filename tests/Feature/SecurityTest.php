<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\PlanProject;
use App\Models\Project;
use Illuminate\Testing\TestResponse;
use Incastro\Core\Exchange\Dxf\Outlines;
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

    public function test_no_change_makes_a_project_that_cannot_be_opened_again(): void
    {
        $this->actingAs($this->demoOwner());
        $project = $this->demoProject();
        $before = $project->document;
        $remark = ['kind' => 'remark', 'about' => 'project', 'text' => str_repeat('🪵', 500), 'at' => '2026-05-04T10:00'];
        $piled = array_map(fn (int $i): array => ['op' => 'append', 'path' => ['facts', self::ulid()], 'value' => $remark], range(1, 4200));
        foreach (['deeper than it is read' => [$this->set(1, 'house', ...array_fill(0, 70, 'a'))], 'deeper than it is written' => [$this->set(1, 'rework', ...array_fill(0, 3000, 'a'))],
            'larger than it is read' => $piled] as $what => $ops) {
            $answer = $this->postJson("/api/projects/$project->id/changes", $this->change(1, $ops));
            self::assertSame(422, $answer->status(), $what);
            self::assertNotEmpty($answer->json('message'), $what);
            self::assertSame([$before, 1], [$project->refresh()->document, $project->revision], $what);
        }
        $this->postJson("/api/projects/$project->id/changes", $this->change(1, [...array_slice($piled, 0, 1), $this->set('Lookout', 'name')]))->assertOk();
        // Behind the newest revision it would be told apart from what others did: that is no way in either.
        $deep = json_decode(str_repeat('{"a":', 500).'1'.str_repeat('}', 500), true);
        foreach ([['op' => 'remove', 'path' => ['name', ...array_fill(0, 3000, 'a')]], $this->set($deep, 'name')] as $op) {
            $this->postJson("/api/projects/$project->id/changes", $this->change(1, [$op]))->assertStatus(422);
        }
    }

    public function test_a_change_may_say_only_what_a_project_has_words_for(): void
    {
        $this->actingAs($this->demoOwner());
        $project = $this->demoProject();
        $piece = $this->pieceId($project);
        $told = fn (array $ops): array => array_column($this->postJson("/api/projects/$project->id/changes", $this->change(1, $ops))->assertStatus(422)->json('problems'), 'pointer');
        self::assertSame(["/pieces/$piece/dpeth"], $told([$this->set(300, 'pieces', $piece, 'dpeth')]));
        $id = self::ulid();
        self::assertSame(["/facts/$id/shade"], $told([['op' => 'append', 'path' => ['facts', $id], 'value' => ['kind' => 'remark', 'about' => 'project', 'text' => 'Dry', 'at' => '2026-05-04T10:00', 'shade' => 'red']]]));
        self::assertSame(1, $project->refresh()->revision);
    }

    public function test_what_is_no_text_or_no_single_value_is_refused_in_words(): void
    {
        $this->actingAs($this->demoOwner());
        $at = '/api/projects/'.$this->demoProject()->id;
        foreach (['/api/projects?search=%ff', '/api/projects?search=a%00b', '/api/projects?search[]=a', "$at/space-starts/niche?name[]=x", "$at/thing-starts/pipe?space[]=x", "$at/piece-starts/wall_shelves?space[]=x", "$at/drawing.svg?of[]=a"] as $path) {
            $this->getJson($path)->assertStatus(422)->assertJsonStructure(['message']);
        }
        foreach (["$at/revisions/99999999999999999999", "$at/revisions/1/compare/99999999999999999999"] as $path) {
            $this->getJson($path)->assertNotFound();
        }
        $this->postJson('/api/households', ['name' => "Lee\0Shore"])->assertStatus(422)->assertJsonStructure(['message']);
        $this->post('/api/households', ['name' => "Lee\xffShore"], ['Accept' => 'application/json'])->assertStatus(422)->assertJsonStructure(['message']);
        $this->postJson('/api/households', ['name' => 'Lee \\u0000 Shore'])->assertCreated();
        $household = $this->demoProject()->household_id;
        foreach ([[], ['a'], ['a' => ['b']], null, 7] as $no) {
            $this->postJson("/api/households/$household/invitations", ['email' => $no, 'role' => $no])->assertStatus(422)->assertJsonStructure(['message']);
        }
        $this->putJson('/api/account/password', ['current' => ['a'], 'password' => ['a']])->assertStatus(422)->assertJsonStructure(['message']);
        $this->deleteJson('/api/account', ['password' => ['a']])->assertStatus(422)->assertJsonStructure(['message']);
        $this->deleteJson('/api/session');
        $this->postJson('/api/account', ['name' => ['a'], 'email' => ['a'], 'password' => ['a'], 'household' => ['a']])->assertStatus(422)->assertJsonStructure(['message']);
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

    /** One that turns the text around it the other way, one that rings a bell, one of which nothing is seen. */
    public function test_no_name_deceives_who_reads_it(): void
    {
        $this->actingAs($this->demoOwner());
        $project = $this->demoProject();
        $piece = $this->pieceId($project);
        // A family of emoji is held together by joiners, names in Hebrew and Arabic by nothing: all of them show themselves.
        foreach (['👩‍🔧 bench', 'ארון', 'خزانة', "Lee\tside"] as $i => $name) {
            $this->postJson("/api/projects/$project->id/changes", $this->change($i + 1, [$this->set($name, 'pieces', $piece, 'name')]))->assertOk();
        }
        foreach (["\u{202E}yrtnap", "\x07", "\u{200B}\u{FEFF}"] as $name) {
            $doors = [
                ['POST', '/api/households', ['name' => $name]], ['PATCH', "/api/households/$project->household_id", ['name' => $name]], ['POST', '/api/projects/new', ['name' => $name, 'unit' => 'mm']],
                ['POST', "/api/projects/$project->id/links", ['label' => $name, 'days' => 3]],
                ['POST', "/api/projects/$project->id/library", ['name' => $name, 'width' => 100, 'depth' => 100, 'height' => 100]],
                ['POST', "/api/projects/$project->id/changes", $this->change(5, [$this->set($name, 'pieces', $piece, 'name')])], ['POST', '/api/projects', ['name' => $name] + $project->decoded()],
            ];
            foreach ($doors as [$method, $path, $body]) {
                $answer = $this->json($method, $path, $body)->assertStatus(422);
                self::assertNotEmpty($answer->json('message'), "$method $path");
            }
        }
        $this->patchJson("/api/projects/$project->id/revisions/2", ['name' => "\u{202E}yrtnap"])->assertStatus(422);
        $space = (string) array_key_first($project->decoded()['spaces']);
        $brought = $this->postJson("/api/projects/$project->id/bring-in/boards", ['space' => $space, 'text' => "name,length,width\r\n\u{202E}Toe\x07 kick,600,90\r\n\x1a"])->assertOk();
        self::assertSame('Toe kick', $brought->json('rows.0.name'), (string) $brought->getContent());
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
