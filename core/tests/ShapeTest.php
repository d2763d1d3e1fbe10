<?php

declare(strict_types=1);

namespace Incastro\Core\Tests;

use PhpParser\Node\Param;
use PhpParser\Node\Stmt\Class_;
use PhpParser\Node\Stmt\ClassLike;
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
        foreach (self::methods() as $where => $method) {
            $lengths[] = $method->getEndLine() - $method->getStartLine() + 1;
            self::assertLessThanOrEqual(self::MOST_PARAMETERS, $method->name->toString() === '__construct' ? 0 : count($method->params), $where);
        }
        sort($lengths);
        $usual = [$lengths[intdiv(count($lengths), 2)], $lengths[(int) (0.9 * count($lengths))]];
        self::assertLessThanOrEqual(self::USUAL_FUNCTION[0], $usual[0]);
        self::assertLessThanOrEqual(self::USUAL_FUNCTION[1], $usual[1]);
    }

    public function test_what_is_made_of_more_than_four_things_never_changes_or_holds_them_for_all_to_read(): void
    {
        foreach (self::classes() as $where => $class) {
            $made = $class->getMethod('__construct')->params ?? [];
            $isPublic = array_filter($made, fn (Param $p): bool => ! $p->isPublic()) === [];
            self::assertTrue(count($made) <= self::MOST_PARAMETERS || ($class instanceof Class_ && $class->isReadonly()) || $isPublic, $where);
        }
    }

    /** @return iterable<string, ClassMethod> with a body, by where it stands */
    private static function methods(): iterable
    {
        foreach (self::classes() as $where => $class) {
            foreach ($class->getMethods() as $method) {
                if ($method->stmts !== null) {
                    yield "$where::{$method->name}" => $method;
                }
            }
        }
    }

    /** @return iterable<string, ClassLike> by path */
    private static function classes(): iterable
    {
        $parser = (new ParserFactory)->createForHostVersion();
        foreach (self::files('src') as $path => $code) {
            foreach ((new NodeFinder)->findInstanceOf($parser->parse($code) ?? [], ClassLike::class) as $class) {
                yield $path => $class;
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
