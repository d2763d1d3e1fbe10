<?php

declare(strict_types=1);

namespace Incastro\Core\Exchange\Csv;

use Incastro\Core\Measure\LengthNotReadable;
use Incastro\Core\Measure\LengthReader;
use Incastro\Core\Measure\Unit;

/**
 * A list of boards from elsewhere, read row by row. Nothing is taken: what is found is proposed, and what is wrong with a row is said beside it.
 */
final class BoardList
{
    public const MOST = 400;

    /** As many as a document takes of one board. */
    private const MOST_OF_ONE = 200;

    private const LIST = 'The list of boards';

    private const WORDS = [
        'name' => ['part', 'name', 'description', 'board', 'item', 'label', 'panel'],
        'length' => ['cutlengthmm', 'cutlength', 'lengthmm', 'length', 'lengthin', 'long', 'l', 'finishedlengthmm'],
        'width' => ['cutwidthmm', 'cutwidth', 'widthmm', 'width', 'widthin', 'wide', 'w', 'finishedwidthmm'],
        'count' => ['qty', 'quantity', 'count', 'pieces', 'pcs', 'howmany', 'number'],
        'material' => ['material', 'stock', 'sheet', 'materialname'],
        'thickness' => ['thicknessmm', 'thickness', 'thick', 't'],
        'grain' => ['grain', 'grained'],
    ];

    /** What is needed of a row, and how it is asked for. */
    private const NEEDED = ['length', 'width'];

    /**
     * @param  array<string, array{name: string, thickness: float}>  $stock  by id
     * @param  array<string, int>  $said  columns the person chose
     * @return array{titles: list<string>, columns: array<string, int>, missing: list<string>, rows: list<array{line: int, name: string, length: float|null,
     *     width: float|null, count: int, material: string|null, grain: bool, trouble: string|null}>}
     *
     * @throws CsvNotReadable when it is empty, too long or no text
     */
    public static function read(string $text, array $stock, Unit $unit, array $said = []): array
    {
        $matched = Matched::of(Grid::read($text, self::LIST, self::MOST), self::WORDS, $said);
        $missing = array_values(array_filter(self::NEEDED, fn (string $want): bool => ! $matched->has($want)));
        $rows = [];
        foreach ($missing === [] ? $matched->rows : [] as $line => $row) {
            $read = self::row($matched, $row, $stock, $unit);
            $rows[] = ['line' => $line, 'name' => $read['name'] === '' ? "Board $line" : $read['name']] + $read;
        }

        return ['titles' => $matched->titles, 'columns' => $matched->columns, 'missing' => $missing, 'rows' => $rows];
    }

    /**
     * @param  list<string>  $row
     * @param  array<string, array{name: string, thickness: float}>  $stock
     * @return array{name: string, length: float|null, width: float|null, count: int, material: string|null, grain: bool, trouble: string|null}
     */
    private static function row(Matched $matched, array $row, array $stock, Unit $unit): array
    {
        $trouble = null;
        $size = function (string $want) use ($matched, $row, $unit, &$trouble): ?float {
            $title = Matched::plain($matched->titles[$matched->columns[$want]]);
            $in = match (true) {
                str_ends_with($title, 'mm') => Unit::Millimetre, str_ends_with($title, 'in') => Unit::Inch, default => $unit
            };
            try {
                $mm = (float) LengthReader::read($matched->cell($row, $want), $in)->length->millimetres();
            } catch (LengthNotReadable) {
                $mm = 0.0;
            }
            if ($mm < 5 || $mm > 10_000) {
                $trouble ??= "the $want is \"".mb_strimwidth($matched->cell($row, $want), 0, 30, '…').'"; expected a length such as 564 or 22 1/4 in';
            }

            return $mm < 5 || $mm > 10_000 ? null : $mm;
        };
        [$length, $width] = [$size('length'), $size('width')];
        $count = $matched->cell($row, 'count');
        if ($count !== '' && (preg_match('/^\d{1,3}$/', $count) !== 1 || (int) $count < 1 || (int) $count > self::MOST_OF_ONE)) {
            $trouble ??= 'how many is "'.mb_strimwidth($count, 0, 30, '…').'"; expected a whole number from 1 to '.self::MOST_OF_ONE;
            $count = '';
        }
        $name = trim($matched->cell($row, 'name'));

        return ['name' => mb_substr($name, 0, 120),
            'length' => $length, 'width' => $width, 'count' => $count === '' ? 1 : (int) $count,
            'material' => self::material($matched->cell($row, 'material'), $matched->cell($row, 'thickness'), $stock),
            'grain' => self::grain($matched->cell($row, 'grain')), 'trouble' => $trouble];
    }

    /**
     * By its name; else the only one so thick; else the first.
     *
     * @param  array<string, array{name: string, thickness: float}>  $stock
     */
    private static function material(string $named, string $thick, array $stock): ?string
    {
        foreach ($stock as $id => $material) {
            if ($named !== '' && Matched::plain($material['name']) === Matched::plain($named)) {
                return (string) $id;
            }
        }
        $thick = (float) str_replace(',', '.', $thick);
        $near = array_filter($stock, fn (array $m): bool => $thick > 0 && abs($m['thickness'] - $thick) <= 1.0);

        return count($near) === 1 ? (string) array_key_first($near) : null;
    }

    private static function grain(string $said): bool
    {
        return ! in_array(mb_strtolower(trim($said)), ['free', 'no', 'none', 'n', '0', 'false', 'any'], true);
    }
}
