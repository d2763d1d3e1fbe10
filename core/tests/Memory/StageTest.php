<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Memory;

use Incastro\Core\Document\Reading\ProjectReader;
use Incastro\Core\Memory\Stage;
use Incastro\Core\Planner;
use Incastro\Core\Survey\Surveyor;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class StageTest extends TestCase
{
    public function test_what_was_made_of_the_same_is_not_made_again_and_of_anything_else_is(): void
    {
        $stage = new Stage(new Remembering);
        $made = 0;
        $make = function () use (&$made): \ArrayObject {
            return new \ArrayObject([++$made]);
        };
        self::assertEquals(new \ArrayObject([1]), $stage->made(\ArrayObject::class, ['a', 1], $make));
        self::assertEquals(new \ArrayObject([1]), $stage->made(\ArrayObject::class, ['a', 1], $make));
        foreach ([['a', 2], ['a', 1.0], ['a', '1'], ['a'], ['a', 1, null], ['a1']] as $n => $from) {
            self::assertEquals(new \ArrayObject([$n + 2]), $stage->made(\ArrayObject::class, $from, $make));
        }
    }

    public function test_what_is_not_of_the_kind_that_was_asked_for_is_made_anew(): void
    {
        $memory = new Remembering;
        $stage = new Stage($memory);
        $stage->made(\ArrayObject::class, [1], fn (): \ArrayObject => new \ArrayObject([1]));
        $memory->write();
        $memory->kept = array_map(fn (): string => serialize(new \stdClass), $memory->kept);
        self::assertEquals(new \ArrayObject([2]), $stage->made(\ArrayObject::class, [1], fn (): \ArrayObject => new \ArrayObject([2])));
    }

    /** @return iterable<string, array{list<string>, int|string, bool}> */
    public static function edits(): iterable
    {
        $piece = ['pieces', Sample::PIECE];
        yield 'another depth' => [[...$piece, 'depth'], 333, true];
        yield 'another name' => [[...$piece, 'name'], 'Low shelves', true];
        yield 'another height' => [[...$piece, 'height'], 1777, false];
        yield 'another space' => [['spaces', Sample::SPACE, 'left'], 'open', false];
        yield 'another unit' => [['unit'], 'in', false];
        yield 'a tape less sure' => [['workshop', 'tape_base'], 0.7, false];
        yield 'another kerf' => [['workshop', 'kerf'], 3.1, false];
    }

    /** @param  list<string>  $path */
    #[DataProvider('edits')]
    public function test_a_room_is_worked_out_again_where_something_it_hangs_on_has_changed(array $path, int|float|string $value, bool $isKnown): void
    {
        $before = Sample::e1();
        $after = $before;
        $at = &$after;
        foreach ($path as $key) {
            $at = &$at[$key];
        }
        self::assertNotSame($value, $at);
        $at = $value;
        unset($at);
        $memory = new Remembering;
        Planner::plan($before, $memory);
        $memory->write();
        [$found, $kept] = [$memory->found, count($memory->kept)];
        $plan = Planner::plan($after, $memory)->toJson();
        $memory->write();
        self::assertSame($isKnown, $memory->found > $found);
        self::assertSame($isKnown, count($memory->kept) === $kept);
        self::assertSame(Planner::plan($after)->toJson(), $plan);
    }

    public function test_a_room_that_is_known_is_not_adjusted_again(): void
    {
        $project = ProjectReader::read(Sample::e1());
        $memory = new Remembering;
        $space = $project->spaces[Sample::SPACE];
        $surveyor = new Surveyor($project->workshop, $project->unit, $memory);
        $first = $surveyor->survey($space);
        // What is kept is changed by hand: it is what comes back.
        $memory->write();
        $memory->kept = array_map(fn (string $kept): string => str_replace('"clear_width"', '"other_width"', $kept), $memory->kept);
        self::assertSame('clear_width', $first->doubt->known[0]->name);
        self::assertSame('other_width', $surveyor->survey($space)->doubt->known[0]->name);
    }
}
