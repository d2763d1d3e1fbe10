<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Survey;

use Incastro\Core\Document\Reading\ProjectReader;
use Incastro\Core\Survey\Character;
use Incastro\Core\Survey\Collocation;
use Incastro\Core\Survey\Equations;
use Incastro\Core\Survey\Instruments;
use Incastro\Core\Survey\Learned;
use Incastro\Core\Survey\Links;
use Incastro\Core\Survey\Matrix;
use Incastro\Core\Survey\Nodes;
use Incastro\Core\Survey\Observation;
use Incastro\Core\Survey\Sizes;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** How likely a reading is a slip, held against what it is said to be: each hypothesis worked out whole. */
final class SlipOddsTest extends TestCase
{
    public function test_they_are_bayes_over_all_ways_walls_may_be_and_all_single_slips(): void
    {
        foreach ([0.0, 2.5, 6.0, -30.0] as $off) {
            [$nodes, $observations, $state] = self::system(self::read($off));
            $grid = [new Character(1.0, 0.8, 1.0, 0.7), new Character(4.0, 0.8, 1.0, 0.3)];
            $whole = self::whole($nodes, $observations, $state, $grid);
            self::assertEqualsWithDelta($whole, (new Learned($nodes, $observations, $state, $grid))->slipped(), 1e-6, (string) $off);
        }
    }

    public function test_an_angle_may_slip_too_and_an_edge_is_checked_otherwise(): void
    {
        $document = self::read(0.0);
        $document['spaces'][Sample::SPACE]['readings'][Sample::id('C', 1)] = ['kind' => 'corner_angle', 'side' => 'left'];
        $document['facts'][Sample::id('TAKE', 90)] = ['kind' => 'take', 'reading' => Sample::id('C', 1), 'deg' => 90, 'typed' => '90'];
        foreach ([1, 2] as $n) {
            $document = Sample::reading($document, Sample::id('B', $n), ['kind' => 'width', 'plane' => 'back', 'z' => [400, 2200][$n - 1]], 1000);
        }
        $document = Sample::reading($document, Sample::id('ED', 1), ['kind' => 'slid_edge', 'face' => 'left'], 20);
        $odds = function (float $degrees) use ($document): array {
            $document['facts'][Sample::id('TAKE', 90)]['deg'] = $degrees;
            [$nodes, $observations, $state] = self::system($document);

            $names = array_map(fn (Observation $o, int $i) => $o->reading === '' ? "all over $i" : $o->reading, $observations, array_keys($observations));

            return array_combine($names, (new Learned($nodes, $observations, $state, Character::grid()))->slipped());
        };
        self::assertLessThan(0.012, $odds(90.0)[Sample::id('C', 1)]);
        self::assertGreaterThan(2 * $odds(90.0)[Sample::id('C', 1)], $odds(99.0)[Sample::id('C', 1)]);
        $edge = array_filter($odds(90.0), fn (string $of): bool => str_starts_with($of, 'all over') || $of === Sample::id('ED', 1), ARRAY_FILTER_USE_KEY);
        self::assertGreaterThan(1, count($edge));
        self::assertSame([0.0], array_values(array_unique($edge)));
    }

    /**
     * @param  list<Observation>  $observations
     * @param  array<int, float>  $state
     * @param  list<Character>  $grid
     * @return list<float>
     */
    private static function whole(Nodes $nodes, array $observations, array $state, array $grid): array
    {
        $slips = array_fill(0, count($observations), 0.0);
        $all = 0.0;
        foreach ($grid as $c) {
            $links = new Links($nodes->as($c), $observations, $state);
            [$s, $d] = [$links->variance(1.0), $links->misclosure($nodes->mean())];
            $all += $c->weight * self::likelihood($s, $d);
            // The depth is known by nothing else: no slip in it can be told.
            foreach (array_filter(array_keys($slips), fn (int $i): bool => $observations[$i]->reading !== Sample::id('D', 1)) as $i) {
                $slipped = $s;
                $slipped[$i][$i] += 1600.0;
                $slips[$i] += $c->weight * 0.01 / 0.99 * self::likelihood($slipped, $d);
            }
        }

        return array_map(fn (float $slip): float => $slip / ($all + array_sum($slips)), $slips);
    }

    /**
     * @param  list<list<float>>  $s
     * @param  list<float>  $d
     */
    private static function likelihood(array $s, array $d): float
    {
        $factor = Matrix::factor($s);
        $half = Matrix::forward($factor, $d);

        $squares = array_sum(array_map(fn (float $x): float => $x ** 2, $half));

        return exp(-0.5 * $squares - array_sum(array_map(fn (int $i): float => log($factor[$i][$i]), array_keys($factor))));
    }

    /** @return array<string, mixed> */
    private static function read(float $off): array
    {
        $document = Sample::reading(Sample::empty('mm'), Sample::id('D', 1), ['kind' => 'depth', 'side' => 'left'], 350);
        foreach ([400, 1000, 1600, 2200] as $i => $z) {
            $document = Sample::width($document, $i + 1, $z, 1000 + ($i === 2 ? $off : 0.3 * $i));
        }

        return Sample::take($document, Sample::id('W', 2), 1000.8, 70);
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array{Nodes, list<Observation>, array<int, float>}
     */
    private static function system(array $document): array
    {
        $project = ProjectReader::read($document);
        $nodes = new Nodes(new Sizes($project->spaces[Sample::SPACE]), 0.5);
        $observations = (new Equations($nodes, new Instruments($project->workshop)))->of($project->spaces[Sample::SPACE]);

        return [$nodes, $observations, Collocation::solve($nodes, $observations)->state];
    }
}
