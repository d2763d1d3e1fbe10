<?php

declare(strict_types=1);

namespace App\Actions;

use Incastro\Core\Document\DocumentRejected;
use Incastro\Core\Document\Problem;
use Incastro\Core\Document\Upgrade;
use Incastro\Core\Measure\Text;

/**
 * A document from elsewhere may hold only what its schema has a word for: whatever is misspelt in it would be passed over in silence. What the values
 * have to be is the core's to say, which reads them.
 */
final class KnownWords
{
    private const MOST_TOLD = 20;

    /** @var list<string> pointers to what the schema does not know */
    private array $unknown = [];

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
        /** @var array<array-key, mixed> $schema */
        $schema = json_decode((string) file_get_contents(base_path('schema/document.schema.json')), true, 64, JSON_THROW_ON_ERROR);
        $self = new self((array) ($schema['definitions'] ?? []));
        $self->look(Upgrade::toCurrent($document), $schema, '');
        if ($self->unknown !== []) {
            throw new DocumentRejected(array_map(fn (string $pointer): Problem => new Problem($pointer, Text::of('document.unknown_word')), $self->unknown));
        }
    }

    /** @param  array<array-key, mixed>  $schema */
    private function look(mixed $node, array $schema, string $pointer): void
    {
        $ref = $schema['$ref'] ?? null;
        $schema = is_string($ref) ? (array) ($this->definitions[basename($ref)] ?? []) : $schema;
        if (! is_array($node) || count($this->unknown) === self::MOST_TOLD) {
            return;
        }
        foreach ($node as $key => $value) {
            $step = $pointer.'/'.str_replace(['~', '/'], ['~0', '~1'], mb_strimwidth(mb_scrub((string) $key), 0, 60, '…'));
            $of = isset($schema['items']) ? $schema['items'] : (((array) ($schema['properties'] ?? []))[$key] ?? $schema['additionalProperties'] ?? null);
            if (is_array($of)) {
                $this->look($value, $of, $step);
            } elseif ($of === false && count($this->unknown) < self::MOST_TOLD) {
                $this->unknown[] = $step;
            }
        }
    }
}
