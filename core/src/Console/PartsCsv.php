<?php

declare(strict_types=1);

namespace Incastro\Core\Console;

use Incastro\Core\Exchange\Csv\CsvLine;
use Incastro\Core\Exchange\Csv\CsvNotReadable;
use Incastro\Core\Exchange\Csv\CsvTable;

/**
 * Reads a list of parts: `name,qty,length_mm,width_mm,grain` and optional `material,thickness_mm,priority`.
 * A bare number is mm.
 */
final class PartsCsv
{
    private const REQUIRED = ['name', 'qty', 'length_mm', 'width_mm', 'grain'];

    private const MOST_PARTS = 5000;

    private const LIST = 'The parts list';

    /**
     * @return list<PartRow>
     *
     * @throws CsvNotReadable naming the line and what was expected there
     */
    public static function read(string $text): array
    {
        return self::checked(array_map(self::row(...), CsvTable::read($text, self::LIST, self::REQUIRED)));
    }

    private static function row(CsvLine $line): PartRow
    {
        $quantity = $line->count('qty', 1, 9_999);
        $grain = $line->choice('grain', ['length', 'width', 'free']);

        return new PartRow(
            $line->text('name'),
            $quantity,
            $line->length('length_mm'),
            $line->length('width_mm'),
            $grain,
            $line->has('material') ? $line->cell('material') : 'sheet',
            $line->has('thickness_mm') ? $line->length('thickness_mm') : null,
            $line->count('priority', -9, 9, 0),
        );
    }

    /**
     * @param  list<PartRow>  $rows
     * @return list<PartRow>
     */
    private static function checked(array $rows): array
    {
        $seen = [];
        foreach ($rows as $row) {
            $key = "$row->material/$row->name";
            if (isset($seen[$key])) {
                throw CsvNotReadable::twice($row->name);
            }
            $seen[$key] = true;
        }
        if (array_sum(array_map(fn (PartRow $r): int => $r->quantity, $rows)) > self::MOST_PARTS) {
            throw CsvNotReadable::tooMany(self::LIST, self::MOST_PARTS);
        }

        return $rows;
    }
}
