<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Document\Fields;

use Incastro\Core\Document\Fields\FieldTable;
use Incastro\Core\Document\Fields\FieldType;
use Incastro\Core\Document\Fields\UnknownKeys;
use Incastro\Core\Document\Model\DoorKind;
use Incastro\Core\Document\Model\FillKind;
use Incastro\Core\Document\Reading\DocumentRejected;
use Incastro\Core\Document\Reading\Problem;
use Incastro\Core\Document\Reading\ProjectReader;
use Incastro\Core\Queries\History\ChangeDescriber;
use Incastro\Core\Tests\Demo;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FieldTableTest extends TestCase
{
    public function test_it_is_as_the_schema_gives_it(): void
    {
        exec(PHP_BINARY.' '.escapeshellarg(__DIR__.'/../../../../support/schema/fields.php'), $lines);
        self::assertSame(implode("\n", $lines)."\n", file_get_contents(__DIR__.'/../../../src/Document/Fields/document.php'), 'npm run types makes it anew');
    }

    public function test_every_value_of_the_demo_documents_stands_where_the_table_knows_it_and_is_what_it_says(): void
    {
        $seen = 0;
        foreach (Demo::documents() as $document) {
            foreach (self::leaves($document) as [$path, $value]) {
                $type = FieldTable::at($document, $path);
                $is = match (true) {
                    is_bool($value) => [FieldType::Flag],
                    is_string($value) => [FieldType::Text, FieldType::Choice],
                    is_int($value), is_float($value) => array_filter(FieldType::cases(),
                        fn (FieldType $t): bool => ! in_array($t, [FieldType::Flag, FieldType::Text, FieldType::Choice, FieldType::Group], true)),
                    default => [FieldType::Group],
                };
                self::assertContains($type, $is, implode('/', $path));
                $seen++;
            }
            UnknownKeys::refuse($document);
        }
        self::assertGreaterThan(2_000, $seen);
    }

    public function test_a_number_of_the_table_is_a_number_to_the_reader(): void
    {
        $checked = [];
        foreach (Demo::documents() as $document) {
            foreach (self::leaves($document) as [$path, $value]) {
                $key = preg_replace('/[0-9A-Z]{26}/', '*', implode('/', $path));
                if (isset($checked[$key]) || ! (is_int($value) || is_float($value)) || $path === ['version']) {
                    continue;
                }
                $checked[$key] = true;
                $told = array_map(fn (Problem $p): string => $p->pointer, self::problems(self::with($document, $path, 'a word')));
                self::assertContains('/'.implode('/', $path), $told, 'nobody minded a word there');
            }
        }
        self::assertGreaterThan(60, count($checked));
    }

    public function test_every_field_has_a_name(): void
    {
        $words = Demo::words();
        $keys = [];
        foreach ([...FillKind::cases(), ...DoorKind::cases()] as $kind) {
            $keys = [...$keys, ...array_keys($kind->fields())];
        }
        $of = function (array|string $place) use (&$of, &$keys): void {
            foreach (is_array($place) ? $place['of'] ?? [] : [] as $key => $inner) {
                $keys[] = $key;
                $of($inner);
            }
            foreach (['each', 'list'] as $several) {
                is_array($place) && isset($place[$several]) && $of($place[$several]);
            }
        };
        $table = require __DIR__.'/../../../src/Document/Fields/document.php';
        $of($table['document']);
        array_map($of, $table['definitions']);
        foreach (array_unique($keys) as $key) {
            self::assertNotSame('', $words["field.$key"] ?? '', $key);
        }
    }

    #[DataProvider('lengths')]
    public function test_history_tells_every_length_of_a_fill_or_a_door_with_its_unit(string $where, string $kind, string $key): void
    {
        $before = $after = Sample::e1();
        $bay = ['pieces', Sample::PIECE, 'runs', Sample::RUN, 'bands', Sample::BOX, 'bays', Sample::id('BAY', 1)];
        $before = self::with($before, [...$bay, $where], ['kind' => $kind, $key => 100]);
        $after = self::with($after, [...$bay, $where], ['kind' => $kind, $key => 120]);
        $row = ChangeDescriber::between($before, $after)[0];
        self::assertSame(['history.length', 'history.length'], [$row['before']->key, $row['after']->key]);
        self::assertSame(120, $row['after']->args['length']->millimetres());
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function lengths(): iterable
    {
        foreach (['fill' => FillKind::cases(), 'door' => DoorKind::cases()] as $where => $kinds) {
            foreach ($kinds as $kind) {
                foreach ($kind->fields() as $key => $field) {
                    if ($field->type === FieldType::Length) {
                        yield "$where $kind->value $key" => [$where, $kind->value, $key];
                    }
                }
            }
        }
    }

    public function test_an_angle_that_was_read_is_told_before_and_after(): void
    {
        $document = Sample::reading(Sample::e1(), Sample::id('ANG', 1), ['kind' => 'slope_angle', 'side' => 'left'], 1);
        $take = fn (array $d, int $n, float $deg): array => self::with($d, ['facts', Sample::id('ZDEG', $n)],
            ['kind' => 'take', 'reading' => Sample::id('ANG', 1), 'deg' => $deg, 'typed' => (string) $deg]);
        $before = $take($document, 1, 42.5);
        $row = ChangeDescriber::between($before, $take($before, 2, 43.0))[0];
        self::assertSame([42.5, 43.0], [$row['before']->args['angle']->degrees, $row['after']->args['angle']->degrees]);
    }

    public function test_what_the_table_does_not_know_is_refused_where_it_stands(): void
    {
        $bay = ['pieces', Sample::PIECE, 'runs', Sample::RUN, 'bands', Sample::BOX, 'bays', Sample::id('BAY', 1), 'fill'];
        $wrong = self::with(self::with(Sample::e1(), [...$bay, 'nossing'], 40), ['workshop', 'kurf'], 3);
        try {
            UnknownKeys::refuse($wrong);
            self::fail('Both were taken.');
        } catch (DocumentRejected $e) {
            self::assertSame(['/'.implode('/', $bay).'/nossing', '/workshop/kurf'], array_map(fn (Problem $p): string => $p->pointer, $e->problems));
        }
        UnknownKeys::refuse(self::with(Sample::e1(), [...$bay, 'nosing'], 40));
        self::assertNull(FieldTable::at($wrong, ['workshop', 'kurf']));
        self::assertNull(FieldTable::at($wrong, ['workshop', 'kerf', 'deeper']));
        self::assertSame(FieldType::Length, FieldTable::at($wrong, ['workshop', 'kerf']));
        self::assertSame(FieldType::Group, FieldTable::at($wrong, ['workshop']));
    }

    /**
     * @param  array<array-key, mixed>  $value
     * @param  list<string>  $path
     * @return list<array{list<string>, mixed}>
     */
    private static function leaves(array $value, array $path = []): array
    {
        $leaves = [];
        foreach ($value as $key => $item) {
            $at = [...$path, (string) $key];
            array_push($leaves, ...(is_array($item) ? self::leaves($item, $at) : [[$at, $item]]));
        }

        return $leaves;
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @param  list<string>  $path
     * @return array<array-key, mixed>
     */
    private static function with(array $document, array $path, mixed $value): array
    {
        $at = &$document;
        foreach ($path as $key) {
            $at = &$at[$key];
        }
        $at = $value;

        return $document;
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @return list<Problem>
     */
    private static function problems(array $document): array
    {
        try {
            ProjectReader::read($document);
        } catch (DocumentRejected $e) {
            return $e->problems;
        }

        return [];
    }
}
