<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Envelope;

use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** What the piece is given. */
final class BoxerTest extends TestCase
{
    public function test_a_niche_narrower_at_the_back_is_cleared_at_the_back(): void
    {
        // Front 1000 all the way up, back 990: taken as 5 from either side, so 990 is clear between 5 and 995.
        $document = Sample::width(Sample::width(Sample::empty('mm'), 1, 100, 1000), 2, 2300, 1000);
        $document = Sample::width(Sample::width($document, 3, 100, 990, 'back'), 4, 2300, 990, 'back');
        $piece = Planned::of($document)->piece();
        // Nobody read which side toes in, so each is rounded a tenth into the niche.
        self::assertEqualsWithDelta(990, $piece['clear']['mm'], 0.2);
        self::assertEqualsWithDelta(980, $piece['width']['mm'], 0.2);
        self::assertEqualsWithDelta(10, $piece['edges']['left']['gaps'][0]['gap'], 0.2, 'the gap at the front is 5 of play and 5 of taper');
    }

    public function test_what_bends_above_or_below_the_carcass_does_not_count(): void
    {
        // 940 at 2350 is above the carcass's head at 2300; between the stations the wall is smooth.
        $document = Sample::width(Sample::width(Sample::empty('mm'), 1, 100, 1000), 2, 2300, 1000);
        $document = Sample::plumb(Sample::width($document, 3, 2350, 940), 1, 'left', 100, 2300, 0);
        $document = Sample::plumb($document, 2, 'left', 100, 2350, 0);
        self::assertSame(1000, Planned::of($document)->piece()['clear']['mm']);
        $document['pieces'][Sample::PIECE]['height'] = 2350;
        self::assertSame(940, Planned::of($document)->piece()['clear']['mm']);
    }

    public function test_between_stations_the_wall_is_smooth_and_rounded_into_the_space(): void
    {
        // Head at 2000: right wall between 1000 at 100 and 967 at 2300: the straight line says 1000 − 33 · 1900/2200 = 971.5,
        // and a wall that leans so wildly is taken to bend a little beyond it.
        $document = Sample::width(Sample::width(Sample::empty('mm'), 1, 100, 1000), 2, 2300, 967);
        $document = Sample::plumb($document, 1, 'left', 100, 2300, 0);
        $document['pieces'][Sample::PIECE]['height'] = 2000;
        $clear = Planned::of($document)->piece()['clear'];
        self::assertEqualsWithDelta(971.5, $clear['mm'], 0.4);
        self::assertFalse($clear['exact']);
        self::assertEqualsWithDelta(round($clear['mm'], 1), $clear['mm'], 1e-9, 'no finer than a tenth');
    }

    public function test_the_carcass_stands_on_its_plinth_from_the_floors_high_point(): void
    {
        $document = Sample::reading(Sample::e1(), Sample::id('F', 1), ['kind' => 'level'], 5);
        $plan = Planned::of($document);
        // Under the footprint, which ends at 1187 of 1212, the floor's high point is 5·1187/1212 = 4.9.
        self::assertSame([104.9, 2304.9],
            [$plan->piece()['edges']['left']['gaps'][0]['at'], array_slice($plan->piece()['edges']['left']['gaps'], -1)[0]['at']]);
        self::assertSame(2200, $plan->piece()['height']['mm']);
        unset($document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::PLINTH]);
        self::assertSame(2300, Planned::of($document)->piece()['height']['mm'], 'without a plinth the carcass takes it all');
    }
}
