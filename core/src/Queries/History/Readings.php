<?php

declare(strict_types=1);

namespace Incastro\Core\Queries\History;

use Incastro\Core\Document\Reading\Node;
use Incastro\Core\Document\Reading\Problem;
use Incastro\Core\Document\Reading\ReadingReader;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\Readings\Measurements;

/** Readings of a document by id, whether or not all the rest of it can be read. */
final class Readings
{
    /** @param  array<array-key, mixed>  $document */
    public static function name(array $document, string $id): Text
    {
        $space = self::space($document, $id);
        $readings = $space === null ? [] : self::part(self::part(self::part($document, 'spaces'), $space), 'readings');
        if (! is_array($readings[$id] ?? null)) {
            return Text::of('history.one.reading', nth: 1);
        }
        /** @var \ArrayObject<int, Problem> $problems */
        $problems = new \ArrayObject;

        $reading = ReadingReader::reading(new Node($readings[$id], '', $problems), $id, []);

        return Measurements::of($reading->kind)->name($reading);
    }

    /**
     * The space it is of.
     *
     * @param  array<array-key, mixed>  $document
     */
    public static function space(array $document, string $id): ?string
    {
        foreach (self::part($document, 'spaces') as $space => $of) {
            if (is_array($of) && isset(self::part($of, 'readings')[$id])) {
                return (string) $space;
            }
        }

        return null;
    }

    /**
     * @param  array<array-key, mixed>  $of
     * @return array<array-key, mixed>
     */
    private static function part(array $of, string $key): array
    {
        return is_array($of[$key] ?? null) ? $of[$key] : [];
    }
}
