<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Console;

use Incastro\Core\Document\Reading\ProjectReader;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ConsoleTest extends TestCase
{
    public function test_measure_prints_what_it_understood(): void
    {
        [$code, $out] = CommandLine::run('measure', '34 5/8 in - 2 * 18mm');
        self::assertSame(0, $code);
        self::assertSame('{"mm":843.475,"exact":true,"text":"843.475 mm","also":"33 13/64 in","notes":[]}'."\n", $out);
        self::assertSame('{"mm":879.475,"exact":true,"text":"34 5/8 in","also":"879.5 mm","notes":[]}'."\n",
            CommandLine::run('measure', '34 5/8', '--unit', 'in')[1]);
    }

    public function test_plan_prints_the_plan_byte_for_byte_the_same(): void
    {
        $json = json_encode(Sample::bays(Sample::e1(), [[null, null]]), JSON_THROW_ON_ERROR);
        [$code, $once] = CommandLine::plan($json);
        self::assertSame(0, $code);
        self::assertSame($once, CommandLine::plan($json)[1]);
        self::assertStringStartsWith('{"format":"incastro-plan"', $once);
    }

    /** @param  list<string>  $arguments */
    #[DataProvider('badLines')]
    public function test_bad_input_is_one_clear_line_and_exit_2(array $arguments, string $says): void
    {
        [$code, $out, $error] = CommandLine::run(...$arguments);
        self::assertSame([2, ''], [$code, $out]);
        self::assertStringContainsString($says, $error);
        self::assertSame(1, substr_count($error, "\n"));
    }

    /** @return iterable<string, array{list<string>, string}> */
    public static function badLines(): iterable
    {
        yield 'no command' => [[], 'not a command'];
        yield 'letters' => [['measure', 'abc'], 'Could not read "abc"'];
        yield 'unit' => [['measure', '1', '--unit', 'ell'], 'expected mm or in'];
        yield 'unknown option' => [['measure', '1', '--colour', 'red'], '--colour is not an option'];
        yield 'no file' => [['nest', 'nowhere.csv', '--sheet', '10x10'], 'nowhere.csv cannot be read'];
        yield 'no file to plan' => [['plan'], 'The project file is missing'];
    }

    #[DataProvider('badLists')]
    public function test_bad_lists_say_where(string $csv, string $says, string ...$options): void
    {
        [$code, $out, $error] = CommandLine::nest($csv, ...($options ?: ['--sheet', '2440x1220']));
        self::assertSame([2, ''], [$code, $out]);
        self::assertStringContainsString($says, $error);
    }

    /** @return iterable<string, list<string>> */
    public static function badLists(): iterable
    {
        $head = "name,qty,length_mm,width_mm,grain\n";
        yield 'empty' => ['', 'is empty'];
        yield 'no part' => [$head, 'is empty'];
        yield 'no grain column' => ["name,qty,length_mm,width_mm\nA,1,2,3\n", 'no column grain'];
        yield 'quantity' => ["{$head}A,-1,100,100,free\n", 'Line 2: qty is "-1"'];
        yield 'length' => ["{$head}A,1,100,100,free\nB,1,wide,100,free\n", 'Line 3: length_mm is "wide"'];
        yield 'zero' => ["{$head}A,1,0,100,free\n", 'above zero'];
        yield 'grain' => ["{$head}A,1,100,100,up\n", 'expected length, width or free'];
        yield 'quantity with a fraction' => ["{$head}A,1.5,100,100,free\n", 'Line 2: qty is "1.5"'];
        yield 'quantity missing' => ["{$head}A,,100,100,free\n", 'Line 2: qty is ""'];
        yield 'quantity in words' => ["{$head}A,two,100,100,free\n", 'a whole number from 1 to 9999'];
        yield 'far too many' => ["{$head}A,99999,100,100,free\n", 'Line 2: qty'];
        yield 'more parts than are read' => [$head.implode('', array_map(fn (int $i): string => "P$i,9999,10,10,free\n", range(1, 3))), '5000'];
        yield 'no name' => ["{$head},1,100,100,free\n", 'Line 2: name'];
        yield 'negative width' => ["{$head}A,1,100,-5,free\n", 'Line 2: width_mm'];
        yield 'a width missing' => ["{$head}A,1,100,,free\n", 'Line 2: width_mm is ""'];
        yield 'a line cut short' => ["{$head}A,1,100\n", 'Line 2: grain'];
        yield 'grain in capitals of nothing' => ["{$head}A,1,100,100,ACROSS\n", 'expected length, width or free'];
        yield 'no header' => ["A,1,100,100,free\n", 'no column name'];
        yield 'tabs' => ["name\tqty\tlength_mm\twidth_mm\tgrain\nA\t1\t2\t3\tfree\n", 'no column name'];
        yield 'a quote that never ends' => ["{$head}\"A,1,100,100,free\n", 'Line 2'];
        yield 'a length of 1e400' => ["{$head}A,1,1e400,100,free\n", 'Line 2: length_mm'];
        yield 'priority' => ["name,qty,length_mm,width_mm,grain,priority\nA,1,100,100,free,soon\n", 'Line 2: priority is "soon"'];
        yield 'not text' => ["{$head}\xff\xfe\x00,1,100,100\n", 'Line 2'];
        yield 'effort' => ["{$head}A,1,100,100,free\n", 'expected', '--sheet', '100x100', '--effort', '11'];
        yield 'kerf below zero' => ["{$head}A,1,100,100,free\n", 'zero or more', '--sheet', '100x100', '--kerf', '-1'];
        yield 'twice' => ["{$head}A,1,100,100,free\nA,1,100,100,free\n", 'stands twice'];
        yield 'sheet' => ["{$head}A,1,100,100,free\n", 'expected LENGTHxWIDTH', '--sheet', 'big'];
        yield 'trim' => ["{$head}A,1,100,100,free\n", 'leave some of the sheet', '--sheet', '100x100', '--trim', '50'];
    }

    public function test_a_document_from_a_newer_format_is_refused(): void
    {
        $document = Sample::e1();
        $document['version'] = ProjectReader::VERSION + 1;
        [$code, , $error] = CommandLine::plan(json_encode($document, JSON_THROW_ON_ERROR));
        self::assertSame(2, $code);
        self::assertStringContainsString('document.newer_version', $error);
        self::assertStringContainsString('document.broken_json', CommandLine::plan('{"format":')[2]);
    }
}
