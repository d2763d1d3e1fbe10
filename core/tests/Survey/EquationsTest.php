<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Survey;

use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\ReadingKind;
use Incastro\Core\Document\Model\Space;
use Incastro\Core\Document\Reading\ProjectReader;
use Incastro\Core\Survey\Equations;
use Incastro\Core\Survey\Instruments;
use Incastro\Core\Survey\Nodes;
use Incastro\Core\Survey\Observation;
use Incastro\Core\Survey\Sizes;
use Incastro\Core\Survey\Surface;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What a tape, a level, a gauge would read in a room we made up, worked by hand: 1000 wide, 600 deep, 2400 high, the lowest
 * station at 100, and no surface straight. Millimetres; places in metres.
 */
final class EquationsTest extends TestCase
{
    private const BACK_SLOPE = ['along' => 'depth', 'low' => 'back', 'flat' => true];

    private const RIGHT_SLOPE = ['along' => 'run', 'low' => 'right', 'flat' => true];

    /** @return iterable<string, array{array<string, mixed>, float}> */
    public static function readings(): iterable
    {
        // The right wall at 1.1: 1000 + 4 · 0.6 − 5 = 997.4 in front and 995 behind; the left one 3 and 3 − 1.2.
        yield 'width' => [['kind' => 'width', 'z' => 1100], 994.4];
        yield 'width behind' => [['kind' => 'width', 'z' => 1100, 'plane' => 'back'], 993.2];
        // Ceiling 2400 − 5 + 6.6, floor 4.
        yield 'height' => [['kind' => 'height', 'x' => 500], 2397.6];
        yield 'depth at the side' => [['kind' => 'depth', 'side' => 'left'], 600.0];
        // The front line 603.5, the back wall 6.
        yield 'depth' => [['kind' => 'depth', 'x' => 500, 'z' => 1100], 597.5];
        yield 'plumb left' => [['kind' => 'plumb', 'side' => 'left', 'from_z' => 100, 'z' => 1100], 3.0];
        yield 'plumb right' => [['kind' => 'plumb', 'side' => 'right', 'from_z' => 100, 'z' => 1100], 5.0];
        yield 'plumb back' => [['kind' => 'plumb', 'face' => 'back', 'from_z' => 100, 'z' => 1100], 6.0];
        yield 'level across' => [['kind' => 'level'], 8.0];
        yield 'level to the front' => [['kind' => 'level', 'along' => 'depth', 'side' => 'left'], 5.4];
        yield 'level of the ceiling' => [['kind' => 'level', 'face' => 'ceiling'], -10.0];
        // Straightedges lie at 10 + t left, 990 + t right, 20 + t behind, 15 + t on the floor, 2380 + t under the ceiling.
        yield 'gap left' => [['kind' => 'gap', 'face' => 'left', 'edge' => 'e', 'z' => 1100], 8.1];
        yield 'gap right' => [['kind' => 'gap', 'face' => 'right', 'edge' => 'e', 'z' => 1100], 6.3];
        yield 'gap behind' => [['kind' => 'gap', 'face' => 'back', 'along' => 'run', 'edge' => 'e', 'x' => 500, 'z' => 1100], 14.5];
        yield 'gap on the floor' => [['kind' => 'gap', 'face' => 'floor', 'along' => 'run', 'edge' => 'e', 'x' => 500], 11.5];
        yield 'gap under the ceiling' => [['kind' => 'gap', 'face' => 'ceiling', 'along' => 'run', 'edge' => 'e', 'x' => 500], 21.1];
        // The side comes in by 0.8 over 400: √(299.2² + 400²).
        yield 'three, four, five' => [['kind' => 'three_four_five', 'side' => 'left', 'along_back' => 300, 'along_side' => 400], 499.520410];
        // It closes by 1.2 over 600, the right one opens by 2.4: atan 0.002 and atan 0.004.
        yield 'corner left' => [['kind' => 'corner_angle', 'side' => 'left'], 89.885409];
        yield 'corner right' => [['kind' => 'corner_angle', 'side' => 'right'], 90.229182];
        // From x −1.2 to 1002.4 and out 607; from 1000 to 0 and out 600.
        yield 'floor from the left' => [['kind' => 'diagonal', 'face' => 'floor', 'side' => 'left'], 1172.886167];
        yield 'floor from the right' => [['kind' => 'diagonal', 'face' => 'floor', 'side' => 'right'], 1166.190379];
        // From x −0.3 at the floor to 990.9 at 2400; 2396.6 up.
        yield 'opening' => [['kind' => 'diagonal', 'rise' => 'rising_right'], 2593.485878];
        // Jambs at 101.1 and 907.8.
        yield 'mouth' => [['kind' => 'mouth_width', 'z' => 1100], 806.7];
        yield 'mouth height' => [['kind' => 'mouth_height', 'x' => 500], 1997.5];
        yield 'mouth depth' => [['kind' => 'mouth_depth'], 20.0];
        yield 'return left' => [['kind' => 'return', 'side' => 'left'], 100.1];
        // 1002.4 − 909.8.
        yield 'return right' => [['kind' => 'return', 'side' => 'right'], 92.6];
        // Cheeks at 301.1 and 698.9.
        yield 'flank left' => [['kind' => 'flank', 'side' => 'left', 'z' => 1100], 298.1];
        yield 'flank right' => [['kind' => 'flank', 'side' => 'right', 'z' => 1100], 298.5];
        yield 'breast' => [['kind' => 'breast_width', 'z' => 1100], 397.8];
        yield 'breast depth left' => [['kind' => 'breast_depth', 'side' => 'left'], 400.3];
        yield 'breast depth right' => [['kind' => 'breast_depth', 'side' => 'right'], 400.7];
        yield 'underside of a step' => [['kind' => 'step_height', 'step' => 1], 1900.0];
        yield 'beginning of a step' => [['kind' => 'step_at', 'step' => 1], 800.0];
    }

    /** @return iterable<string, array{array<string, mixed>, float, array<string, mixed>}> */
    public static function underSlopes(): iterable
    {
        // From the back: 900 + 800 a metre out, + 2 a metre to the right.
        yield 'height under a slope' => [['kind' => 'height', 'x' => 500, 'y' => 300], 1139.7, self::BACK_SLOPE];
        yield 'height beyond the slope' => [['kind' => 'height', 'x' => 500, 'face' => 'ceiling'], 2397.6, self::BACK_SLOPE];
        yield 'knee wall' => [['kind' => 'knee', 'x' => 500], 902.4, self::BACK_SLOPE];
        yield 'rise' => [['kind' => 'slope_rise', 'run' => 500, 'x' => 0, 'y' => 100], 400.0, self::BACK_SLOPE];
        // atan (480 / 600).
        yield 'angle' => [['kind' => 'slope_angle', 'x' => 0], 38.659808, self::BACK_SLOPE];
        yield 'straightedge' => [['kind' => 'gap', 'face' => 'slope', 'along' => 'depth', 'edge' => 'e', 'x' => 0, 'y' => 300], 259.7, self::BACK_SLOPE];
        // Down to the right: 1700 − 700 a metre.
        yield 'angle down' => [['kind' => 'slope_angle'], 34.992020, self::RIGHT_SLOPE];
        yield 'rise the other way' => [['kind' => 'slope_rise', 'run' => 500, 'x' => 200], 350.0, self::RIGHT_SLOPE];
        yield 'knee wall at the right' => [['kind' => 'knee', 'side' => 'right'], 992.0, self::RIGHT_SLOPE];
    }

    /**
     * @param  array<string, mixed>  $reading
     * @param  array<string, mixed>  $slope
     */
    #[DataProvider('readings')]
    #[DataProvider('underSlopes')]
    public function test_a_reading_says_what_the_tape_would(array $reading, float $expected, array $slope = []): void
    {
        [$observation, $state] = self::observed($reading, 1.0, $slope);
        self::assertEqualsWithDelta($expected, $observation->predict($state)[0], 5e-4);
    }

    /**
     * The solver follows these derivatives: a wrong one sends it astray only in crooked rooms, where nobody sees it.
     *
     * @param  array<string, mixed>  $reading
     * @param  array<string, mixed>  $slope
     */
    #[DataProvider('readings')]
    #[DataProvider('underSlopes')]
    public function test_its_derivatives_are_those_of_its_value(array $reading, float $expected, array $slope = []): void
    {
        [$observation, $state] = self::observed($reading, 1.0, $slope);
        [, $derivatives] = $observation->predict($state);
        self::assertNotSame([], array_filter($derivatives), "$expected depends on something");
        foreach (array_keys($state) as $i) {
            $moved = fn (float $by): float => $observation->predict(array_replace($state, [$i => $state[$i] + $by]))[0];
            self::assertEqualsWithDelta(($moved(0.01) - $moved(-0.01)) / 0.02, $derivatives[$i] ?? 0.0, 1e-6, "unknown $i");
        }
    }

    public function test_where_a_slope_starts_it_is_as_high_as_the_ceiling(): void
    {
        // 500 out: the slope 1300, the ceiling 2405.5. 400 in from the right: 1280 and 2400.6. They should not differ at all.
        foreach ([[500, self::BACK_SLOPE, -1105.5], [400, self::RIGHT_SLOPE, -1120.6]] as [$at, $slope, $expected]) {
            [$observation, $state] = self::observed(['kind' => 'slope_start'], $at, $slope);
            self::assertEqualsWithDelta($expected, $observation->predict($state)[0], 1e-6);
            self::assertSame(0.0, $observation->value);
        }
    }

    public function test_a_diagonal_to_corners_nobody_knows_says_nothing(): void
    {
        $space = self::space([['kind' => 'diagonal', 'rise' => 'rising_right']], [2600]);
        self::assertSame([], (new Equations(new Nodes(new Sizes($space), 0.5), self::instruments()))->of($space));
    }

    public function test_every_kind_of_reading_is_among_these(): void
    {
        $kinds = array_map(fn (array $c): string => $c[0]['kind'], [...array_values([...self::readings()]), ...array_values([...self::underSlopes()])]);
        self::assertEqualsCanonicalizing(array_column(ReadingKind::cases(), 'value'),
            array_values(array_unique([...$kinds, 'slope_start', 'slid_edge', 'narrowest', 'step_edge'])),
            'what takes say the place of is in SlidEdgeTest, where a step is in WallStepTest');
    }

    /**
     * @param  array<string, mixed>  $reading
     * @param  array<string, mixed>  $slope
     * @return array{Observation, list<float>}
     */
    private static function observed(array $reading, int|float $value, array $slope): array
    {
        $sizes = [['kind' => 'width', 'z' => 100], ['kind' => 'depth', 'side' => 'left'], ['kind' => 'height', 'side' => 'left', 'face' => 'ceiling']];
        $space = self::space([...$sizes, $reading], [1000, 600, 2400, $value], $slope);
        $nodes = new Nodes(new Sizes($space), 0.5);
        $observations = (new Equations($nodes, self::instruments()))->of($space);

        return [$observations[3],
            array_map(fn (int $i): float => self::madeUp(...$nodes->place($i), slope: $slope, edge: $nodes->straightedge(...)), range(0, $nodes->count() - 1))];
    }

    /**
     * The room: where each surface lies.
     *
     * @param  array{float, float}  $at  metres
     * @param  array<string, mixed>  $slope
     */
    private static function madeUp(Surface $surface, array $at, string $of, array $slope, ?\Closure $edge = null): float
    {
        [$a, $b] = $at;

        return match ($surface) {
            Surface::Left => 2 * ($a - 0.6) + 3 * ($b - 0.1),
            Surface::Right => 1000 + 4 * $a - 5 * ($b - 0.1),
            Surface::Back => 6 * ($b - 0.1),
            Surface::Front => 600 + 7 * $a,
            Surface::Floor => 8 * $a + 9 * ($b - 0.6),
            Surface::Ceiling => 2400 - 10 * $a + 11 * $b,
            Surface::Slope => $slope === self::RIGHT_SLOPE ? 1700 - 700 * $a : 900 + 2 * $a + 800 * $b,
            Surface::MouthLeft => 100 + $b,
            Surface::MouthRight => 910 - 2 * $b,
            Surface::MouthHead => 2000 + 3 * $a,
            Surface::MouthDepth => 20.0,
            Surface::BreastLeft => 300 + $b,
            Surface::BreastRight => 700 - $b,
            Surface::BreastFront => 400 + $a,
            Surface::Edge => $a + match ($edge($of)->face) {
                Face::Left => 10, Face::Right => 990, Face::Back => 20, Face::Floor => 15, Face::Ceiling => 2380, Face::Slope => 880,
                Face::Opening => self::fail('Nobody lays a straightedge on an opening.'),
            },
            Surface::Step => 1900.0,
            Surface::StepAt => 800.0,
        };
    }

    /**
     * @param  list<array<string, mixed>>  $readings
     * @param  list<int|float>  $values
     * @param  array<string, mixed>  $slope
     */
    private static function space(array $readings, array $values, array $slope = []): Space
    {
        $document = Sample::empty('mm');
        $document['pieces'] = [];
        $document['spaces'][Sample::SPACE] += $slope === [] ? [] : ['slope' => $slope];
        foreach ($readings as $n => $reading) {
            $document = Sample::reading($document, Sample::id('READ', $n), $reading, $values[$n]);
            if (ReadingKind::from($reading['kind'])->isAngle()) {
                $document['facts'][Sample::id('TAKE', $n + 1)] = ['kind' => 'take', 'reading' => Sample::id('READ', $n), 'deg' => 45, 'typed' => '45'];
            }
        }

        return ProjectReader::read($document)->spaces[Sample::SPACE];
    }

    private static function instruments(): Instruments
    {
        return new Instruments(ProjectReader::read(Sample::empty('mm'))->workshop);
    }
}
