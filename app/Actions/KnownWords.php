<?php

declare(strict_types=1);

namespace App\Actions;

use Incastro\Core\Document\Change;
use Incastro\Core\Document\DocumentRejected;
use Incastro\Core\Document\PlainText;
use Incastro\Core\Document\Problem;
use Incastro\Core\Document\Upgrade;
use Incastro\Core\Measure\Text;

/**
 * What comes from elsewhere, a document or a change, may hold only what the schema has a word for: whatever is misspelt in it would be passed over in
 * silence, and what is no plain text would deceive who reads it. What the values have to be is the core's to say, which reads them.
 */
final class KnownWords
{
    private const MOST_TOLD = 20;

    /** @var array<string, Problem> by pointer */
    private array $problems = [];

    /** @param  array<array-key, mixed>  $definitions */
    private function __construct(private readonly array $definitions)
    {
    }

    /**
     * @param  array<array-key, mixed>  $document  that the core has read
     *
     * @throws DocumentRejected naming each place that has no meaning
     */
    public static function check(array $document): void
    {
        self::read(fn (self $words, array $schema) => $words->look(Upgrade::toCurrent($document), $schema, ''));
    }

    /**
     * What a change sets, and where.
     *
     * @throws DocumentRejected naming each place that has no meaning
     */
    public static function checkChange(Change $change): void
    {
        self::read(function (self $words, array $schema) use ($change): void {
            // What is taken away had a place: it need not have a meaning.
            foreach (array_filter($change->operations, fn (array $o): bool => $o['op'] !== 'remove') as ['path' => $path, 'value' => $value]) {
                $words->look(array_reduce(array_reverse($path), fn (mixed $inner, string $key): array => [$key => $inner], $value), $schema, '');
            }
        });
    }

    /** @param  \Closure(self, array<array-key, mixed>): void  $look */
    private static function read(\Closure $look): void
    {
        /** @var array<array-key, mixed> $schema */
        $schema = json_decode((string) file_get_contents(base_path('schema/document.schema.json')), true, 64, JSON_THROW_ON_ERROR);
        $words = new self((array) ($schema['definitions'] ?? []));
        $look($words, $schema);
        if ($words->problems !== []) {
            throw new DocumentRejected(array_values($words->problems));
        }
    }

    /** @param  array<array-key, mixed>  $schema */
    private function look(mixed $node, array $schema, string $pointer): void
    {
        $ref = $schema['$ref'] ?? null;
        $schema = is_string($ref) ? (array) ($this->definitions[basename($ref)] ?? []) : $schema;
        if (is_string($node) && ! PlainText::is($node)) {
            $this->tell($pointer, 'document.unseen');
        }
        foreach (is_array($node) ? $node : [] as $key => $value) {
            $step = $pointer.'/'.str_replace(['~', '/'], ['~0', '~1'], mb_strimwidth(PlainText::cleaned(mb_scrub((string) $key)), 0, 60, '…'));
            $of = isset($schema['items']) ? $schema['items'] : (((array) ($schema['properties'] ?? []))[$key] ?? $schema['additionalProperties'] ?? null);
            if ($of === false || ! PlainText::is((string) $key)) {
                $this->tell($step, 'document.unknown_word');
            } elseif (is_array($of)) {
                $this->look($value, $of, $step);
            }
        }
    }

    private function tell(string $pointer, string $says): void
    {
        if (count($this->problems) < self::MOST_TOLD) {
            $this->problems[$pointer] = new Problem($pointer, Text::of($says));
        }
    }
}
