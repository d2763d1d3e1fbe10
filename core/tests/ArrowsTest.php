<?php

declare(strict_types=1);

namespace Incastro\Core\Tests;

use Incastro\Core\Queries\Starters;
use PHPUnit\Framework\TestCase;

/** Dependencies inside the core point one way (docs/architecture.md). Document's types are inputs to all. */
final class ArrowsTest extends TestCase
{
    private const MAY_USE = [
        'Measure' => [],
        'Findings' => ['Measure', 'Document'],
        'Geometry' => ['Measure'],
        'Document' => ['Measure'],
        'Memory' => [],
        'Survey' => ['Measure', 'Memory', 'Findings', 'Geometry', 'Document'],
        'Envelope' => ['Measure', 'Findings', 'Geometry', 'Document', 'Survey'],
        'Design' => ['Measure', 'Findings', 'Geometry', 'Document', 'Envelope'],
        'Fit' => ['Measure', 'Findings', 'Geometry', 'Document', 'Survey', 'Envelope', 'Design'],
        'Cut' => ['Measure', 'Findings', 'Geometry', 'Document', 'Design', 'Fit', 'Csv'],
        'Build' => ['Measure', 'Findings', 'Geometry', 'Document', 'Survey', 'Design', 'Fit', 'Cut'],
        'Checks' => ['Measure', 'Findings', 'Geometry', 'Document', 'Survey', 'Envelope', 'Design', 'Fit', 'Cut'],
        'Draw' => ['Measure', 'Findings', 'Geometry', 'Document', 'Survey', 'Envelope', 'Design', 'Fit', 'Cut'],
        'Csv' => ['Measure'],
        'Dxf' => [],
        'History' => ['Measure', 'Document', 'Survey'],
        'Library' => ['Measure', 'Document', 'Csv'],
        'Planning' => ['Measure', 'Memory', 'Findings', 'Document', 'Survey', 'Design', 'Fit', 'Cut', 'Checks', 'Build'],
        'Console' => ['Measure', 'Document', 'Cut'],
    ];

    public function test_every_use_follows_an_arrow(): void
    {
        $seen = 0;
        foreach (self::sources() as $file) {
            $domain = explode('/', ltrim(substr($file, strlen(__DIR__.'/../src')), '/'))[0];
            $domain = str_ends_with($domain, '.php') ? 'src' : $domain;
            preg_match_all('/^use Incastro\\\\Core\\\\(\w+)\\\\/m', (string) file_get_contents($file), $m);
            foreach ($m[1] as $used) {
                $seen++;
                if ($domain !== 'src' && $used !== $domain) {
                    self::assertContains($used, self::MAY_USE[$domain] ?? [], "$file uses $used");
                }
            }
        }
        self::assertGreaterThan(100, $seen);
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

    /** @return list<string> */
    private static function sources(): array
    {
        $files = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(__DIR__.'/../src', \FilesystemIterator::SKIP_DOTS));

        return array_values(array_map(strval(...), iterator_to_array($files)));
    }
}
