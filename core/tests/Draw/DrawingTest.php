<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Draw;

use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** The drawing says what the numbers say. */
final class DrawingTest extends TestCase
{
    public function test_the_room_is_drawn_as_it_was_read(): void
    {
        $document = Sample::reading(Sample::e1(), Sample::id('H', 1), ['kind' => 'height', 'side' => 'left'], 2400);
        $room = self::items(Planned::of($document)->plan['drawings'][Sample::SPACE]['front'], 'shape', 'room')[0]['points'];
        foreach ([[0, 100], [5.5, 1200], [9, 2300], [1212, 100], [1214, 1200], [1218, 2300]] as $point) {
            self::assertContains($point, $room);
        }
        self::assertSame(2400, max(array_column($room, 1)));
    }

    public function test_every_reading_has_its_tape_on_the_front_or_from_above(): void
    {
        $document = Sample::reading(Sample::e1(), Sample::id('DEEP', 1), ['kind' => 'depth', 'side' => 'right'], 400);
        $plan = Planned::of($document)->plan;
        $drawn = [];
        foreach (['front', 'top'] as $view) {
            array_push($drawn, ...array_column(self::items($plan['drawings'][Sample::SPACE][$view], 'reading'), 'ref'));
        }
        self::assertEqualsCanonicalizing(array_column($plan['site'][Sample::SPACE]['walk'], 'id'), $drawn);
    }

    public function test_dimension_lines_are_as_long_as_they_say(): void
    {
        $plan = Planned::of(Sample::bays(Sample::e1(), [[null, 300], [null]]))->plan;
        $lines = 0;
        foreach (['front' => 0, 'section' => 1] as $view => $axis) {
            foreach (self::items($plan['drawings'][Sample::PIECE][$view], 'dimension') as $d) {
                $along = $d['side'] === 'below' ? 0 : 1;
                self::assertEqualsWithDelta($d['value'], $d['points'][1][$along] - $d['points'][0][$along], 1e-6, "$view {$d['ref']}");
                $lines++;
            }
        }
        self::assertSame(6 + 5, $lines, 'front: two gaps, two openings, carcass, clear; section: three openings, height, depth');
    }

    public function test_ribbons_carry_the_gaps_and_their_magnification(): void
    {
        $front = Planned::of(Sample::e1())->plan['drawings'][Sample::PIECE]['front'];
        [$left, $right] = self::items($front, 'ribbon');
        self::assertSame([['at' => 100, 'value' => 21], ['at' => 1200, 'value' => 15.5], ['at' => 2300, 'value' => 12]], $left['stations']);
        self::assertSame([25, 27, 31], array_column($right['stations'], 'value'));
        self::assertSame([10, 6], [$left['times'], $right['times']], '21 × 10 and 31 × 6 are under 220');
    }

    public function test_a_filler_is_drawn_out_to_the_wall_and_not_into_it(): void
    {
        $plan = Planned::of(Sample::e1());
        $filler = array_values(array_filter($plan->plan['drawings'][Sample::PIECE]['front']['items'],
            fn (array $i): bool => $i['ref'] === $plan->part('filler_right')['id']))[0];
        self::assertSame([[1187, 100], [1212, 100]], array_slice($filler['points'], 0, 2));
        self::assertContains([1214, 1200], $filler['points']);
        self::assertSame([[1218, 2300], [1187, 2300]], array_slice($filler['points'], -2));
    }

    public function test_nothing_measured_still_gives_something_to_point_a_tape_at(): void
    {
        $document = Sample::empty('mm');
        $document['spaces'][Sample::SPACE]['readings'][Sample::id('W', 1)] = ['kind' => 'width', 'z' => 100, 'plane' => 'front'];
        $front = Planned::of($document)->plan['drawings'][Sample::SPACE]['front'];
        self::assertNull(self::items($front, 'reading')[0]['value']);
        self::assertSame([-120, -120, 1120, 2520], $front['bounds']);
    }

    /**
     * @param  array<string, mixed>  $drawing
     * @return list<array<string, mixed>>
     */
    private static function items(array $drawing, string $kind, ?string $layer = null): array
    {
        return array_values(array_filter($drawing['items'], fn (array $i): bool => $i['kind'] === $kind && ($layer === null || $i['layer'] === $layer)));
    }
}
