<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Document\Reading;

use Incastro\Core\Document\Reading\DocumentRejected;
use Incastro\Core\Document\Reading\Problem;
use Incastro\Core\Document\Reading\ProjectReader;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ProjectReaderTest extends TestCase
{
    public function test_all_problems_are_collected_with_their_places(): void
    {
        $document = Sample::e1();
        $document['name'] = '';
        $document['pieces'][Sample::PIECE]['depth'] = 'deep';
        $document['stock'][Sample::PLY]['thickness'] = 0;
        $document['workshop']['kerf'] = -1;
        self::assertEqualsCanonicalizing(
            ['/name', '/pieces/'.Sample::PIECE.'/depth', '/stock/'.Sample::PLY.'/thickness', '/workshop/kerf'],
            array_map(fn (Problem $p): string => $p->pointer, self::problems($document)),
        );
    }

    /** @param  \Closure(array<string, mixed>): array<string, mixed>  $spoil */
    #[DataProvider('spoilt')]
    public function test_each_wrong_thing_has_its_own_sentence(string $key, \Closure $spoil): void
    {
        self::assertSame($key, self::problems($spoil(Sample::e1()))[0]->says->key);
    }

    /** @return iterable<string, array{string, \Closure}> */
    public static function spoilt(): iterable
    {
        $piece = fn (array $d, string $key, mixed $value): array => array_replace_recursive($d, ['pieces' => [Sample::PIECE => [$key => $value]]]);
        yield 'another program' => ['document.not_a_project', fn (array $d): array => ['format' => 'other'] + $d];
        yield 'no version' => ['document.no_version', fn (array $d): array => ['version' => 'one'] + $d];
        yield 'newer' => ['document.newer_version', fn (array $d): array => ['version' => 7] + $d];
        yield 'a day that is none' => ['document.date_expected', fn (array $d): array => ['as_of' => '%s%n'] + $d];
        yield 'zero width' => ['document.reading_not_positive', fn (array $d): array => Sample::take($d, Sample::id('W', 1), 0, 70)];
        yield 'negative width' => ['document.reading_not_positive', fn (array $d): array => Sample::take($d, Sample::id('W', 1), -3, 70)];
        yield 'a lean of a metre' => ['document.lean_too_large', fn (array $d): array => Sample::take($d, Sample::id('P', 1), 1000, 70)];
        yield 'longer than a house' => ['document.length_not_range', fn (array $d): array => $piece($d, 'depth', 50_001)];
        yield 'off the grid' => ['document.length_not_grid', fn (array $d): array => $piece($d, 'depth', 1 / 3 + 300)];
        yield 'unknown edge' => ['document.choice_expected', fn (array $d): array => $piece($d, 'left', ['kind' => 'glue'])];
        yield 'unknown space' => ['document.space_unknown', fn (array $d): array => $piece($d, 'space', Sample::id('NOWHERE', 1))];
        yield 'unknown material' => ['document.material_unknown', fn (array $d): array => $piece($d, 'material', Sample::id('NONE', 1))];
        yield 'no bay' => ['document.bays_expected', function (array $d): array {
            $d['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::BOX]['bays'] = [];

            return $d;
        }];
        $reading = fn (array $d, array $reading, int|float $value = 100): array => Sample::reading($d, Sample::id('NEW', 1), $reading, $value);
        yield 'no such reading' => ['document.choice_expected', fn (array $d): array => $reading($d, ['kind' => 'guess'])];
        yield 'a width nowhere' => ['document.reading_needs', fn (array $d): array => $reading($d, ['kind' => 'width'])];
        yield 'a gap behind nothing' => ['document.reading_needs', fn (array $d): array => $reading($d, ['kind' => 'gap', 'face' => 'left', 'z' => 900])];
        yield 'three, four, five without marks' => ['document.reading_needs',
            fn (array $d): array => $reading($d, ['kind' => 'three_four_five', 'side' => 'left', 'along_back' => 600])];
        yield 'a rise over nothing' => ['document.reading_needs', fn (array $d): array => $reading($d, ['kind' => 'slope_rise'])];
        yield 'a return of no side' => ['document.reading_needs', fn (array $d): array => $reading($d, ['kind' => 'return'])];
        yield 'a height neither left nor right' => ['document.choice_expected', fn (array $d): array => $reading($d, ['kind' => 'height'])];
        yield 'a diagonal that rises nowhere' => ['document.choice_expected', fn (array $d): array => $reading($d, ['kind' => 'diagonal'])];
        yield 'plumb between equal heights' => ['document.plumb_needs_height',
            fn (array $d): array => $reading($d, ['kind' => 'plumb', 'side' => 'left', 'from_z' => 900, 'z' => 900], 2)];
        yield 'plumb on a floor' => ['document.reading_not_there',
            fn (array $d): array => $reading($d, ['kind' => 'plumb', 'face' => 'floor', 'from_z' => 100, 'z' => 900], 2)];
        yield 'a gap behind nothing solid' => ['document.reading_not_there',
            fn (array $d): array => $reading($d, ['kind' => 'gap', 'face' => 'opening', 'edge' => 'one', 'z' => 900], 2)];
        yield 'level along a wall' => ['document.reading_not_there', fn (array $d): array => $reading($d, ['kind' => 'level', 'face' => 'back'], 2)];
        yield 'a gap below nothing' => ['document.reading_negative',
            fn (array $d): array => $reading($d, ['kind' => 'gap', 'face' => 'back', 'edge' => 'one', 'z' => 900], -1)];
        yield 'a gap of a pace' => ['document.reading_too_large',
            fn (array $d): array => $reading($d, ['kind' => 'gap', 'face' => 'back', 'edge' => 'one', 'z' => 900], 700)];
        yield 'a hall' => ['document.reading_too_large', fn (array $d): array => $reading($d, ['kind' => 'depth', 'side' => 'left'], 20_001)];
        yield 'an angle in millimetres' => ['document.degrees_expected',
            fn (array $d): array => $reading($d, ['kind' => 'corner_angle', 'side' => 'left'], 90)];
        yield 'a width in degrees' => ['document.length_expected', function (array $d): array {
            $d['facts'][Sample::id('TAKE', 70)] = ['kind' => 'take', 'reading' => Sample::id('W', 1), 'deg' => 90, 'typed' => '90'];

            return $d;
        }];
        yield 'more than half a turn' => ['document.number_expected', function (array $d): array {
            $d['facts'][Sample::id('TAKE', 70)] = ['kind' => 'take', 'reading' => Sample::id('W', 1), 'deg' => 181, 'typed' => '181'];

            return $d;
        }];
        yield 'read with a string' => ['document.choice_expected', function (array $d): array {
            $d['facts'][Sample::id('TAKE', 1)]['with'] = 'string';

            return $d;
        }];
        yield 'a fact of no kind' => ['document.choice_expected', function (array $d): array {
            $d['facts'][Sample::id('TAKE', 70)] = ['kind' => 'rumour', 'reading' => Sample::id('W', 1)];

            return $d;
        }];
        $space = fn (array $d, array $fields): array => array_replace_recursive($d, ['spaces' => [Sample::SPACE => $fields]]);
        $thing = fn (array $d, array $fields): array => $space($d, ['things' => [Sample::id('TH', 1) => $fields + ['kind' => 'socket', 'face' => 'back',
            'across' => 300, 'up' => 500, 'width' => 86, 'height' => 86, 'out' => 10]]]);
        yield 'a space of no kind' => ['document.choice_expected', fn (array $d): array => $space($d, ['kind' => 'attic'])];
        yield 'a slope low at the wrong end' => ['document.slope_low_end',
            fn (array $d): array => $space($d, ['slope' => ['along' => 'depth', 'low' => 'left']])];
        yield 'a footprint without a depth' => ['document.length_expected',
            fn (array $d): array => $space($d, ['footprint' => ['x' => 0, 'y' => 0, 'width' => 600]])];
        yield 'a stud outside' => ['document.length_too_small',
            fn (array $d): array => $space($d, ['build' => ['studs' => [Sample::id('ST', 1) => ['x' => -5]]]])];
        yield 'a socket underfoot' => ['document.thing_not_there', fn (array $d): array => $thing($d, ['face' => 'floor'])];
        yield 'a socket boxed in' => ['document.treatment_unfit', fn (array $d): array => $thing($d, ['treatment' => 'box_in'])];
        yield 'a thing without a size' => ['document.length_expected', fn (array $d): array => $thing($d, ['width' => null])];
        yield 'a thing nearer than the wall' => ['document.length_too_small', fn (array $d): array => $thing($d, ['across' => -1])];
        $way = fn (array $d, array $fields): array => $d
            + ['way_in' => [Sample::id('WAY', 1) => $fields + ['kind' => 'door', 'name' => 'Door', 'width' => 760, 'height' => 1980]]];
        yield 'a turn into nothing' => ['document.turn_needs_into', fn (array $d): array => $way($d, ['kind' => 'corner'])];
        yield 'a door for cats' => ['document.length_too_small', fn (array $d): array => $way($d, ['width' => 99])];
        yield 'a lift' => ['document.choice_expected', fn (array $d): array => $way($d, ['kind' => 'lift'])];
        yield 'a nameless door' => ['document.text_expected', fn (array $d): array => $way($d, ['name' => ' '])];
        yield 'id' => ['document.id_expected', fn (array $d): array => array_replace($d, ['spaces' => $d['spaces'] + ['kitchen' => []]])];
    }

    /**
     * @param  array<string, mixed>  $document
     * @return list<Problem>
     */
    private static function problems(array $document): array
    {
        try {
            ProjectReader::read($document);
        } catch (DocumentRejected $e) {
            return $e->problems;
        }
        self::fail('The document was read.');
    }
}
