<?php

declare(strict_types=1);

namespace Incastro\Core\Exchange\Csv;

/** Rows of cells out of a text from elsewhere: commas, semicolons or tabs, whichever there are most of; a byte-order mark and CRLF are read. */
final class Grid
{
    private const LONGEST = 1_000_000;

    /**
     * Empty lines are left out; every row has as many cells as the widest. Keys are line numbers, from 1.
     *
     * @param  string  $list  what it is, to begin a sentence with
     * @return non-empty-array<int, list<string>>
     *
     * @throws CsvNotReadable when it is empty, not text, or larger than a list for one job
     */
    public static function read(string $text, string $list, int $mostRows): array
    {
        if (strlen($text) > self::LONGEST) {
            throw CsvNotReadable::tooMany($list, $mostRows);
        }
        $text = self::checked($text);
        $rows = self::rows($text, self::separator($text));
        if ($rows === []) {
            throw CsvNotReadable::nothing($list);
        }
        if (count($rows) > $mostRows + 1) {
            throw CsvNotReadable::tooMany($list, $mostRows);
        }
        $wide = max(array_map(count(...), $rows));

        return array_map(fn (array $row): array => array_pad($row, $wide, ''), $rows);
    }

    private static function separator(string $text): string
    {
        $first = (string) strtok(ltrim($text), "\r\n");
        $counts = ["\t" => substr_count($first, "\t"), ';' => substr_count($first, ';'), ',' => substr_count($first, ',')];
        arsort($counts);

        return (string) array_key_first($counts);
    }

    /**
     * Without its byte-order mark.
     *
     * @throws CsvNotReadable naming the line that is no text
     */
    public static function checked(string $text): string
    {
        $text = preg_replace('/^\xEF\xBB\xBF/', '', $text) ?? $text;
        foreach (mb_check_encoding($text, 'UTF-8') ? [] : explode("\n", $text) as $i => $line) {
            if (! mb_check_encoding($line, 'UTF-8')) {
                throw CsvNotReadable::notText($i + 1);
            }
        }

        return $text;
    }

    /** @return list<list<string|null>> the fields of each record; a lone null for an empty line */
    public static function records(string $text, string $separator): array
    {
        $stream = fopen('php://memory', 'r+') ?: throw new \RuntimeException('No memory stream.');
        fwrite($stream, $text);
        rewind($stream);
        $records = [];
        while (($fields = fgetcsv($stream, null, $separator, '"', '')) !== false) {
            $records[] = $fields;
        }
        fclose($stream);

        /** @var list<list<string|null>> $records */
        return $records;
    }

    /** @return array<int, list<string>> */
    private static function rows(string $text, string $separator): array
    {
        $rows = [];
        foreach (self::records($text, $separator) as $i => $fields) {
            $cells = array_map(fn (?string $f): string => trim((string) $f), $fields);
            if (implode('', $cells) !== '') {
                $rows[$i + 1] = $cells;
            }
        }

        return $rows;
    }
}
