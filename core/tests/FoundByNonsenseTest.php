<?php

declare(strict_types=1);

namespace Incastro\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use Incastro\Core\Document\Reading\DocumentRejected;
use Incastro\Core\Document\Reading\ProjectReader;
use PHPUnit\Framework\TestCase;

/** What random documents at the doors have brought to light (support/bench/fuzz.php), each as the least that shows it. */
final class FoundByNonsenseTest extends TestCase
{
    use TestTrait;

    public function test_a_diagonal_keyed_wrong_moves_no_wall_and_everything_is_laid(): void
    {
        // In the right niche of the chart room, 2630.5 taken for 4471.85: a slab between the walls came out shorter than nothing.
        $right = Planned::of(Demo::document('chart-room-right-niche'));
        $document = Demo::document('chart-room-right-niche');
        $document['facts']['01J8RJ00000000000000001763']['value'] = 4471.85;
        $plan = Planned::of($document);
        self::assertSame('01J8RJ00000000000000000017', $plan->finding('survey.set_aside')['place']['ref']);
        [$before, $after] = array_map(fn (Planned $p): float => array_values($p->plan['pieces'])[0]['width']['mm'], [$right, $plan]);
        self::assertEqualsWithDelta($before, $after, 0.5);
        self::assertCount(count($right->plan['parts']), $plan->plan['parts']);
    }

    public function test_a_bed_in_a_room_too_small_for_its_ledger_has_a_plan(): void
    {
        $document = Demo::document('bunk-room-berth');
        $document['facts']['01J8RG00000000000000001754']['value'] = 304.8;
        self::assertNotSame([], Planned::of($document)->plan['findings']);
    }

    public function test_whatever_is_read_or_set_a_few_times_too_large_or_too_small_there_is_a_plan(): void
    {
        $names = Demo::names();
        $this->limitTo((int) (getenv('NONSENSE') ?: 60))->forAll(Generators::choose(1, 10_000_000))->then(function (int $seed) use ($names): void {
            mt_srand($seed);
            $document = Demo::document($names[mt_rand(0, count($names) - 1)]);
            for ($i = 0, $n = mt_rand(1, 3); $i < $n; $i++) {
                $document = self::scaled($document);
            }
            try {
                ProjectReader::read($document);
            } catch (DocumentRejected) {
                $this->addToAssertionCount(1);

                return;
            }
            self::assertSame('incastro-plan', Planned::of($document)->plan['format'], "seed $seed");
        });
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed> with one number of its rooms, pieces or readings larger or smaller
     */
    private static function scaled(array $document): array
    {
        $numbers = [];
        $walk = function (array $of, array $path) use (&$walk, &$numbers): void {
            foreach ($of as $key => $value) {
                is_array($value) ? $walk($value, [...$path, $key]) : (is_int($value) || is_float($value) ? $numbers[] = [...$path, $key] : null);
            }
        };
        foreach (['spaces', 'pieces', 'facts', 'stock', 'workshop'] as $root) {
            $walk($document[$root] ?? [], [$root]);
        }
        $at = &$document;
        foreach ($numbers[mt_rand(0, count($numbers) - 1)] as $key) {
            $at = &$at[$key];
        }
        $scaled = $at * [0, 0.1, 0.3, 0.9, 1.1, 1.7, 3, 10][mt_rand(0, 7)];
        $at = is_int($at) ? (int) round($scaled) : round($scaled, 3);

        return $document;
    }

    public function test_a_day_that_is_none_is_refused_where_the_document_is_read(): void
    {
        foreach (['%s%n', 'null', '2026-02-30', '2026-1-1', ''] as $day) {
            try {
                ProjectReader::read(['as_of' => $day] + Sample::e1());
                self::fail("$day was taken.");
            } catch (DocumentRejected $e) {
                self::assertSame('/as_of', $e->problems[0]->pointer);
            }
        }
    }
}
