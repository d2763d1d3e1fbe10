<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Survey;

use Incastro\Core\Document\Reading\ProjectReader;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Measure\Length;
use Incastro\Core\Survey\PlacedThing;
use Incastro\Core\Survey\Surveyor;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Things stored as measured, put where they stand in E1: the right wall at 1212, 1214, 1218 (100, 1200, 2300 up), the left at 0, 5.5, 9. */
final class PlacingTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, list<int|float>, list<int|float>}> corner and size: x, y, z */
    public static function things(): iterable
    {
        $socket = ['kind' => 'socket', 'across' => 300, 'up' => 1160, 'width' => 86, 'height' => 80, 'out' => 10];
        yield 'on the back wall' => [['face' => 'back'] + $socket, [300, 0, 1160], [86, 10, 80]];
        // 1212 − 300 − 86.
        yield 'from the right' => [['face' => 'back', 'from_right' => true] + $socket, [826, 0, 1160], [86, 10, 80]];
        // Its middle at 1200 up, where the left wall is at 5.5 and the right one at 1214.
        yield 'on the left wall' => [['face' => 'left'] + $socket, [5.5, 300, 1160], [10, 86, 80]];
        yield 'on the right wall' => [['face' => 'right'] + $socket, [1204, 300, 1160], [10, 86, 80]];
        $trap = ['kind' => 'trap', 'face' => 'floor', 'across' => 400, 'up' => 50, 'width' => 120, 'height' => 200, 'out' => 180];
        yield 'on the floor' => [$trap, [400, 50, 0], [120, 200, 180]];
        // The ceiling is at 2400: 120 down from it.
        $light = ['kind' => 'light', 'face' => 'ceiling', 'across' => 400, 'up' => 50, 'width' => 300, 'height' => 120, 'out' => 120];
        yield 'under the ceiling' => [$light, [400, 50, 2280], [300, 120, 120]];
        yield 'under the ceiling from the right' => [['from_right' => true] + $light, [512, 50, 2280], [300, 120, 120]];
        // In the opening, 350 out from the back wall.
        $door = ['kind' => 'door', 'face' => 'opening', 'across' => 200, 'up' => 0, 'width' => 760, 'height' => 2000, 'out' => 0];
        yield 'in the opening' => [$door, [200, 350, 0], [760, 0, 2000]];
    }

    /**
     * @param  array<string, mixed>  $thing
     * @param  list<int|float>  $corner
     * @param  list<int|float>  $size
     */
    #[DataProvider('things')]
    public function test_it_stands_where_it_was_measured(array $thing, array $corner, array $size): void
    {
        $block = self::placed($thing)->block;
        self::assertSame([$corner, $size], [self::numbers($block->corner), self::numbers($block->size)]);
    }

    public function test_what_shares_an_edge_does_not_meet(): void
    {
        $placed = self::placed(['kind' => 'socket', 'face' => 'back', 'across' => 300, 'up' => 500, 'width' => 86, 'height' => 80, 'out' => 10]);
        $mm = Length::fromMillimetres(...);
        self::assertSame([false, true, false],
            [$placed->meetsHeights($mm(100), $mm(500)), $placed->meetsHeights($mm(100), $mm(501)), $placed->meetsHeights($mm(580), $mm(900))]);
        self::assertSame([false, true, false],
            [$placed->meetsRun($mm(0), $mm(300)), $placed->meetsRun($mm(385), $mm(900)), $placed->meetsRun($mm(386), $mm(900))]);
        self::assertSame([true, false],
            [$placed->isSolid(), self::placed(['kind' => 'window', 'face' => 'back', 'across' => 0, 'up' => 0, 'width' => 1, 'height' => 1, 'out' => 0])
                ->isSolid()]);
    }

    /** @param  array<string, mixed>  $thing */
    private static function placed(array $thing): PlacedThing
    {
        $document = Sample::reading(Sample::e1(), Sample::id('D', 1), ['kind' => 'depth', 'side' => 'left'], 350);
        foreach (['left', 'right'] as $n => $side) {
            $document = Sample::reading($document, Sample::id('H', $n), ['kind' => 'height', 'side' => $side], 2400);
        }
        $document['spaces'][Sample::SPACE]['things'][Sample::id('TH', 1)] = $thing;
        $project = ProjectReader::read($document);

        return (new Surveyor($project->workshop))->survey($project->spaces[Sample::SPACE])->things[0];
    }

    /** @return list<int|float> mm */
    private static function numbers(Place3 $place): array
    {
        return [$place->x->millimetres(), $place->y->millimetres(), $place->z->millimetres()];
    }
}
