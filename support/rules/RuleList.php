<?php

declare(strict_types=1);

namespace Support\Rules;

use Incastro\Core\Assembly\Fastening\ClashKind;
use Incastro\Core\Document\Fields\Limit;

/** Every file under core/src/Checks that says a finding: its codes, what its docblock says of it and of its source, and the limits a person may set. */
final class RuleList
{
    public const HEADING = '## Rules, their sources and limits';

    /** @param  array<string, string>  $words */
    public function __construct(private string $checks, private array $words)
    {
    }

    /** The section of docs/findings.md, from its heading to its last line. */
    public function section(): string
    {
        $lines = [self::HEADING, '', 'Made from the code by `php support/rules/make.php`. A limit in *italics* may be set otherwise.', ''];
        foreach ($this->rules() as $name => [$codes, $says, $limits]) {
            $lines[] = "- **$name** (".implode(', ', array_map(fn (string $c): string => "`$c`", $codes)).'): '.$says.($limits === [] ? '' : ' *'.implode(', ', $limits).'.*');
        }

        return implode("\n", $lines)."\n";
    }

    /** @return array<string, array{non-empty-list<string>, string, list<string>}> codes, what it says, limits */
    private function rules(): array
    {
        $rules = [];
        $files = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($this->checks, \FilesystemIterator::SKIP_DOTS));
        foreach ($files as $file) {
            $code = (string) file_get_contents((string) $file);
            $codes = $this->codes($code);
            if ($codes !== []) {
                $rules[basename((string) $file, '.php')] = [$codes, self::says($code), self::limits($code)];
            }
        }
        ksort($rules);

        return $rules;
    }

    /** @return list<string> those with a sentence and a remedy, in the order they stand there */
    private function codes(string $code): array
    {
        preg_match_all("/'([a-z]+\.[a-z_]+)'/", $code, $found);
        $isSaid = fn (string $c): bool => preg_match("/(?:Finding\\(|\\\$code = .*|=> Text::of\\()\\s*'".preg_quote($c, '/')."'/", $code) === 1;
        $codes = array_filter($found[1], fn (string $c): bool => isset($this->words[$c]) && (isset($this->words["$c.remedy"]) || $isSaid($c)));
        // Each way two holes may clash is a code of its own.
        $clashes = str_contains($code, '"cut.{$clash->kind->value}"') || str_contains($code, '$clash->kind->value') ? array_map(fn (ClashKind $k): string => "cut.$k->value", ClashKind::cases()) : [];

        return array_values(array_unique([...$codes, ...$clashes]));
    }

    private static function says(string $code): string
    {
        preg_match('#/\*\*(.*?)\*/\s*(?:final )?(?:readonly )?class#s', $code, $found);

        return trim((string) preg_replace('/\s*\n?\s*\*\s+|\s+/', ' ', $found[1] ?? ''));
    }

    /** @return list<string> */
    private static function limits(string $code): array
    {
        preg_match_all('/Limit::(\w+)/', $code, $found);
        $limits = [];
        foreach (array_unique($found[1]) as $name) {
            $limit = constant(Limit::class."::$name");
            $limits[] = match ($limit->unit()->value) {
                'part_in' => "one part in {$limit->usual()} ({$limit->least()} to {$limit->most()})",
                default => "{$limit->usual()} ".($limit->unit()->value === 'kg' ? 'kg' : 'mm')." ({$limit->least()} to {$limit->most()})",
            };
        }

        return $limits;
    }
}
