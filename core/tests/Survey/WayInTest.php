<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Survey;

use Incastro\Core\Document\Reading\ProjectReader;
use Incastro\Core\Measure\Length;
use Incastro\Core\Survey\WayIn;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

final class WayInTest extends TestCase
{
    public function test_the_worked_corner_lets_1701_9_pass_less_room_for_hands(): void
    {
        // Fieldbook §8: from 900 into 800, a box 350 deep: 1701.9, and 20 less for hands.
        $way = self::way(['kind' => 'corner', 'name' => 'Landing', 'width' => 900, 'into' => 800, 'height' => 2100]);
        $longest = $way->longestRound($way->segments[0], Length::fromMillimetres(350));
        $json = json_decode((string) json_encode($longest), true);
        self::assertEqualsWithDelta(1701.9, $json['trail'][0]['mm'], 0.11, 'rounded to the safe side');
        self::assertEqualsWithDelta(1681.9, $longest?->value->millimetres(), 0.11);
        self::assertFalse($longest?->exact);
        self::assertNull($way->longestRound($way->segments[0], Length::fromMillimetres(800)), 'as deep as the passage is wide');
    }

    public function test_what_comes_off_widens_a_door_and_is_said(): void
    {
        $plan = Planned::of(['way_in' => [
            Sample::id('WAY', 1) => ['order' => 'a', 'kind' => 'door', 'name' => 'Room door',
                'width' => 762, 'height' => 1981, 'gain' => 38, 'off' => 'door leaf'],
            Sample::id('WAY', 2) => ['order' => 'b', 'kind' => 'stair', 'name' => 'Stair', 'width' => 790, 'height' => 1900],
        ]] + Sample::e1())->plan['way_in'];
        self::assertSame(800, $plan['segments'][0]['clear']['mm']);
        self::assertSame(['way.width_door', 'way.taken_off', 'way.clear'], array_column(array_column($plan['segments'][0]['clear']['trail'], 'why'), 'key'));
        self::assertSame([Sample::id('WAY', 2), Sample::id('WAY', 2)], [$plan['narrowest'], $plan['lowest']]);
    }

    public function test_a_turn_without_what_it_turns_into_is_refused(): void
    {
        $this->expectExceptionMessageMatches('/turn_needs_into/');
        self::way(['kind' => 'stair_turn', 'name' => 'Landing', 'width' => 900, 'height' => 2100]);
    }

    /** @param  array<string, mixed>  $segment */
    private static function way(array $segment): WayIn
    {
        return new WayIn(array_values(ProjectReader::read(['way_in' => [Sample::id('WAY', 1) => $segment]] + Sample::e1())->wayIn));
    }
}
