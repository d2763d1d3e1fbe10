<?php

declare(strict_types=1);

namespace Incastro\Core\Queries\History;

/** What makes one document into another, as operations of a change. */
final class Difference
{
    /** Facts are never erased: one that the other does not have is struck. */
    private const FACTS = 'facts';

    /** A document's own, that no change touches. */
    private const FIXED = ['format', 'version', 'id', 'as_of'];

    /**
     * None where both say the same. Applied to the first they give the second, apart from struck facts.
     *
     * @param  array<array-key, mixed>  $from  in today's form
     * @param  array<array-key, mixed>  $to  in today's form
     * @return list<array{op: string, path: list<string>, value: mixed}>
     */
    public static function between(array $from, array $to): array
    {
        $ops = [];
        foreach (self::keys($from, $to) as $key) {
            if (! in_array($key, [self::FACTS, ...self::FIXED], true)) {
                array_push($ops, ...self::at([$key], $from[$key] ?? null, $to[$key] ?? null));
            }
        }

        return [...$ops, ...self::facts(self::part($from), self::part($to))];
    }

    /**
     * @param  list<string>  $path
     * @return list<array{op: string, path: list<string>, value: mixed}>
     */
    private static function at(array $path, mixed $from, mixed $to): array
    {
        if ($from === $to || (is_numeric($from) && is_numeric($to) && ! is_string($from) && ! is_string($to) && (float) $from === (float) $to)) {
            return [];
        }
        if (! is_array($from) || ! is_array($to) || self::isList($from) || self::isList($to) || self::isOtherKind($from, $to)) {
            return [['op' => 'set', 'path' => $path, 'value' => $to]];
        }
        $ops = [];
        foreach (self::keys($from, $to) as $key) {
            array_push($ops, ...self::at([...$path, $key], $from[$key] ?? null, $to[$key] ?? null));
        }

        return $ops;
    }

    /**
     * Of another kind it is another thing: what the one kind has the other may not.
     *
     * @param  array<array-key, mixed>  $from
     * @param  array<array-key, mixed>  $to
     */
    private static function isOtherKind(array $from, array $to): bool
    {
        return ($from['kind'] ?? null) !== ($to['kind'] ?? null) && is_string($from['kind'] ?? null) && ! isset($from['order']);
    }

    /** @param  array<array-key, mixed>  $value */
    private static function isList(array $value): bool
    {
        return $value !== [] && array_is_list($value);
    }

    /**
     * @param  array<array-key, mixed>  $from
     * @param  array<array-key, mixed>  $to
     * @return list<array{op: string, path: list<string>, value: mixed}>
     */
    private static function facts(array $from, array $to): array
    {
        $stands = fn (mixed $fact): bool => is_array($fact) && ($fact['struck'] ?? false) !== true;
        $ops = [];
        foreach (self::keys($from, $to) as $id) {
            [$was, $is] = [$from[$id] ?? null, $to[$id] ?? null];
            if ($stands($was) === $stands($is)) {
                continue;
            }
            $op = $stands($was) ? 'strike' : ($was === null ? 'append' : 'restore');
            $ops[] = ['op' => $op, 'path' => [self::FACTS, $id], 'value' => $op === 'append' ? $is : null];
        }

        return $ops;
    }

    /**
     * @param  array<array-key, mixed>  $from
     * @param  array<array-key, mixed>  $to
     * @return list<string>
     */
    private static function keys(array $from, array $to): array
    {
        return array_map(strval(...), array_keys($from + $to));
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed>
     */
    private static function part(array $document): array
    {
        return is_array($document[self::FACTS] ?? null) ? $document[self::FACTS] : [];
    }
}
