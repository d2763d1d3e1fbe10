<?php

declare(strict_types=1);

namespace Incastro\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use Incastro\Core\Document\Reading\ProjectReader;
use Incastro\Core\Measure\Length;
use Incastro\Core\Planner;
use Incastro\Core\Tests\Cut\LayoutVerifier;
use Incastro\Core\Tests\Design\AnyPiece;
use Incastro\Core\Tests\Memory\Remembering;
use PHPUnit\Framework\TestCase;

/** Whatever can be read can be planned: a finding where it is impossible, never an error. */
final class AnyDocumentTest extends TestCase
{
    use TestTrait;

    public function test_any_readable_document_has_a_plan_whose_sheets_can_be_sawn(): void
    {
        $this->limitTo(150)->forAll(Generators::choose(1, 10_000_000))->then(function (int $seed): void {
            mt_srand($seed);
            $document = AnyDocument::document();
            for ($i = 0, $n = mt_rand(0, 3); $i < $n; $i++) {
                $document['loose'][Sample::id('LOOSE', $i)] = ['name' => "Jig $i", 'material' => array_rand($document['stock']),
                    'length' => mt_rand(5, 3000), 'width' => mt_rand(5, 900), 'count' => mt_rand(1, 4), 'grain' => (bool) mt_rand(0, 1)];
            }
            ProjectReader::read($document);
            $plan = Planned::of($document)->plan;
            self::assertSame('incastro-plan', $plan['format']);
            foreach ($plan['cut'] as $material) {
                $this->assertSawable($plan, $material);
            }
            foreach ($plan['parts'] as $part) {
                self::assertGreaterThan(0, $part['cut']['length']['mm']);
                self::assertGreaterThan(0, $part['cut']['width']['mm'], json_encode($part['name'], JSON_THROW_ON_ERROR));
            }
        });
    }

    public function test_any_survey_of_any_kind_of_space_has_a_plan(): void
    {
        $this->limitTo(150)->forAll(Generators::choose(1, 10_000_000))->then(function (int $seed): void {
            mt_srand($seed);
            $document = AnyDocument::survey();
            $plan = Planned::of($document)->plan;
            $site = array_values($plan['site'])[0];
            self::assertCount(count($document['spaces'][Sample::SPACE]['readings']), $site['walk']);
            self::assertCount(count($document['spaces'][Sample::SPACE]['things']), $site['things']);
            foreach ($site['doubt']['known'] as $known) {
                self::assertGreaterThanOrEqual(0, $known['doubt'], $known['name']);
            }
        });
    }

    public function test_any_document_at_its_limits_has_a_plan(): void
    {
        $this->limitTo(40)->forAll(Generators::choose(1, 10_000_000))->then(function (int $seed): void {
            mt_srand($seed);
            $document = [AnyDocument::survey(...), AnyDocument::document(...), (new AnyPiece($seed))->document(...)][$seed % 3]();
            self::assertSame('incastro-plan', json_decode(Planner::plan(AnyDocument::atItsLimits($document))->toJson(), true)['format']);
        });
    }

    public function test_what_is_remembered_of_any_plans_before_changes_no_plan(): void
    {
        $memory = new Remembering;
        $this->limitTo(25)->forAll(Generators::choose(1, 10_000_000))->then(function (int $seed) use ($memory): void {
            mt_srand($seed);
            $document = mt_rand(0, 1) ? AnyDocument::survey() : AnyDocument::document();
            for ($i = 0; $i < 3; $i++) {
                self::assertSame(Planner::plan($document)->toJson(), Planner::plan($document, $memory)->toJson(), "edit $i");
                foreach ($document['pieces'] as $id => $piece) {
                    $document['pieces'][$id]['depth'] = $piece['depth'] + mt_rand(1, 9);
                    $document['pieces'][$id]['height'] += mt_rand(0, 2) ? 0 : mt_rand(1, 30);
                }
                foreach (mt_rand(0, 1) ? $document['facts'] : [] as $id => $fact) {
                    // Towards zero, never across it: a reading stays one that can be read.
                    $document['facts'][$id] = (($fact['value'] ?? 0) > 3 ? ['value' => $fact['value'] - mt_rand(0, 3)] : []) + $fact;
                }
                $document['workshop']['tape_base'] = mt_rand(0, 2) ? $document['workshop']['tape_base'] : mt_rand(1, 9) / 10;
            }
        });
        self::assertGreaterThan(5, $memory->found);
    }

    /**
     * @param  array<string, mixed>  $plan
     * @param  array<string, mixed>  $material
     */
    private function assertSawable(array $plan, array $material): void
    {
        $parts = [];
        foreach ($plan['parts'] as $p) {
            $parts[$p['id']] = ['l' => (float) $p['cut']['length']['mm'], 'w' => (float) $p['cut']['width']['mm'], 'grain' => $p['grain']];
        }
        foreach ($material['sheets'] as $sheet) {
            $sheet += ['length_mm' => $material['length'], 'width_mm' => $material['width']];
            self::assertSame([], LayoutVerifier::sheet($sheet, $parts, (float) $material['kerf'], (float) $material['trim']));
        }
        self::assertLessThanOrEqual(count($material['sheets']), $material['lower_bound']);
        self::assertTrue(Length::fromMillimetres($material['length'])->isPositive());
    }
}
