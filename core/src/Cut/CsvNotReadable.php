<?php

declare(strict_types=1);

namespace Incastro\Core\Cut;

use Incastro\Core\CoreException;

/** A parts list that cannot be read; the message is one sentence with the line and what was expected. */
final class CsvNotReadable extends \RuntimeException implements CoreException
{
    public static function empty(): self
    {
        return new self('The parts list is empty; expected a header name,qty,length_mm,width_mm,grain and at least one part.');
    }

    public static function columnMissing(string $column): self
    {
        return new self("The parts list has no column $column; expected a header name,qty,length_mm,width_mm,grain.");
    }

    public static function field(int $line, string $column, string $found, string $expected): self
    {
        return new self("Line $line: $column is \"$found\"; expected $expected.");
    }

    public static function twice(string $name): self
    {
        return new self("The part \"$name\" stands twice in the list; expected one line a name, with its quantity.");
    }

    public static function tooMany(int $most): self
    {
        return new self("The list holds more than $most parts; expected a list for one job.");
    }
}
