<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Fit;

use Eris\Generators;
use Eris\TestTrait;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** Cut lines from offsets taken by hand, and from the survey; worked on E1 (carcass 21 to 1187, 100 to 2300 high). */
final class ScribingTest extends TestCase
{
    use TestTrait;

    public function test_a_straightedge_at_the_carcass_reads_the_gap_itself(): void
    {
        $scribe = self::right(['straightedge', null, [[100, 24], [800, 26.5], [1500, 29], [2300, 32]]])['scribe'];
        // Greatest 32 + 3 = 35; least 24: still to travel 11. Off the blank: 35 − gap.
        self::assertSame([35, 11], [$scribe['projects']['mm'], $scribe['setting']['mm']]);
        self::assertSame([11, 8.5, 6, 3], array_column($scribe['stations'], 'removed'));
        self::assertSame([0, 2.5, 5, 8], array_column($scribe['stations'], 'presented'));
        self::assertSame([100, 24, 'straightedge'], [$scribe['touches_at'], $scribe['narrowest'], $scribe['held']]);
    }

    public function test_a_straightedge_held_off_the_carcass_adds_what_it_stands_off(): void
    {
        $scribe = self::right(['straightedge', 10, [[100, 14], [2300, 22]]])['scribe'];
        self::assertSame([24, 32], array_column($scribe['stations'], 'left'));
    }

    public function test_the_part_itself_pushed_in_reads_what_it_presents(): void
    {
        // The blank of E1 projects 34. It touches at the foot and has 9 to travel there: 34 − 9 = 25 of gap; 6 presented at the head: 31.
        $scribe = self::right(['part', 9, [[100, 0], [1200, 2], [2300, 6]]])['scribe'];
        self::assertSame([34, 9], [$scribe['projects']['mm'], $scribe['setting']['mm']]);
        self::assertSame([25, 27, 31], array_column($scribe['stations'], 'left'));
        self::assertSame([9, 7, 3], array_column($scribe['stations'], 'removed'));
    }

    public function test_a_part_that_has_nothing_said_of_its_travel_goes_as_far_as_the_greatest_gap(): void
    {
        $scribe = self::right(['part', null, [[100, 0], [1200, 2], [2300, 6]]])['scribe'];
        self::assertSame([6, 4, 0], array_column($scribe['stations'], 'removed'));
    }

    public function test_a_blank_that_does_not_reach_and_a_line_too_steep_are_said(): void
    {
        // Told to travel 4 only, the blank that projects 34 leaves 30 + 30 = 60 at the head: 26 short.
        $plan = self::plan(['part', 4, [[100, 0], [2250, 0], [2300, 30]]]);
        $scribe = $plan->piece()['edges']['right']['scribe'];
        self::assertSame(26, $scribe['short']);
        self::assertSame('stop', $plan->finding('fit.blank_short')['severity']);
        // 30 over 50 is 1 in 1.7 along the straight line; the curve is steeper still in its middle.
        self::assertLessThan(1.7, $scribe['steep']);
        self::assertContains('fit.line_steep', $plan->codes());
    }

    public function test_a_single_offset_leaves_the_survey_in_force(): void
    {
        $scribe = self::right(['straightedge', null, [[1000, 40]]])['scribe'];
        self::assertSame([34, null], [$scribe['projects']['mm'], $scribe['held']]);
    }

    public function test_two_offsets_at_one_place_and_two_records_of_one_edge_are_refused(): void
    {
        foreach ([['document.offset_twice', [[500, 1], [500, 2]], 1], ['document.offsets_twice', [[500, 1]], 2]] as [$key, $gaps, $records]) {
            $document = Sample::e1();
            for ($i = 0; $i < $records; $i++) {
                $document['pieces'][Sample::PIECE]['offsets'][Sample::id('QFF', $i)] = self::record('straightedge', null, $gaps);
            }
            try {
                Planned::of($document);
                self::fail("$key was let through.");
            } catch (\Incastro\Core\Document\Reading\DocumentRejected $e) {
                self::assertContains($key, array_map(fn ($p): string => $p->says->key, $e->problems));
            }
        }
    }

    public function test_the_blank_of_a_filler_follows_its_offsets(): void
    {
        self::assertSame([2200, 35], self::plan(['straightedge', null, [[100, 24], [2300, 32]]])->cut('filler_right'));
    }

    public function test_a_wall_that_comes_in_behind_the_face_wants_more_undercut(): void
    {
        $document = Sample::e1();
        $document['spaces'][Sample::SPACE]['readings'][Sample::id('CA', 1)] = ['kind' => 'corner_angle', 'side' => 'right'];
        $document['facts'][Sample::id('TAKE', 90)] = ['kind' => 'take', 'reading' => Sample::id('CA', 1), 'deg' => 93, 'typed' => '93'];
        $edges = Planned::of($document)->piece()['edges'];
        self::assertEqualsWithDelta(5.0, $edges['right']['scribe']['bevel_deg'], 0.3, '3° past square, and 2');
        self::assertEqualsWithDelta(2.0, $edges['left']['scribe']['bevel_deg'], 0.3);
    }

    public function test_template_and_table_say_the_same_and_are_never_mirrored(): void
    {
        $templates = Planned::of(Sample::e1())->plan['templates'];
        $cut = fn (string $side): array => array_values(array_filter($templates[Sample::PIECE."/$side"]['lines'],
            fn (array $l): bool => $l['layer'] === 'cut'))[0]['points'];
        // Turned clockwise the foot is left; a left wall lies above the straight edge, a right wall below it.
        self::assertSame([[0, 21], [2200, 12]], [$cut('left')[0], array_slice($cut('left'), -1)[0]]);
        self::assertSame([[0, -25], [2200, -31]], [$cut('right')[0], array_slice($cut('right'), -1)[0]]);
        self::assertContains([1100, 15.5], $cut('left'));
    }

    public function test_a_bent_wall_read_every_300_is_met_by_the_survey_too(): void
    {
        $this->limitTo(8)->forAll(Generators::choose(1, 1_000_000))->then(function (int $seed): void {
            mt_srand($seed);
            [$radius, $centre, $sign] = [mt_rand(25_000, 60_000), mt_rand(400, 2000), mt_rand(0, 1) * 2 - 1];
            $wall = fn (float $z): float => $sign * ($radius - sqrt($radius ** 2 - ($z - $centre) ** 2));
            $document = Sample::empty('mm');
            $document['pieces'][Sample::PIECE]['left'] = ['kind' => 'filler', 'set_off' => 30];
            $stations = [100, 400, 700, 1000, 1300, 1600, 1900, 2200, 2300];
            foreach ($stations as $i => $z) {
                $document = Sample::width($document, $i, $z, round(1200 - ($wall($z) - $wall(100)), 2));
                $document = $i === 0 ? $document : Sample::plumb($document, $i, 'left', 100, $z, round($wall($z) - $wall(100), 2));
            }
            $plan = Planned::of($document);
            $from = $plan->piece()['from'];
            $cut = array_values(array_filter($plan->plan['templates'][Sample::PIECE.'/left']['lines'],
                fn (array $l): bool => $l['layer'] === 'cut'))[0]['points'];
            foreach ($cut as [$along, $gap]) {
                $z = 100 + $along;
                self::assertEqualsWithDelta($from - ($wall($z) - $wall(100)), $gap, in_array($z, $stations, true) ? 0.2 : 0.5, "seed $seed at $z");
            }
        });
    }

    public function test_with_noise_the_line_is_off_by_no_more_than_is_stated(): void
    {
        $this->limitTo(15)->forAll(Generators::choose(1, 1_000_000))->then(function (int $seed): void {
            mt_srand($seed);
            [$radius, $centre] = [mt_rand(25_000, 60_000), mt_rand(400, 2000)];
            $wall = fn (float $z): float => 30 + $radius - sqrt($radius ** 2 - ($z - $centre) ** 2);
            $gaps = array_map(fn (int $z): array => [$z, round($wall($z) + mt_rand(-500, 500) / 1000, 2)], [100, 400, 700, 1000, 1300, 1600, 1900, 2200, 2300]);
            $plan = self::plan(['straightedge', null, $gaps]);
            $scribe = $plan->piece()['edges']['right']['scribe'];
            self::assertSame(0.5, $scribe['doubt'], 'a tape under a metre, without a bend: 0.3 + 0.2');
            $cut = array_values(array_filter($plan->plan['templates'][Sample::PIECE.'/right']['lines'],
                fn (array $l): bool => $l['layer'] === 'cut'))[0]['points'];
            foreach ($cut as [$along, $gap]) {
                $isStation = in_array($along + 100, array_column($gaps, 0), false);
                self::assertEqualsWithDelta($wall($along + 100), -$gap, $scribe['doubt'] + ($isStation ? 0.01 : 0.5), "seed $seed at $along");
            }
        });
    }

    /**
     * @param  array{string, int|float|null, list<array{int|float, int|float}>}  $taken
     * @return array<string, mixed>
     */
    private static function right(array $taken): array
    {
        return self::plan($taken)->piece()['edges']['right'];
    }

    /** @param  array{string, int|float|null, list<array{int|float, int|float}>}  $taken */
    private static function plan(array $taken): Planned
    {
        $document = Sample::e1();
        $document['pieces'][Sample::PIECE]['offsets'] = [Sample::id('QFF', 1) => self::record(...$taken)];

        return Planned::of($document);
    }

    /**
     * @param  list<array{int|float, int|float}>  $gaps
     * @return array<string, mixed>
     */
    public static function record(string $held, int|float|null $off, array $gaps, string $edge = 'right'): array
    {
        $made = [];
        foreach ($gaps as $i => [$at, $gap]) {
            $made[Sample::id('QF', $i + 1)] = ['at' => $at, 'gap' => $gap];
        }

        return ['edge' => $edge, 'held' => $held, 'gaps' => $made] + ($off === null ? [] : ['off' => $off]);
    }
}
