<?php

declare(strict_types=1);

namespace Incastro\Core\Exchange\Csv;

/** Comma-separated text with a header. Commas or semicolons, quoted fields, CRLF and a byte-order mark are all read. */
final class CsvTable
{
    /**
     * @param  string  $list  what it is, to begin a sentence with
     * @param  non-empty-list<string>  $required
     * @return non-empty-list<CsvLine>
     *
     * @throws CsvNotReadable when it is empty or a column is missing
     */
    public static function read(string $text, string $list, array $required): array
    {
        $text = Grid::checked($text);
        $first = strtok($text, "\r\n");
        $lines = $first === false ? [] : Grid::records($text, substr_count($first, ';') > substr_count($first, ',') ? ';' : ',');
        $header = array_map(fn (?string $h): string => strtolower(trim((string) $h)), array_shift($lines) ?? throw CsvNotReadable::empty($list, $required));
        foreach ($required as $column) {
            if (! in_array($column, $header, true)) {
                throw CsvNotReadable::columnMissing($list, $column, $required);
            }
        }
        $rows = [];
        foreach ($lines as $i => $fields) {
            if ($fields !== [null]) {
                $cells = [];
                foreach ($header as $at => $column) {
                    $cells[$column] ??= trim((string) ($fields[$at] ?? ''));
                }
                $rows[] = new CsvLine($i + 2, $cells);
            }
        }

        return $rows === [] ? throw CsvNotReadable::empty($list, $required) : $rows;
    }

    /**
     * @param  list<list<string|int|float>>  $lines
     */
    public static function write(array $lines): string
    {
        return implode('', array_map(fn (array $fields): string => implode(',', array_map(self::field(...), $fields))."\r\n", $lines));
    }

    /** A text that a spreadsheet would take for a formula is kept from being one. */
    private static function field(string|int|float $value): string
    {
        $text = (string) $value;
        $text = is_string($value) && preg_match('/^[=+\-@\t\r]/', $text) === 1 ? "'$text" : $text;

        return preg_match('/[",\r\n;]/', $text) === 1 ? '"'.str_replace('"', '""', $text).'"' : $text;
    }
}
