<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Survey;

use Eris\Generators;
use Eris\TestTrait;
use Incastro\Core\Document\Reading\ProjectReader;
use Incastro\Core\Survey\Nodes;
use Incastro\Core\Survey\Prior;
use Incastro\Core\Survey\Sizes;
use Incastro\Core\Survey\Surface;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** What is taken for granted of surfaces before they are read. Places in metres. */
final class PriorTest extends TestCase
{
    use TestTrait;

    public function test_a_wall_by_hand(): void
    {
        // Offset 200, 25 off square and 4 off plumb a metre, wandering 2.8: at (0.5, 2) 200² + 12.5² + 8² + 2.8².
        self::assertEqualsWithDelta(40_228.09, Prior::wall()->covariance([0.5, 2.0], [0.5, 2.0]), 1e-6);
        // 0.8 apart, its reach: of the wandering (1 + √3)·e^−√3 = 0.48336 is left. 200² + 25²·0.5·0.5 + 4²·2·1.2 + 2.8²·0.48336.
        self::assertEqualsWithDelta(40_198.43954, Prior::wall()->covariance([0.5, 2.0], [0.5, 1.2]), 1e-4);
    }

    public function test_a_plumbed_mark_is_as_far_out_at_the_head_as_at_the_foot(): void
    {
        $mark = Prior::mark();
        self::assertSame($mark->covariance([0.6, 0.0], [0.6, 0.0]), $mark->covariance([0.6, 2.3], [0.6, 0.0]));
    }

    public function test_what_the_frame_fixes_is_known_and_the_doubt_grows_from_there(): void
    {
        // x = 0 is the left wall at the front at the lowest station; the back wall is 0 there from end to end of its foot.
        $nodes = self::nodes();
        $sigma = fn (Surface $s, float $a, float $b): float => sqrt(max(0.0, self::variance($nodes, $s, $a, $b)));
        self::assertEqualsWithDelta([0.0, 0.0, 0.0, 0.0], [
            $sigma(Surface::Left, 0.6, 0.1), $sigma(Surface::Back, 0.0, 0.1), $sigma(Surface::Back, 1.0, 0.1), $sigma(Surface::Floor, 0.0, 0.6),
        ], 1e-3);
        // 2 m up it is 4 off plumb a metre and wanders by 2.8 at either end: √(8² + 2 · 2.8² · (1 − m)), m = 0.07018 at 2 m.
        self::assertEqualsWithDelta(8.8645, $sigma(Surface::Left, 0.6, 2.1), 1e-3);
        self::assertLessThan($sigma(Surface::Left, 0.6, 2.1), $sigma(Surface::Left, 0.6, 1.1));
        self::assertGreaterThan(200.0, $sigma(Surface::Right, 0.6, 0.1), 'the other side stands nobody knows where');
    }

    public function test_no_sum_of_places_is_known_better_than_exactly(): void
    {
        // A covariance: symmetric, and no weights make a variance under nothing.
        $place = Generators::seq(Generators::tuple(Generators::elements([Surface::Left, Surface::Right, Surface::Back, Surface::Floor, Surface::Ceiling]),
            Generators::choose(0, 1000), Generators::choose(0, 2400), Generators::choose(-5, 5)));
        $this->forAll($place)->then(function (array $places): void {
            $nodes = self::nodes();
            $weights = [];
            foreach ($places as [$surface, $a, $b, $weight]) {
                foreach (array_keys($nodes->at($surface, $a * 40_000, $b * 40_000)) as $i) {
                    $weights[$i] = ($weights[$i] ?? 0) + $weight;
                }
            }
            $variance = $scale = 0.0;
            foreach ($weights as $i => $v) {
                foreach ($weights as $j => $w) {
                    self::assertEqualsWithDelta($nodes->covariance($i, $j), $nodes->covariance($j, $i), 1e-8);
                    $variance += $v * $w * $nodes->covariance($i, $j);
                    $scale += abs($v * $w * $nodes->covariance($i, $j));
                }
            }
            self::assertGreaterThanOrEqual(-1e-12 * ($scale + 1), $variance);
        });
    }

    public function test_places_of_different_surfaces_say_nothing_of_each_other(): void
    {
        $nodes = self::nodes();
        [$left] = array_keys($nodes->at(Surface::Left, 0, 40_000_000));
        [$right] = array_keys($nodes->at(Surface::Right, 0, 40_000_000));
        self::assertSame(0.0, $nodes->covariance($left, $right));
    }

    private static function variance(Nodes $nodes, Surface $surface, float $a, float $b): float
    {
        $unknown = array_key_first($nodes->at($surface, (int) round($a * 40_000_000), (int) round($b * 40_000_000)));

        return $unknown === null ? 0.0 : $nodes->covariance($unknown, $unknown);
    }

    /** Of a niche 1000 wide and 600 deep, first read at 100. */
    private static function nodes(): Nodes
    {
        $document = Sample::reading(Sample::width(Sample::empty('mm'), 1, 100, 1000), Sample::id('D', 1), ['kind' => 'depth', 'side' => 'left'], 600);

        return new Nodes(new Sizes(ProjectReader::read($document)->spaces[Sample::SPACE]), 0.5);
    }
}
