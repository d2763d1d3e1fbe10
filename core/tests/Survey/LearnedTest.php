<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Survey;

use Incastro\Core\Document\Model\Space;
use Incastro\Core\Document\Reading\ProjectReader;
use Incastro\Core\Survey\Character;
use Incastro\Core\Survey\Collocation;
use Incastro\Core\Survey\Equations;
use Incastro\Core\Survey\Instruments;
use Incastro\Core\Survey\Learned;
use Incastro\Core\Survey\Links;
use Incastro\Core\Survey\Nodes;
use Incastro\Core\Survey\Observation;
use Incastro\Core\Survey\Sizes;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How wavy the walls of a house are, from what was read of them. */
final class LearnedTest extends TestCase
{
    /** @var list<int> */
    private const HEIGHTS = [100, 400, 700, 1000, 1300, 1600, 1900, 2200];

    public function test_the_grid_weighs_one_before_anything_is_read(): void
    {
        self::assertEqualsWithDelta(1.0, array_sum(array_map(fn (Character $c): float => $c->weight, Character::grid())), 1e-12);
        $by = [];
        foreach (Character::grid() as $c) {
            $by[(string) $c->wander] = ($by[(string) $c->wander] ?? 0.0) + $c->weight;
        }
        self::assertEqualsWithDelta(['0.15' => 0.08, '0.5' => 0.17, '1' => 0.25, '2' => 0.25, '4' => 0.17, '8' => 0.08], $by, 1e-12);
    }

    /**
     * Widths at eight heights: what they say of the walls.
     *
     * @return iterable<string, array{list<float>, float, float}> off 1000, and between what the wander is learned to be
     */
    public static function walls(): iterable
    {
        yield 'true to a hair' => [[0.0, 0.1, -0.1, 0.0, 0.1, 0.0, -0.1, 0.0], 0.0, 0.8];
        yield 'leaning and true' => [[0.0, 6.0, 12.0, 18.0, 24.0, 30.0, 36.0, 42.0], 0.0, 1.2];
        yield 'wavy' => [[0.0, 14.0, -9.0, 11.0, -16.0, 8.0, 15.0, -12.0], 5.0, 8.0];
    }

    /** @param  list<float>  $off */
    #[DataProvider('walls')]
    public function test_walls_are_learned_from_how_far_they_leave_their_planes(array $off, float $least, float $most): void
    {
        $characters = self::learned(self::read($off))->characters();
        $wander = array_sum(array_map(fn (array $c): float => $c['share'] * $c['character']->wander, $characters));
        self::assertGreaterThanOrEqual($least, $wander);
        self::assertLessThanOrEqual($most, $wander);
        self::assertEqualsWithDelta(1.0, array_sum(array_column($characters, 'share')), 1e-9);
        self::assertSame($characters[0]['share'], max(array_column($characters, 'share')), 'the likeliest first');
    }

    /** One width says nothing of waves: what was taken for likely before stays so. */
    public function test_one_reading_teaches_nothing(): void
    {
        $shares = [];
        foreach (self::learned(self::read([0.0]))->characters() as ['character' => $c, 'share' => $share]) {
            $shares[(string) $c->wander] = ($shares[(string) $c->wander] ?? 0.0) + $share;
        }
        foreach (['0.15' => 0.08, '0.5' => 0.17, '1' => 0.25, '2' => 0.25, '4' => 0.17, '8' => 0.08] as $wander => $before) {
            self::assertEqualsWithDelta($before, $shares[(string) $wander] ?? 0.0, 0.07, (string) $wander);
        }
    }

    public function test_rooms_are_shared_out_to_the_last_one(): void
    {
        foreach (self::walls() as [$off]) {
            foreach ([1, 7, 64, 1024] as $rooms) {
                $shared = self::learned(self::read($off))->shared($rooms);
                self::assertSame($rooms, array_sum(array_column($shared, 1)));
                self::assertNotContains(0, array_column($shared, 1));
            }
        }
    }

    /** The planes and a part of what a wander of 1 adds are the same as the whole worked out at once. */
    public function test_a_blend_is_what_it_stands_for(): void
    {
        [$nodes, $observations, $state] = self::system(self::read([0.0, 3.0, -2.0]));
        $links = fn (float $wander, float $crooked = 1.0): Links => new Links($nodes->as(new Character($wander, 0.8, $crooked)), $observations, $state);
        foreach ([[0.15, 1.0], [2.8, 1.0], [8.0, 3.0]] as [$wander, $crooked]) {
            $parts = [[$links(0.0, $crooked), 1.0], [$links(1.0), $wander ** 2], [$links(0.0), -$wander ** 2]];
            [$blended, $whole] = [Links::summed($parts), $links($wander, $crooked)];
            foreach ($whole->variance(1.0) as $i => $row) {
                self::assertEqualsWithDelta($row, $blended->variance(1.0)[$i], 1e-6);
            }
            foreach ($whole->toNodes() as $i => $row) {
                self::assertEqualsWithDelta($row, $blended->toNodes()[$i], 1e-6);
            }
        }
    }

    /** A crooked house is told from one that is plumb but for its waves, and then its other walls are taken for crooked too. */
    public function test_leaning_walls_are_learned_from_those_that_were_plumbed(): void
    {
        $crooked = function (float $lean): float {
            $document = Sample::reading(self::read([0.0]), Sample::id('P', 0), ['kind' => 'plumb', 'side' => 'left', 'from_z' => 100, 'z' => 2200], $lean);
            $of = array_filter(self::learned($document)->characters(), fn (array $c): bool => $c['character']->crooked > 1.0);

            return array_sum(array_column($of, 'share'));
        };
        self::assertLessThan(0.25, $crooked(1.0));
        self::assertGreaterThan(0.8, $crooked(40.0));
    }

    public function test_the_mean_room_is_that_of_all_characters_by_their_shares(): void
    {
        $learned = self::learned(self::read([0.0, 6.0, -5.0]));
        $mean = array_fill(0, count($learned->mean()), 0.0);
        foreach ($learned->shared(100_000) as [$posterior, $of]) {
            foreach ($posterior->mean() as $i => $x) {
                $mean[$i] += $of / 100_000 * $x;
            }
        }
        self::assertEqualsWithDelta($learned->mean(), $mean, 1e-3);
    }

    /** @param  array<string, mixed>  $document */
    private static function learned(array $document): Learned
    {
        return new Learned(...[...self::system($document), Character::grid()]);
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array{Nodes, list<Observation>, array<int, float>}
     */
    private static function system(array $document): array
    {
        $nodes = new Nodes(new Sizes(self::space($document)), 0.5);
        $observations = (new Equations($nodes, new Instruments(ProjectReader::read($document)->workshop)))->of(self::space($document));

        return [$nodes, $observations, Collocation::solve($nodes, $observations)->state];
    }

    /**
     * Widths at the front.
     *
     * @param  list<float>  $off  of each from 1000, the lowest first
     * @return array<string, mixed>
     */
    private static function read(array $off, bool $atTheBackToo = false): array
    {
        $document = Sample::reading(Sample::empty('mm'), Sample::id('D', 1), ['kind' => 'depth', 'side' => 'left'], 350);
        foreach ($off as $i => $mm) {
            $document = Sample::width($document, $i + 1, self::HEIGHTS[$i], 1000 + $mm);
            $document = $atTheBackToo ? Sample::width($document, $i + 21, self::HEIGHTS[$i], 1000 + $mm, 'back') : $document;
        }

        return $document;
    }

    /** @param  array<string, mixed>  $document */
    private static function space(array $document): Space
    {
        return ProjectReader::read($document)->spaces[Sample::SPACE];
    }
}
