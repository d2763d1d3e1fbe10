<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Build\Steps;

use Eris\Generators;
use Eris\TestTrait;
use Incastro\Core\Tests\Demo;
use Incastro\Core\Tests\Design\AnyPiece;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Replanning;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The order of work: every part made before it is used and fixed before what hides its fixings; no circle, nothing missing, nothing twice. */
final class StepGraphTest extends TestCase
{
    use TestTrait;

    private const SCHOOLS = [
        ['finish' => 'before', 'scribe' => 'site'], ['finish' => 'after', 'scribe' => 'site'], ['finish' => 'before', 'scribe' => 'precut'],
        ['finish' => 'after', 'scribe' => 'precut', 'hands' => 2, 'finish_hidden' => true],
    ];

    public function test_rails_that_nothing_joins_go_to_their_place_alone(): void
    {
        // A bought box on rails of its own.
        self::assertHolds((new AnyPiece(271603))->document(), 'seed 271603');
    }

    public function test_random_pieces_of_every_school(): void
    {
        $this->limitTo(40)->forAll(Generators::choose(1, 1_000_000))->then(function (int $seed): void {
            $document = (new AnyPiece($seed))->document();
            $document['make'] = self::SCHOOLS[$seed % 4];
            foreach ($document['pieces'] as &$piece) {
                $piece['finish'] = ['kind' => ['paint', 'clear', 'none'][$seed % 3], 'primer' => $seed % 2 === 0];
                $piece['methods']['glue'] = $seed % 5 !== 0;
            }
            self::assertHolds($document, "seed $seed");
        });
    }

    /** Half cut, changed, and worked through: what is trimmed and what is cut anew is made before it is used, too. */
    public function test_random_pieces_worked_through_after_a_change(): void
    {
        $this->limitTo(15)->forAll(Generators::choose(1, 1_000_000))->then(function (int $seed): void {
            $document = Replanning::begun((new AnyPiece($seed))->document(), 1 + $seed % 2, ($seed % 10 + 1) / 10);
            $document['pieces'][Sample::PIECE]['height'] += [-25, 25, 60][$seed % 3];
            [, , $after] = Replanning::taken($document);
            self::assertHolds($after, "seed $seed");
        });
    }

    /** @param  array<string, mixed>  $document */
    #[DataProvider('rooms')]
    public function test_the_demo_house_as_it_is_and_in_another_school(array $document): void
    {
        self::assertHolds($document, 'as it is');
        foreach (array_keys($document['pieces']) as $id) {
            $document['pieces'][$id]['finish'] = ['kind' => 'paint', 'primer' => true];
        }
        $document['make'] = self::SCHOOLS[crc32($document['id']) % 4];
        self::assertHolds($document, json_encode($document['make'], JSON_THROW_ON_ERROR));
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function rooms(): iterable
    {
        foreach (Demo::documents() as $name => $document) {
            yield $name => [$document];
        }
    }

    /** @param  array<string, mixed>  $document */
    private static function assertHolds(array $document, string $said): void
    {
        $plan = Planned::of($document)->plan;
        $steps = $plan['steps'];
        $at = array_flip(array_column($steps, 'id'));
        self::assertCount(count($steps), $at, "$said: no step twice");
        foreach ($steps as $i => $step) {
            self::assertSame([], $step['breaks'], $said);
            foreach ($step['needs'] as $need) {
                self::assertLessThan($i, $at[$need['step']] ?? INF, "$said: $step[id] needs $need[step]");
            }
        }
        [$made, $placed] = [self::onlyOnce($steps, 'makes', $said), self::onlyOnce($steps, 'places', $said)];
        foreach ($plan['parts'] as $part) {
            $id = $part['id'];
            self::assertArrayHasKey($id, $placed, "$said: $id goes nowhere");
            if (! $part['bought']) {
                self::assertArrayHasKey($id, $made, "$said: $id is never cut");
                self::assertLessThan($placed[$id], $made[$id], "$said: $id is used before it is cut");
            }
        }
        self::assertFixed($document, $plan, $placed, $said);
    }

    /**
     * @param  list<array<string, mixed>>  $steps
     * @return array<string, int> by part, which step
     */
    private static function onlyOnce(array $steps, string $what, string $said): array
    {
        $at = [];
        foreach ($steps as $i => $step) {
            foreach ($step[$what] as $part) {
                self::assertArrayNotHasKey($part, $at, "$said: $part twice in $what");
                $at[$part] = $i;
            }
        }

        return $at;
    }

    /**
     * For each screw: when what lies before its head has gone to its place, both its boards are there, or it is told. The places are
     * read off the plan's solids, not off what made the steps.
     *
     * @param  array<string, mixed>  $document
     * @param  array<string, mixed>  $plan
     * @param  array<string, int>  $placed
     */
    private static function assertFixed(array $document, array $plan, array $placed, string $said): void
    {
        $told = array_column(array_filter($plan['findings'], fn (array $f): bool => $f['code'] === 'make.screws_hidden'), 'place');
        $told = array_column($told, 'ref');
        $roles = array_column($plan['parts'], 'role', 'id');
        $stood = [];
        foreach ($plan['steps'] as $i => $step) {
            foreach (in_array($step['kind'], ['stand', 'set_base', 'top', 'filler', 'trim', 'site_frame'], true) ? $step['parts'] : [] as $part) {
                $stood[$part] ??= $i;
            }
        }
        foreach (array_keys($document['pieces']) as $pieceId) {
            foreach (Heads::of($document, $plan, (string) $pieceId) as [$a, $b, $hiding]) {
                $sameUnit = ($stood[$a] ?? null) === ($stood[$b] ?? null);
                $joined = $sameUnit ? max($placed[$a], $placed[$b]) : max($stood[$a] ?? $placed[$a], $stood[$b] ?? $placed[$b]);
                $covered = ($stood[$hiding] ?? null) === ($stood[$a] ?? null) ? $placed[$hiding] : max($placed[$hiding], $stood[$hiding] ?? 0);
                self::assertTrue($joined <= $covered || in_array($a, $told, true),
                    "$said: $hiding ({$roles[$hiding]}) hides a screw of $a ({$roles[$a]}) into $b ({$roles[$b]}) before it is driven");
            }
        }
    }

    public function test_a_moved_step_stays_where_it_was_put_and_what_that_breaks_is_told(): void
    {
        $document = Sample::e1();
        $usual = Planned::of($document)->plan['steps'];
        $ids = array_column($usual, 'id');
        $scribe = array_values(array_filter($usual, fn (array $s): bool => $s['kind'] === 'scribe'))[0];
        $document['make'] = ['order' => [$scribe['id'] => '']];
        $plan = Planned::of($document);
        self::assertSame($scribe['id'], $plan->plan['steps'][0]['id']);
        self::assertNotSame([], $plan->plan['steps'][0]['breaks']);
        self::assertContains('make.order', $plan->codes());
        self::assertEqualsCanonicalizing($ids, array_column($plan->plan['steps'], 'id'), 'nothing lost');
        $document['make'] = ['order' => [$scribe['id'] => 'a step that is no more', 'nor this' => '']];
        self::assertSame($ids, array_column(Planned::of($document)->plan['steps'], 'id'), 'what is no more moves nothing');
    }

    public function test_schools_change_the_steps(): void
    {
        $document = Sample::e1();
        $document['pieces'][Sample::PIECE]['finish'] = ['kind' => 'paint', 'primer' => true];
        $kinds = function (array $make) use ($document): array {
            $document['make'] = $make;

            return array_column(Planned::of($document)->plan['steps'], 'kind');
        };
        $before = $kinds(['finish' => 'before']);
        $after = $kinds(['finish' => 'after']);
        self::assertLessThan(array_search('assemble', $before, true), array_search('coat', $before, true));
        self::assertGreaterThan(array_search('caulk', $after, true), array_search('coat_on_site', $after, true));
        self::assertNotContains('coat', $after);
        self::assertNotContains('touch_up', $after);
        self::assertContains('scribe', $before);
        $precut = $kinds(['scribe' => 'precut']);
        self::assertNotContains('scribe', $precut);
        self::assertLessThan(array_search('stand', $precut, true), array_search('precut', $precut, true));
        // Dry: no hour of waiting for glue.
        $document['pieces'][Sample::PIECE]['methods']['glue'] = false;
        $document['pieces'][Sample::PIECE]['finish'] = ['kind' => 'none'];
        $waits = array_merge(...array_map(fn (array $s): array => array_column($s['needs'], 'hours'), Planned::of($document)->plan['steps']));
        self::assertSame(0, array_sum($waits));
    }
}
