<?php

declare(strict_types=1);

namespace Tests\Feature;

use Incastro\Core\Document\Model\SpaceKind;
use Incastro\Core\Document\Model\ThingKind;
use Incastro\Core\Document\Model\ThingRule;
use Incastro\Core\Document\Model\Treatment;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\ReadsPdf;
use Tests\TestCase;

/** What another space or a thing in the way begins with, and that it can be added as it comes. */
final class StartTest extends TestCase
{
    use ReadsPdf;

    /** @return iterable<string, array{SpaceKind}> */
    public static function spaces(): iterable
    {
        foreach (SpaceKind::cases() as $kind) {
            yield $kind->value => [$kind];
        }
    }

    #[DataProvider('spaces')]
    public function test_another_space_of_every_kind_can_be_added(SpaceKind $kind): void
    {
        $this->actingAs($this->demoOwner());
        $url = '/api/projects/'.$this->demoProject()->id;
        $start = $this->getJson("$url/space-starts/{$kind->value}?name=Lee%20side")->assertOk()->json();
        $this->postJson("$url/changes", $this->change(1, $start['ops']))->assertOk()
            ->assertJsonPath("plan.site.{$start['space']}.kind", $kind->value)
            ->assertJsonPath("document.spaces.{$start['space']}.name", 'Lee side');
        $this->getJson("$url/space-starts/ballroom")->assertNotFound();
    }

    /** @return iterable<string, array{ThingKind}> */
    public static function things(): iterable
    {
        foreach (ThingKind::cases() as $kind) {
            yield $kind->value => [$kind];
        }
    }

    #[DataProvider('things')]
    public function test_every_thing_can_be_added_with_each_treatment_that_makes_sense_and_no_other(ThingKind $kind): void
    {
        $this->actingAs($this->demoOwner());
        $project = $this->demoProject();
        $url = "/api/projects/$project->id";
        $space = (string) array_key_first((array) $project->decoded()['spaces']);
        $start = $this->getJson("$url/thing-starts/{$kind->value}?space=$space")->assertOk()->json();
        $this->postJson("$url/changes", $this->change(1, $start['ops']))->assertOk();
        $path = ['spaces', $space, 'things', $start['id'], 'treatment'];
        $makesSense = ThingRule::of($kind)->treatments;
        $revision = 2;
        foreach (Treatment::cases() as $treatment) {
            $answer = $this->postJson("$url/changes", $this->change($revision, [['op' => 'set', 'path' => $path, 'value' => $treatment->value]]));
            if (in_array($treatment, $makesSense, true)) {
                $answer->assertOk();
                $revision++;
                $placed = array_values(array_filter($answer->json("plan.site.$space.things"), fn (array $t): bool => $t['id'] === $start['id']))[0];
                self::assertSame($treatment->value, $placed['treatment']);
            } else {
                $answer->assertStatus(422);
                self::assertStringContainsString('What makes sense for it', (string) $answer->json('message'));
            }
        }
        $words = json_decode((string) file_get_contents(resource_path('lang/en.json')), true, 8, JSON_THROW_ON_ERROR);
        foreach (["thing.{$kind->value}", "thing.{$kind->value}.caution", 'authority.'.ThingRule::of($kind)->deferTo->value] as $key) {
            self::assertArrayHasKey($key, $words);
        }
    }

    public function test_a_thing_needs_a_space_that_is_there(): void
    {
        $this->actingAs($this->demoOwner());
        $this->getJson('/api/projects/'.$this->demoProject()->id.'/thing-starts/socket?space=nowhere')->assertNotFound();
    }

    public function test_the_measuring_list_and_the_survey_sheet_name_every_reading(): void
    {
        $this->actingAs($this->demoOwner());
        foreach (['measuring-list.pdf' => 'what to measure, in walking order', 'survey.pdf' => 'as measured'] as $file => $says) {
            $pdf = (string) $this->get('/api/projects/'.$this->demoProject()->id."/$file")->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent();
            $text = self::textOf($pdf);
            self::assertStringContainsString($says, $text);
            foreach (['width at 2300 mm, at the back', 'angle of the left back corner', 'plumb of the back wall', 'floor level'] as $reading) {
                self::assertStringContainsString($reading, $text);
            }
            self::assertStringContainsString('old bell plate: keep clear', $text);
        }
    }

    public function test_a_reading_out_of_reach_is_said_on_paper_and_in_the_plan(): void
    {
        $this->actingAs($this->demoOwner());
        $url = '/api/projects/'.$this->demoProject()->id;
        $site = $this->getJson($url)->json('plan.site');
        [$space, $reading] = [array_key_first($site), $site[array_key_first($site)]['walk'][0]];
        $strike = array_map(fn (array $t): array => ['op' => 'strike', 'path' => ['facts', $t['id']]], $reading['takes']);
        $fact = '01K0000000000000000000XRCH';
        $this->postJson("$url/changes", $this->change(1, [...$strike, ['op' => 'append', 'path' => ['facts', $fact],
            'value' => ['kind' => 'unreached', 'reading' => $reading['id'], 'at' => '2026-04-01T10:00:00Z']]]))->assertOk()
            ->assertJsonPath("plan.site.$space.walk.0.value", null)->assertJsonPath("plan.site.$space.walk.0.unreached", $fact);
        foreach (['measuring-list.pdf', 'survey.pdf'] as $file) {
            self::assertStringContainsString('not reached', self::textOf((string) $this->get("$url/$file")->assertOk()->getContent()));
        }
    }
}
