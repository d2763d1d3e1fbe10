<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Assembly;

use Incastro\Core\Build\Steps\Step;
use Incastro\Core\Build\Steps\StepKind;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Planning\Planning;
use Incastro\Core\Tests\Demo;
use Incastro\Core\Tests\Design\AnyPiece;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** In the room nothing is put on what is not there, and nothing is taken away under what stands on it. */
final class OrderTest extends TestCase
{
    public function test_a_box_on_a_worktop_waits_for_it_and_the_worktop_for_the_box_under_it(): void
    {
        // Base, box A, worktop, box B, as worked example A2.
        $steps = self::steps(self::onWorktop());
        $at = fn (string $id): int => (int) array_search($id, $steps, true);
        [$a, $b, $top] = [Sample::id('BAND', 1), Sample::id('BAND', 3), Sample::id('BAND', 2)];
        $order = ["stand:$a:side_left", "top:$top:slab", "carry:$b:side_left", "stand:$b:side_left"];
        self::assertSame($order, array_values(array_intersect($steps, $order)));
        self::assertLessThan($at("top:$top:slab"), $at("stand:$a:side_left"));
        $apart = Planned::of(self::onWorktop())->plan['carrying']['apart'];
        $apart = array_column(array_filter($apart, fn (array $s): bool => $s['parts'] !== []), 'parts');
        $place = fn (string $part): int => (int) array_key_first(array_filter($apart, fn (array $parts): bool => in_array($part, $parts, true)));
        self::assertLessThan($place("$top:slab"), $place("$b:top"), 'what stands on it goes first');
    }

    public function test_one_piece_on_another_waits_for_it(): void
    {
        $document = self::onWorktop();
        $upper = $document['pieces'][Sample::PIECE];
        $run = fn (int $n): array => [Sample::id('RVN', $n) => ['order' => 'a', 'bands' => [Sample::id('BAND', 10 + $n) => ['order' => 'a', 'kind' => 'box',
            'bays' => [Sample::id('BAY', 10 + $n) => ['order' => 'a', 'fill' => ['kind' => 'shelves', 'shelves' => []]]]]]]];
        $one = ['width' => 900, 'runs' => $run(1), 'stand' => ['from' => 'left', 'at' => 20], 'height' => 800] + $upper;
        // The one on top comes first in the document, so that nothing but what it stands on puts it later.
        $document['pieces'] = [Sample::id('P1ECE', 2) => ['order' => 'a', 'runs' => $run(2), 'stand' => ['from' => 'left', 'at' => 20, 'up' => 800]] + $one,
            Sample::PIECE => ['order' => 'b'] + $one];
        $steps = self::steps($document);
        $lower = 'stand:'.Sample::id('BAND', 11).':side_left';
        $higher = 'stand:'.Sample::id('BAND', 12).':side_left';
        self::assertSame([$lower, $higher], array_values(array_intersect($steps, [$lower, $higher])));
    }

    public function test_a_lid_opens_before_a_back_to_lean_on(): void
    {
        $plan = Planned::of(Demo::document('lamp-room-bench'))->plan;
        $solids = array_merge(...array_column(array_values($plan['solids']), 'parts'));
        $range = fn (string $part, int $k): array => [min($all = array_column(array_merge(...array_map(fn (array $s): array => $s['outline'],
            array_filter($solids, fn (array $s): bool => str_contains($s['part'], $part)))), $k)), max($all)];
        // The back leans 12° over 320: 320 · tan 12° = 68.02, and its board of 17.6 takes 17.99 of the seat.
        [$from, $to] = $range(':seat_back', 0);
        self::assertEqualsWithDelta(68.02 + 17.99, $to - $from, 0.1);
        self::assertGreaterThanOrEqual($to, $range(':lid_', 1)[0]);
    }

    /** It is no drawer: it is put together at the bench, set up when rail and guard hang, and then screwed to the guard and bracketed to the rail. */
    public function test_a_ladder_is_set_up_once_the_guard_is_there(): void
    {
        $planning = new Planning(Demo::document('signal-cabin-loft'));
        $steps = $planning->steps()->steps;
        $at = array_flip(array_keys($steps));
        $of = fn (string $end, StepKind ...$kinds): array => array_keys(array_filter($steps, fn (Step $s): bool => in_array($s->kind, $kinds, true)
            && array_filter($s->parts, fn (string $p): bool => str_ends_with($p, $end)) !== []));
        [$made] = $of(':ladder_left', StepKind::Mover);
        [$up] = $of(':ladder_left', StepKind::SiteFrame);
        [$guard] = $of(':guard_1', StepKind::SiteFrame);
        self::assertSame([true, true], [$at[$made] < $at[$up], $at[$guard] < $at[$up]]);
        self::assertSame([], $of(':ladder_left', StepKind::Drawers));
        $driven = array_keys($planning->steps()->driven, $up, true);
        self::assertCount(4, $driven, 'two through each guard board');
        foreach ($driven as $screw) {
            self::assertMatchesRegularExpression('/:guard_\d .*:ladder_right|:ladder_right .*:guard_\d/', $screw);
        }
        self::assertCount(2, array_keys($planning->steps()->fitted, $up, true), 'its brackets');
        self::assertNotContains('make.stands_early', array_map(fn (Finding $f): string => $f->code, $planning->findings()));
    }

    /** Where a slope leaves a box no upright to lie on, its top lies on the ends of bottom and top, and goes with them. */
    public function test_a_raking_top_without_an_upright_is_no_box_of_its_own(): void
    {
        $planning = new Planning((new AnyPiece(7_919 * 7_030))->document());
        $met = 0;
        foreach ($planning->pieces() as $built) {
            foreach ($built->units as $unit) {
                $isAlone = count($unit->panels) === 1 && $unit->panels[0]->role === Role::RakingTop;
                self::assertFalse($isAlone, $unit->id);
                $met += count(array_filter($unit->panels, fn (Panel $p): bool => $p->role === Role::RakingTop));
            }
        }
        self::assertGreaterThan(0, $met);
        self::assertSame([], Invariants::brokenBy($planning));
    }

    public function test_what_a_thing_stands_on_is_said(): void
    {
        $needs = (new Planning(self::onWorktop()))->steps()->needs['carry:'.Sample::id('BAND', 3).':side_left'];
        self::assertContains('why.rests', array_map(fn ($n): string => $n->why->key, $needs));
    }

    /**
     * @param  array<string, mixed>  $document
     * @return list<string>
     */
    private static function steps(array $document): array
    {
        return array_map(strval(...), array_keys((new Planning($document))->steps()->steps));
    }

    /** @return array<string, mixed> */
    private static function onWorktop(): array
    {
        $document = Sample::width(Sample::width(Sample::empty('mm'), 1, 100, 1600), 2, 2300, 1600);
        $box = fn (int $n, float $height): array => ['kind' => 'box', 'height' => $height,
            'bays' => [Sample::id('BAY', $n) => ['order' => 'a', 'fill' => ['kind' => 'shelves', 'shelves' => []]]]];
        $piece = &$document['pieces'][Sample::PIECE];
        $piece['height'] = 90 + 720 + 18 + 700;
        $piece['depth'] = 560;
        $piece['runs'][Sample::RUN]['bands'] = [
            Sample::PLINTH => ['order' => 'a', 'kind' => 'plinth', 'height' => 90, 'set_back' => 40],
            Sample::id('BAND', 1) => ['order' => 'b'] + $box(1, 720),
            Sample::id('BAND', 2) => ['order' => 'c', 'kind' => 'top'],
            Sample::id('BAND', 3) => ['order' => 'd', 'depth' => 300] + $box(3, 700),
        ];

        return $document;
    }
}
