<?php

declare(strict_types=1);

namespace Incastro\Core\Tests;

use PhpParser\Node\Stmt\ClassMethod;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;
use PHPUnit\Framework\TestCase;

/** How the core's code is to look, as far as a machine can tell. What does not hold everywhere yet may only shrink. */
final class ShapeTest extends TestCase
{
    private const LONGEST_LINE = 160;

    private const LONGEST_FILE = 300;

    private const MOST_PARAMETERS = 4;

    /** Written by `npm run types`. */
    private const MADE = ['Document/Fields/document.php'];

    /** Methods that take more than four parameters, data's own constructors apart. */
    private const MANY_PARAMETERS = 17;

    /** Lines of the middle function, and of the longest but a tenth. */
    private const USUAL_FUNCTION = [8, 19];

    public function test_no_line_is_longer_than_can_be_read(): void
    {
        foreach ([...self::files('src'), ...self::files('tests')] as $path => $code) {
            foreach (explode("\n", $code) as $n => $line) {
                self::assertLessThanOrEqual(self::LONGEST_LINE, mb_strlen($line), "$path:".($n + 1));
            }
        }
    }

    public function test_files_are_small(): void
    {
        foreach (self::files('src') as $path => $code) {
            self::assertTrue(in_array($path, self::MADE, true) || substr_count($code, "\n") <= self::LONGEST_FILE, $path);
        }
    }

    public function test_the_root_holds_nothing_but_the_door_and_what_comes_out(): void
    {
        $root = array_filter(array_keys(self::files('src')), fn (string $p): bool => ! str_contains($p, '/'));
        self::assertEqualsCanonicalizing(['Planner.php', 'Plan.php'], $root);
    }

    public function test_functions_are_short_and_take_little(): void
    {
        $lengths = [];
        $many = 0;
        foreach (self::methods() as $method) {
            $lengths[] = $method->getEndLine() - $method->getStartLine() + 1;
            $many += count($method->params) > self::MOST_PARAMETERS && $method->name->toString() !== '__construct' ? 1 : 0;
        }
        sort($lengths);
        $usual = [$lengths[intdiv(count($lengths), 2)], $lengths[(int) (0.9 * count($lengths))]];
        self::assertLessThanOrEqual(self::MANY_PARAMETERS, $many);
        self::assertLessThanOrEqual(self::USUAL_FUNCTION[0], $usual[0]);
        self::assertLessThanOrEqual(self::USUAL_FUNCTION[1], $usual[1]);
    }

    /** @return iterable<ClassMethod> with a body */
    private static function methods(): iterable
    {
        $parser = (new ParserFactory)->createForHostVersion();
        foreach (self::files('src') as $code) {
            foreach ((new NodeFinder)->findInstanceOf($parser->parse($code) ?? [], ClassMethod::class) as $method) {
                if ($method->stmts !== null) {
                    yield $method;
                }
            }
        }
    }

    /** @return array<string, string> code by path */
    private static function files(string $of): array
    {
        $root = __DIR__."/../$of/";
        $files = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS)) as $file) {
            $files += str_ends_with((string) $file, '.php') ? [substr((string) $file, strlen($root)) => (string) file_get_contents((string) $file)] : [];
        }

        return $files;
    }
}
