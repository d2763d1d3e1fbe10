<?php

declare(strict_types=1);

namespace Incastro\Core\Exchange\Library;

use Incastro\Core\Document\Model\HowOften;
use Incastro\Core\Exchange\Csv\CsvLine;
use Incastro\Core\Exchange\Csv\CsvNotReadable;
use Incastro\Core\Exchange\Csv\CsvTable;
use Incastro\Core\Measure\Length;

/** The library as comma-separated text, in and out (docs/formats.md). Something to store has the kind `stored`. */
final class LibraryCsv
{
    private const REQUIRED = ['kind', 'name'];

    private const COLUMNS = ['kind', 'name', 'width_mm', 'depth_mm', 'height_mm', 'kg', 'count',
        'often', 'hazard', 'rating', 'clearance_mm', 'fixes_to', 'watts', 'price', 'note'];

    private const LIST = 'The library list';

    private const MOST = 2_000;

    /**
     * @return non-empty-list<Entry>
     *
     * @throws CsvNotReadable naming the line and what was expected there
     */
    public static function read(string $text): array
    {
        $lines = CsvTable::read($text, self::LIST, self::REQUIRED);
        if (count($lines) > self::MOST) {
            throw CsvNotReadable::tooMany(self::LIST, self::MOST);
        }
        $seen = [];
        foreach ($lines as $line) {
            $entry = self::entry($line);
            $key = mb_strtolower("{$entry->what()} $entry->name");
            $seen[$key] = isset($seen[$key]) ? throw CsvNotReadable::twice($entry->name) : $entry;
        }

        return array_values($seen);
    }

    private static function entry(CsvLine $line): Entry
    {
        $kinds = array_map(fn (BoughtKind $k): string => $k->value, BoughtKind::cases());
        $kind = $line->choice('kind', ['stored', ...$kinds]);
        $size = fn (string $column): ?Length => $line->has($column) || $kind === 'stored' ? $line->length($column) : null;

        return new Entry($line->text('name'), BoughtKind::tryFrom($kind), $size('width_mm'), $size('depth_mm'), $size('height_mm'),
            $line->number('kg', 0.0, 500.0, 0.0), $line->count('count', 1, 500, 1),
            HowOften::from($line->choice('often', array_map(fn (HowOften $o): string => $o->value, HowOften::cases()), 'weekly')),
            $line->choice('hazard', ['no', 'yes'], 'no') === 'yes',
            $line->has('rating') ? $line->count('rating', 1, 5_000) : null,
            $line->has('clearance_mm') ? $line->length('clearance_mm') : null,
            $line->choice('fixes_to', Entry::FIXES_TO, 'nothing'), $line->count('watts', 0, 9_000, 0),
            (int) round(100 * $line->number('price', 0.0, 100_000.0, 0.0)), $line->has('note') ? $line->text('note', 300) : '');
    }

    /** @param  list<Entry>  $entries */
    public static function write(array $entries): string
    {
        $mm = fn (?Length $l): string|float => $l === null ? '' : (float) $l->millimetres();

        return CsvTable::write([self::COLUMNS,
            ...array_map(fn (Entry $e): array => [$e->what(), $e->name, $mm($e->width), $mm($e->depth), $mm($e->height), $e->kg, $e->count,
                $e->often->value, $e->hazard ? 'yes' : 'no', $e->rating ?? '', $mm($e->clearance), $e->fixesTo,
                $e->watts, number_format($e->priceCents / 100, 2, '.', ''), $e->note], $entries)]);
    }
}
