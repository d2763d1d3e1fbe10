<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Build\Trial;

use Incastro\Core\Build\Trial\Cures;
use Incastro\Core\Measure\Length;
use Incastro\Core\Tests\Demo;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is read when things are tried together, and what cures it. */
final class TrialsTest extends TestCase
{
    /** The racked opening of the worked examples, E3: (1448.9² − 1444.4²) / (4 × 802) = 4.06. */
    public function test_racking_follows_from_the_diagonals(): void
    {
        $mm = Length::fromMillimetres(...);
        self::assertSame(4.1, Cures::racking($mm(1448.9), $mm(1444.4), $mm(802))->millimetres());
        self::assertSame(-4.1, Cures::racking($mm(1444.4), $mm(1448.9), $mm(802))->millimetres());
        self::assertSame(0, Cures::racking($mm(1444.4), $mm(1444.4), $mm(802))->millimetres());
    }

    /** By hand: 1166 × 2200 has diagonals of 2489.9; 2492 and 2487.8 differ by 4.2 and average 2489.9; (2492² − 2487.8²)/(4 × 1166) = 4.48. */
    public function test_a_racked_carcass_is_pushed_at_its_top(): void
    {
        [$trial] = self::read('square', ['first' => 2492, 'second' => 2487.8]);
        self::assertEqualsWithDelta(2489.9, $trial['points'][0]['expected'], 0.06);
        self::assertSame([['cure.push_left', 4.5]], self::cures($trial));
        [$other] = self::read('square', ['first' => 2487.8, 'second' => 2492]);
        self::assertSame([['cure.push_right', 4.5]], self::cures($other));
    }

    /** @return iterable<string, array{string, array<string, float>, list<array{string, float}>}> */
    public static function limits(): iterable
    {
        yield 'diagonals on the limit' => ['square', ['first' => 2490.6, 'second' => 2489.1], []];
        yield 'one diagonal alone says nothing' => ['square', ['first' => 2500], []];
        yield 'a joint on the limit' => ['joints', ['0' => 0.5], []];
        yield 'a joint a clamp closes' => ['joints', ['0' => 0.6], [['cure.clamp', 0.6]]];
        yield 'a joint no clamp closes' => ['joints', ['0' => 1.6], [['cure.joint_short', 1.6]]];
        yield 'an edge on the limit' => ['edge', ['0' => 1], []];
        yield 'an edge that binds' => ['edge', ['0' => -0.4, '1' => 4], [['cure.trim', 0.4]]];
        // By hand: travelling 4 closes the widest; where it was open 1 it takes 3 off, where it was closed 4.
        yield 'an edge scribed again' => ['edge', ['0' => 4, '1' => 1, '2' => 0], [['cure.scribe_again', 4], ['cure.takes', 3], ['cure.takes', 4]]];
    }

    /**
     * @param  array<string, float>  $points  by number
     * @param  list<array{string, float}>  $expected
     */
    #[DataProvider('limits')]
    public function test_what_is_off_its_limit_is_cured(string $kind, array $points, array $expected): void
    {
        [$trial, $codes] = self::read($kind, $points);
        self::assertEquals($expected, self::cures($trial));
        self::assertSame($expected !== [], in_array('log.trial_off', $codes, true));
        self::assertSame(count($points), $trial['read']);
    }

    /**
     * By hand: 1166 wide and 2200 high; beside the left edge the play is 4 wider at its head than planned and as planned at its foot:
     * it leans 4 to the right, and 4 × 1166 / 2200 = 2.1 goes under its right side.
     */
    public function test_a_piece_that_leans_is_packed_under_one_side(): void
    {
        $document = self::playing();
        $points = self::trial($document, 'play')['points'];
        $keys = array_column($points, 'expected', 'key');
        $read = [$points[0]['key'] => $points[0]['expected'], end($points)['key'] => end($points)['expected'] + 4];
        $trial = self::trial(self::checked($document, self::trial($document, 'play')['id'], $read), 'play');
        self::assertSame('cure.pack_right', $trial['cures'][0]['key']);
        self::assertEqualsWithDelta(4, $trial['cures'][0]['args']['lean']['mm'] ?? $trial['cures'][0]['args']['lean'], 1e-6);
        $plan = Planned::of($document);
        [$w, $h] = [$plan->piece()['width']['mm'], $plan->piece()['height']['mm']];
        self::assertEqualsWithDelta(round(4 * $w / $h, 1), $trial['cures'][0]['args']['by']['mm'] ?? $trial['cures'][0]['args']['by'], 1e-6);
        $read = array_map(fn (float $g): float => $g + 3, $keys);
        self::assertSame('cure.move_left', self::trial(self::checked($document, $trial['id'], $read), 'play')['cures'][0]['key'],
            '3 more everywhere beside its left edge: it stands too far right');
    }

    public function test_what_is_not_level_is_packed_or_lowered(): void
    {
        $document = Demo::document('chart-room-left-niche');
        $level = self::trial($document, 'level');
        $keys = array_column($level['points'], 'key');
        $cures = fn (float ...$mm): array => self::cures(self::trial(self::checked($document,
            $level['id'], array_combine(array_slice($keys, 0, count($mm)), $mm)), 'level'));
        self::assertSame([], $cures(0.5, -0.5));
        self::assertSame([['cure.pack', 0.8], ['cure.lower', 0.9]], $cures(0.8, 0.5, -0.9));
    }

    public function test_the_last_reading_at_a_point_counts_and_each_check_knows_its_step(): void
    {
        $document = self::checked(Sample::e1(), self::trial(Sample::e1(), 'square')['id'], ['first' => 2495, 'second' => 2487]);
        $document['facts'][Sample::id('CHEKED', 2)] = ['kind' => 'checked',
            'trial' => self::trial($document, 'square')['id'], 'points' => ['first' => 2490, 'second' => 2490]];
        self::assertSame([], self::trial($document, 'square')['cures']);
        $steps = array_column(Planned::of($document)->plan['steps'], 'kind', 'id');
        self::assertContains('dry_fit', array_map(fn (string $id): string => $steps[$id], self::trial($document, 'square')['steps']));
        foreach (Planned::of($document)->plan['trials'] as $trial) {
            self::assertSame([], array_diff($trial['steps'], array_keys($steps)));
        }
    }

    /**
     * @param  array<string, float|int>  $points  by key or by number
     * @return array{array<string, mixed>, list<string>}
     */
    private static function read(string $kind, array $points): array
    {
        $trial = self::trial(Sample::e1(), $kind);
        $named = [];
        foreach ($points as $key => $mm) {
            $named[is_int($key) || ctype_digit((string) $key) ? $trial['points'][(int) $key]['key'] : $key] = $mm;
        }
        $document = self::checked(Sample::e1(), $trial['id'], $named);

        return [self::trial($document, $kind), Planned::of($document)->codes()];
    }

    /** @return array<string, mixed> the first worked example with its left side left open */
    private static function playing(): array
    {
        $document = Sample::e1();
        $document['pieces'][Sample::PIECE]['left'] = ['kind' => 'play', 'set_off' => 12];

        return $document;
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  array<string, float|int>  $points
     * @return array<string, mixed>
     */
    private static function checked(array $document, string $trial, array $points): array
    {
        $document['facts'][Sample::id('CHEKED', 1)] = ['kind' => 'checked', 'trial' => $trial, 'points' => $points];

        return $document;
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private static function trial(array $document, string $kind): array
    {
        // The carcass comes before its base.
        return array_values(array_filter(Planned::of($document)->plan['trials'], fn (array $t): bool => $t['kind'] === $kind))[0];
    }

    /**
     * @param  array<string, mixed>  $trial
     * @return list<array{string, float}>
     */
    private static function cures(array $trial): array
    {
        $by = fn (array $args): mixed => $args['by'] ?? $args['setting'];

        return array_map(fn (array $c): array => [$c['key'], is_array($by($c['args'])) ? $by($c['args'])['mm'] : $by($c['args'])], $trial['cures']);
    }
}
