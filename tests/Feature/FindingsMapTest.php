<?php

declare(strict_types=1);

namespace Tests\Feature;

use Incastro\Core\Document\Fields\Limit;
use PHPUnit\Framework\TestCase;
use Support\Rules\RuleList;

require_once __DIR__.'/../../support/rules/RuleList.php';

/** docs/findings.md names rules that exist, and says why where there is none. */
final class FindingsMapTest extends TestCase
{
    public function test_every_line_names_a_rule_that_speaks_or_says_why_there_is_none(): void
    {
        $words = json_decode((string) file_get_contents(__DIR__.'/../../resources/lang/en.json'), true, 8, JSON_THROW_ON_ERROR);
        $core = implode('', array_map(file_get_contents(...), self::sources()));
        $lines = self::lines();
        self::assertGreaterThan(80, count($lines));
        foreach ($lines as [$what, $rule]) {
            if (str_starts_with($rule, 'cannot be computed, because ')) {
                continue;
            }
            self::assertMatchesRegularExpression('/^[a-z]+\.[a-z_]+$/', $rule, $what);
            self::assertArrayHasKey($rule, $words, "$what: no sentence for $rule");
            // Whole, or by its last word: "piece.knee_$axis".
            [, $name] = explode('.', $rule);
            $family = '"'.substr($rule, 0, (int) strrpos($rule, '_')).'_$';
            self::assertTrue(str_contains($core, "'$rule'") || str_contains($core, "'$name'") || str_contains($core, $family), "$what: nothing in the core says $rule");
        }
    }

    public function test_the_list_of_rules_is_the_codes_own(): void
    {
        $words = json_decode((string) file_get_contents(__DIR__.'/../../resources/lang/en.json'), true, 8, JSON_THROW_ON_ERROR);
        $made = (new RuleList(__DIR__.'/../../core/src/Checks', $words))->section();
        self::assertStringEndsWith($made, (string) file_get_contents(__DIR__.'/../../docs/findings.md'), 'php support/rules/make.php');
        foreach (Limit::cases() as $limit) {
            self::assertStringContainsString("`$limit->value`", $made);
        }
        self::assertGreaterThan(55, substr_count($made, "\n- **"));
    }

    public function test_every_clause_stands_once(): void
    {
        $whats = array_column(self::lines(), 0);
        self::assertSame([], array_keys(array_filter(array_count_values($whats), fn (int $n): bool => $n > 1)));
    }

    /** @return list<array{string, string}> what, and its rule */
    private static function lines(): array
    {
        preg_match_all('/^\| (?!what \||---)(.+?) \| (.+?) \|$/m', (string) file_get_contents(__DIR__.'/../../docs/findings.md'), $found, PREG_SET_ORDER);

        return array_map(fn (array $m): array => [$m[1], $m[2]], $found);
    }

    /** @return list<string> */
    private static function sources(): array
    {
        $files = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(__DIR__.'/../../core/src', \FilesystemIterator::SKIP_DOTS));

        return array_values(array_filter(array_map(strval(...), iterator_to_array($files)), fn (string $f): bool => str_ends_with($f, '.php')));
    }
}
