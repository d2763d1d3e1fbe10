<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Survey;

use Incastro\Core\Document\Reading\ProjectReader;
use Incastro\Core\Survey\Known;
use Incastro\Core\Survey\Need;
use Incastro\Core\Survey\Room;
use Incastro\Core\Survey\Surveyor;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** How well a room is known, and what the surveyor asks for next. */
final class DoubtTest extends TestCase
{
    public function test_two_takes_check_each_other_half(): void
    {
        // Two takes of one width: each is checked by the other alone, so its redundancy is one half.
        $once = self::room(Sample::width(Sample::empty('mm'), 1, 100, 1000));
        $twice = self::room(Sample::take(Sample::width(Sample::empty('mm'), 1, 100, 990), Sample::id('W', 1), 991, 50));
        self::assertEqualsWithDelta(0.0, $once->redundancy[Sample::id('W', 1)], 0.001);
        self::assertEqualsWithDelta(0.5, $twice->redundancy[Sample::id('W', 1)], 0.001);
        self::assertEqualsWithDelta(0.5, abs($twice->residuals[Sample::id('W', 1)]['mm']), 0.001, 'the mean lies halfway');
    }

    public function test_a_level_read_both_ways_halves_what_it_leaves_open(): void
    {
        // Over 1000 mm a level is out by up to 0.5: 2 · 0.5/√3 = 0.58; read both ways 0.29.
        $floor = function (?string $with): float {
            $document = Sample::reading(Sample::width(Sample::empty('mm'), 1, 100, 1000), Sample::id('F', 1), ['kind' => 'level'], 2);
            if ($with !== null) {
                $document['facts'][Sample::id('TAKE', 2)]['with'] = $with;
            }

            return self::known(self::room($document), 'floor')->doubt;
        };
        self::assertEqualsWithDelta(0.58, $floor(null), 0.06);
        self::assertEqualsWithDelta(0.29, $floor('level_reversed'), 0.03);
        self::assertEqualsWithDelta(0.35, $floor('laser'), 0.04, '0.3 a metre');
    }

    public function test_what_the_piece_does_not_need_is_not_asked_for(): void
    {
        // The piece is 2300 high: a ceiling nobody has read is in doubt. At 450 it is comfortably lower than any.
        $document = Sample::e1();
        self::assertFalse(self::known(self::room($document), 'height')->settled);
        $document['pieces'][Sample::PIECE]['height'] = 450;
        self::assertTrue(self::known(self::room($document), 'height')->settled);
    }

    public function test_edges_that_take_up_more_ask_for_less(): void
    {
        $enough = function (float $setOff): float {
            $document = Sample::e1();
            foreach (['left', 'right'] as $side) {
                $document['pieces'][Sample::PIECE][$side] = ['kind' => 'filler', 'set_off' => $setOff];
            }

            return self::known(self::room($document), 'clear_width')->enough;
        };
        // Half the least set-off, not under 3 and not over 10.
        self::assertSame([3.0, 8.0, 10.0], array_map($enough, [4.0, 16.0, 60.0]));
    }

    public function test_each_reading_taken_as_advised_leaves_less_doubt_until_it_is_enough(): void
    {
        $document = Sample::width(Sample::empty('mm'), 1, 100, 1000);
        $document['pieces'][Sample::PIECE]['left'] = $document['pieces'][Sample::PIECE]['right'] = ['kind' => 'filler', 'set_off' => 30];
        $before = INF;
        for ($n = 2; $n < 30; $n++) {
            $room = self::room($document);
            $doubts = array_sum(array_map(fn (Known $k): float => min(20.0, $k->doubt / $k->enough), $room->doubt->known));
            self::assertLessThan($before + 2.0, $doubts, "after $n readings");
            $before = $doubts;
            $advice = $room->doubt->next[0] ?? null;
            if ($advice === null) {
                break;
            }
            $shape = json_decode((string) json_encode(\Incastro\Core\Survey\ReadingWriter::shape($advice->reading)), true);
            $value = match ($shape['kind']) {
                'width' => 1000, 'height' => 2400, 'depth' => 400, default => 0,
            };
            if ($advice->reading->id !== '') {
                $document = Sample::take($document, $advice->reading->id, $value, 100 + $n);

                continue;
            }
            $document = Sample::reading($document, Sample::id('ADV', $n), $shape, $value);
            if ($shape['kind'] === 'corner_angle') {
                $document['facts'][Sample::id('TAKE', count($document['facts']))] = ['kind' => 'take',
                    'reading' => Sample::id('ADV', $n), 'deg' => 90, 'typed' => '90'];
            }
        }
        self::assertTrue(self::room($document)->doubt->isEnough(), 'measured enough');
        self::assertSame([], self::room($document)->doubt->next);
        self::assertLessThan(20, $n, 'in fewer readings than a thorough list has');
    }

    public function test_a_space_is_asked_only_for_what_it_has(): void
    {
        $names = function (string $kind): array {
            $document = Sample::empty('mm');
            $document['spaces'][Sample::SPACE]['kind'] = $kind;

            return array_map(fn (Known $k): string => $k->name, self::room($document)->doubt->known);
        };
        self::assertSame(['clear_width', 'height', 'depth', 'floor'], $names('niche'));
        self::assertSame(['clear_width', 'height', 'depth'], $names('wall_hung'));
        self::assertSame(['clear_width', 'mouth', 'return_left', 'height', 'depth', 'floor'], $names('closet'));
        self::assertSame(['clear_width', 'flank_left', 'flank_right', 'height', 'depth', 'floor'], $names('fireside'));
    }

    public function test_the_same_readings_are_doubted_the_same_every_time(): void
    {
        $room = fn (): string => (string) json_encode(self::room(Sample::e1())->doubt->known);
        self::assertSame($room(), $room());
    }

    /** @param  array<string, mixed>  $document */
    private static function room(array $document): Room
    {
        $project = ProjectReader::read($document);
        $space = $project->spaces[Sample::SPACE];

        return (new Surveyor($project->workshop))->survey($space, Need::of(array_values($project->pieces), $space));
    }

    private static function known(Room $room, string $name): Known
    {
        return array_values(array_filter($room->doubt->known, fn (Known $k): bool => $k->name === $name))[0];
    }
}
