<?php

declare(strict_types=1);

namespace Tests\Feature;

use Incastro\Core\Document\Reading\CanonicalJson;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Planner;
use Incastro\Core\Planning\Planning;
use Incastro\Core\Queries\Starters;
use Incastro\Core\Tests\Design\AnyPiece;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Starters, schools and what is said of pieces, through HTTP and over the demo house. */
final class PieceTest extends TestCase
{
    public function test_starters_are_listed_for_who_is_signed_in(): void
    {
        $this->getJson('/api/piece-starts')->assertUnauthorized();
        $all = $this->actingAs($this->demoOwner())->getJson('/api/piece-starts')->assertOk()->json();
        self::assertGreaterThanOrEqual(14, count($all));
        foreach ($all as $starter) {
            self::assertFileExists(database_path("demo/{$starter['room']}.json"));
        }
    }

    public function test_a_starter_is_fitted_by_operations_and_changes_nothing_itself(): void
    {
        $owner = $this->demoOwner();
        $project = $this->demoProject();
        $space = array_key_first($project->decoded()['spaces']);
        $this->actingAs($owner);
        $url = "/api/projects/{$project->id}/piece-starts";
        $ops = $this->getJson("$url/niche-shelves-on-cupboards?space=$space")->assertOk()->json('ops');
        self::assertSame(['remove', 'add'], array_column($ops, 'op'));
        self::assertSame(1, $project->fresh()?->revision);
        $answer = $this->postJson("/api/projects/{$project->id}/changes", ['change_id' => '01J00000000000000000CHANG1', 'base_revision' => 1, 'ops' => $ops])->assertOk();
        self::assertSame('Shelves on cupboards', array_values($answer->json('document.pieces'))[0]['name']);
        $this->getJson("$url/no-such-thing?space=$space")->assertNotFound();
        $this->getJson("$url/washstand?space=01J00000000000000000N0NE00")->assertNotFound();
    }

    public function test_schools_come_from_plans_of_their_own(): void
    {
        $owner = $this->demoOwner();
        $project = $this->demoProject();
        $piece = array_key_first($project->decoded()['pieces']);
        $this->getJson("/api/projects/{$project->id}/schools/$piece")->assertUnauthorized();
        $this->actingAs($this->stranger())->getJson("/api/projects/{$project->id}/schools/$piece")->assertForbidden();
        $schools = $this->actingAs($owner)->getJson("/api/projects/{$project->id}/schools/$piece")->assertOk()->json();
        self::assertSame(['front', 'joint', 'top', 'back', 'edges'], array_column($schools, 'school'));
        foreach ($schools as $school) {
            foreach ($school['choices'] as $choice) {
                self::assertGreaterThan(0, $choice['sheets'], "{$school['school']} {$choice['choice']}");
                self::assertGreaterThan(0, $choice['totals']['grams']);
            }
        }
        // The changes that come with a choice really make it.
        $frame = $schools[0]['choices'][1];
        $answer = $this->postJson("/api/projects/{$project->id}/changes", ['change_id' => '01J00000000000000000CHANG2', 'base_revision' => 1, 'ops' => $frame['ops']])->assertOk();
        self::assertSame($frame['totals'], $answer->json("plan.pieces.$piece.totals"));
        $this->getJson("/api/projects/{$project->id}/schools/01J00000000000000000N0NE00")->assertNotFound();
    }

    /** @return iterable<string, array{string, string}> */
    public static function rooms(): iterable
    {
        foreach (Starters::all() as $key => $starter) {
            yield $key => [$key, $starter['room']];
        }
    }

    #[DataProvider('rooms')]
    public function test_each_starter_fits_its_demo_room(string $key, string $room): void
    {
        $document = CanonicalJson::decode((string) file_get_contents(database_path("demo/$room.json")));
        $n = 0;
        foreach (Starters::fitted($document, $key, (string) array_key_first($document['spaces']), function () use (&$n): string {
            return sprintf('01J00000000000000000NEW%03d', ++$n);
        }) as $op) {
            if ($op['op'] === 'remove') {
                unset($document['pieces'][$op['path'][1]]);
            } else {
                $document['pieces'][$op['path'][1]] = $op['value'];
            }
        }
        $found = (new Planning($document))->findings();
        $stops = array_filter($found, fn (Finding $f): bool => $f->severity === Severity::Stop && $f->place->stage !== WorkStage::Site);
        self::assertSame([], array_map(fn (Finding $f): string => $f->code, array_values($stops)));
        $plan = json_decode(Planner::plan($document)->toJson(), true, 64, JSON_THROW_ON_ERROR);
        self::assertNotSame([], $plan['parts']);
        $this->assertPartsCanBeFound($plan);
    }

    public function test_everything_said_of_random_pieces_is_in_the_catalogue(): void
    {
        $english = json_decode((string) file_get_contents(resource_path('lang/en.json')), true, 8, JSON_THROW_ON_ERROR);
        $missing = $seen = [];
        for ($seed = 1; $seed <= 70; $seed++) {
            $plan = json_decode(Planner::plan((new AnyPiece($seed))->document())->toJson(), true, 64, JSON_THROW_ON_ERROR);
            foreach (self::texts($plan) as $text) {
                $seen[$text['key']] = true;
                if (! isset($english[$text['key']]) && ! isset($english["{$text['key']}@mm"])) {
                    $missing[$text['key']] = $seed;
                }
                preg_match_all('/\{(\w+)/', $english[$text['key']] ?? '', $m);
                foreach ($m[1] as $argument) {
                    self::assertArrayHasKey($argument, $text['args'], "{$text['key']} of seed $seed");
                }
            }
        }
        self::assertSame([], $missing);
        self::assertGreaterThan(200, count($seen));
    }

    /**
     * Every part has a trail and is drawn somewhere.
     *
     * @param  array<string, mixed>  $plan
     */
    private function assertPartsCanBeFound(array $plan): void
    {
        $drawn = [];
        foreach ($plan['pieces'] as $id => $piece) {
            foreach ($plan['drawings'][$id] as $drawing) {
                $drawn += array_fill_keys(array_filter(array_column($drawing['items'], 'ref')), true);
            }
        }
        foreach ($plan['parts'] as $part) {
            self::assertArrayHasKey($part['id'], $drawn);
            self::assertNotSame([], $part['cut']['length']['trail']);
            self::assertNotSame([], $part['cut']['width']['trail']);
        }
    }

    /** @return iterable<array{key: string, args: array<string, mixed>}> every text in a plan */
    private static function texts(mixed $value): iterable
    {
        if (! is_array($value)) {
            return;
        }
        if (isset($value['key'], $value['args']) && is_string($value['key'])) {
            yield $value;
        }
        foreach ($value as $inner) {
            yield from self::texts($inner);
        }
    }
}
