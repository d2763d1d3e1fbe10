<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Envelope;

use Incastro\Core\Tests\Demo;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** A carcass is cut to the tightest of all that was read of its walls, at whatever depth that was. */
final class TightestTest extends TestCase
{
    public function test_a_bulge_that_was_read_halfway_back_counts(): void
    {
        $document = self::niche();
        self::assertEqualsWithDelta(1000, Planned::of($document)->piece()['clear']['mm'], 0.2);
        // 1000 at the front and at the back, 985 between: all three read twice, so that they are believed.
        $document = Sample::reading($document, Sample::id('W', 9), ['kind' => 'width', 'z' => 1200, 'y' => 175], 985);
        foreach ([9 => 985, 2 => 1000, 5 => 1000] as $n => $mm) {
            $document = Sample::take($document, Sample::id('W', $n), $mm, 300 + $n);
        }
        $clear = Planned::of($document)->piece()['clear'];
        self::assertEqualsWithDelta(985, $clear['mm'], 0.6);
        self::assertContains('fit.least_right_deep', array_column(array_column($clear['trail'], 'why'), 'key'));
        self::assertSame([1200, 175], array_map(fn (string $of): int => $clear['trail'][0]['why']['args'][$of]['mm'], ['z', 'y']));
        self::assertSame(Sample::id('W', 9), $clear['trail'][0]['ref']);
    }

    public function test_what_an_edge_found_proud_counts_where_it_was_found(): void
    {
        $document = self::niche();
        $document = Sample::reading($document, Sample::id('ED', 1), ['kind' => 'slid_edge', 'face' => 'left'], 12);
        $document['facts'][array_key_last($document['facts'])] += ['z' => 700, 'y' => 175];
        $clear = Planned::of($document)->piece()['clear'];
        self::assertLessThan(994, $clear['mm']);
        // What is hollow is in nobody's way.
        $document['facts'][array_key_last($document['facts'])]['value'] = -12;
        self::assertGreaterThan(996, Planned::of($document)->piece()['clear']['mm']);
    }

    /** Whatever was read inside a piece's heights, its carcass is no wider than the readings there leave, tape and all. */
    public function test_no_carcass_of_the_demo_house_is_wider_than_any_width_that_was_read_where_it_stands(): void
    {
        $read = 0;
        foreach (Demo::documents() as $name => $document) {
            $plan = Planned::of($document)->plan;
            foreach ((array) $plan['pieces'] as $piece) {
                $space = $document['spaces'][$piece['space']];
                foreach ($space['readings'] as $id => $reading) {
                    if ($reading['kind'] !== 'width' || ($space['left'] ?? 'wall') === 'open' || ($space['right'] ?? 'wall') === 'open') {
                        continue;
                    }
                    $takes = array_filter($document['facts'], fn (array $f): bool => ($f['reading'] ?? '') === $id && $f['kind'] === 'take');
                    foreach ($takes as $take) {
                        $read++;
                        self::assertLessThan($take['value'] + 0.5, $piece['width']['mm'], "$name, $id");
                    }
                }
            }
        }
        self::assertGreaterThan(40, $read);
    }

    /** @return array<string, mixed> */
    private static function niche(): array
    {
        $document = Sample::reading(Sample::empty('mm'), Sample::id('D', 1), ['kind' => 'depth', 'side' => 'left'], 350);
        foreach (['front', 'back'] as $n => $plane) {
            foreach ([100, 1200, 2300] as $i => $z) {
                $document = Sample::width($document, 3 * $n + $i + 1, $z, 1000, $plane);
            }
        }
        foreach (['left', 'right'] as $i => $side) {
            $document = Sample::plumb($document, $i + 1, $side, 100, 2300, 0);
        }

        return $document;
    }
}
