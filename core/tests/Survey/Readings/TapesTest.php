<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Survey\Readings;

use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Where each tape lies, worked by hand in a room 1200 wide, 500 deep and 2400 high, all square. */
final class TapesTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, int|float, string, list<array{int|float, int|float}>}> reading, value, view, ends */
    public static function tapes(): iterable
    {
        yield 'a width lies at its height' => [['kind' => 'width', 'z' => 900], 1200, 'front', [[0, 900], [1200, 900]]];
        yield 'a height where it says' => [['kind' => 'height', 'x' => 300], 2400, 'front', [[300, 0], [300, 2400]]];
        yield 'a height further in is seen from the side' => [['kind' => 'height', 'x' => 300, 'y' => 200], 2400, 'side', [[200, 0], [200, 2400]]];
        yield 'a depth is seen from above, out from the back wall' => [['kind' => 'depth', 'x' => 400], 500, 'top', [[400, 0], [400, -500]]];
        yield 'the plumb of the right wall' => [['kind' => 'plumb', 'side' => 'right', 'from_z' => 100, 'z' => 2000], 0, 'front', [[1200, 100], [1200, 2000]]];
        yield 'the plumb of the back is seen from the side' => [['kind' => 'plumb', 'face' => 'back', 'from_z' => 100, 'z' => 2000],
            0, 'side', [[0, 100], [0, 2000]]];
        yield 'a floor diagonal from the right back' => [['kind' => 'diagonal', 'face' => 'floor', 'side' => 'right'], 1300, 'top', [[1200, 0], [0, -500]]];
        yield '3-4-5 across the left corner' => [['kind' => 'three_four_five', 'side' => 'left', 'along_back' => 400, 'along_side' => 300],
            500, 'top', [[400, 0], [0, -300]]];
        yield 'a gap behind a straightedge along the back' => [['kind' => 'gap', 'face' => 'back', 'along' => 'run', 'edge' => 'e', 'x' => 600, 'z' => 900],
            0, 'top', [[600, 0], [600, -90]]];
        yield 'the floor along the depth' => [['kind' => 'level', 'along' => 'depth', 'side' => 'left'], 0, 'side', [[0, 0], [500, 0]]];
    }

    /**
     * @param  array<string, mixed>  $reading
     * @param  list<array{int|float, int|float}>  $ends
     */
    #[DataProvider('tapes')]
    public function test_the_tape_lies_where_a_hand_would_hold_it(array $reading, int|float $value, string $view, array $ends): void
    {
        $document = Sample::width(Sample::empty('mm'), 1, 100, 1200);
        $document = Sample::width($document, 2, 2000, 1200);
        foreach (['left', 'right'] as $n => $side) {
            $document = Sample::plumb($document, $n, $side, 100, 2000, 0);
            $document = Sample::reading($document, Sample::id('H', $n), ['kind' => 'height', 'side' => $side], 2400);
            $document = Sample::reading($document, Sample::id('DEEP', $n), ['kind' => 'depth', 'side' => $side], 500);
        }
        $document = Sample::reading($document, Sample::id('THIS', 1), $reading, $value);
        $plan = Planned::of($document)->plan;
        foreach (['front', 'top', 'side'] as $other) {
            $drawn = array_values(array_filter($plan['drawings'][Sample::SPACE][$other]['items'],
                fn (array $i): bool => $i['kind'] === 'reading' && $i['ref'] === Sample::id('THIS', 1)));
            if ($other !== $view) {
                self::assertSame([], $drawn, "not in the $other view");

                continue;
            }
            foreach ($ends as $e => [$across, $up]) {
                self::assertEqualsWithDelta($across, $drawn[0]['points'][$e][0], 0.11);
                self::assertEqualsWithDelta($up, $drawn[0]['points'][$e][1], 0.11);
            }
        }
    }

    public function test_a_moulding_is_drawn_by_its_profile_where_it_is_seen_end_on(): void
    {
        $document = Sample::e1();
        $document['spaces'][Sample::SPACE]['things'] = [Sample::id('TH', 1) => ['kind' => 'baseboard',
            'face' => 'left', 'across' => 0, 'up' => 0, 'width' => 300, 'height' => 120, 'out' => 18,
            'treatment' => 'notch', 'profile' => [Sample::id('P', 2) => ['up' => 120, 'out' => 6],
                Sample::id('P', 1) => ['up' => 0, 'out' => 18], Sample::id('P', 3) => ['up' => 90, 'out' => 18]]]];
        $drawings = Planned::of($document)->plan['drawings'][Sample::SPACE];
        $thing = fn (string $view): array => array_values(array_filter($drawings[$view]['items'], fn (array $i): bool => $i['kind'] === 'thing'))[0]['points'];
        // At the left wall's foot (x 0 at 100, 5.5 at 1200): at its middle, 60 up, a little outside.
        $x = $thing('front')[0][0];
        self::assertEqualsWithDelta([[$x, 0], [$x + 18, 0], [$x + 18, 90], [$x + 6, 120], [$x, 120]], $thing('front'), 1e-6);
        self::assertCount(4, $thing('top'), 'from above only its outline');
    }

    public function test_a_door_swings_from_its_hinge(): void
    {
        $document = Sample::e1();
        $document['spaces'][Sample::SPACE]['things'] = [Sample::id('TH', 1) => ['kind' => 'door', 'face' => 'back',
            'across' => 200, 'up' => 0, 'width' => 700, 'height' => 2000, 'out' => 0, 'hinge' => 'right']];
        $items = Planned::of($document)->plan['drawings'][Sample::SPACE]['top']['items'];
        $swing = array_values(array_filter($items, fn (array $i): bool => $i['layer'] === 'swing'))[0]['points'];
        // Hinged at 900: shut it reaches to 200, open it stands 700 out into the room, and back at the hinge.
        self::assertSame([[200, 0], [900, -700], [900, 0]], [$swing[0], $swing[8], $swing[9]]);
    }
}
