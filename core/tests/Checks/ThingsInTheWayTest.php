<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Checks;

use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** Things in the way of E1: carcass from 21 to 1187, 100 to 2300 high, 350 deep. */
final class ThingsInTheWayTest extends TestCase
{
    private const ID = '01J0000000000000000000TH1N';

    public function test_a_plate_that_stands_proud_takes_its_room_from_the_clear_width_and_says_so(): void
    {
        // Right wall at 1200 is 1214; a plate 8 proud leaves 1206; E1's least right is 1212 at the base, so 6 less: 1197.
        $plan = Planned::of(self::with(['kind' => 'wall_plate', 'face' => 'right', 'across' => 150,
            'up' => 1160, 'width' => 80, 'height' => 80, 'out' => 8, 'treatment' => 'keep_clear']));
        $clear = $plan->piece()['clear'];
        self::assertSame(1197, $clear['mm']);
        self::assertSame('fit.least_right_thing', $clear['trail'][0]['why']['key']);
        self::assertSame(1203, Planned::of(Sample::e1())->piece()['clear']['mm']);
    }

    public function test_taken_off_or_out_of_reach_it_takes_none(): void
    {
        $plate = ['kind' => 'wall_plate', 'face' => 'right', 'across' => 150, 'up' => 1160, 'width' => 80, 'height' => 80, 'out' => 8];
        self::assertSame(1203, Planned::of(self::with(['treatment' => 'take_off'] + $plate))->piece()['clear']['mm']);
        // At 350 it begins where a piece 350 deep ends: exactly on the limit it is passed.
        self::assertSame(1203, Planned::of(self::with(['treatment' => 'keep_clear', 'across' => 350] + $plate))->piece()['clear']['mm']);
        self::assertSame(1197, Planned::of(self::with(['treatment' => 'keep_clear', 'across' => 349.9] + $plate))->piece()['clear']['mm']);
        self::assertSame(1203, Planned::of(self::with(['treatment' => 'keep_clear', 'up' => 2300] + $plate))->piece()['clear']['mm'], 'above the carcass');
    }

    public function test_nothing_decided_is_asked_about_where_the_piece_meets_it(): void
    {
        $socket = ['kind' => 'socket', 'face' => 'back', 'across' => 600, 'up' => 300, 'width' => 86, 'height' => 86, 'out' => 10];
        $finding = Planned::of(self::with($socket))->finding('thing.undecided');
        self::assertSame(['stop', self::ID, 'authority.electrician'], [$finding['severity'], $finding['place']['ref'], $finding['source']['key']]);
        self::assertNotContains('thing.undecided', Planned::of(self::with(['treatment' => 'cut_through'] + $socket))->codes());
        self::assertNotContains('thing.undecided', Planned::of(self::with(['up' => 2305] + $socket))->codes(), 'above it');
        $shoe = ['kind' => 'shoe', 'face' => 'back', 'across' => 0, 'up' => 0, 'width' => 900, 'height' => 18, 'out' => 12];
        self::assertSame('look', Planned::of(self::with($shoe))->finding('thing.undecided')['severity'], 'nobody must reach a moulding');
    }

    public function test_what_is_to_be_kept_clear_at_the_back_stops_short_of_nothing(): void
    {
        $meter = ['kind' => 'meter', 'face' => 'back', 'across' => 600, 'up' => 900,
            'width' => 250, 'height' => 350, 'out' => 160, 'treatment' => 'keep_clear'];
        self::assertNotContains('thing.not_clear', Planned::of(self::with($meter))->codes(), 'free inside an open bay');
        $nailed = ['up' => 2000, 'height' => 200] + $meter;
        // The nailer behind the top begins at 2192.
        self::assertContains('thing.not_clear', Planned::of(self::with($nailed))->codes());
        self::assertContains('thing.not_clear', Planned::of(self::with(['height' => 192.1] + $nailed))->codes());
        self::assertNotContains('thing.not_clear', Planned::of(self::with(['height' => 192] + $nailed))->codes(), 'up to it exactly');
        self::assertNotContains('thing.not_clear', Planned::of(self::with(['across' => 1240] + $nailed))->codes(), 'beside the piece');
    }

    public function test_distance_is_kept_to_the_millimetre(): void
    {
        // The piece is 350 deep: an open fireplace on the left wall keeps its 152 from 502 out, exactly, and not from 501.
        foreach ([502 => false, 501 => true] as $across => $stops) {
            $document = self::with(['kind' => 'fireplace', 'face' => 'left', 'across' => $across,
                'up' => 0, 'width' => 600, 'height' => 700, 'out' => 0, 'treatment' => 'keep_away']);
            self::assertSame($stops, in_array('thing.too_near', Planned::of($document)->codes(), true));
        }
    }

    public function test_a_treatment_or_a_place_that_makes_no_sense_is_refused(): void
    {
        foreach ([['treatment' => 'box_in'], ['face' => 'floor']] as $wrong) {
            try {
                Planned::of(self::with($wrong
                    + ['kind' => 'socket', 'face' => 'back', 'across' => 600, 'up' => 300, 'width' => 86, 'height' => 86, 'out' => 10]));
                self::fail('accepted');
            } catch (\Incastro\Core\Document\Reading\DocumentRejected $e) {
                self::assertMatchesRegularExpression('/treatment_unfit|thing_not_there/', $e->getMessage());
            }
        }
    }

    public function test_a_grille_lets_six_tenths_of_its_face_through_until_somebody_looks_it_up(): void
    {
        // 300 × 150 is 450 cm²; 0.6 of it 270.
        $plan = Planned::of(self::with(['kind' => 'vent', 'face' => 'back', 'across' => 600, 'up' => 150, 'width' => 300, 'height' => 150, 'out' => 8]))->plan;
        self::assertSame(270, array_values($plan['site'])[0]['things'][0]['usual_free_area_cm2']);
    }

    public function test_studs_are_found_doubted_and_assumed(): void
    {
        $document = Sample::e1();
        $document['spaces'][Sample::SPACE]['build'] = ['wall' => 'wood_stud', 'spacing' => 400, 'studs' => [
            Sample::id('STVD', 1) => ['x' => 212], Sample::id('STVD', 2) => ['x' => 640, 'doubtful' => true],
        ]];
        $studs = array_values(Planned::of($document)->plan['site'])[0]['studs'];
        // From 212 every 400: 612 is the doubtful one found at 640, then 1012.
        self::assertSame([[212, true, false], [640, true, true], [1012, false, false]],
            array_map(fn (array $s): array => [$s['x'], $s['found'], $s['doubtful']], $studs));
    }

    /**
     * @param  array<string, mixed>  $thing
     * @return array<string, mixed>
     */
    private static function with(array $thing): array
    {
        $document = Sample::e1();
        $document['spaces'][Sample::SPACE]['things'] = [self::ID => $thing];

        return $document;
    }
}
