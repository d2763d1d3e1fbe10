<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\PlanProject;
use App\Actions\StageFiles;
use Illuminate\Support\Facades\File;
use Incastro\Core\Planner;
use Tests\TestCase;

final class StageFilesTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/stages-'.bin2hex(random_bytes(6));
    }

    protected function tearDown(): void
    {
        @chmod($this->folder, 0700);
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    public function test_what_is_kept_is_there_for_the_same_core_and_no_other(): void
    {
        $this->kept('core one', ['key' => [1, 'two', 3.5]]);
        self::assertEquals([1, 'two', 3.5], $this->files('core one')->get('key'));
        self::assertNull($this->files('core two')->get('key'));
        self::assertNull($this->files('core one')->get('keys'));
        $this->kept('', ['key' => 'without a name']);
        self::assertNull($this->files('')->get('key'));
    }

    public function test_there_are_never_more_files_than_places_and_the_newest_of_a_place_is_there(): void
    {
        $keys = array_map(fn (int $n): string => "key $n", range(1, 5000));
        $this->kept('core', array_combine($keys, $keys));
        self::assertLessThanOrEqual(StageFiles::PLACES, count(File::files($this->folder)));
        $files = $this->files('core');
        $there = array_filter($keys, fn (string $k): bool => $files->get($k) !== null);
        self::assertSame(array_values($there), array_map($files->get(...), array_values($there)));
        self::assertCount(count(File::files($this->folder)), $there);
        self::assertContains('key 5000', $there);
    }

    public function test_a_damaged_file_is_as_if_it_were_not_there(): void
    {
        $this->kept('core', ['key' => range(1, 50)]);
        [$file] = File::files($this->folder);
        $whole = (string) file_get_contents($file->getPathname());
        foreach (['', 'nonsense', substr($whole, 0, -20), substr($whole, 0, 12), str_replace('a:50', 'a:51', $whole), str_replace('i:7', 'O:7', $whole)] as $damaged) {
            file_put_contents($file->getPathname(), $damaged);
            self::assertNull($this->files('core')->get('key'), $damaged);
        }
        $this->kept('core', ['key' => 'again']);
        self::assertSame('again', $this->files('core')->get('key'));
    }

    public function test_where_nothing_can_be_written_nothing_is_kept_and_nothing_breaks(): void
    {
        $this->folder = '/proc/none/stages';
        $this->kept('core', ['key' => 'value']);
        self::assertNull($this->files('core')->get('key'));
    }

    public function test_edits_are_answered_alike_with_what_is_kept_and_without(): void
    {
        config(['incastro.core_hash' => 'the core of this test']);
        $this->app?->singleton(StageFiles::class, fn (): StageFiles => $this->files('the core of this test'));
        $this->actingAs($this->demoOwner());
        $project = $this->demoProject();
        $piece = array_key_first($project->decoded()['pieces']);
        foreach ([341, 342, 343] as $n => $depth) {
            $this->postJson("/api/projects/$project->id/changes", ['change_id' => strtoupper(str_pad("01K0STAGE$n", 26, '0')), 'base_revision' => $project->refresh()->revision, 'ops' => [['op' => 'set', 'path' => ['pieces', $piece, 'depth'], 'value' => $depth]]])
                ->assertOk();
            self::assertCount(1, File::files($this->folder), 'one room, known well enough, however often its piece is changed');
            $kept = app(PlanProject::class)->json($project->refresh());
            self::assertSame(Planner::plan($project->decoded())->toJson(), $kept);
        }
    }

    private function files(string $core): StageFiles
    {
        return new StageFiles($this->folder, $core);
    }

    /** @param  array<string, mixed>  $values */
    private function kept(string $core, array $values): void
    {
        $files = $this->files($core);
        array_map($files->keep(...), array_keys($values), $values);
        $files->write();
    }
}
