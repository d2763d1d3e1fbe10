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
use Incastro\Core\Survey\Need;
use Incastro\Core\Survey\Nodes;
use Incastro\Core\Survey\Observation;
use Incastro\Core\Survey\Samples;
use Incastro\Core\Survey\Sizes;
use Incastro\Core\Survey\Surveyor;
use Incastro\Core\Survey\Targets;
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
            self::assertEqualsWithDelta($before, $shares[(string) $wander] ?? 0.0, 0.01, (string) $wander);
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
        $links = fn (float $wander): Links => new Links($nodes->as(new Character($wander, 0.8)), $observations, $state);
        foreach ([0.15, 2.8, 8.0] as $wander) {
            [$blended, $whole] = [$links(0.0)->blended($links(1.0), $wander ** 2), $links($wander)];
            foreach ($whole->variance(1.0) as $i => $row) {
                self::assertEqualsWithDelta($row, $blended->variance(1.0)[$i], 1e-6);
            }
            foreach ($whole->toNodes as $i => $row) {
                self::assertEqualsWithDelta($row, $blended->toNodes[$i], 1e-6);
            }
        }
    }

    /** A wall that seems truer than usual is stated no surer than usual, for nobody read between; one that is wavier is stated as it is. */
    public function test_what_is_stated_is_never_surer_than_usual_walls_or_learned_ones_leave_it(): void
    {
        $cases = [[0.0, 0.1, -0.1, 0.0, 0.1, 0.0, -0.1, 0.0], [0.0, 9.0, -7.0, 8.0], [0.0, 6.0, -5.0], [0.0, 12.0]];
        $found = array_map(self::doubts(...), $cases);
        foreach ($found as ['usual' => $usual, 'learned' => $learned, 'stated' => $stated]) {
            self::assertEqualsWithDelta(max($usual, $learned), $stated, 0.1 * $stated);
        }
        self::assertLessThan(0.98 * $found[0]['usual'], $found[0]['learned'], 'truer than usual');
        self::assertNotSame([], array_filter($found, fn (array $f): bool => $f['learned'] > 1.05 * $f['usual']), 'wavier than usual');
    }

    /**
     * Of the clear width: twice the root of the mean square over rooms with usual walls and with learned ones, and what is stated.
     *
     * @param  list<float>  $off
     * @return array{usual: float, learned: float, stated: float}
     */
    private static function doubts(array $off): array
    {
        $document = self::read($off, true);
        foreach (['left', 'right'] as $i => $side) {
            $document = Sample::reading($document, Sample::id('P', $i), ['kind' => 'plumb', 'side' => $side, 'from_z' => 100, 'z' => 2200], 0);
        }
        [$space, $workshop] = [self::space($document), ProjectReader::read($document)->workshop];
        $nodes = new Nodes(new Sizes($space), 0.5);
        $observations = (new Equations($nodes, new Instruments($workshop)))->of($space);
        $target = (new Targets($nodes, Need::wholeOf($space)->reach()))->all()[0];
        $adjustment = Collocation::solve($nodes, $observations);
        $stated = $target->stated($adjustment->state);
        $doubt = fn (Learned $walls): float => 2.0 * sqrt(array_sum(array_map(fn (array $s): float => (($target->value)($s) - $stated) ** 2,
            (new Samples($walls, $target->unknowns))->states)) / 128);

        return ['usual' => $doubt($adjustment->usual), 'learned' => $doubt($adjustment->learned),
            'stated' => (new Surveyor($workshop))->survey($space, Need::wholeOf($space))->doubt->known[0]->doubt];
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
