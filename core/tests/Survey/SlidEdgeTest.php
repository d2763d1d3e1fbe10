<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Survey;

use Incastro\Core\Document\Model\ReadingKind;
use Incastro\Core\Document\Reading\ProjectReader;
use Incastro\Core\Measure\Length;
use Incastro\Core\Survey\Advice;
use Incastro\Core\Survey\Known;
use Incastro\Core\Survey\Missing;
use Incastro\Core\Survey\Need;
use Incastro\Core\Survey\Room;
use Incastro\Core\Survey\Surface;
use Incastro\Core\Survey\Surveyor;
use Incastro\Core\Survey\Unread;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What only geometry finds: a straightedge slid over a wall, two laths slid between the sides; and what nobody has read or checked. */
final class SlidEdgeTest extends TestCase
{
    public function test_between_stations_nobody_has_read_until_an_edge_was_slid_over_the_wall(): void
    {
        $document = self::full();
        self::assertSame([['left', 100.0, 2300.0], ['right', 100.0, 2300.0]], self::unread(self::room($document)));
        self::assertFalse(self::width(self::room($document))->settled, 'however small its doubt');
        $document = self::slid($document, 'left', 1.0);
        self::assertSame([['right', 100.0, 2300.0]], self::unread(self::room($document)));
        self::assertSame([], self::unread(self::room(self::slid($document, 'right', 0.5))));
    }

    public function test_the_edges_are_asked_for_before_anything_is_read_twice(): void
    {
        $next = fn (array $document): array => array_map(fn ($a): string => $a->reading->kind->value.' '.($a->reading->face->value ?? ''),
            array_values(array_filter(self::room($document)->doubt->next, fn ($a): bool => $a->helps === 'clear_width')));
        self::assertSame(['slid_edge left', 'slid_edge right'], array_slice($next(self::full()), 0, 2));
        $slid = self::slid(self::slid(self::full(), 'left', 0.5), 'right', -0.5);
        self::assertNotContains('slid_edge left', $next($slid));
    }

    public function test_what_is_on_the_list_already_is_asked_for_there(): void
    {
        $document = self::full();
        $document['spaces'][Sample::SPACE]['readings'][Sample::id('E', 5)] = ['kind' => 'slid_edge', 'face' => 'left'];
        $asked = array_filter(self::room($document)->doubt->next, fn (Advice $a): bool => $a->reading->kind === ReadingKind::SlidEdge);
        $ids = array_values(array_map(fn (Advice $a): string => $a->reading->id, $asked));
        self::assertSame([Sample::id('E', 5), ''], $ids, 'the left one; the right one is new');
    }

    /** It is an answer, though not a number: what hangs on it stays as little known as it was. */
    public function test_what_is_out_of_reach_is_asked_for_no_more_and_stays_unknown(): void
    {
        $document = self::full();
        $edge = Sample::id('E', 5);
        $document['spaces'][Sample::SPACE]['readings'][$edge] = ['kind' => 'slid_edge', 'face' => 'left'];
        $before = self::room($document);
        $document['facts'][Sample::id('X', 1)] = ['kind' => 'unreached', 'reading' => $edge, 'at' => '2026-04-01T10:00:00Z'];
        $room = self::room($document);
        self::assertSame(['left', 'right'], self::edgesAsked($before));
        self::assertSame(['right'], self::edgesAsked($room));
        self::assertSame(self::unread($before), self::unread($room));
        self::assertSame(self::width($before)->doubt, self::width($room)->doubt);
        self::assertFalse(self::width($room)->settled);

        $read = self::room(Sample::reading($document, $edge, ['kind' => 'slid_edge', 'face' => 'left'], 1));
        self::assertSame([['right', 100.0, 2300.0]], self::unread($read), 'a take has the last word');
        $document['facts'][Sample::id('X', 1)]['struck'] = true;
        self::assertSame(['left', 'right'], self::edgesAsked(self::room($document)), 'it can be reached after all');
    }

    public function test_what_is_struck_out_is_unknown_again(): void
    {
        $document = self::slid(self::slid(self::full(), 'left', 1.0), 'right', 0.5);
        self::assertSame([], self::unread(self::room($document)));
        $document['facts'][array_key_last($document['facts'])]['struck'] = true;
        self::assertSame([['right', 100.0, 2300.0]], self::unread(self::room($document)));
    }

    public function test_a_laid_edge_reads_the_wall_a_hand_to_either_side(): void
    {
        $document = self::full(150);
        foreach ([100, 1200, 2300] as $i => $z) {
            $document = Sample::reading($document, Sample::id('G', $i), ['kind' => 'gap', 'face' => 'left', 'edge' => 'e', 'z' => $z, 'y' => 75], 1);
        }
        self::assertSame([['right', 200.0, 1100.0]], self::unread(self::room($document)), 'the left is read over its whole length, the right near its widths');
    }

    public function test_where_it_stands_proud_a_width_is_asked_for_and_counts(): void
    {
        $document = self::slid(self::slid(self::full(), 'right', 0.5), 'left', 15.0, 1650, 175);
        $room = self::room($document);
        [$proud] = self::width($room)->unread;
        self::assertSame([1650, 175, 15], array_map(fn (?Length $l): int|float|null => $l?->millimetres(), [$proud->from, $proud->to, $proud->by]));
        $advice = $room->doubt->next[0]->reading;
        self::assertSame([ReadingKind::Width, 1650, 175], [$advice->kind, $advice->z->millimetres(), $advice->y?->millimetres()]);
        $read = self::room(Sample::reading($document, Sample::id('W', 9), ['kind' => 'width', 'z' => 1650, 'y' => 175], 985));
        self::assertSame([], self::unread($read));
        self::assertEqualsWithDelta(985, $read->doubt->stated, 3.0, 'the bulge is what the piece must pass');
        self::assertEqualsWithDelta(1000, self::room(self::slid(self::slid(self::full(), 'right', 0.5), 'left', 0.5))->doubt->stated, 1.5);
    }

    /** A gap is read from an edge that rests on what stands proud of the wall, somewhere: the narrowest between the walls says how much, and where. */
    public function test_where_it_lies_hollow_the_narrowest_is_asked_for_and_counts(): void
    {
        $document = self::slid(self::slid(self::full(), 'right', 0.5), 'left', -12.0, 1650, 175);
        $room = self::room($document);
        $hollow = array_values(array_filter(self::width($room)->unread, fn (Unread $u): bool => $u->what === Missing::Hollow));
        self::assertSame([['left', 1650.0, 175.0]], array_map(
            fn (Unread $u): array => [$u->side->value, (float) $u->from->millimetres(), (float) $u->to->millimetres()], $hollow));
        self::assertFalse(self::width($room)->settled);
        self::assertSame(ReadingKind::Narrowest, $room->doubt->next[0]->reading->kind);
        $read = Sample::reading($document, Sample::id('N', 1), ['kind' => 'narrowest'], 988);
        $read['facts'][array_key_last($read['facts'])] += ['z' => 2100, 'y' => 175];
        self::assertSame([], self::unread(self::room($read)));
        self::assertEqualsWithDelta(988, self::room($read)->doubt->stated, 3.0, 'what the laths found is what the piece must pass');
        $little = self::width(self::room(self::slid(self::full(), 'left', -2.0)))->unread;
        self::assertSame([], array_filter($little, fn (Unread $u): bool => $u->what === Missing::Hollow));
        $document['spaces'][Sample::SPACE]['right'] = 'open';
        $open = self::width(self::room($document))->unread;
        self::assertSame([], array_filter($open, fn (Unread $u): bool => $u->what === Missing::Hollow), 'laths reach from side to side');
    }

    /** Not saying where takes no question away: it is asked where, until an edge says so or laths have found the narrowest. */
    #[TestWith([-12.0])]
    #[TestWith([12.0])]
    public function test_what_an_edge_found_nobody_knows_where_is_not_settled(float $found): void
    {
        $document = self::slid(self::full(), 'right', 0.5);
        $document = Sample::reading($document, Sample::id('E', 1), ['kind' => 'slid_edge', 'face' => 'left'], $found);
        $open = fn (array $d): array => array_map(
            fn (Unread $u): string => "{$u->what->value} {$u->side->value} {$u->by?->millimetres()}", self::width(self::room($d))->unread);
        self::assertSame(['nowhere left 12'], $open($document));
        self::assertFalse(self::width(self::room($document))->settled);
        self::assertSame(['left'], self::edgesAsked(self::room($document)));
        $laths = Sample::reading($document, Sample::id('N', 1), ['kind' => 'narrowest'], 988);
        $laths['facts'][array_key_last($laths['facts'])] += ['z' => 2100, 'y' => 175];
        self::assertSame([], $open($laths));
        $again = Sample::reading($document, Sample::id('E', 3), ['kind' => 'slid_edge', 'face' => 'left'], $found);
        $again['facts'][array_key_last($again['facts'])] += ['z' => 1650, 'y' => 175];
        self::assertSame([($found < 0 ? 'hollow' : 'proud').' left 12'], $open($again), 'said, it is asked about as such');
        $little = Sample::reading(self::slid(self::full(), 'right', 0.5), Sample::id('E', 1), ['kind' => 'slid_edge', 'face' => 'left'], 2);
        self::assertSame([], $open($little), 'no more than the edges take up');
    }

    /** Walls that are read truly flat are known as well as the tape allows: ± 2 · (0.3 + 0.2)/√3 is 0.6, and chance and corners on top. */
    public function test_a_flat_room_is_known_well_after_one_edge_on_each_side(): void
    {
        $document = self::slid(self::slid(self::full(), 'left', 0.0), 'right', 0.0);
        self::assertLessThan(3.0, self::width(self::room($document))->doubt);
        self::assertGreaterThan(0.57, self::width(self::room($document))->doubt);
        self::assertGreaterThan(self::width(self::room($document))->doubt, self::width(self::room(self::full()))->doubt);
    }

    /** Scale and hook of one tape are the same however often it is read. */
    public function test_many_takes_never_average_the_tape_away(): void
    {
        $document = self::slid(self::slid(self::full(), 'left', 0.0), 'right', 0.0);
        for ($n = 0; $n < 60; $n++) {
            $document = Sample::take($document, Sample::id('W', 1 + $n % 6), 1000, 200 + $n);
        }
        self::assertGreaterThan(2 * 0.5 / sqrt(3), self::width(self::room($document))->doubt);
    }

    public function test_a_reading_that_nothing_checks_is_asked_for_once_more(): void
    {
        $document = self::slid(self::slid(Sample::width(Sample::empty('mm'), 1, 100, 1000), 'left', 0.0), 'right', 0.0);
        self::assertSame([Sample::id('W', 1)], self::width(self::room($document))->hiding);
        $document = Sample::take($document, Sample::id('W', 1), 1000.5, 300);
        self::assertSame([], self::width(self::room($document))->hiding, 'a second take says the same');
    }

    /** What was found in one place makes no waves in others: nowhere does the wall stand further from straight than there. */
    public function test_a_wall_stands_nowhere_further_out_or_in_than_the_edge_found(): void
    {
        foreach ([[-12.0, 700, 175], [12.0, 700, 175], [9.0, 1700, 350], [-6.0, 1150, 0]] as [$found, $high, $out]) {
            $room = self::room(self::slid(self::full(), 'left', $found, $high, $out));
            $there = $room->shape->at(Surface::Left, $out * Length::PER_MM, $high * Length::PER_MM);
            self::assertEqualsWithDelta($found, $there, 1.5);
            foreach ([0, 175, 350] as $y) {
                for ($z = 100; $z <= 2300; $z += 50) {
                    self::assertLessThan(1.25 * abs($found), abs($room->shape->at(Surface::Left, $y * Length::PER_MM, $z * Length::PER_MM)), "$found: $y $z");
                }
            }
        }
    }

    public function test_two_laths_read_the_width_where_they_were_narrowest(): void
    {
        $document = self::slid(self::slid(self::full(), 'left', 12.0, 700, 100), 'right', 0.5);
        $laths = Sample::reading($document, Sample::id('L', 1), ['kind' => 'narrowest'], 988);
        self::assertEqualsWithDelta(self::room($document)->doubt->stated, self::room($laths)->doubt->stated, 0.01, 'somewhere is nowhere');
        $laths['facts'][array_key_last($laths['facts'])] += ['z' => 700, 'y' => 100];
        self::assertEqualsWithDelta(988, self::room($laths)->doubt->stated, 2.5);
        self::assertSame([], self::unread(self::room($laths)), 'a width was read where it stands proud');
    }

    /** @return array<string, mixed> flat, plumb and square, 1000 wide, read by the whole list but the edges */
    private static function full(int $depth = 350): array
    {
        $document = Sample::empty('mm');
        foreach (['front', 'back'] as $p => $plane) {
            foreach ([100, 1200, 2300] as $i => $z) {
                $document = Sample::width($document, 1 + 3 * $p + $i, $z, 1000, $plane);
            }
        }
        foreach (['left', 'right'] as $i => $side) {
            $document = Sample::plumb($document, 1 + $i, $side, 100, 2300, 0);
            $document = Sample::reading($document, Sample::id('D', $i), ['kind' => 'depth', 'side' => $side], $depth);
            $document['spaces'][Sample::SPACE]['readings'][Sample::id('C', $i)] = ['kind' => 'corner_angle', 'side' => $side];
            $document['facts'][Sample::id('ANGLE', $i)] = ['kind' => 'take', 'reading' => Sample::id('C', $i), 'deg' => 90, 'typed' => '90'];
        }

        return $document;
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private static function slid(array $document, string $face, float $found, int $z = 1200, int $y = 175): array
    {
        $document = Sample::reading($document, Sample::id('E', $face === 'left' ? 1 : 2), ['kind' => 'slid_edge', 'face' => $face], $found);
        $document['facts'][array_key_last($document['facts'])] += ['z' => $z, 'y' => $y];

        return $document;
    }

    /** @return list<array{string, float, float}> */
    private static function unread(Room $room): array
    {
        return array_map(fn (Unread $u): array => [$u->side->value, (float) $u->from->millimetres(), (float) $u->to->millimetres()],
            self::width($room)->unread);
    }

    /** @return list<string> the faces */
    private static function edgesAsked(Room $room): array
    {
        $edges = array_filter($room->doubt->next, fn (Advice $a): bool => $a->reading->kind === ReadingKind::SlidEdge);

        return array_values(array_map(fn (Advice $a): string => $a->reading->face->value ?? '', $edges));
    }

    private static function width(Room $room): Known
    {
        return $room->doubt->known[0];
    }

    /** @param  array<string, mixed>  $document */
    private static function room(array $document): Room
    {
        $project = ProjectReader::read($document);

        $need = new Need(Length::fromMillimetres(100), Length::fromMillimetres(2300), null);

        return (new Surveyor($project->workshop))->survey($project->spaces[Sample::SPACE], $need);
    }
}
