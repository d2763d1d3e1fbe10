<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\PlanProject;
use App\Models\Photo;
use App\Models\Project;
use App\Print\BenchDxf;
use App\Print\Dxf;
use App\Print\PartsDxf;
use Illuminate\Testing\TestResponse;
use Incastro\Core\Document\Reading\CanonicalJson;
use Incastro\Core\Exchange\Dxf\Outlines;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Tests\TestCase;

final class ExchangeTest extends TestCase
{
    public function test_a_project_packed_with_its_photos_comes_back_whole(): void
    {
        [$project, $photo] = $this->withPhoto();
        $zip = $this->packed($project);
        $made = $this->sent($zip)->assertCreated()->json('data.id');
        $copy = Project::query()->findOrFail($made);
        $renewed = collect($copy->decoded()['facts'])->firstWhere('kind', 'photo')['photo'];
        self::assertNotSame($photo, $renewed);
        self::assertSame(file_get_contents(Photo::path($project->id, $photo)) !== '', is_file(Photo::path($copy->id, $renewed)));
        $without = fn (Project $p): string => CanonicalJson::encode(['id' => '', 'facts' => collect($p->decoded()['facts'])->map(fn (array $f): array => ['photo' => isset($f['photo'])] + $f)->all()] + $p->decoded());
        self::assertSame($without($project->refresh()), $without($copy));
        $this->get("/api/projects/$made/photos/$renewed?thumb=1")->assertOk();
    }

    public function test_what_is_misspelt_in_a_file_is_named_and_nothing_of_it_is_kept(): void
    {
        $this->actingAs($this->demoOwner());
        $before = Project::query()->count();
        $document = $this->demoProject()->decoded();
        $piece = (string) array_key_first($document['pieces']);
        $document['shopp'] = ['currency' => 'EUR'];
        $document['pieces'][$piece]['hight'] = 2300;
        $document['workshop']['kerf/blade'] = 3;
        $answer = $this->postJson('/api/projects', $document)->assertStatus(422)->assertJsonPath('message', 'A project has no word for this; expected only what docs/formats.md names.');
        self::assertEqualsCanonicalizing(["/pieces/$piece/hight", '/workshop/kerf~1blade', '/shopp'], array_column($answer->json('problems'), 'pointer'));
        unset($document['shopp'], $document['pieces'][$piece]['hight'], $document['workshop']['kerf/blade']);
        self::assertSame($before, Project::query()->count());
        $this->postJson('/api/projects', $document)->assertCreated();
    }

    public function test_every_project_of_the_demo_house_may_come_back_in_as_a_file(): void
    {
        $this->actingAs($this->demoOwner());
        foreach (glob(database_path('demo/*.json')) ?: [] as $file) {
            $this->postJson('/api/projects', CanonicalJson::decode((string) file_get_contents($file)))->assertCreated();
        }
    }

    /** @return iterable<string, array{\Closure(\ZipArchive): void, string}> */
    public static function damagedArchives(): iterable
    {
        yield 'nothing in it' => [fn (\ZipArchive $z) => $z->addFromString('photos/', ''), 'The archive has no project.json'];
        yield 'a way out of its folder' => [fn (\ZipArchive $z) => $z->addFromString('../../evil.php', '<?php'), 'expected project.json and a folder photos'];
        yield 'something else' => [fn (\ZipArchive $z) => $z->addFromString('photos/cat.svg', '<svg/>'), 'expected project.json and a folder photos'];
        yield 'no document' => [fn (\ZipArchive $z) => $z->addFromString('project.json', '{"format":"other"}'), 'project'];
        yield 'a photo that is none' => [fn (\ZipArchive $z) => self::zipWithPhoto($z, '<?php echo 1;'), 'is no picture'];
        yield 'a bomb of a document' => [fn (\ZipArchive $z) => $z->addFromString('project.json', str_repeat(' ', 30_000_000)), 'larger than 8 MB'];
        yield 'hundreds of files' => [function (\ZipArchive $z): void {
            for ($i = 0; $i < 501; $i++) {
                $z->addFromString("photos/$i", '');
            }
        }, 'more than 500 files'];
    }

    #[DataProvider('damagedArchives')]
    public function test_a_damaged_or_foreign_archive_is_refused_with_the_reason_and_leaves_no_trace(\Closure $fill, string $says): void
    {
        $this->actingAs($this->demoOwner());
        $before = [Project::query()->count(), Photo::query()->count(), $this->folders()];
        $path = (string) tempnam(sys_get_temp_dir(), 'test');
        $zip = new \ZipArchive;
        $zip->open($path, \ZipArchive::OVERWRITE);
        $fill($zip);
        $zip->close();
        $message = $this->sent((string) file_get_contents($path))->assertStatus(422)->json('message');
        unlink($path);
        self::assertStringContainsString($says, $message);
        self::assertSame($before, [Project::query()->count(), Photo::query()->count(), $this->folders()]);
    }

    public function test_half_an_archive_is_refused(): void
    {
        [$project] = $this->withPhoto();
        $this->sent(substr($this->packed($project), 0, 3000))->assertStatus(422)->assertJsonPath('message', 'The file is damaged or no zip archive; expected a project packed by Incastro.');
    }

    public function test_readings_typed_elsewhere_find_their_readings_and_become_takes(): void
    {
        $this->actingAs($this->demoOwner());
        $project = $this->demoProject();
        $space = array_key_first($project->decoded()['spaces']);
        $rows = $this->postJson("/api/projects/$project->id/bring-in/readings", ['space' => $space, 'text' => "Width at 100 mm;1047\n2;1043\nGarden fence;12\n"])->assertOk()->json('rows');
        self::assertSame(['01J8R100000000000000000005', '01J8R100000000000000000006', null], array_column($rows, 'reading'));
        self::assertEquals([1047, 1043, 12], array_column($rows, 'value'));
        $this->postJson("/api/projects/$project->id/bring-in/readings", ['space' => $space, 'text' => 'nothing, at all'])->assertStatus(422)->assertJsonPath('message', 'The list of readings has no column of sizes; expected one such as 1043.5 or 41 1/8 in.');
        $this->postJson("/api/projects/$project->id/bring-in/readings", ['space' => 'none', 'text' => '1,2'])->assertStatus(422);
    }

    public function test_our_own_cut_list_comes_in_as_loose_boards_of_the_same_sizes(): void
    {
        $this->actingAs($this->demoOwner());
        $project = $this->demoProject();
        $csv = (string) $this->get("/api/projects/$project->id/parts.csv")->getContent();
        $read = $this->postJson("/api/projects/$project->id/bring-in/boards", ['text' => $csv])->assertOk();
        self::assertSame([], $read->json('missing'));
        $parts = app(PlanProject::class)->decoded($project)['parts'];
        self::assertEquals(array_map(fn (array $p): array => [$p['cut']['length']['mm'], $p['cut']['width']['mm'], $p['material'], $p['grain'] === 'length'], $parts),
            array_map(fn (array $r): array => [$r['length'], $r['width'], $r['material'], $r['grain']], $read->json('rows')));
        $row = $read->json('rows.0');
        $board = ['name' => $row['name'], 'material' => $row['material'], 'length' => $row['length'], 'width' => $row['width']];
        $changed = $this->postJson("/api/projects/$project->id/changes", $this->change(1, [$this->set($board, 'loose', self::ulid())]))->assertOk();
        self::assertCount(count($parts) + 1, $changed->json('plan.parts'));
    }

    public function test_the_parts_as_dxf_come_back_at_their_sizes(): void
    {
        $this->actingAs($this->demoOwner());
        $project = $this->demoProject();
        $response = $this->get("/api/projects/$project->id/parts.dxf")->assertOk();
        self::assertStringContainsString('in mm.dxf', (string) $response->headers->get('Content-Disposition'));
        $dxf = (string) $response->getContent();
        self::assertSame(1, preg_match('/^[\x20-\x7e\r\n]*$/', $dxf));
        self::assertStringContainsString('TEST_SQUARE_100_MM', $dxf);
        $outlines = $this->postJson("/api/projects/$project->id/bring-in/outlines", ['text' => $dxf, 'unit' => 'mm'])->assertOk()->json('outlines');
        $outlines = array_filter($outlines, fn (array $o): bool => str_starts_with($o['layer'], 'CUT_') || str_starts_with($o['layer'], 'TEST_'));
        $sizes = fn (array $list): array => collect($list)->map(fn (array $s): string => sprintf('%.2f %.2f', ...$s))->sort()->values()->all();
        $parts = array_filter(app(PlanProject::class)->decoded($project)['parts'], fn (array $p): bool => ! $p['bought']);
        // The square, and the hole for the box in the back: 72 × 132.
        self::assertSame($sizes([[100, 100], [72, 132], ...array_map(fn (array $p): array => [$p['cut']['length']['mm'], $p['cut']['width']['mm']], $parts)]),
            $sizes(array_map(fn (array $o): array => [max(array_column($o['points'], 0)), max(array_column($o['points'], 1))], $outlines)));
    }

    public function test_the_holes_of_a_part_stand_in_its_block_seen_from_one_face(): void
    {
        $this->actingAs($this->demoOwner());
        $dxf = str_replace("\r\n", '|', (string) $this->get('/api/projects/'.$this->demoProject()->id.'/parts.dxf')->assertOk()->getContent());
        preg_match('/\|BLOCK\|  8\|0\|  2\|A1\|.*?\|ENDBLK/', $dxf, $block);
        preg_match_all('/\|CIRCLE\|  8\|(\w+)\| 10\|([\d.-]+)\| 20\|([\d.-]+)\| 30\|0\.0\| 40\|([\d.]+)/', $block[0] ?? '', $found, PREG_SET_ORDER);
        $holes = array_map(fn (array $f): string => sprintf('%s %.1f %.1f r%.2f', $f[1], ...array_map(floatval(...), array_slice($f, 2))), $found);
        // The left side, 373.8 deep, its right face up, the rear below: pins 37 from the rear and from the front, 7 deep.
        self::assertContains('DRILL_D5_DEEP_7 337.5 37.0 r2.50', $holes);
        self::assertContains('DRILL_D5_DEEP_7 337.5 336.8 r2.50', $holes);
        // From the other face, 50 from the front: 373.8 − 50 from the rear. The banding is at the front, so nothing moves.
        self::assertContains('DRILL_D4_5_THROUGH_BACK 8.8 323.8 r2.25', $holes);
        // Two by two for four shelves and their spares, the joints, and 16 through it into the filler.
        self::assertCount(8 + 2 * 4 + 2 * 16 + 16, $holes);
    }

    public function test_a_banded_edge_is_cut_off_an_outline_where_its_slant_meets_it(): void
    {
        // 200 × 100, the front banded by 1 and below here: the slant from (200, 0) to (180, 100) meets it at 200 − 20/100 = 199.8.
        $face = ['face' => 'upper', 'sides' => ['left' => 'left', 'right' => 'right', 'lower' => 'front', 'upper' => 'rear'], 'length' => 200, 'width' => 100,
            'loops' => [[[0, 0], [200, 0], [180, 100], [0, 100]], [[40, 30], [60, 30], [60, 50], [40, 50]]], 'round' => [['x' => 100, 'y' => 41, 'length' => 20, 'width' => 20]], 'recesses' => [], 'rows' => []];
        $dxf = Dxf::file((new BenchDxf($face, [0.0, 1.0], [200.0, 99.0]))->cut('CUT'));
        preg_match_all('/VERTEX\r\n  8\r\nCUT\r\n 10\r\n([\d.-]+)\r\n 20\r\n([\d.-]+)/', $dxf, $found, PREG_SET_ORDER);
        $corners = array_map(fn (array $f): array => [round((float) $f[1], 3), round((float) $f[2], 3)], $found);
        self::assertEqualsCanonicalizing([[0.0, 0.0], [199.8, 0.0], [180.0, 99.0], [0.0, 99.0], [40.0, 29.0], [60.0, 29.0], [60.0, 49.0], [40.0, 49.0]], $corners);
        self::assertMatchesRegularExpression('/CIRCLE\r\n  8\r\nCUT\r\n 10\r\n110\.0+\r\n 20\r\n50\.0+\r\n 30\r\n0\.0\r\n 40\r\n10\.0/', $dxf);
    }

    public function test_an_upright_outline_is_laid_down_and_not_mirrored(): void
    {
        $size = fn (float $mm): array => ['mm' => $mm, 'exact' => true, 'trail' => []];
        $part = ['id' => 'p', 'label' => 'A1', 'name' => ['key' => 'part.shelf', 'args' => []], 'material_name' => 'Ply', 'bought' => false, 'banded' => [],
            'cut' => ['length' => $size(300.0), 'width' => $size(100.0)], 'outline' => [[0, 0], [100, 0], [60, 300], [0, 300]]];
        $dxf = PartsDxf::of(['parts' => [$part], 'bench' => []], 'One board');
        preg_match_all('/VERTEX\r\n  8\r\nCUT_PLY\r\n 10\r\n([\d.-]+)\r\n 20\r\n([\d.-]+)/', $dxf, $found, PREG_SET_ORDER);
        $corners = array_map(fn (array $f): array => [(float) $f[1], (float) $f[2]], $found);
        // A quarter turn to the right: (x, y) goes to (y, 100 − x), so the slant from (100, 0) to (60, 300) runs from (0, 0) to (300, 40).
        self::assertSame([[0.0, 100.0], [0.0, 0.0], [300.0, 40.0], [300.0, 100.0]], $corners);
    }

    public function test_a_pocket_is_two_lines_and_two_half_circles_that_come_back_closed(): void
    {
        $dxf = Dxf::file(Dxf::slot('POCKET_SLOT', 10.0, 20.0, 40.0, 12.0));
        $path = Outlines::of($dxf, 1.0)[0];
        self::assertTrue($path['closed']);
        self::assertEqualsWithDelta([40.0, 12.0], [max(array_column($path['points'], 0)), max(array_column($path['points'], 1))], 1e-6);
        $upright = Outlines::of(Dxf::file(Dxf::slot('POCKET_SLOT', 0.0, 0.0, 12.0, 40.0)), 1.0)[0];
        self::assertTrue($upright['closed']);
        self::assertEqualsWithDelta([12.0, 40.0], [max(array_column($upright['points'], 0)), max(array_column($upright['points'], 1))], 1e-6);
    }

    public function test_a_template_of_a_scribed_edge_comes_back_as_the_wall_it_was_made_from(): void
    {
        $this->actingAs($this->demoOwner());
        $project = $this->demoProject();
        $piece = (string) array_key_first($project->decoded()['pieces']);
        $dxf = (string) $this->get("/api/projects/$project->id/template.dxf?of=$piece/left")->assertOk()->getContent();
        $cut = collect($this->postJson("/api/projects/$project->id/bring-in/outlines", ['text' => $dxf, 'unit' => 'mm'])->assertOk()->json('outlines'))->firstWhere('layer', 'CUT');
        // The template lies along x with the wall above it: 38 at the foot to 31.9 at the head, so 6.1 to nothing.
        $wall = $cut['walls']['top'];
        self::assertEqualsWithDelta([6.1, 0.0, 2210.0], [$wall[0]['gap'], end($wall)['gap'], end($wall)['at']], 0.05);
    }

    /** @return array{Project, string} */
    private function withPhoto(): array
    {
        $this->actingAs($this->demoOwner());
        $project = $this->demoProject();
        $photo = self::ulid();
        $this->call('PUT', "/api/projects/$project->id/photos/$photo", server: ['CONTENT_TYPE' => 'image/jpeg', 'HTTP_ACCEPT' => 'application/json'], content: self::jpeg())->assertOk();
        $fact = ['kind' => 'photo', 'reading' => '01J8R100000000000000000005', 'photo' => $photo, 'width' => 800, 'height' => 600];
        $this->postJson("/api/projects/$project->id/changes", $this->change(1, [['op' => 'append', 'path' => ['facts', self::ulid()], 'value' => $fact]]))->assertOk();

        return [$project->refresh(), $photo];
    }

    private static function jpeg(): string
    {
        ob_start();
        imagejpeg(imagecreatetruecolor(800, 600) ?: throw new \LogicException);

        return (string) ob_get_clean();
    }

    private function packed(Project $project): string
    {
        $file = $this->get("/api/projects/$project->id/project.zip")->assertOk()->baseResponse;
        self::assertInstanceOf(BinaryFileResponse::class, $file);
        $bytes = (string) file_get_contents($file->getFile()->getPathname());
        unlink($file->getFile()->getPathname());

        return $bytes;
    }

    private function sent(string $bytes): TestResponse
    {
        return $this->call('POST', '/api/projects', server: ['CONTENT_TYPE' => 'application/zip', 'HTTP_ACCEPT' => 'application/json'], content: $bytes);
    }

    private static function zipWithPhoto(\ZipArchive $zip, string $bytes): void
    {
        $id = '01J8R100000000000000000777';
        $document = (array) json_decode((string) file_get_contents(__DIR__.'/../../database/demo/chart-room-left-niche.json'), true);
        $document['facts']['01J8R100000000000000000778'] = ['kind' => 'photo', 'reading' => '01J8R100000000000000000005', 'photo' => $id, 'width' => 800, 'height' => 600];
        $zip->addFromString('project.json', json_encode($document, JSON_THROW_ON_ERROR));
        $zip->addFromString("photos/$id.jpg", $bytes);
    }

    /** @return list<string> */
    private function folders(): array
    {
        return array_map(basename(...), glob(storage_path('app/photos/*')) ?: []);
    }
}
