<?php

declare(strict_types=1);

namespace Incastro\Core\Tests;

use Incastro\Core\Queries\Starters;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Dependencies inside the core point one way (docs/architecture.md). */
final class ArrowsTest extends TestCase
{
    public function test_every_name_follows_an_arrow(): void
    {
        [$arrows, $seen] = [new Arrows, 0];
        foreach (self::sources() as $path => $file) {
            $code = (string) file_get_contents($file);
            $domain = Arrows::domainOf($path);
            self::assertContains($domain, Arrows::domains(), "$path lies in no domain");
            self::assertSame([], $arrows->against($code, $domain), $path);
            $seen += count($arrows->names($code));
        }
        self::assertGreaterThan(3_000, $seen);
    }

    public function test_no_arrow_comes_back(): void
    {
        foreach (Arrows::domains() as $domain) {
            self::assertNotContains($domain, Arrows::allowed($domain), "$domain may use itself by a way round");
        }
    }

    public function test_classes_use_one_another_in_small_circles_at_most(): void
    {
        $arrows = new Arrows;
        $uses = [];
        foreach (self::sources() as $path => $file) {
            $own = 'Incastro\\Core\\'.strtr(substr($path, 0, -4), '/', '\\');
            $uses[$own] = array_values(array_diff(array_unique($arrows->names((string) file_get_contents($file))), [$own]));
        }
        $circles = Circles::of($uses);
        self::assertLessThanOrEqual(4, count($circles[0] ?? []), implode(', ', $circles[0] ?? []));
        self::assertSame([['a', 'b', 'c']], array_map(fn (array $c): array => [...$c], Circles::of(['a' => ['b'], 'b' => ['c'], 'c' => ['a'], 'd' => ['a']])));
    }

    #[DataProvider('planted')]
    public function test_a_planted_arrow_is_seen(string $code): void
    {
        self::assertSame(['Planner'], (new Arrows)->against("<?php\n\nnamespace Incastro\\Core\\Geometry;\n\n$code", 'Geometry'));
    }

    /** @return iterable<string, array{string}> each way in which PHP lets a name be said */
    public static function planted(): iterable
    {
        yield 'an import' => ['use Incastro\\Core\\Planner; class A {}'];
        yield 'an import by another name' => ['use Incastro\\Core\\Planner as P; class A {}'];
        yield 'a group of imports' => ['use Incastro\\Core\\{Plan, Measure\\Length}; class A {}'];
        yield 'a full name in a call' => ['class A { function f() { return \\Incastro\\Core\\Planner::plan([]); } }'];
        yield 'a full name of a type' => ['class A { function f(?\\Incastro\\Core\\Plan $p): void {} }'];
        yield 'a namespace imported' => ['use Incastro\\Core; class A { function f() { return new Core\\Plan; } }'];
        yield 'a parent' => ['class A extends \\Incastro\\Core\\Plan {}'];
        yield 'a class by its name' => ['class A { const B = \\Incastro\\Core\\Planner::class; }'];
        yield 'an attribute' => ['#[\\Incastro\\Core\\Plan] class A {}'];
        yield 'what is caught' => ['class A { function f() { try {} catch (\\Incastro\\Core\\Plan) {} } }'];
        yield 'a type in a comment' => ['class A { /** @return \\Incastro\\Core\\Plan */ function f() {} }'];
    }

    public function test_between_any_two_domains_only_the_arrows_hold(): void
    {
        $arrows = new Arrows;
        foreach (Arrows::domains() as $from) {
            foreach (Arrows::domains() as $to) {
                $name = $to === Arrows::ROOT ? 'Planner' : "$to\\Thing";
                $found = $arrows->against("<?php namespace Incastro\\Core\\$from; use Incastro\\Core\\$name;", $from);
                $may = $from === $to || in_array($to, Arrows::allowed($from), true);
                self::assertSame($may ? [] : [$to], $found, "$from uses $to");
            }
        }
        self::assertContains('Measure', Arrows::allowed('Console'));
        self::assertNotContains('Survey', Arrows::allowed('Exchange'));
        self::assertNotContains('Draw', Arrows::allowed('Build'));
        self::assertNotContains(Arrows::ROOT, Arrows::allowed('Planning'));
    }

    public function test_the_core_knows_no_framework_no_clock_and_no_unseeded_chance(): void
    {
        foreach (self::sources() as $file) {
            $code = (string) file_get_contents($file);
            self::assertDoesNotMatchRegularExpression('/\bIlluminate\\\\|\bSymfony\\\\/', $code, $file);
            if (! str_contains($file, '/Console/')) {
                self::assertDoesNotMatchRegularExpression('/\b(time|microtime|date|rand|mt_rand|random_int|shuffle|array_rand)\(/', $code, $file);
            }
        }
    }

    public function test_nothing_in_design_names_a_starter(): void
    {
        $names = [];
        foreach (Starters::all() as $key => $starter) {
            array_push($names, $key, str_replace('-', '_', $key), $starter['name']);
        }
        self::assertGreaterThan(40, count($names));
        foreach (array_filter(self::sources(), fn (string $f): bool => str_contains($f, '/Design/')) as $file) {
            foreach ($names as $name) {
                self::assertStringNotContainsStringIgnoringCase($name, (string) file_get_contents($file), $file);
            }
        }
    }

    /** @return array<string, string> files by their path under core/src */
    private static function sources(): array
    {
        $root = __DIR__.'/../src/';
        $files = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS)) as $file) {
            $files[substr((string) $file, strlen($root))] = (string) $file;
        }

        return $files;
    }
}
