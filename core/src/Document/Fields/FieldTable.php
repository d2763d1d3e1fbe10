<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Fields;

use Incastro\Core\Document\Model\DoorKind;
use Incastro\Core\Document\Model\FillKind;

/**
 * The one table of what a document may hold: each place and what stands there. Settings of fills and doors are those of their kinds; the
 * rest is document.php, made from the schema.
 *
 * @phpstan-type Place string|array<string, mixed>
 */
final class FieldTable
{
    /** @var array{document: Place, definitions: array<string, Place>}|null */
    private static ?array $places = null;

    /** @var array<string, FieldType>|null settings of all kinds of fill and door */
    private static ?array $settings = null;

    /**
     * What stands at a place; null where a document has no such place.
     *
     * @param  array<array-key, mixed>  $document  for the kind of a fill or a door on the way; what is not there yet counts as any kind
     * @param  list<string>  $path
     */
    public static function at(array $document, array $path): ?FieldType
    {
        $place = self::root();
        $here = $document;
        foreach ($path as $i => $key) {
            $isLast = $i === count($path) - 1;
            $inner = self::inner($place, $key);
            if (($isLast || $inner === null) && self::hasKinds($place) && ($inner === null || isset(self::ofKind($here)[$key]))) {
                return $isLast ? self::setting($here, $key) : null;
            }
            if ($inner === null) {
                return null;
            }
            $place = $inner;
            $here = is_array($here[$key] ?? null) ? $here[$key] : [];
        }
        $place = self::resolved($place);

        return is_string($place) ? FieldType::of($place) : FieldType::Group;
    }

    /** @return Place the document itself */
    public static function root(): string|array
    {
        return self::places()['document'];
    }

    /**
     * What stands under a key of a place; null where that has no such key.
     *
     * @param  Place  $place
     * @return Place|null
     */
    public static function inner(string|array $place, string $key): string|array|null
    {
        $place = self::resolved($place);
        if (is_string($place)) {
            return null;
        }
        $of = is_array($place['of'] ?? null) ? $place['of'] : [];

        /** @var Place|null */
        return $of[$key] ?? $place['each'] ?? $place['list'] ?? null;
    }

    /**
     * Whether a place knows its keys, so that another is a mistake.
     *
     * @param  Place  $place
     */
    public static function isClosed(string|array $place): bool
    {
        $place = self::resolved($place);

        return is_array($place) && ! isset($place['each']) && ! isset($place['list']);
    }

    /**
     * Whether its settings are those of its kind.
     *
     * @param  Place  $place
     */
    public static function hasKinds(string|array $place): bool
    {
        $place = self::resolved($place);

        return is_array($place) && isset($place['kinds']);
    }

    /**
     * A setting of a fill or a door of its kind, else of any.
     *
     * @param  array<array-key, mixed>  $of
     */
    public static function setting(array $of, string $key): ?FieldType
    {
        return (self::ofKind($of)[$key] ?? null)->type ?? self::settings()[$key] ?? null;
    }

    /**
     * @param  array<array-key, mixed>  $of  a fill or a door
     * @return array<string, Field>
     */
    private static function ofKind(array $of): array
    {
        $kind = is_string($of['kind'] ?? null) ? $of['kind'] : '';

        return FillKind::tryFrom($kind)?->fields() ?? DoorKind::tryFrom($kind)?->fields() ?? [];
    }

    /** @return array<string, FieldType> */
    private static function settings(): array
    {
        if (self::$settings === null) {
            self::$settings = [];
            foreach ([...FillKind::cases(), ...DoorKind::cases()] as $kind) {
                self::$settings += array_map(fn (Field $f): FieldType => $f->type, $kind->fields());
            }
        }

        return self::$settings;
    }

    /**
     * @param  Place  $place
     * @return Place
     */
    private static function resolved(string|array $place): string|array
    {
        while (is_array($place) && is_string($place['ref'] ?? null)) {
            $place = self::places()['definitions'][$place['ref']];
        }

        return $place;
    }

    /** @return array{document: Place, definitions: array<string, Place>} */
    private static function places(): array
    {
        /** @var array{document: Place, definitions: array<string, Place>} */
        return self::$places ??= require __DIR__.'/document.php';
    }
}
