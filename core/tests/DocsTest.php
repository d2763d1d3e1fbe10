<?php

declare(strict_types=1);

namespace Incastro\Core\Tests;

use Incastro\Core\Checks\Checker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the pages say of the code is there: classes, methods, files, folders, commands. Decisions tell what was, and are not read here. */
final class DocsTest extends TestCase
{
    private const ROOT = __DIR__.'/../../';

    /** Files that somebody makes by following the page. */
    private const TO_COME = ['resources/lang/<code>.json'];

    #[DataProvider('pages')]
    public function test_what_a_page_names_is_there(string $page): void
    {
        self::assertNotSame('', self::source($page));
        preg_match_all('/`([^`\n]+)`/', self::source($page), $m);
        foreach (array_unique($m[1]) as $said) {
            if (preg_match('/^((?:[A-Z]\w*\\\\)*[A-Z]\w+)(?:::(\w+)(?:\(\))?)?$/', $said, $name) === 1) {
                self::assertTrue($this->isKnown($name[1], $name[2] ?? null), "$page: $said");
            } elseif (preg_match('#^(?:core|app|support|resources|schema|docs|database|tests)/[\w./<>-]+$#', $said) === 1
                && ! in_array($said, self::TO_COME, true)) {
                self::assertFileExists(self::ROOT.$said, $page);
            }
        }
        preg_match_all('#\./incastro ([a-z][a-z-]*)#', self::source($page), $commands);
        foreach (array_unique($commands[1]) as $command) {
            self::assertMatchesRegularExpression("/^    (?:[a-z]+ \\| )*$command(?: \\| [a-z-]+)*\\) /m",
                self::source('incastro'), "$page: ./incastro $command");
        }
    }

    public function test_the_readme_counts_the_rules(): void
    {
        self::assertStringContainsString((new \NumberFormatter('en', \NumberFormatter::SPELLOUT))->format(count(Checker::RULES)).' rules',
            self::source('README.md'));
    }

    /** @return iterable<string, array{string}> */
    public static function pages(): iterable
    {
        foreach (['README.md', 'CONTRIBUTING.md', ...array_map(fn (string $f): string => 'docs/'.basename($f), glob(self::ROOT.'docs/*.md') ?: [])] as $page) {
            yield $page => [$page];
        }
        foreach (glob(self::ROOT.'docs/formulas/*.md') ?: [] as $file) {
            yield 'docs/formulas/'.basename($file) => ['docs/formulas/'.basename($file)];
        }
    }

    /** A class, an enum or a word of one; with its method, case or constant, where one is named. */
    private function isKnown(string $class, ?string $member): bool
    {
        $short = basename(strtr($class, '\\', '/'));
        foreach (self::classes()[$short] ?? [] as $file) {
            $code = (string) file_get_contents($file);
            $isThere = str_contains($class, '\\') === false || str_ends_with(strtr(substr($file, 0, -4), '/', '\\'), $class);
            if ($isThere && ($member === null || preg_match("/\\b(?:function|case|const(?: \\w+)?) $member\\b|\\$$member\\b/", $code) === 1)) {
                return true;
            }
        }

        return $member === null && self::isOtherWord($short);
    }

    /** A folder of the core, or a word that is no class: an acronym, a key, a name of the browser's. */
    private static function isOtherWord(string $word): bool
    {
        return is_dir(self::ROOT."core/src/$word") || glob(self::ROOT."core/src/*/$word") !== [] || preg_match('/^[A-Z0-9_]+$/', $word) === 1
            || (glob(self::ROOT."resources/js/{,*/,*/*/}$word.vue", GLOB_BRACE) ?: []) !== [];
    }

    /** @return array<string, list<string>> files by the name of what they define */
    private static function classes(): array
    {
        static $classes = [];
        foreach ($classes === [] ? ['core/src', 'core/tests', 'app', 'support', 'tests'] : [] as $folder) {
            foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(self::ROOT.$folder, \FilesystemIterator::SKIP_DOTS)) as $file) {
                str_ends_with((string) $file, '.php') && $classes[basename((string) $file, '.php')][] = (string) $file;
            }
        }

        return $classes;
    }

    private static function source(string $file): string
    {
        return (string) file_get_contents(self::ROOT.$file);
    }
}
