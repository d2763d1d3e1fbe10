<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Survey;

use Incastro\Core\Document\Model\Footprint;
use Incastro\Core\Document\Model\Plane;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Reading\ProjectReader;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Measure\Length;
use Incastro\Core\Survey\Room;
use Incastro\Core\Survey\Surface;
use Incastro\Core\Survey\Surveyor;
use Incastro\Core\Survey\Usable;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** Every kind of space once, worked by hand. The niche is E1 of WorkedTest. */
final class WorkedSpacesTest extends TestCase
{
    public function test_wall_a_straightedge_shows_a_belly(): void
    {
        // Gaps 6, 3, 6 behind one straightedge: the middle stands 3 proud of the line through the ends.
        $room = self::room('wall', [
            [['kind' => 'width', 'z' => 100], 2400],
            [self::gap(300), 6], [self::gap(1200), 3], [self::gap(2100), 6],
        ]);
        $y = fn (int $x): float => self::at($room, Surface::Back, $x, 900);
        self::assertEqualsWithDelta(3.0, $y(1200) - ($y(300) + $y(2100)) / 2, 0.001);
        self::assertSame([2400, 2400], [$room->sizes->width->millimetres(), $room->wall(Side::Right, Plane::Front)[0]->x->millimetres()]);
    }

    public function test_corner_an_open_corner_and_its_three_four_five(): void
    {
        // 91° over 600 of depth: the left wall opens by 600 · tan 1° = 10.47 from the back to the front, so x is 10.47 at the back.
        $room = self::room('corner', [
            [['kind' => 'width', 'z' => 100], 1800], [['kind' => 'depth', 'side' => 'left'], 600], [['kind' => 'corner_angle', 'side' => 'left'], 91],
        ]);
        self::assertEqualsWithDelta(10.473, self::at($room, Surface::Left, 0, 100), 0.01);
        self::assertEqualsWithDelta(91.0, $room->corner(Side::Left)->degrees ?? 0, 0.001);
        // c² = 600² + 450² − 2 · 600 · 450 · cos 91° = 571 924: c = 756.3, where a square corner has 750.
        $square = self::room('corner', [
            [['kind' => 'width', 'z' => 100], 1800], [['kind' => 'depth', 'side' => 'left'], 600],
            [['kind' => 'three_four_five', 'side' => 'left', 'along_back' => 600, 'along_side' => 450], 756.3],
        ]);
        self::assertEqualsWithDelta(91.0, $square->corner(Side::Left)->degrees ?? 0, 0.02);
    }

    public function test_closet_the_mouth_between_its_returns(): void
    {
        // 210 + 760 + 230 = 1200: the four readings agree, and the jambs stand at 210 and 970.
        $room = self::room('closet', [
            [['kind' => 'width', 'z' => 100], 1200], [['kind' => 'mouth_width', 'z' => 100], 760],
            [['kind' => 'return', 'side' => 'left'], 210], [['kind' => 'return', 'side' => 'right'], 230],
        ]);
        $front = $room->sizes->depth->millimetres();
        self::assertEqualsWithDelta(210.0, self::at($room, Surface::MouthLeft, $front, 100), 1e-5);
        self::assertEqualsWithDelta(970.0, self::at($room, Surface::MouthRight, $front, 100), 1e-5);
        self::assertSame([], $room->findings);
        // 25 more in the mouth and the four cannot all be right.
        $wrong = self::room('closet', [
            [['kind' => 'width', 'z' => 100], 1200], [['kind' => 'mouth_width', 'z' => 100], 785],
            [['kind' => 'return', 'side' => 'left'], 210], [['kind' => 'return', 'side' => 'right'], 230],
        ]);
        self::assertSame(['survey.readings_disagree'], array_values(array_unique(array_map(fn (Finding $f): string => $f->code, $wrong->findings))));
    }

    public function test_under_a_stair_the_soffit_falls_along_the_run(): void
    {
        // 1568.5 at 600 and 903 at 1500: 665.5 over 900, atan 0.7394 = 36.48°; at 1050, halfway, 1235.75.
        $room = self::room('under_stair', [
            [['kind' => 'width', 'z' => 100], 2400], [['kind' => 'height', 'x' => 600], 1568.5], [['kind' => 'height', 'x' => 1500], 903],
        ]);
        self::assertEqualsWithDelta(1235.75, self::overhead($room, 1050, 600), 0.6);
        self::assertEqualsWithDelta(36.48, $room->slopeAngle()->degrees ?? 0, 0.15);
        self::assertEqualsWithDelta(903.0, $room->lowestOverhead(self::mm(600), self::mm(1500), self::mm(500))?->millimetres(), 6.0);
    }

    public function test_under_a_stair_winders_are_steps_of_height(): void
    {
        // Undersides at 1900 from 800 on and at 1700 from 1050 on: 1900 over 900, 1700 over 1100.
        $room = self::room('under_stair', [
            [['kind' => 'width', 'z' => 100], 2400], [['kind' => 'height', 'x' => 100], 2300], [['kind' => 'slope_angle'], 5],
            [['kind' => 'step_at', 'step' => 1], 800], [['kind' => 'step_height', 'step' => 1], 1900],
            [['kind' => 'step_at', 'step' => 2], 1050], [['kind' => 'step_height', 'step' => 2], 1700],
        ]);
        self::assertEqualsWithDelta(1900.0, self::overhead($room, 900, 300), 1e-4);
        self::assertEqualsWithDelta(1700.0, self::overhead($room, 1100, 300), 1e-4);
        self::assertGreaterThan(1900.0, self::overhead($room, 700, 300), 'before the first step only the slope');
    }

    public function test_under_a_slope_two_heights_make_the_angle_and_the_knee_wall(): void
    {
        // E2: 940 at y 50 and 1420 at y 750: tan θ = 480/700, θ 34.44°, knee wall 940 − 50 · 0.6857 = 905.7.
        $room = self::room('under_slope', [
            [['kind' => 'width', 'z' => 100], 2000], [['kind' => 'depth', 'side' => 'left'], 800],
            [['kind' => 'height', 'x' => 0, 'y' => 50], 940], [['kind' => 'height', 'x' => 0, 'y' => 750], 1420],
        ]);
        self::assertEqualsWithDelta(34.44, $room->slopeAngle()->degrees ?? 0, 0.1);
        self::assertEqualsWithDelta(905.7, self::overhead($room, 0, 0), 0.6);
        self::assertEqualsWithDelta(1180.0, self::overhead($room, 0, 400), 0.6);
    }

    public function test_under_a_slope_that_ends_in_a_level_ceiling(): void
    {
        // 45° from the knee wall, meeting a ceiling of 2400 at 700 out: the knee wall is 2400 − 700 = 1700 high.
        $room = self::room('under_slope', [
            [['kind' => 'width', 'z' => 100], 2000], [['kind' => 'depth', 'side' => 'left'], 1200],
            [['kind' => 'height', 'side' => 'left', 'face' => 'ceiling'], 2400],
            [['kind' => 'slope_angle', 'side' => 'left'], 45], [['kind' => 'slope_start'], 700],
        ], ['slope' => ['along' => 'depth', 'low' => 'back', 'flat' => true]]);
        self::assertEqualsWithDelta(1700.0, self::overhead($room, 0, 0), 1.5);
        self::assertEqualsWithDelta(2400.0, self::overhead($room, 0, 1000), 1.5);
        // The same slope read as a rise: 500 over a level run of 500.
        $rise = self::room('under_slope', [
            [['kind' => 'width', 'z' => 100], 2000], [['kind' => 'depth', 'side' => 'left'], 1200],
            [['kind' => 'knee', 'side' => 'left'], 1700], [['kind' => 'slope_rise', 'run' => 500, 'x' => 0], 500],
        ]);
        self::assertEqualsWithDelta(2200.0, self::overhead($rise, 0, 500), 1.5);
    }

    public function test_fireside_flanks_and_breast_make_the_wall(): void
    {
        // 1060 + 1338 + 1008 = 3406. Without the whole width the three give it.
        $parts = [
            [['kind' => 'flank', 'side' => 'left', 'z' => 100], 1060], [['kind' => 'breast_width', 'z' => 100], 1338],
            [['kind' => 'flank', 'side' => 'right', 'z' => 100], 1008], [['kind' => 'breast_depth', 'side' => 'left'], 398],
        ];
        $room = self::room('fireside', [[['kind' => 'width', 'z' => 100], 3406], ...$parts]);
        $front = $room->sizes->depth->millimetres();
        self::assertSame([], $room->findings);
        self::assertEqualsWithDelta(1060.0, self::at($room, Surface::BreastLeft, $front, 100), 1e-5);
        self::assertEqualsWithDelta(2398.0, self::at($room, Surface::BreastRight, $front, 100), 1e-5);
        self::assertEqualsWithDelta(3406.0, self::at(self::room('fireside', $parts), Surface::Right, $front, 100), 1e-4);
    }

    public function test_in_a_cupboard_the_stiles_narrow_the_mouth(): void
    {
        // Inside 800, stiles 45 and 40: 715 to pass through; read 715 the three agree.
        $room = self::room('in_cupboard', [
            [['kind' => 'width', 'z' => 100], 800], [['kind' => 'mouth_width', 'z' => 100], 715],
            [['kind' => 'return', 'side' => 'left'], 45], [['kind' => 'return', 'side' => 'right'], 40], [['kind' => 'mouth_height', 'side' => 'left'], 640],
        ]);
        self::assertSame([], $room->findings);
        self::assertEqualsWithDelta(640.0, $room->shape->at(Surface::MouthHead, 0, $room->sizes->depth->units), 1e-4);
        $mouth = array_values(array_filter($room->doubt->known, fn ($k): bool => $k->name === 'mouth'))[0];
        self::assertLessThan(2.0, $mouth->doubt);
    }

    public function test_between_appliances_the_gap_is_the_least(): void
    {
        // 300 low and 302 high, the right one leaning away by 2: 300 all the way up between plumb lines.
        $room = self::room('appliance_gap', [
            [['kind' => 'width', 'z' => 50], 300], [['kind' => 'width', 'z' => 800], 302],
            [['kind' => 'plumb', 'side' => 'left', 'from_z' => 50, 'z' => 800], 0], [['kind' => 'plumb', 'side' => 'right', 'from_z' => 50, 'z' => 800], -2],
        ]);
        $xs = fn (Side $s): array => array_map(fn ($p): int|float => $p->x->millimetres(), $room->wall($s, Plane::Front));
        self::assertSame([[0, 0], [300, 302]], [$xs(Side::Left), $xs(Side::Right)]);
        self::assertSame([], $room->findings);
    }

    public function test_floor_area_rises_to_one_corner(): void
    {
        // 6 up to the right and 3 down to the front: from 0 at the left front, the left back is 3 and the right front 6.
        $room = self::room('floor_area', [
            [['kind' => 'width', 'z' => 100], 2000], [['kind' => 'depth', 'side' => 'left'], 1000],
            [['kind' => 'level'], 6], [['kind' => 'level', 'along' => 'depth', 'side' => 'left'], -3],
        ]);
        self::assertSame(6, $room->floor['right']->millimetres());
        self::assertEqualsWithDelta(3.0, self::at($room, Surface::Floor, 0, 0), 1e-4);
        self::assertEqualsWithDelta(9.0, self::at($room, Surface::Floor, 2000, 0), 1.5, 'about 6 + 3 at the right back, which nobody read');
    }

    public function test_wall_hung_the_back_wall_leans_into_what_hangs(): void
    {
        // 2.5 in over 900 of height: what is 320 deep below has 317.5 at the top.
        $room = self::room('wall_hung', [
            [['kind' => 'width', 'z' => 1200], 2400], [['kind' => 'depth', 'side' => 'left'], 320],
            [['kind' => 'plumb', 'face' => 'back', 'from_z' => 1200, 'z' => 2100], 2.5],
        ]);
        $back = fn (int $z): float => self::at($room, Surface::Back, 1200, $z);
        self::assertEqualsWithDelta(2.5, $back(2100) - $back(1200), 1e-4);
    }

    public function test_a_footprint_anywhere_has_its_own_floor_and_head(): void
    {
        // The floor rises 6 to the right over 2000 and is 3 higher at the back; the ceiling is level at 2400.
        // Over x 1000…1600 from the back wall out to 500: highest at (1600, 0), about 4.8 + 3; lowest at (1000, 500), about 3 + 1.5.
        $room = self::room('floor_area', [
            [['kind' => 'width', 'z' => 100], 2000], [['kind' => 'depth', 'side' => 'left'], 1000],
            [['kind' => 'level'], 6], [['kind' => 'level', 'plane' => 'back'], 6], [['kind' => 'level', 'along' => 'depth', 'side' => 'left'], -3],
            [['kind' => 'height', 'side' => 'left'], 2400], [['kind' => 'height', 'side' => 'right'], 2394],
        ]);
        $usable = Usable::over(new Footprint(self::mm(1000), self::mm(0), self::mm(600), self::mm(500)), $room);
        self::assertEqualsWithDelta(7.8, $usable['floor_high']->millimetres(), 0.6);
        self::assertEqualsWithDelta(3.3, $usable['floor_fall']->millimetres(), 0.6);
        self::assertEqualsWithDelta(2392.2, $usable['clear_height']?->millimetres(), 0.6);
        self::assertSame([1000, 400], [$usable['left']->millimetres(), $usable['right']->millimetres()]);
    }

    /**
     * @param  list<array{array<string, mixed>, int|float}>  $readings  and what was read: mm, or degrees
     * @param  array<string, mixed>  $also  fields of the space
     */
    private static function room(string $kind, array $readings, array $also = []): Room
    {
        $document = Sample::empty('mm');
        $document['pieces'] = [];
        $document['spaces'][Sample::SPACE] = ['kind' => $kind] + $also + $document['spaces'][Sample::SPACE];
        foreach ($readings as $n => [$reading, $value]) {
            $document = Sample::reading($document, Sample::id('READ', $n), $reading, $value);
            if (in_array($reading['kind'], ['corner_angle', 'slope_angle'], true)) {
                $document['facts'][Sample::id('TAKE', $n + 1)] = ['kind' => 'take',
                    'reading' => Sample::id('READ', $n), 'deg' => $value, 'typed' => (string) $value];
            }
        }
        $project = ProjectReader::read($document);

        return (new Surveyor($project->workshop))->survey($project->spaces[Sample::SPACE]);
    }

    /** @return array<string, mixed> */
    private static function gap(int $x): array
    {
        return ['kind' => 'gap', 'face' => 'back', 'along' => 'run', 'edge' => 'one', 'z' => 900, 'x' => $x];
    }

    private static function at(Room $room, Surface $surface, int|float $a, int|float $b): float
    {
        return $room->shape->at($surface, $a * Length::PER_MM, $b * Length::PER_MM);
    }

    private static function overhead(Room $room, int $x, int $y): float
    {
        return $room->overhead->at($x * Length::PER_MM, $y * Length::PER_MM);
    }

    private static function mm(int $mm): Length
    {
        return Length::fromMillimetres($mm);
    }
}
