<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Project;
use App\Models\Revision;
use Illuminate\Testing\TestResponse;
use Incastro\Core\Document\Reading\CanonicalJson;
use Tests\ReadsPdf;
use Tests\TestCase;

final class TakeAwayTest extends TestCase
{
    use ReadsPdf;

    public function test_the_cut_list_as_csv(): void
    {
        $this->actingAs($this->demoOwner());
        $csv = (string) $this->get('/api/projects/'.$this->demoProject()->id.'/parts.csv')->assertOk()->getContent();
        $rows = array_map(fn (string $l): array => str_getcsv($l, ',', '"', ''), explode("\r\n", trim($csv)));
        self::assertSame('label', $rows[0][0]);
        // Side: 2300 − 90 plinth = 2210; depth 380 − 6.2 back = 373.8 finished, 1 less to cut for the banding.
        self::assertSame(['A1', 'Side, left', 'left', 'Birch ply 18', '17.6', '2210', '373.8', '2210', '372.8', 'length', 'front', 'no', 'sheet', 'no'], $rows[1]);
        self::assertCount(24, $rows, 'a header, 22 boards of the shelves and a shoe before their base');
    }

    public function test_the_plan_as_pdf_has_a_cover_a_cut_list_and_a_page_a_sheet(): void
    {
        $this->actingAs($this->demoOwner());
        $pdf = (string) $this->get('/api/projects/'.$this->demoProject()->id.'/plan.pdf')->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent();
        self::assertStringStartsWith('%PDF-', $pdf);
        $text = self::textOf($pdf);
        $pages = array_map(fn (string $page): string => trim(strtok(trim($page), "\n") ?: ''), array_slice(explode("\f", $text), 0, -1));
        self::assertSame(9, count(array_diff($pages, ['At the bench'])), 'cover, what was found, cut list, two sheets of 18 and one of 6, each with its order of cuts');
        // The first shelf's underside is 340 over the side's lower end, its pins 2.5 below; 37 and 373.8 − 37 from the rear.
        self::assertMatchesRegularExpression('/Shelf pin hole 5\.0 +7\.0 +337\.5 · 677\.5 · 1181\.6 · 1685\.8 +37\.0 · 336\.8 +F1, F2, F3, F4/', $text);
        self::assertMatchesRegularExpression('/Screw hole 4\.5 +through +8\.8 +50\.0 · 186\.9 · 323\.8 +C1, screw 40\.0/', $text);
    }

    public function test_the_shopping_list_as_csv_and_on_paper_by_shop(): void
    {
        $this->actingAs($this->demoOwner());
        $project = $this->demoProject();
        $csv = (string) $this->get("/api/projects/$project->id/shopping.csv")->assertOk()->getContent();
        $rows = array_map(fn (string $l): array => str_getcsv($l, ',', '"', ''), explode("\r\n", trim($csv)));
        self::assertSame('shop', $rows[0][0]);
        self::assertContains(['Hardware shop', 'screws', 'Screw 4.0, 40 mm', 'each', '72', '80', '12', '68', '100', '1', '4.80', '4.80', 'EUR', '0', '0.00', ''], array_map(fn (array $r): array => array_map(fn (?string $c): string => str_replace("\u{00A0}", ' ', (string) $c), $r), $rows));
        $text = (string) preg_replace('/\s+/', ' ', self::textOf((string) $this->get("/api/projects/$project->id/shopping.pdf")->assertOk()->getContent()));
        self::assertStringContainsString('Timber merchant', $text);
        self::assertMatchesRegularExpression('/☐ Birch ply 18, 2.?440 mm × 1.?220 mm 2 2 94.00 188.00/u', $text);
        self::assertStringContainsString('All that has a price: €315.00', $text);

        // Bought at another price, in a shop of one's own: the fact is kept whatever the plan becomes.
        $fact = self::ulid();
        $this->postJson("/api/projects/$project->id/changes", $this->change(1, [
            ['op' => 'append', 'path' => ['facts', $fact], 'value' => ['kind' => 'bought', 'line' => 'buy.screw 1600000', 'packs' => 1, 'cents' => 455, 'at' => '2026-11-25T10:00:00Z']],
            ['op' => 'set', 'path' => ['shop', 'shops'], 'value' => ['hardware' => 'Tern & Tackle']],
        ]))->assertOk();
        $text = (string) preg_replace('/\s+/', ' ', self::textOf((string) $this->get("/api/projects/$project->id/shopping.pdf")->assertOk()->getContent()));
        self::assertStringContainsString('Tern & Tackle', $text);
        self::assertMatchesRegularExpression('/☒ Screw 4.0/u', $text);
    }

    public function test_the_booklet_stands_on_its_own(): void
    {
        $this->actingAs($this->demoOwner());
        $text = self::textOf((string) $this->get('/api/projects/'.$this->demoProject()->id.'/booklet.pdf')->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent());
        $pages = array_map(fn (string $page): string => trim(strtok(trim($page), "\n") ?: ''), array_slice(explode("\f", $text), 0, -1));
        foreach (['Chart room, left niche', 'Shopping list', 'What was found', 'Cut list', 'Birch ply 18, sheet 1 of 2', 'At the bench', 'Steps', 'Templates', 'How it comes apart again'] as $page) {
            self::assertContains($page, $pages);
        }
        $flat = (string) preg_replace('/\s+/', ' ', str_replace("\u{00A0}", ' ', $text));
        self::assertStringContainsString('☐ 17 Put the carcass of Chart shelves together, 2 of 3', $flat);
        self::assertMatchesRegularExpression('/both diagonals 2.?414.2 mm/u', $flat);
        self::assertStringContainsString('WAITS: The box of the double socket', $flat);

        // Every piece has its drawing, not the first alone.
        $project = Project::query()->findOrFail('01jchartr00m000000000f1re1');
        $text = self::textOf((string) $this->get("/api/projects/$project->id/booklet.pdf")->assertOk()->getContent());
        foreach (['Left flank, front at 1', 'Right flank, front at 1', 'Framed breast, front at 1'] as $drawing) {
            self::assertStringContainsString($drawing, $text);
        }
    }

    public function test_the_work_as_a_calendar_file(): void
    {
        $this->actingAs($this->demoOwner());
        $ics = (string) $this->get('/api/projects/'.$this->demoProject()->id.'/work.ics')->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8')->getContent();
        $lines = explode("\r\n", rtrim($ics));
        self::assertSame(['BEGIN:VCALENDAR', 'END:VCALENDAR'], [$lines[0], $lines[count($lines) - 1]]);
        $plan = $this->plan($this->demoProject());
        $slots = array_sum(array_map(fn (array $d): int => count($d['slots']), $plan['schedule']['days']));
        self::assertSame($slots + count($plan['schedule']['drying']), substr_count($ics, 'BEGIN:VEVENT'));
        preg_match_all('/^UID:(.*)$/m', $ics, $uids);
        self::assertCount(count($uids[1]), array_unique($uids[1]));
        // Coat 1 ends at 11:10 on Sunday; four hours later it takes another.
        self::assertStringContainsString("DTSTART:20261129T111000\r\nDTEND:20261129T151000\r\nSUMMARY:Dries: Coat 1 on the boards of Chart shelves\r\n", $ics);
        foreach ($lines as $line) {
            self::assertLessThanOrEqual(75, strlen($line));
        }
    }

    public function test_what_was_found_is_printed_with_what_was_decided_and_lines_for_what_was_not(): void
    {
        $this->actingAs($this->demoOwner());
        $project = Project::query()->findOrFail('01jsta1rst0re0000000000001');
        $text = fn (): string => (string) preg_replace('/\s+/', ' ', self::textOf((string) $this->get("/api/projects/$project->id/plan.pdf")->assertOk()->getContent()));
        self::assertStringContainsString('STOP The space under a stair usually wants a lining that holds fire back', $text());
        self::assertStringContainsString('Building control decides. Until then it is not fixed in its place. who ____', $text());
        $finding = array_values(array_filter($this->plan($project)['findings'], fn (array $f): bool => $f['code'] === 'house.fire_lining'))[0];
        $this->postJson("/api/projects/$project->id/changes", $this->change(1, [['op' => 'add', 'path' => ['decisions', self::ulid()],
            'value' => ['code' => $finding['code'], 'ref' => $finding['place']['ref'], 'who' => 'R. Tolland', 'on' => '2026-11-24', 'said' => 'Lined in 2003, seen.', 'goes_on' => true]]]))->assertOk();
        self::assertStringContainsString('R. Tolland, 2026-11-24: “Lined in 2003, seen.” It goes on.', $text());
        self::assertStringNotContainsString('who ____', $text());
    }

    public function test_parts_of_a_piece_that_waits_are_marked_so_on_every_list(): void
    {
        $this->actingAs($this->demoOwner());
        $project = $this->demoProject();
        $space = (string) array_key_first($project->decoded()['spaces']);
        $this->postJson("/api/projects/$project->id/changes", $this->change(1, [['op' => 'add', 'path' => ['spaces', $space, 'things', self::ulid()],
            'value' => ['kind' => 'post', 'face' => 'back', 'across' => 300, 'up' => 0, 'width' => 100, 'height' => 2300, 'out' => 60, 'treatment' => 'take_off']]]))->assertOk();
        $rows = array_map(fn (string $l): array => str_getcsv($l, ',', '"', ''), explode("\r\n", trim((string) $this->get("/api/projects/$project->id/parts.csv")->getContent())));
        self::assertSame(['yes'], array_values(array_unique(array_map(fn (array $r): ?string => $r[13], array_slice($rows, 1)))));
        self::assertStringContainsString('WAITS', self::textOf((string) $this->get("/api/projects/$project->id/plan.pdf")->getContent()));
    }

    public function test_a_project_goes_out_as_json_and_comes_in_again_whole(): void
    {
        $this->actingAs($this->demoOwner());
        $before = $this->demoProject();
        $json = (string) $this->get("/api/projects/$before->id/project.json")->assertOk()->getContent();
        $id = $this->bringIn($json)->assertCreated()->json('data.id');
        self::assertNotSame($before->id, $id);
        [$a, $b] = [$before->decoded(), Project::query()->findOrFail($id)->decoded()];
        unset($a['id'], $b['id']);
        self::assertSame(CanonicalJson::encode($a), CanonicalJson::encode($b));
    }

    public function test_a_new_niche_begins_with_a_name_and_a_unit(): void
    {
        $this->actingAs($this->demoOwner());
        $id = $this->postJson('/api/projects/new', ['name' => ' Study, left of the chimney ', 'unit' => 'in'])->assertCreated()
            ->assertJsonPath('data.name', 'Study, left of the chimney')->json('data.id');
        $this->getJson("/api/projects/$id")->assertOk()->assertJsonPath('document.unit', 'in')->assertJsonPath('plan.findings.0.code', 'survey.no_width');
        $this->postJson('/api/projects/new', ['name' => '', 'unit' => 'in'])->assertStatus(422)->assertJsonPath('message', 'The space needs a name of 1 to 120 characters.');
        $this->postJson('/api/projects/new', ['name' => 'Den', 'unit' => 'ell'])->assertStatus(422)->assertJsonPath('message', 'The unit is mm or in.');
        $this->actingAs($this->viewer())->postJson('/api/projects/new', ['name' => 'Den', 'unit' => 'mm'])->assertForbidden();
    }

    public function test_broken_foreign_and_newer_files_are_refused_and_leave_no_trace(): void
    {
        $this->actingAs($this->demoOwner());
        $json = $this->demoProject()->document;
        $cases = [
            'not whole JSON' => substr($json, 0, 400),
            'not an Incastro project' => '{"format":"something else"}',
            'saved by a newer Incastro (format 99' => str_replace('"version":3', '"version":99', $json),
            'Expected a length in millimetres' => str_replace('"depth":380', '"depth":"deep"', $json),
        ];
        foreach ($cases as $says => $body) {
            self::assertStringContainsString($says, (string) $this->bringIn($body)->assertStatus(422)->json('message'));
        }
        self::assertSame(19, Project::query()->count());
        self::assertSame(0, Revision::query()->count());
    }

    private function bringIn(string $json): TestResponse
    {
        return $this->call('POST', '/api/projects', [], [], [], ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], $json);
    }

    /** @return array<string, mixed> */
    private function plan(Project $project): array
    {
        return $this->getJson("/api/projects/$project->id")->assertOk()->json('plan');
    }
}
