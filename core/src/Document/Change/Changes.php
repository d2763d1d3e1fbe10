<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Change;

use Incastro\Core\Document\Reading\CanonicalJson;
use Incastro\Core\Document\Reading\DocumentRejected;
use Incastro\Core\Document\Reading\Problem;
use Incastro\Core\Document\Reading\ProjectReader;
use Incastro\Core\Document\Reading\Upgrade;
use Incastro\Core\Measure\Text;

/** Applies changes to documents and says how to take them back. */
final class Changes
{
    /** Settings that need not be there: setting one makes what holds it, taking the last away takes that too. */
    private const SETTINGS = ['calendar', 'shop', 'make', 'house', 'limits', 'rework', 'loose'];

    /**
     * All operations or none; the result is read as a whole before it is given back. A document whose keys are in order keeps them so:
     * what is read here is what would be read of it written down.
     *
     * @param  array<array-key, mixed>  $document
     *
     * @throws DocumentRejected with everything wrong in the changed document
     */
    public static function apply(array $document, Change $change): Applied
    {
        $document = Upgrade::toCurrent($document);
        $inverse = [];
        foreach ($change->operations as $i => $operation) {
            [$document, $undo] = self::step($document, $operation, "/ops/$i");
            if ($undo !== null) {
                array_unshift($inverse, $undo);
            }
        }

        return new Applied($document, ProjectReader::read($document), $inverse);
    }

    /**
     * Operations laid on a document without reading what comes of it: for looking back, and for showing what was refused.
     * What is impossible is left out.
     *
     * @param  array<array-key, mixed>  $document  in today's form
     * @param  list<array{op: string, path: list<string>, value: mixed}>  $operations
     * @return array<array-key, mixed>
     */
    public static function laid(array $document, array $operations): array
    {
        foreach ($operations as $i => $operation) {
            try {
                [$document] = self::step($document, $operation, "/ops/$i");
            } catch (DocumentRejected) {
                continue;
            }
        }

        return $document;
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @param  array{op: string, path: list<string>, value: mixed}  $operation
     * @return array{array<array-key, mixed>, array{op: string, path: list<string>, value: mixed}|null}
     */
    private static function step(array $document, array $operation, string $at): array
    {
        ['op' => $op, 'path' => $path, 'value' => $value] = $operation;
        $found = self::foundWhereItCanBe($document, $operation, $at);
        $undo = fn (string $name, mixed $old = null): array => ['op' => $name, 'path' => $path, 'value' => $old];

        return match ($op) {
            'add' => [self::put($document, $path, $value), $undo('remove')],
            'remove' => [self::put($document, $path, null), $undo('add', $found)],
            // A fact that is already there is the same fact sent twice: nothing to do, nothing to undo.
            'append' => $found === null ? [self::put($document, $path, $value), $undo('strike')] : [$document, null],
            'strike' => [self::put($document, [...$path, 'struck'], true), $undo('restore')],
            'restore' => [self::put($document, [...$path, 'struck'], null), $undo('strike')],
            default => [self::pruned(self::put($document, $path, $value), $path), $undo('set', $found)],
        };
    }

    /**
     * @param  list<string>  $path
     * @return int|null how many keys lead to the settings it is in; null for anything else
     */
    private static function settings(array $path): ?int
    {
        return match (true) {
            in_array($path[0], self::SETTINGS, true) => 1,
            $path[0] === 'pieces' && ($path[2] ?? '') === 'finish' => 3,
            default => null,
        };
    }

    /**
     * Without settings that hold nothing any more.
     *
     * @param  array<array-key, mixed>  $document
     * @param  list<string>  $path
     * @return array<array-key, mixed>
     */
    private static function pruned(array $document, array $path): array
    {
        $least = self::settings($path);
        for ($n = count($path) - 1; $least !== null && $n >= $least; $n--) {
            $holder = array_slice($path, 0, $n);
            $document = self::find($document, $holder) === [] ? self::put($document, $holder, null) : $document;
        }

        return $document;
    }

    /**
     * What stands there before; an operation that cannot be done to it is refused.
     *
     * @param  array<array-key, mixed>  $document
     * @param  array{op: string, path: list<string>, value: mixed}  $operation
     */
    private static function foundWhereItCanBe(array $document, array $operation, string $at): mixed
    {
        ['op' => $op, 'path' => $path, 'value' => $value] = $operation;
        $found = self::find($document, $path);
        $parent = self::find($document, array_slice($path, 0, -1));
        $says = match (true) {
            in_array($op, ['remove', 'strike', 'restore'], true) && $found === null => 'change.element_gone',
            $op === 'add' && $found !== null => 'change.element_exists',
            in_array($op, ['add', 'append'], true) && ! is_array($value) => 'change.unknown_operation',
            $op === 'set' && count($path) > 1 && ! is_array($parent) && self::settings($path) === null => 'change.element_gone',
            default => null,
        };
        if ($says !== null) {
            throw DocumentRejected::because(new Problem($at, Text::of($says)));
        }

        return $found;
    }

    /**
     * What stands at a path; null where nothing does.
     *
     * @param  array<array-key, mixed>  $document
     * @param  list<string>  $path
     */
    public static function find(array $document, array $path): mixed
    {
        $value = $document;
        foreach ($path as $key) {
            $value = is_array($value) ? ($value[$key] ?? null) : null;
        }

        return $value;
    }

    /**
     * Null takes the key away.
     *
     * @param  array<array-key, mixed>  $document
     * @param  list<string>  $path
     * @return array<array-key, mixed>
     */
    private static function put(array $document, array $path, mixed $value): array
    {
        $key = array_shift($path);
        if ($path !== []) {
            $inner = $document[$key] ?? [];
            $document[$key] = self::put(is_array($inner) ? $inner : [], $path, $value);
        } elseif ($value === null) {
            unset($document[$key]);

            return $document;
        } else {
            $document[$key] = CanonicalJson::ordered($value);
        }
        if (array_key_last($document) === $key) {
            ksort($document, SORT_STRING);
        }

        return $document;
    }
}
