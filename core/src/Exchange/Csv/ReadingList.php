<?php

declare(strict_types=1);

namespace Incastro\Core\Exchange\Csv;

use Incastro\Core\Measure\LengthNotReadable;
use Incastro\Core\Measure\LengthReader;
use Incastro\Core\Measure\Unit;

/**
 * Readings typed elsewhere, matched to those of a space: by their number on the measuring list, or by what they are called.
 * Nothing is taken: what is found is proposed, row by row.
 */
final class ReadingList
{
    public const MOST = 400;

    private const LIST = 'The list of readings';

    private const WORDS = [
        'number' => ['#', 'no', 'nr', 'number', 'item'],
        'what' => ['reading', 'what', 'name', 'where', 'measure', 'measurement', 'dimension', 'description'],
        'value' => ['read', 'value', 'mm', 'in', 'inch', 'inches', 'cm', 'size', 'length',
            'measured', 'valuemm', 'valuein', 'readmm', 'readin', 'lengthmm', 'lengthin'],
    ];

    /**
     * `columns` says which column is what, `titles` what stands over each; a row has the line it stands on, what it says, the number as typed, the
     * reading it is taken for and its value in mm or degrees, or what is wrong with it.
     *
     * @param  list<array{id: string, name: string, angle: bool}>  $readings  in their order on the measuring list
     * @param  array<string, int>  $said  columns the person chose
     * @return array{titles: list<string>, columns: array<string, int>, rows: list<array{line: int, what: string, typed: string, reading: string|null,
     *     value: float|null, trouble: string|null}>}
     *
     * @throws CsvNotReadable when it is empty, too long, or no column of it holds numbers
     */
    public static function read(string $text, array $readings, Unit $unit, array $said = []): array
    {
        $matched = Matched::of(Grid::read($text, self::LIST, self::MOST), self::WORDS, $said);
        $unit = self::unitOf($matched, $unit);
        $matched = $matched->has('value') ? $matched : $matched->with('value', self::numbers($matched, $unit));
        $names = array_map(fn (array $r): string => Matched::plain($r['name']), $readings);
        $matched = $matched->has('what') || $matched->has('number') ? $matched : self::named($matched, $names);
        $rows = [];
        foreach ($matched->rows as $line => $row) {
            $at = self::place($matched->cell($row, 'number'), $matched->cell($row, 'what'), $names);
            $rows[] = ['line' => $line] + self::row($matched, $row, $at === null ? null : $readings[$at], $unit);
        }

        return ['titles' => $matched->titles, 'columns' => $matched->columns, 'rows' => self::once($rows)];
    }

    /**
     * @param  list<string>  $row
     * @param  array{id: string, name: string, angle: bool}|null  $reading
     * @return array{what: string, typed: string, reading: string|null, value: float|null, trouble: string|null}
     */
    private static function row(Matched $matched, array $row, ?array $reading, Unit $unit): array
    {
        $number = $matched->cell($row, 'number');
        $what = $matched->cell($row, 'what');
        $typed = $matched->cell($row, 'value');
        [$value, $trouble] = $typed === '' ? [null, null] : self::value($typed, $reading['angle'] ?? false, $unit);

        return ['what' => trim($what !== '' ? $what : $number), 'typed' => $typed,
            'reading' => $reading['id'] ?? null, 'value' => $value, 'trouble' => $trouble];
    }

    /** @param  list<string>  $names */
    private static function place(string $number, string $what, array $names): ?int
    {
        foreach ([$what, $number] as $said) {
            $at = array_search(Matched::plain($said), $names, true);
            if ($said !== '' && $at !== false) {
                return (int) $at;
            }
        }
        foreach ([$number, $what] as $said) {
            if (preg_match('/^\d{1,3}\.?$/', $said) === 1 && isset($names[(int) $said - 1])) {
                return (int) $said - 1;
            }
        }

        return null;
    }

    /** @return array{float|null, string|null} the value, or what is wrong */
    private static function value(string $typed, bool $angle, Unit $unit): array
    {
        if ($angle) {
            $degrees = str_replace([',', '°', ' '], ['.', '', ''], $typed);

            return is_numeric($degrees) ? [(float) $degrees, null] : [null, 'expected degrees such as 91.5'];
        }
        try {
            return [(float) LengthReader::read($typed, $unit)->length->millimetres(), null];
        } catch (LengthNotReadable) {
            return [null, 'expected a length such as '.($unit === Unit::Inch ? '34 5/8' : '1043.5')];
        }
    }

    /** What stands over the numbers may say in what they are. */
    private static function unitOf(Matched $matched, Unit $unit): Unit
    {
        $title = $matched->has('value') ? Matched::plain($matched->titles[$matched->columns['value']]) : '';

        return match (true) {
            str_ends_with($title, 'mm') => Unit::Millimetre,
            in_array($title, ['in', 'inch', 'inches', 'valuein', 'readin', 'lengthin'], true) => Unit::Inch,
            default => $unit,
        };
    }

    /**
     * Without a heading: the first other column that mostly names readings, or counts them.
     *
     * @param  list<string>  $names
     */
    private static function named(Matched $matched, array $names): Matched
    {
        foreach (array_keys($matched->titles) as $column) {
            if ($column === $matched->columns['value']) {
                continue;
            }
            $found = array_filter($matched->rows, fn (array $row): bool => self::place('', $row[$column], $names) !== null);
            if (2 * count($found) > count($matched->rows)) {
                return $matched->with('what', $column);
            }
        }

        return $matched;
    }

    /** The last column that mostly holds lengths. */
    private static function numbers(Matched $matched, Unit $unit): int
    {
        for ($column = count($matched->titles) - 1; $column >= 0; $column--) {
            $filled = array_filter($matched->rows, fn (array $row): bool => $row[$column] !== '');
            $read = array_filter($filled, fn (array $row): bool => self::value($row[$column], false, $unit)[0] !== null);
            if ($filled !== [] && 2 * count($read) > count($filled) && ! in_array($column, $matched->columns, true)) {
                return $column;
            }
        }
        throw CsvNotReadable::noNumbers(self::LIST);
    }

    /**
     * A reading that two rows are taken for is left for the person to say.
     *
     * @param  list<array{line: int, what: string, typed: string, reading: string|null, value: float|null, trouble: string|null}>  $rows
     * @return list<array{line: int, what: string, typed: string, reading: string|null, value: float|null, trouble: string|null}>
     */
    private static function once(array $rows): array
    {
        $seen = [];
        foreach ($rows as $i => $row) {
            if ($row['reading'] !== null && $row['typed'] !== '') {
                $rows[$i] = isset($seen[$row['reading']]) ? ['reading' => null] + $row : $row;
                $seen[$row['reading']] = true;
            }
        }

        return $rows;
    }
}
