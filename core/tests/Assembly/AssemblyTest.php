<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Assembly;

use Incastro\Core\Assembly\Assembly;
use Incastro\Core\Assembly\Body;
use Incastro\Core\Assembly\BodyKind;
use Incastro\Core\Assembly\Clash;
use Incastro\Core\Assembly\Contact;
use Incastro\Core\Assembly\Pairs;
use Incastro\Core\Design\Joint;
use Incastro\Core\Design\JointKind;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;
use Incastro\Core\Planning\Planning;
use Incastro\Core\Tests\Demo;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** What touches what, and what stands in one place. */
final class AssemblyTest extends TestCase
{
    public function test_the_sweep_finds_all_that_are_near(): void
    {
        foreach (['chart-room-fireside', 'wash-house-linen', 'stair-store'] as $room) {
            $bodies = array_values((new Planning(Demo::document($room)))->assembly()->bodies);
            $near = [];
            foreach ($bodies as $i => $a) {
                foreach (array_slice($bodies, $i + 1) as $b) {
                    $isNear = $a->bounds->grownBy(Length::fromMillimetres(0.1))->overlaps($b->bounds);
                    $near = $isNear ? [...$near, self::key($a, $b)] : $near;
                }
            }
            $found = [];
            foreach (Pairs::near($bodies) as [$a, $b]) {
                $found[] = self::key($a, $b);
            }
            self::assertSame([], array_diff($near, $found), $room);
            self::assertSame($found, array_values(array_unique($found)), 'each once');
        }
    }

    public function test_contacts_by_hand(): void
    {
        // A case 350 deep in plywood of 18: a side stands on the plinth's rung over its whole foot, 18 wide and 350 − 50 − 2 · 18 deep.
        $assembly = (new Planning(Sample::e1()))->assembly();
        [$side, $bottom] = [Sample::BOX.':side_left', Sample::BOX.':bottom'];
        $between = self::contact($assembly, $side, $bottom);
        // A lip of 18 stands before the side.
        self::assertEqualsWithDelta(18 * (350 - 18), $between->area, 1.0);
        self::assertSame([1.0, 0.0, 0.0], $between->first === $side ? $between->normal : array_map(fn (float $n): float => -$n + 0.0, $between->normal));
        $rung = self::contact($assembly, Sample::PLINTH.':rung_left', $side);
        self::assertEqualsWithDelta(18 * (350 - 50 - 2 * 18), $rung->area, 1.0);
        self::assertTrue($rung->first === $side ? $rung->carriesFirst() : $rung->carriesSecond(), 'the rung carries the side');
        self::assertFalse($rung->first === $side ? $rung->carriesSecond() : $rung->carriesFirst());
    }

    public function test_a_board_on_a_slope_touches_what_is_cut_under_it(): void
    {
        $assembly = (new Planning(Demo::document('stair-store-cupboard')))->assembly();
        $raking = array_filter($assembly->contacts, fn (Contact $c): bool => abs($c->normal[2]) > 0.1 && abs($c->normal[2]) < 0.99);
        self::assertNotSame([], $raking);
        foreach ($raking as $contact) {
            self::assertEqualsWithDelta(1.0, hypot(hypot($contact->normal[0], $contact->normal[1]), $contact->normal[2]), 1e-9);
        }
    }

    public function test_two_pieces_in_one_place_are_told_once_and_a_piece_beside_is_not(): void
    {
        $document = self::twoBookcases(500, 0);
        $finding = Planned::of($document)->finding('assembly.pieces_meet');
        self::assertSame(['stop', 'fit'], [$finding['severity'], $finding['place']['stage']]);
        self::assertCount(1, array_keys(Planned::of($document)->codes(), 'assembly.pieces_meet', true));
        // Between the side of one, 18 in from 905, and of the other, 18 in from 505.
        self::assertSame(364, $finding['says']['args']['w']['mm']);
        self::assertNotContains('assembly.pieces_meet', Planned::of(self::twoBookcases(905, 0))->codes());
        self::assertNotContains('assembly.pieces_meet', Planned::of(self::twoBookcases(500, 2_000))->codes(), 'one over the other');
    }

    public function test_what_is_told_never_gets_less_when_less_is_known(): void
    {
        $document = self::twoBookcases(500, 0);
        foreach (array_keys($document['spaces'][Sample::SPACE]['readings']) as $reading) {
            $less = $document;
            unset($less['spaces'][Sample::SPACE]['readings'][$reading]);
            $less['facts'] = array_filter($less['facts'], fn (array $f): bool => $f['reading'] !== $reading);
            $planning = new Planning($less);
            self::assertTrue($planning->pieces() === [] || in_array('assembly.pieces_meet', Planned::of($less)->codes(), true), (string) $reading);
        }
    }

    public function test_a_divider_before_a_socket_is_told_and_one_beside_it_is_not(): void
    {
        $document = Demo::document('chart-room-left-niche');
        self::assertNotContains('assembly.reach_blocked', Planned::of($document)->codes());
        $piece = array_key_first($document['pieces']);
        $run = array_key_first($document['pieces'][$piece]['runs']);
        $bands = &$document['pieces'][$piece]['runs'][$run]['bands'];
        // The bays alike again: the divider then stands from 515 to 532.6, and the opening begins at 527.
        unset($bands['01J8R000000000000000B0X007']['bays']['01J8R000000000000000BAY036']['width']);
        $finding = Planned::of($document)->finding('assembly.reach_blocked');
        self::assertSame(['stop', 5.6], [$finding['severity'], $finding['says']['args']['deep']['mm']]);
        self::assertStringEndsWith(':divider', $finding['place']['ref']);
    }

    public function test_a_lip_stands_in_no_board_that_runs_over_its_side(): void
    {
        foreach (['between' => 'pocket_screws', 'capping' => 'screws', 'rails' => 'dado'] as $top => $joint) {
            $document = Sample::e1();
            $document['pieces'][Sample::PIECE]['left'] = $document['pieces'][Sample::PIECE]['right'] = ['kind' => 'scribed_side', 'set_off' => 20];
            $document['pieces'][Sample::PIECE]['methods'] = ['top' => $top, 'joint' => $joint];
            $assembly = (new Planning($document))->assembly();
            self::assertArrayHasKey(Sample::BOX.':lip_left', $assembly->bodies);
            self::assertSame([], self::fixed($assembly->clashes), "$top $joint");
        }
    }

    public function test_what_only_passes_close_by_holds_nothing(): void
    {
        // Two pieces, one of them hung without a board to be screwed through: held by a joint with the other, not by air beside it.
        $document = self::twoBookcases(905, 0);
        $hung = &$document['pieces'][Sample::id('P1ECE', 2)];
        $hung['stand']['up'] = 1_200;
        $band = array_key_first($hung['runs'][Sample::id('RVN', 2)]['bands']);
        $hung['runs'][Sample::id('RVN', 2)]['bands'][$band]['bays'][Sample::id('BAY', 2)]['fill'] = ['kind' => 'cubbies', 'columns' => 2, 'rows' => 1];
        $pieces = (new Planning($document))->pieces();
        [$other, $own] = [Sample::id('BAND', 1).':side_right', "$band:side_left"];
        $with = function (JointKind ...$kinds) use ($pieces, $other, $own): array {
            $joints = array_map(fn (JointKind $k): Joint => new Joint($other, $own, $k, Axis::X, Length::zero(), Length::zero()), $kinds);
            $built = $pieces[Sample::PIECE];
            $design = $built->design->joined(array_values($joints));
            $assembly = Assembly::of([Sample::PIECE => new PlacedPiece($built->project, $built->piece, $built->room, $design, $built->fit)] + $pieces);

            return array_map(fn (Body $b): string => $b->id, $assembly->loose());
        };
        self::assertContains($own, $with());
        self::assertContains($own, $with(JointKind::Clears));
        self::assertContains($own, $with(JointKind::Rests), 'what lies on it does not hold it');
        self::assertNotContains($own, $with(JointKind::Screws));
        self::assertSame([], $with(JointKind::Clears, JointKind::Screws));
    }

    public function test_a_plinth_too_shallow_for_two_boards_is_not_made(): void
    {
        $document = Sample::e1();
        $document['pieces'][Sample::PIECE]['depth'] = 100;
        $document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::PLINTH]['set_back'] = 50;
        $planned = Planned::of($document);
        $finding = $planned->finding('piece.plinth_shallow');
        // 100 − 50 deep; two boards of 18 and 20 between them are 56.
        self::assertSame(['stop', 50, 56], [$finding['severity'], $finding['measured'], $finding['limit']]);
        self::assertNotContains('plinth_rail', array_column($planned->plan['parts'], 'role'));
        $document['pieces'][Sample::PIECE]['depth'] = 106;
        self::assertNotContains('piece.plinth_shallow', Planned::of($document)->codes());
    }

    /**
     * @param  array<Clash>  $clashes
     * @return list<string>
     */
    private static function fixed(array $clashes): array
    {
        $fixed = array_filter($clashes, fn (Clash $c): bool => $c->first->kind === BodyKind::Fixed && $c->second->kind === BodyKind::Fixed);

        return array_values(array_map(fn (Clash $c): string => "{$c->first->id} in {$c->second->id} by {$c->room->depth}", $fixed));
    }

    private static function contact(Assembly $assembly, string $a, string $b): Contact
    {
        return array_values(array_filter($assembly->contacts,
            fn (Contact $c): bool => in_array([$c->first, $c->second], [[$a, $b], [$b, $a]], true)))[0];
    }

    private static function key(Body $a, Body $b): string
    {
        $ids = [$a->id, $b->id];
        sort($ids);

        return implode(' ', $ids);
    }

    /** @return array<string, mixed> two of 900 wide, 800 high: one at the left wall, one so far from it and so high over the floor */
    private static function twoBookcases(int $from, int $up): array
    {
        $document = Sample::width(Sample::width(Sample::empty('mm'), 1, 100, 2400), 2, 2300, 2400);
        $one = ['width' => 900, 'height' => 800] + $document['pieces'][Sample::PIECE];
        $run = fn (int $n): array => [Sample::id('RVN', $n) => ['order' => 'a', 'bands' => [Sample::id('BAND', $n) => ['order' => 'b', 'kind' => 'box',
            'bays' => [Sample::id('BAY', $n) => ['order' => 'a', 'fill' => ['kind' => 'shelves', 'shelves' => []]]]]]]];
        $document['pieces'] = [
            Sample::PIECE => ['stand' => ['from' => 'left', 'at' => 5], 'runs' => $run(1)] + $one,
            Sample::id('P1ECE', 2) => ['name' => 'Other', 'order' => 'b', 'runs' => $run(2),
                'stand' => ['from' => 'left', 'at' => $from + 5] + ($up > 0 ? ['up' => $up] : [])] + $one,
        ];

        return $document;
    }
}
