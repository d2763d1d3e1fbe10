<?php

declare(strict_types=1);

namespace Incastro\Core\Exchange\Csv;

/** Which column of a list from elsewhere is which: by what stands over it, else by what stands in it. */
final readonly class Matched
{
    /**
     * @param  list<string>  $titles  what stands over each column; "column 2" where there is no heading
     * @param  array<string, int>  $columns  by what is wanted: the column that has it
     * @param  array<int, list<string>>  $rows  below the heading, by line
     */
    private function __construct(public array $titles, public array $columns, public array $rows)
    {
    }

    /**
     * @param  non-empty-array<int, list<string>>  $grid
     * @param  array<string, non-empty-list<string>>  $words  by what is wanted: what a column with it is called, in lower case
     * @param  array<string, int>  $said  what the person said of it, which stands
     */
    public static function of(array $grid, array $words, array $said = []): self
    {
        $first = $grid[array_key_first($grid)];
        $plain = array_map(self::plain(...), $first);
        $found = [];
        foreach ($words as $want => $names) {
            foreach ($names as $name) {
                $at = array_search($name, $plain, true);
                if ($at !== false && ! in_array($at, $found, true)) {
                    $found[$want] = (int) $at;
                    break;
                }
            }
        }
        $hasHeading = $found !== [];
        $rows = $hasHeading ? array_slice($grid, 1, null, true) : $grid;
        $titles = array_map(fn (int $i): string => $hasHeading && $first[$i] !== '' ? $first[$i] : 'column '.($i + 1), array_keys($first));
        $known = array_filter($said, fn (int $column): bool => $column >= 0 && $column < count($first));

        return new self($titles, [...$found, ...$known], $rows);
    }

    public function with(string $want, int $column): self
    {
        return new self($this->titles, [$want => $column] + $this->columns, $this->rows);
    }

    public function has(string $want): bool
    {
        return isset($this->columns[$want]);
    }

    /** @param  list<string>  $row */
    public function cell(array $row, string $want): string
    {
        return isset($this->columns[$want]) ? $row[$this->columns[$want]] ?? '' : '';
    }

    /** Without case, spaces and marks: what two spellings of a thing have in common. */
    public static function plain(string $text): string
    {
        return (string) preg_replace('/[^\p{L}\p{N}#]+/u', '', mb_strtolower($text));
    }
}
