<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\PlanProject;
use App\Words\Catalogue;
use Illuminate\Support\Facades\DB;
use Incastro\Core\Document\Reading\CanonicalJson;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Measure\Unit;
use Incastro\Core\Planner;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class PlanTest extends TestCase
{
    public function test_unchanged_sections_cost_a_304(): void
    {
        $this->actingAs($this->demoOwner());
        $url = '/api/projects/'.$this->demoProject()->id.'/plan/cut';
        $first = $this->getJson($url)->assertOk();
        $etag = (string) $first->headers->get('ETag');
        $this->getJson($url, ['If-None-Match' => $etag])->assertStatus(304);
        $this->demoProject()->update(['document' => str_replace('"trim":8', '"trim":9', $this->demoProject()->document)]);
        $this->getJson($url, ['If-None-Match' => $etag])->assertOk();
    }

    public function test_documents_and_plans_keep_to_their_schemas(): void
    {
        $validator = new Validator;
        foreach (glob(database_path('demo/*.json')) ?: [] as $file) {
            $json = (string) file_get_contents($file);
            foreach (['document' => $json, 'plan' => Planner::plan(CanonicalJson::decode($json))->toJson()] as $schema => $text) {
                $result = $validator->validate(json_decode($text), (string) file_get_contents(base_path("schema/$schema.schema.json")));
                $error = $result->error();
                self::assertTrue($result->isValid(), $error === null ? '' : json_encode((new ErrorFormatter)->format($error), JSON_THROW_ON_ERROR));
            }
        }
    }

    public function test_every_text_the_core_can_say_is_in_the_catalogue(): void
    {
        $english = json_decode((string) file_get_contents(resource_path('lang/en.json')), true, 8, JSON_THROW_ON_ERROR);
        $missing = [];
        $seen = 0;
        $files = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(base_path('core/src'), \FilesystemIterator::SKIP_DOTS));
        foreach ($files as $file) {
            preg_match_all('/\'((?:change|cut|document|draw|fit|part|piece|reading|side|source|survey)\.[a-z_0-9.]+)\'/', (string) file_get_contents((string) $file), $m);
            foreach ($m[1] as $key) {
                $seen++;
                $known = isset($english[$key]) || array_filter(array_keys($english), fn (string $k): bool => str_starts_with($k, $key) && str_ends_with($key, '_')) !== [];
                $missing = $known ? $missing : [...$missing, $key];
            }
        }
        self::assertGreaterThan(150, $seen);
        self::assertSame([], array_values(array_unique($missing)));
    }

    /** Two readers of one plan, in mm and in inches. */
    #[DataProvider('readers')]
    public function test_one_plan_two_readers(Unit $unit, string $expected): void
    {
        $text = Text::of('fit.wider_than_clear', by: Length::fromMillimetres(9.525), reading: Text::of('reading.width', z: Length::fromMillimetres(1219.2)));
        self::assertSame($expected, str_replace("\u{00A0}", ' ', Catalogue::own($unit)->render($text)));
    }

    /** @return iterable<string, array{Unit, string}> */
    public static function readers(): iterable
    {
        yield 'mm' => [Unit::Millimetre, 'It cannot go in: the carcass is 9.5 mm wider than the plumb clear width. The width at 1219.2 mm stops it.'];
        yield 'in' => [Unit::Inch, 'It cannot go in: the carcass is 3/8 in wider than the plumb clear width. The width at 48 in stops it.'];
    }

    public function test_who_reads_gzip_is_given_the_same_plan_packed_as_it_is_kept(): void
    {
        $this->actingAs($this->demoOwner());
        $url = '/api/projects/'.$this->demoProject()->id.'/plan';
        $bare = (string) $this->get($url)->assertOk()->assertHeaderMissing('Content-Encoding')->getContent();
        $packed = $this->get($url, ['Accept-Encoding' => 'gzip, br'])->assertOk()->assertHeader('Content-Encoding', 'gzip')->assertHeader('Vary', 'Accept-Encoding');
        self::assertSame($bare, gzdecode((string) $packed->getContent()));
        self::assertLessThan(strlen($bare) / 4, strlen((string) $packed->getContent()));
    }

    public function test_a_plan_kept_bare_by_an_older_version_is_made_anew(): void
    {
        $this->actingAs($this->demoOwner());
        $project = $this->demoProject();
        DB::table('plans')->insert(['hash' => app(PlanProject::class)->hash($project), 'project_id' => $project->id, 'body' => '{"old":true}']);
        self::assertArrayHasKey('parts', (array) $this->getJson("/api/projects/$project->id/plan")->assertOk()->json());
    }
}
