<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Reading;

use Incastro\Core\Measure\Text;

/**
 * The one spelling of a document: keys sorted, shortest numbers, no spaces.
 * A document holds no empty lists, so an empty array is always an empty collection.
 */
final class CanonicalJson
{
    private const LARGEST_BYTES = 8_000_000;

    /** Levels within levels; the demo house's projects have twelve. */
    public const DEEPEST = 63;

    /**
     * Whatever can be written can be read again.
     *
     * @param  array<array-key, mixed>  $document
     *
     * @throws DocumentRejected when it is larger or deeper than any project
     */
    public static function encode(array $document): string
    {
        $json = json_encode(self::sorted($document, new \stdClass), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES, self::DEEPEST);
        if ($json === false && json_last_error() !== JSON_ERROR_DEPTH) {
            throw new \LogicException('A document that was read cannot be written: '.json_last_error_msg());
        }
        if ($json === false || strlen($json) > self::LARGEST_BYTES) {
            throw DocumentRejected::because(new Problem('', Text::of($json === false ? 'document.too_deep' : 'document.outgrown')));
        }

        return $json;
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
            // Reading counts the value within the deepest as a level, writing does not.
            $document = json_decode($json, true, self::DEEPEST + 1, JSON_THROW_ON_ERROR);
        } catch (\JsonException) {
            throw DocumentRejected::because(new Problem('', Text::of('document.broken_json')));
        }
        if (! is_array($document) || array_is_list($document)) {
            throw DocumentRejected::because(new Problem('', Text::of('document.not_a_project')));
        }

        return $document;
    }

    /** A value as it comes back from being written. */
    public static function ordered(mixed $value): mixed
    {
        return self::sorted($value, []);
    }

    /** @param  array{}|\stdClass  $empty  what an empty collection is written as */
    private static function sorted(mixed $value, array|\stdClass $empty): mixed
    {
        if (! is_array($value)) {
            return is_float($value) && floor($value) === $value && abs($value) < 1e15 ? (int) $value : $value;
        }
        if ($value === []) {
            return $empty;
        }
        if (! array_is_list($value)) {
            ksort($value, SORT_STRING);
        }

        return array_map(fn (mixed $inner): mixed => self::sorted($inner, $empty), $value);
    }
}
