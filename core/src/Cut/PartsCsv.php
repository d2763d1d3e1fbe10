<?php

declare(strict_types=1);

namespace Incastro\Core\Cut;

use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\LengthNotReadable;
use Incastro\Core\Measure\LengthReader;
use Incastro\Core\Measure\Unit;

/**
 * Reads a list of parts: `name,qty,length_mm,width_mm,grain` and optional `material,thickness_mm,priority`.
 * Commas or semicolons, quoted fields, CRLF and a byte-order mark are all read. A bare number is mm.
 */
final class PartsCsv
{
    private const REQUIRED = ['name', 'qty', 'length_mm', 'width_mm', 'grain'];

    private const MOST_PARTS = 5000;

    /**
     * @return list<PartRow>
     *
     * @throws CsvNotReadable naming the line and what was expected there
     */
    public static function read(string $text): array
    {
        $text = preg_replace('/^\xEF\xBB\xBF/', '', $text) ?? $text;
        $firstLine = strtok($text, "\r\n");
        if ($firstLine === false) {
            throw CsvNotReadable::empty();
        }
        $separator = substr_count($firstLine, ';') > substr_count($firstLine, ',') ? ';' : ',';
        $lines = self::lines($text, $separator);
        $header = array_map(fn (?string $h): string => strtolower(trim((string) $h)), array_shift($lines) ?? []);
        foreach (self::REQUIRED as $column) {
            if (! in_array($column, $header, true)) {
                throw CsvNotReadable::columnMissing($column);
            }
        }
        $rows = [];
        foreach ($lines as $i => $fields) {
            if ($fields === [null]) {
                continue;
            }
            $rows[] = self::row($header, $fields, $i + 2);
        }

        return self::checked($rows);
    }

    /** @return list<list<string|null>> */
    private static function lines(string $text, string $separator): array
    {
        $stream = fopen('php://memory', 'r+') ?: throw new \RuntimeException('No memory stream.');
        fwrite($stream, $text);
        rewind($stream);
        $lines = [];
        while (($fields = fgetcsv($stream, null, $separator, '"', '')) !== false) {
            $lines[] = $fields;
        }
        fclose($stream);

        /** @var list<list<string|null>> $lines */
        return $lines;
    }

    /**
     * @param  list<string>  $header
     * @param  list<string|null>  $fields
     */
    private static function row(array $header, array $fields, int $line): PartRow
    {
        $field = fn (string $name): string => trim((string) ($fields[array_search($name, $header, true)] ?? ''));
        $has = fn (string $name): bool => in_array($name, $header, true) && $field($name) !== '';
        $quantity = $field('qty');
        if (! preg_match('/^[1-9]\d{0,3}$/', $quantity)) {
            throw CsvNotReadable::field($line, 'qty', $quantity, 'a whole number of 1 or more');
        }
        $grain = strtolower($field('grain'));
        if (! in_array($grain, ['length', 'width', 'free'], true)) {
            throw CsvNotReadable::field($line, 'grain', $grain, 'length, width or free');
        }
        if ($field('name') === '') {
            throw CsvNotReadable::field($line, 'name', '', 'a name');
        }

        $priority = $has('priority') ? $field('priority') : '0';
        if (! preg_match('/^-?[0-9]$/', $priority)) {
            throw CsvNotReadable::field($line, 'priority', $priority, 'a whole number from -9 to 9, the higher first');
        }

        return new PartRow(
            $field('name'), (int) $quantity,
            self::length($field('length_mm'), 'length_mm', $line),
            self::length($field('width_mm'), 'width_mm', $line),
            $grain,
            $has('material') ? $field('material') : 'sheet',
            $has('thickness_mm') ? self::length($field('thickness_mm'), 'thickness_mm', $line) : null,
            (int) $priority,
        );
    }

    private static function length(string $text, string $column, int $line): Length
    {
        try {
            $length = LengthReader::read($text, Unit::Millimetre)->length;
        } catch (LengthNotReadable) {
            throw CsvNotReadable::field($line, $column, $text, 'a length such as 564 or 24 3/8 in');
        }

        return $length->isPositive() ? $length : throw CsvNotReadable::field($line, $column, $text, 'a length above zero');
    }

    /**
     * @param  list<PartRow>  $rows
     * @return list<PartRow>
     */
    private static function checked(array $rows): array
    {
        if ($rows === []) {
            throw CsvNotReadable::empty();
        }
        $seen = [];
        foreach ($rows as $row) {
            $key = "$row->material/$row->name";
            if (isset($seen[$key])) {
                throw CsvNotReadable::twice($row->name);
            }
            $seen[$key] = true;
        }
        if (array_sum(array_map(fn (PartRow $r): int => $r->quantity, $rows)) > self::MOST_PARTS) {
            throw CsvNotReadable::tooMany(self::MOST_PARTS);
        }

        return $rows;
    }
}
