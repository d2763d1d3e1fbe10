<?php

declare(strict_types=1);

namespace Incastro\Core\Exchange\Csv;

use Incastro\Core\Measure\CoreException;

/** A list that cannot be read; the message is one sentence with the line and what was expected. */
final class CsvNotReadable extends \RuntimeException implements CoreException
{
    /** @param  list<string>  $columns */
    public static function empty(string $list, array $columns): self
    {
        return new self("$list is empty; expected a header ".implode(',', $columns).' and at least one line below it.');
    }

    /** @param  list<string>  $columns */
    public static function columnMissing(string $list, string $column, array $columns): self
    {
        return new self("$list has no column $column; expected a header ".implode(',', $columns).'.');
    }

    public static function field(int $line, string $column, string $found, string $expected): self
    {
        return new self("Line $line: $column is \"$found\"; expected $expected.");
    }

    public static function twice(string $name): self
    {
        return new self("\"$name\" stands twice in the list; expected one line a name.");
    }

    public static function tooMany(string $list, int $most): self
    {
        return new self("$list holds more than $most; expected a list for one job.");
    }

    public static function nothing(string $list): self
    {
        return new self("$list is empty; expected a line for each, with commas, semicolons or tabs between.");
    }

    public static function noNumbers(string $list): self
    {
        return new self("$list has no column of sizes; expected one such as 1043.5 or 41 1/8 in.");
    }

    public static function notText(int $line): self
    {
        return new self("Line $line is not text in UTF-8; expected the list saved as comma-separated values in UTF-8.");
    }
}
