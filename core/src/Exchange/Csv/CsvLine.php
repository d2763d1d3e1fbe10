<?php

declare(strict_types=1);

namespace Incastro\Core\Exchange\Csv;

use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\LengthNotReadable;
use Incastro\Core\Measure\LengthReader;
use Incastro\Core\Measure\Unit;

/** One line of a list, asked by the names of its columns; every refusal names the line and what was expected. */
final readonly class CsvLine
{
    /** @param  array<string, string>  $cells  trimmed, by column in lower case */
    public function __construct(public int $line, private array $cells)
    {
    }

    public function has(string $column): bool
    {
        return ($this->cells[$column] ?? '') !== '';
    }

    public function cell(string $column): string
    {
        return $this->cells[$column] ?? '';
    }

    public function text(string $column, int $longest = 120): string
    {
        $text = $this->cell($column);

        return $text !== '' && mb_strlen($text) <= $longest ? $text : throw $this->wrong($column, "a text of at most $longest characters");
    }

    /** A bare number is mm; 24 3/8 in is read as well. */
    public function length(string $column): Length
    {
        try {
            $length = LengthReader::read($this->cell($column), Unit::Millimetre)->length;
        } catch (LengthNotReadable) {
            throw $this->wrong($column, 'a length such as 564 or 24 3/8 in');
        }

        return $length->isPositive() ? $length : throw $this->wrong($column, 'a length above zero');
    }

    public function count(string $column, int $least, int $most, ?int $usual = null): int
    {
        if (! $this->has($column) && $usual !== null) {
            return $usual;
        }
        $found = $this->cell($column);

        return preg_match('/^-?\d{1,6}$/', $found) === 1 && (int) $found >= $least && (int) $found <= $most ? (int) $found
            : throw $this->wrong($column, "a whole number from $least to $most");
    }

    public function number(string $column, float $least, float $most, float $usual): float
    {
        if (! $this->has($column)) {
            return $usual;
        }
        $found = str_replace(',', '.', $this->cell($column));

        return preg_match('/^\d{1,6}(\.\d{1,6})?$/', $found) === 1 && (float) $found >= $least && (float) $found <= $most ? (float) $found
            : throw $this->wrong($column, "a number from $least to $most");
    }

    /** @param  non-empty-list<string>  $choices */
    public function choice(string $column, array $choices, ?string $usual = null): string
    {
        $found = strtolower($this->cell($column));
        if ($found === '' && $usual !== null) {
            return $usual;
        }

        return in_array($found, $choices, true) ? $found
            : throw $this->wrong($column, count($choices) < 2 ? $choices[0] : implode(', ', array_slice($choices, 0, -1)).' or '.$choices[count($choices) - 1]);
    }

    public function wrong(string $column, string $expected): CsvNotReadable
    {
        return CsvNotReadable::field($this->line, $column, $this->cell($column), $expected);
    }
}
