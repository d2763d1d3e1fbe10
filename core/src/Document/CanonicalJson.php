<?php

declare(strict_types=1);

namespace Incastro\Core\Document;

use Incastro\Core\Measure\Text;

/**
 * The one spelling of a document: keys sorted, shortest numbers, no spaces.
 * A document holds no empty lists, so an empty array is always an empty collection.
 */
final class CanonicalJson
{
    private const LARGEST_BYTES = 8_000_000;

    /** @param  array<array-key, mixed>  $document */
    public static function encode(array $document): string
    {
        return json_encode(self::sorted($document), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    /**
     * @return array<array-key, mixed>
     *
     * @throws DocumentRejected when the text is not a JSON object
     */
    public static function decode(string $json): array
    {
        if (strlen($json) > self::LARGEST_BYTES) {
            throw DocumentRejected::because(new Problem('', Text::of('document.too_large')));
        }
        try {
            $document = json_decode($json, true, 64, JSON_THROW_ON_ERROR);
        } catch (\JsonException) {
            throw DocumentRejected::because(new Problem('', Text::of('document.broken_json')));
        }
        if (! is_array($document) || array_is_list($document)) {
            throw DocumentRejected::because(new Problem('', Text::of('document.not_a_project')));
        }

        return $document;
    }

    private static function sorted(mixed $value): mixed
    {
        if (! is_array($value)) {
            return is_float($value) && floor($value) === $value && abs($value) < 1e15 ? (int) $value : $value;
        }
        if ($value === []) {
            return new \stdClass;
        }
        if (! array_is_list($value)) {
            ksort($value, SORT_STRING);
        }

        return array_map(self::sorted(...), $value);
    }
}
