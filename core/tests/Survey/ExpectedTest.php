<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Survey;

use Incastro\Core\Document\Reading\ProjectReader;
use Incastro\Core\Survey\Room;
use Incastro\Core\Survey\Surveyor;
use Incastro\Core\Tests\Demo;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** What a reading will say by all others: for who keys something else to be asked before it is kept. */
final class ExpectedTest extends TestCase
{
    public function test_what_lies_between_readings_is_expected_between_them(): void
    {
        $document = Sample::e1();
        $document['spaces'][Sample::SPACE]['readings'][Sample::id('W', 7)] = ['kind' => 'width', 'z' => 1750];
        $expected = self::room($document)->expected[Sample::id('W', 7)];
        // 1208.5 at 1200 and 1209 at 2300.
        self::assertEqualsWithDelta(1208.75, $expected->value, 1.5);
        self::assertGreaterThanOrEqual(9.0, $expected->jsonSerialize()['within'], 'what is less is no slip');
        self::assertLessThan(25.0, $expected->jsonSerialize()['within'], 'an inch is');
    }

    public function test_before_anything_is_read_nearly_all_is_allowed(): void
    {
        $document = Sample::empty('mm');
        $document['spaces'][Sample::SPACE]['readings'][Sample::id('W', 7)] = ['kind' => 'width', 'z' => 100];
        self::assertGreaterThan(500.0, self::room($document)->expected[Sample::id('W', 7)]->jsonSerialize()['within']);
    }

    public function test_a_number_that_stands_is_expected_by_the_others_alone(): void
    {
        $document = Sample::e1();
        $before = self::room($document)->expected[Sample::id('W', 2)];
        $document['facts'][Sample::id('TAKE', 2)]['value'] = 1908.5;
        $after = self::room($document)->expected[Sample::id('W', 2)];
        self::assertEqualsWithDelta($before->value, $after->value, 3.0, 'whatever it says itself');
        self::assertGreaterThan(100.0, 1908.5 - $after->value - $after->jsonSerialize()['within']);
    }

    public function test_taken_twice_or_found_all_over_nothing_is_expected(): void
    {
        $document = Sample::take(Sample::e1(), Sample::id('W', 2), 1208, 60);
        $document['spaces'][Sample::SPACE]['readings'][Sample::id('ED', 1)] = ['kind' => 'slid_edge', 'face' => 'left'];
        $expected = self::room($document)->expected;
        self::assertArrayNotHasKey(Sample::id('W', 2), $expected);
        self::assertArrayNotHasKey(Sample::id('ED', 1), $expected);
    }

    /** Each reading of each room was an honest one: none would have been asked about. */
    public function test_no_number_of_the_demo_house_is_further_off_than_its_room_allows(): void
    {
        $checked = 0;
        foreach (Demo::documents() as $name => $document) {
            foreach ((array) Planned::of($document)->plan['site'] as $site) {
                foreach ($site['walk'] as $reading) {
                    $expected = $reading['expected'];
                    if ($expected !== null) {
                        $checked++;
                        $off = abs(($reading['value'] ?? $reading['deg']) - $expected['value']);
                        self::assertLessThanOrEqual($expected['within'], $off, "$name: $reading[id]");
                    }
                }
            }
        }
        self::assertGreaterThan(100, $checked);
    }

    /** @param  array<string, mixed>  $document */
    private static function room(array $document): Room
    {
        $project = ProjectReader::read($document);

        return (new Surveyor($project->workshop))->survey($project->spaces[Sample::SPACE]);
    }
}
