<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Reading;

/** Older documents in today's form, one version at a time. Newer or foreign ones are left for the reader to refuse. */
final class Upgrade
{
    /**
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed>
     */
    public static function toCurrent(array $document): array
    {
        if (($document['version'] ?? null) === 1) {
            $document = self::fromOne($document);
        }

        if (($document['version'] ?? null) === 2) {
            $document = self::fromTwo($document);
        }

        return $document;
    }

    /**
     * Version 3 says of each laid sheet which size it is.
     *
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed>
     */
    private static function fromTwo(array $document): array
    {
        $document['version'] = 3;
        $document = self::inside($document, ['layouts', '*', 'sheets', '*'],
            fn (mixed $sheet): mixed => is_array($sheet) && array_is_list($sheet) ? ['parts' => $sheet] : $sheet);

        return is_array($document) ? $document : [];
    }

    /**
     * Version 2 names the kinds of back and puts a bay's shelves into its fill.
     *
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed>
     */
    private static function fromOne(array $document): array
    {
        $document['version'] = 2;
        $document = self::inside($document, ['methods', 'back'], self::back(...));
        $document = self::inside($document, ['pieces', '*', 'methods', 'back'], self::back(...));

        $document = self::inside($document, ['pieces', '*', 'runs', '*', 'bands', '*', 'bays', '*'], self::bay(...));

        return is_array($document) ? $document : [];
    }

    private static function back(mixed $back): mixed
    {
        return is_bool($back) ? ($back ? 'applied' : 'none') : $back;
    }

    private static function bay(mixed $bay): mixed
    {
        if (! is_array($bay) || ! array_key_exists('shelves', $bay)) {
            return $bay;
        }
        $fill = ['kind' => 'shelves', 'shelves' => $bay['shelves']];
        unset($bay['shelves']);

        return $bay + ['fill' => $fill];
    }

    /**
     * @param  list<string>  $path  `*` for every key
     * @param  \Closure(mixed): mixed  $change
     */
    private static function inside(mixed $value, array $path, \Closure $change): mixed
    {
        if ($path === []) {
            return $change($value);
        }
        if (! is_array($value)) {
            return $value;
        }
        $key = array_shift($path);
        foreach ($key === '*' ? array_keys($value) : (array_key_exists($key, $value) ? [$key] : []) as $k) {
            $value[$k] = self::inside($value[$k], $path, $change);
        }

        return $value;
    }
}
