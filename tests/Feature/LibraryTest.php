<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\LibraryEntry;
use Tests\TestCase;

/** Bought things and things to store: ours, the household's own, and lists of them in and out. */
final class LibraryTest extends TestCase
{
    public function test_what_is_added_is_there_for_every_project_of_the_household_and_for_nobody_else(): void
    {
        $this->actingAs($this->demoOwner());
        $project = $this->demoProject();
        $this->postJson("/api/projects/$project->id/library", ['kind' => 'appliance', 'name' => 'Range, second-hand', 'width' => 595.4, 'height' => 850, 'depth' => 600, 'fixes_to' => 'side', 'watts' => 2200, 'clearance' => 10])
            ->assertOk()->assertJsonPath('kept', 1);
        $other = $project->household->projects()->whereKeyNot($project->id)->firstOrFail();
        $own = $this->getJson("/api/projects/$other->id/library")->assertOk()->json('own');
        self::assertSame(['Range, second-hand', ['width' => 595.4, 'height' => 850, 'depth' => 600, 'air' => 10, 'fixes_to' => 'side', 'watts' => 2200, 'kg' => 0]], [$own[0]['name'], $own[0]['fills']['appliance']]);
        self::assertGreaterThan(40, count($this->getJson("/api/projects/$other->id/library")->json('shipped')));

        // The same name again takes its place; a stranger neither sees nor removes it.
        $this->postJson("/api/projects/$project->id/library", ['kind' => 'appliance', 'name' => 'Range, second-hand', 'width' => 600])->assertOk();
        self::assertSame([1, 600], [LibraryEntry::query()->count(), LibraryEntry::query()->firstOrFail()->entry['width']]);
        $id = $own[0]['id'];
        $this->actingAs($this->stranger())->deleteJson("/api/projects/$project->id/library/$id")->assertForbidden();
        $this->actingAs($this->viewer())->deleteJson("/api/projects/$project->id/library/$id")->assertForbidden();
        $this->actingAs($this->demoOwner())->deleteJson("/api/projects/$other->id/library/$id")->assertNoContent();
        self::assertSame(0, LibraryEntry::query()->count());
    }

    public function test_an_entry_that_cannot_be_is_refused_with_the_reason(): void
    {
        $this->actingAs($this->demoOwner());
        $url = '/api/projects/'.$this->demoProject()->id.'/library';
        $this->postJson($url, ['kind' => 'rocket', 'name' => 'A'])->assertStatus(422)->assertJsonPath('problems.0.pointer', '/kind');
        $this->postJson($url, ['kind' => null, 'name' => 'Boots', 'width' => 280])->assertStatus(422)->assertJsonCount(2, 'problems');
        $this->postJson($url, ['kind' => 'bin', 'name' => '', 'width' => 'wide'])->assertStatus(422)->assertJsonStructure(['message', 'problems']);
        $this->postJson($url, ['kind' => 'bin', 'name' => 'Bin', 'width' => 99_999])->assertStatus(422);
        self::assertSame(0, LibraryEntry::query()->count());
    }

    public function test_a_list_goes_out_and_comes_back_the_same(): void
    {
        $this->actingAs($this->demoOwner());
        $url = '/api/projects/'.$this->demoProject()->id.'/library.csv';
        $shipped = (string) $this->get($url)->assertOk()->assertHeader('content-type', 'text/csv; charset=utf-8')->getContent();
        $this->call('POST', $url, [], [], [], ['CONTENT_TYPE' => 'text/csv', 'HTTP_ACCEPT' => 'application/json'], $shipped)->assertOk()->assertJsonPath('kept', substr_count($shipped, "\r\n") - 1);
        $lines = fn (string $csv): array => array_values(array_unique(explode("\r\n", $csv)));
        $again = $lines((string) $this->get($url)->getContent());
        sort($again);
        $before = $lines($shipped);
        sort($before);
        self::assertSame($before, $again);
    }

    public function test_a_list_with_one_bad_line_is_refused_whole(): void
    {
        $this->actingAs($this->demoOwner());
        $url = '/api/projects/'.$this->demoProject()->id.'/library.csv';
        $bring = fn (string $csv) => $this->call('POST', $url, [], [], [], ['CONTENT_TYPE' => 'text/csv', 'HTTP_ACCEPT' => 'application/json'], $csv)->assertStatus(422);
        $head = "kind;name;width_mm;depth_mm;height_mm;kg\n";
        $bring("{$head}bin;Bin;250;200;400;1\nbin;Other;wide;200;400;1\n")->assertJsonPath('message', 'Line 3: width_mm is "wide"; expected a length such as 564 or 24 3/8 in.');
        $bring("{$head}shelf;Bin;250;200;400;1\n")->assertJsonPath('message', 'Line 2: kind is "shelf"; expected stored, slides, hinge, catch, strut, castor, mattress, appliance, bin, box or door.');
        $bring("{$head}stored;Boots;280;;400;1\n")->assertJsonPath('message', 'Line 2: depth_mm is ""; expected a length such as 564 or 24 3/8 in.');
        $bring("{$head}bin;Bin;250;200;400;1\nbin;BIN;250;200;400;1\n")->assertJsonPath('message', '"BIN" stands twice in the list; expected one line a name.');
        $bring("name,width_mm\nBin,250\n")->assertJsonPath('message', 'The library list has no column kind; expected a header kind,name.');
        $bring('')->assertJsonPath('message', 'The library list is empty; expected a header kind,name and at least one line below it.');
        $bring("kind,name\nbin,\xC3\x28\n")->assertJsonPath('message', 'Line 2 is not text in UTF-8; expected the list saved as comma-separated values in UTF-8.');
        self::assertSame(0, LibraryEntry::query()->count(), 'nothing half kept');
        $inches = $this->call('POST', $url, [], [], [], ['HTTP_ACCEPT' => 'application/json'], "kind,name,width_mm\nbin,=Bin,9 7/8 in\n")->assertOk();
        self::assertSame(1, $inches->json('kept'));
        self::assertStringContainsString("'=Bin", (string) $this->get($url)->getContent(), 'no formula for a spreadsheet');
    }
}
