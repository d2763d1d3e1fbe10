<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\LookBack;
use App\Models\Project;
use App\Models\Revision;
use App\Words\Catalogue;
use Incastro\Core\Document\Reading\CanonicalJson;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Tests\TestCase;

final class HistoryTest extends TestCase
{
    public function test_each_revision_is_told_with_who_made_it_and_both_values(): void
    {
        $project = $this->edited();
        $all = $this->getJson("/api/projects/$project->id/revisions")->assertOk()->json('data');
        self::assertSame([4, 3, 2, 1], array_column($all, 'number'));
        self::assertSame(['Wren Larkin'], array_values(array_unique(array_column($all, 'by'))));
        self::assertSame(['Chart shelves, height', '2300 mm', '2280 mm'], [self::said($all[0]['rows'][0]['what']), self::said($all[0]['rows'][0]['before']), self::said($all[0]['rows'][0]['after'])]);
        self::assertSame([], $all[3]['rows']);
    }

    public function test_a_revision_is_rebuilt_across_snapshots(): void
    {
        config(['incastro.snapshot_every' => 3]);
        [$project, $piece] = $this->opened();
        $first = $project->document;
        for ($n = 1; $n <= 8; $n++) {
            $this->postJson("/api/projects/$project->id/changes", $this->change($n, [$this->set(300 + $n, 'pieces', $piece, 'depth')]))->assertOk();
        }
        self::assertSame([3, 6, 9], Revision::query()->whereNotNull('snapshot')->orderBy('number')->pluck('number')->all());
        $back = new LookBack;
        $project->refresh();
        self::assertSame($first, CanonicalJson::encode($back->document($project, 1)));
        for ($n = 2; $n <= 9; $n++) {
            self::assertSame(299 + $n, $back->document($project, $n)['pieces'][$piece]['depth'], "revision $n");
        }
    }

    public function test_an_earlier_revision_comes_back_as_an_ordinary_change_that_can_be_taken_back(): void
    {
        $project = $this->edited();
        $was = (new LookBack)->document($project, 2);
        $now = $project->document;
        $ops = $this->getJson("/api/projects/$project->id/revisions/2")->assertOk()->json('ops');
        $inverse = $this->postJson("/api/projects/$project->id/changes", $this->change(4, $ops))->assertOk()->assertJsonPath('revision', 5)->json('inverse');
        self::assertSame(CanonicalJson::encode($was), $project->refresh()->document);
        $this->getJson("/api/projects/$project->id/revisions/2")->assertJsonPath('ops', []);
        $this->postJson("/api/projects/$project->id/changes", $this->change(5, $inverse))->assertOk();
        self::assertSame($now, $project->refresh()->document);
    }

    public function test_a_revision_can_be_named_and_found_by_its_name(): void
    {
        $project = $this->edited();
        $this->patchJson("/api/projects/$project->id/revisions/3", ['name' => '  As drawn for the carpenter '])->assertNoContent();
        $this->getJson("/api/projects/$project->id/revisions")->assertJsonPath('data.1.name', 'As drawn for the carpenter');
        $this->patchJson("/api/projects/$project->id/revisions/3", ['name' => str_repeat('x', 81)])->assertStatus(422)->assertJsonPath('message', 'The name of a revision is a text of up to 80 characters.');
        $this->actingAs($this->viewer())->patchJson("/api/projects/$project->id/revisions/3", ['name' => 'Mine'])->assertForbidden();
        $this->actingAs($this->stranger())->patchJson("/api/projects/$project->id/revisions/3", ['name' => 'Mine'])->assertForbidden();
        $this->patchJson("/api/projects/$project->id/revisions/9", ['name' => 'None'])->assertForbidden();
    }

    public function test_two_revisions_are_compared_by_what_changed_which_parts_and_what_it_comes_to(): void
    {
        $project = $this->edited();
        $answer = $this->getJson("/api/projects/$project->id/revisions/3/compare/4")->assertOk();
        $answer->assertJsonCount(1, 'rows')->assertJsonPath('rows.0.area', 'piece');
        $uprights = array_filter($answer->json('parts'), fn (array $p): bool => str_starts_with($p['name']['key'], 'part.side') || $p['name']['key'] === 'part.divider');
        self::assertNotSame([], $uprights);
        foreach ($uprights as $part) {
            self::assertEqualsWithDelta(20.0, $part['before']['size'][0] - $part['after']['size'][0], 1e-6);
        }
        self::assertSame($answer->json('before.parts'), $answer->json('after.parts'));
        $this->getJson("/api/projects/$project->id/revisions/3/compare/9")->assertNotFound();
    }

    public function test_a_refused_second_save_is_told_row_by_row(): void
    {
        [$project, $piece] = $this->opened();
        $this->postJson("/api/projects/$project->id/changes", $this->change(1, [$this->set(300, 'pieces', $piece, 'depth')]))->assertOk();
        $rows = $this->postJson("/api/projects/$project->id/changes", $this->change(1, [$this->set(320, 'pieces', $piece, 'depth'), $this->set(2200, 'pieces', $piece, 'height')]))->assertStatus(409)->json('rows');
        self::assertSame([true, false], array_column($rows, 'both'));
        self::assertSame(['320 mm', '300 mm'], [self::said($rows[0]['mine']), self::said($rows[0]['theirs'])]);
    }

    /** @return array{Project, string} */
    private function opened(): array
    {
        $this->actingAs($this->demoOwner());
        $project = $this->demoProject();

        return [$project, (string) array_key_first($project->decoded()['pieces'])];
    }

    private function edited(): Project
    {
        [$project, $piece] = $this->opened();
        foreach ([[365, 'depth'], [370, 'depth'], [2280, 'height']] as $i => [$mm, $key]) {
            $this->postJson("/api/projects/$project->id/changes", $this->change($i + 1, [$this->set($mm, 'pieces', $piece, $key)]))->assertOk();
        }

        return $project->refresh();
    }

    /** @param  array<string, mixed>  $text */
    private static function said(array $text): string
    {
        return (string) preg_replace('/[\x{2009}\x{202f}\x{00a0}]/u', ' ', str_replace("\u{2060}", '', Catalogue::own()->render(self::text($text))));
    }

    /** @param  array<string, mixed>  $text */
    private static function text(array $text): Text
    {
        $args = array_map(fn (array $a): mixed => match ($a['type']) {
            'length' => Length::fromMillimetres($a['mm']), 'text' => self::text($a['text']), 'count' => $a['count'], default => $a['name']
        }, $text['args']);

        return Text::of($text['key'], ...$args);
    }
}
