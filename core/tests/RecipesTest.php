<?php

declare(strict_types=1);

namespace Incastro\Core\Tests;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\Checker;
use Incastro\Core\Checks\HoldingCheck;
use Incastro\Core\Design\Fills\FillMaker;
use Incastro\Core\Design\Fills\FillMakers;
use Incastro\Core\Document\Model\FillKind;
use Incastro\Core\Document\Model\Instrument;
use Incastro\Core\Document\Model\MeasuringList;
use Incastro\Core\Document\Model\ReadingKind;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\SpaceKind;
use Incastro\Core\Measure\Unit;
use Incastro\Core\Survey\Readings\Measurements;
use Incastro\Core\Survey\Walk;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Each list of CONTRIBUTING.md, walked for all that is there: what a recipe asks for and somebody forgot shows here. */
final class RecipesTest extends TestCase
{
    public function test_every_check_is_run(): void
    {
        $found = 0;
        foreach (self::classes('Checks') as $class) {
            $isRule = is_subclass_of($class, Check::class)
                || is_subclass_of($class, HoldingCheck::class);
            if ($isRule) {
                self::assertContains($class, Checker::RULES, 'a rule that nobody runs');
                $found++;
            }
        }
        self::assertSame(count(Checker::RULES), $found);
    }

    #[DataProvider('fills')]
    public function test_a_fill_is_whole(FillKind $kind): void
    {
        $words = Demo::words();
        self::assertInstanceOf(FillMaker::class, FillMakers::of($kind));
        self::assertArrayHasKey("fill.$kind->value", $words);
        foreach (array_keys($kind->fields()) as $key) {
            self::assertArrayHasKey("setting.$key", $words);
            self::assertArrayHasKey("field.$key", $words);
        }
        self::assertArrayHasKey($kind->value, Demo::json('schema/vocabulary.json')['fills'], 'npm run types writes it');
        self::assertStringContainsString("'$kind->value'", self::source('resources/js/stages/piece/vocabulary.ts'), 'a place among the families');
    }

    #[DataProvider('spaces')]
    public function test_a_kind_of_space_is_whole(SpaceKind $kind): void
    {
        $words = Demo::words();
        self::assertGreaterThan(0, min($kind->usualSize()));
        self::assertGreaterThan(0, $kind->usualUnit()[0]);
        self::assertNotSame([], array_map($kind->side(...), Side::cases()));
        self::assertNotSame([], (new MeasuringList(Unit::Millimetre))->of($kind));
        self::assertArrayHasKey("space.$kind->value", $words);
        self::assertArrayHasKey("space.$kind->value.about", $words);
        self::assertStringContainsString("kind: '$kind->value'", self::source('resources/js/ui/spaceKinds.ts'), 'its sketch');
        $rooms = array_merge(...array_map(fn (array $d): array => array_column($d['spaces'], 'kind'), array_values(iterator_to_array(Demo::documents()))));
        self::assertContains($kind->value, $rooms, 'a room of the demo house');
    }

    #[DataProvider('readings')]
    public function test_a_kind_of_reading_is_whole(ReadingKind $kind): void
    {
        $words = Demo::words();
        self::assertSame('Incastro\\Core\\Survey\\Readings', (new \ReflectionClass(Measurements::of($kind)))->getNamespaceName());
        self::assertContains($kind, Walk::ORDER, 'its place in the order in which a space is walked');
        self::assertInstanceOf(Instrument::class, Instrument::usualFor($kind));
        self::assertArrayHasKey("help.reading.$kind->value", $words);
    }

    /** @return iterable<string, array{FillKind}> */
    public static function fills(): iterable
    {
        foreach (FillKind::cases() as $kind) {
            yield $kind->value => [$kind];
        }
    }

    /** @return iterable<string, array{SpaceKind}> */
    public static function spaces(): iterable
    {
        foreach (SpaceKind::cases() as $kind) {
            yield $kind->value => [$kind];
        }
    }

    /** @return iterable<string, array{ReadingKind}> */
    public static function readings(): iterable
    {
        foreach (ReadingKind::cases() as $kind) {
            yield $kind->value => [$kind];
        }
    }

    /** @return iterable<class-string> of a folder of the core */
    private static function classes(string $folder): iterable
    {
        $root = __DIR__.'/../src/';
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root.$folder, \FilesystemIterator::SKIP_DOTS)) as $file) {
            $class = 'Incastro\\Core\\'.strtr(substr((string) $file, strlen($root), -4), '/', '\\');
            if (class_exists($class)) {
                yield $class;
            }
        }
    }

    private static function source(string $file): string
    {
        return (string) file_get_contents(__DIR__."/../../$file");
    }
}
