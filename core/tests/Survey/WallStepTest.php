<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Survey;

use Incastro\Core\Document\Reading\DocumentRejected;
use Incastro\Core\Document\Reading\ProjectReader;
use Incastro\Core\Measure\Length;
use Incastro\Core\Survey\Advice;
use Incastro\Core\Survey\Known;
use Incastro\Core\Survey\Need;
use Incastro\Core\Survey\Room;
use Incastro\Core\Survey\Surface;
use Incastro\Core\Survey\Surveyor;
use Incastro\Core\Survey\Unread;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Walls that jump in or out: the top of a wainscot, the edge of a breast. They are asked for, not guessed, and what they are fitted to is two surfaces. */
final class WallStepTest extends TestCase
{
    public function test_a_wall_whose_middle_is_off_the_line_between_its_ends_is_asked_for_its_step(): void
    {
        $room = self::room(self::panelled());
        self::assertContains('step_up left 20', self::missing($room));
        self::assertContains('step_up right 20', self::missing($room));
        self::assertFalse(self::width($room)->settled);
        $asked = array_map(fn (Advice $a): string => $a->reading->kind->value.' '.($a->reading->face->value ?? ''), $room->doubt->next);
        self::assertContains('step_edge left', $asked);
        self::assertContains('step_edge right', $asked);
    }

    public function test_either_side_of_a_step_the_wall_is_a_surface_of_its_own(): void
    {
        $smooth = self::room(self::panelled());
        $room = self::room(self::withStep(self::withStep(self::panelled(), 'left', 900), 'right', 900));
        $left = fn (Room $r, int $z): float => $r->shape->at(Surface::Left, 350 * Length::PER_MM, $z * Length::PER_MM);
        self::assertEqualsWithDelta(0.0, $left($room, 880), 2.0, 'as at 100, below its edge');
        self::assertEqualsWithDelta(-40.0, $left($room, 920), 2.0, 'as at 1200, above it');
        self::assertLessThan(-15.0, $left($smooth, 880), 'a ramp before anybody said so');
    }

    /** An edge slid over both parts finds the step and nothing else: of either part by itself it is asked anew, and then the room is known. */
    public function test_an_edge_slid_over_a_step_has_read_nothing_else(): void
    {
        $document = self::withStep(self::withStep(self::panelled(), 'left', 900), 'right', 900);
        foreach (['left', 'right'] as $side) {
            $document = Sample::reading($document, Sample::id("E$side[0]", 1), ['kind' => 'slid_edge', 'face' => $side], 40);
            $document['facts'][array_key_last($document['facts'])] += ['z' => 890, 'y' => 200];
        }
        self::assertSame(['parts left', 'parts right'], self::missing(self::room($document)));
        foreach (['left', 'right'] as $side) {
            $document = Sample::reading($document, Sample::id("P$side[0]", 1), ['kind' => 'slid_edge', 'face' => $side, 'step' => 1], 0);
        }
        $room = self::room($document);
        self::assertSame([], self::missing($room));
        self::assertEqualsWithDelta(920.0, $room->doubt->stated, 1.0);
        $document['facts'][array_key_last($document['facts'])]['value'] = 12;
        self::assertSame(['nowhere_parts right 12'], self::missing(self::room($document)), 'so far off, and nobody said where');
        $asked = array_map(fn (Advice $a): ?int => $a->reading->step, self::room($document)->doubt->next);
        self::assertContains(1, $asked, 'of either part by itself');
        self::assertLessThan(3.0, self::width($room)->doubt);
    }

    public function test_a_wall_that_turns_is_read_in_its_middle_before_it_is_asked_for_a_step(): void
    {
        // 40 over 350, 6.5°: what a step of 40 somewhere between looks like where only front and back were read.
        $document = self::turned();
        self::assertContains('turns left 40', self::missing(self::room($document)));
        $middle = fn (float $mm): array => Sample::reading($document, Sample::id('M', 1), ['kind' => 'width', 'z' => 100, 'y' => 175], $mm);
        self::assertNotContains('turns left 40', self::missing(self::room($middle(980.0))));
        self::assertSame([], self::steps(self::room($middle(980.0))), 'halfway between: it runs straight');
        self::assertSame(['step_out left'], self::steps(self::room($middle(1000.0))));
        self::assertSame([], self::steps(self::room(self::withStep($middle(1000.0), 'left', 0, true))), 'looked for, and none there');
        self::assertSame([], self::steps(self::room(self::withStep($middle(1000.0), 'left', 260, true))));
        $struck = self::withStep($middle(1000.0), 'left', 260, true);
        $struck['facts'][array_key_last($struck['facts'])]['struck'] = true;
        self::assertSame(['step_out left'], self::steps(self::room($struck)), 'taking it back brings the question back');
    }

    public function test_a_wall_that_leans_and_runs_straight_is_not_asked_about(): void
    {
        // 24 over 2.2 m, 11 mm a metre, and as much of it halfway.
        $document = Sample::empty('mm');
        foreach ([100 => 1000, 1200 => 988, 2300 => 976] as $z => $mm) {
            $document = Sample::width($document, intdiv($z, 100), $z, $mm);
        }
        $document = Sample::plumb($document, 1, 'left', 100, 2300, 24);
        self::assertSame([], self::steps(self::room($document)));
        unset($document['spaces'][Sample::SPACE]['readings'][Sample::id('W', 12)]);
        $document['facts'] = array_filter($document['facts'], fn (array $f): bool => $f['reading'] !== Sample::id('W', 12));
        self::assertContains('leans left 24', self::missing(self::room($document)));
    }

    public function test_it_is_a_finding_until_it_is_answered(): void
    {
        $codes = fn (array $document): array => array_filter(Planned::of($document)->codes(), fn (string $c): bool => str_starts_with($c, 'survey.step_'));
        $tight = self::panelled();
        self::assertEqualsCanonicalizing(['survey.step_up_left', 'survey.step_up_right'], $codes($tight));
        self::assertEqualsCanonicalizing(['survey.step_up_right'], $codes(self::withStep($tight, 'left', 900)));
    }

    /** @param  array<string, mixed>  $reading */
    #[DataProvider('nonsense')]
    public function test_nonsense_is_refused(array $reading, float $mm): void
    {
        $this->expectException(DocumentRejected::class);
        ProjectReader::read(Sample::reading(Sample::empty('mm'), Sample::id('S', 1), $reading, $mm));
    }

    /** @return iterable<string, array{array<string, mixed>, float}> */
    public static function nonsense(): iterable
    {
        yield 'on no wall' => [['kind' => 'step_edge'], 900];
        yield 'on the floor' => [['kind' => 'step_edge', 'face' => 'floor'], 900];
        yield 'under the floor' => [['kind' => 'step_edge', 'face' => 'left'], -1];
    }

    /** @return array<string, mixed> both walls 40 proud below 900 */
    private static function panelled(): array
    {
        $document = Sample::empty('mm');
        foreach (['front', 'back'] as $p => $plane) {
            foreach ([100 => 920, 1200 => 1000, 2300 => 1000] as $z => $mm) {
                $document = Sample::width($document, intdiv($z, 100) + 100 * $p, $z, $mm, $plane);
            }
        }
        foreach (['left', 'right'] as $i => $side) {
            $document = Sample::plumb($document, 1 + 2 * $i, $side, 100, 1200, -40);
            $document = Sample::plumb($document, 2 + 2 * $i, $side, 100, 2300, -40);
            $document = self::corner($document, $side, 90.0);
        }

        return Sample::reading($document, Sample::id('D', 1), ['kind' => 'depth', 'side' => 'left'], 350);
    }

    /** @return array<string, mixed> the left wall 40 further in at the front than at the back, the right one square */
    private static function turned(): array
    {
        $document = Sample::reading(Sample::empty('mm'), Sample::id('D', 1), ['kind' => 'depth', 'side' => 'left'], 350);
        $document = Sample::width(Sample::width($document, 1, 100, 960), 2, 100, 1000, 'back');

        return self::corner(self::corner($document, 'left', 90 - rad2deg(atan(40 / 350))), 'right', 90.0);
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private static function corner(array $document, string $side, float $degrees): array
    {
        $id = Sample::id("C$side[0]", 1);
        $document['spaces'][Sample::SPACE]['readings'][$id] = ['kind' => 'corner_angle', 'side' => $side];
        $document['facts'][Sample::id('TC'.$side[0], 1)] = ['kind' => 'take', 'reading' => $id, 'deg' => round($degrees, 2), 'typed' => 'as read'];

        return $document;
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private static function withStep(array $document, string $side, float $at, bool $upright = false): array
    {
        return Sample::reading($document, Sample::id("ST$side[0]", 1), ['kind' => 'step_edge', 'face' => $side] + ($upright ? ['along' => 'depth'] : []), $at);
    }

    /** @return list<string> */
    private static function missing(Room $room): array
    {
        return array_map(fn (Unread $u): string => "{$u->what->value} {$u->side->value}".($u->by === null ? '' : ' '.round((float) $u->by->millimetres())),
            array_values(array_filter(self::width($room)->unread, fn (Unread $u): bool => $u->what->value !== 'unread')));
    }

    /** @return list<string> those about steps and middles */
    private static function steps(Room $room): array
    {
        return array_values(array_map(fn (string $m): string => implode(' ', array_slice(explode(' ', $m), 0, 2)),
            array_filter(self::missing($room), fn (string $m): bool => ! str_starts_with($m, 'parts'))));
    }

    private static function width(Room $room): Known
    {
        return $room->doubt->known[0];
    }

    /** @param  array<string, mixed>  $document */
    private static function room(array $document): Room
    {
        $project = ProjectReader::read($document);

        return (new Surveyor($project->workshop))->survey($project->spaces[Sample::SPACE],
            new Need(Length::fromMillimetres(100), Length::fromMillimetres(2300), null));
    }
}
