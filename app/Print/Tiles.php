<?php

declare(strict_types=1);

namespace App\Print;

/**
 * A template parted over pages. A page is a column and a row of the grid; only those that hold some of a line are printed. Each
 * shows a strip of its neighbours, and the marks in it stand at the same places of the template on both.
 *
 * @phpstan-import-type Template from PlanShapes
 *
 * @phpstan-type Tile array{column: int, row: int, left: float, bottom: float}
 */
final readonly class Tiles
{
    /** What stands round a template on its outer pages. */
    private const ROUND_MM = 12.0;

    public int $columns;

    public int $rows;

    /** @var non-empty-list<Tile> */
    public array $tiles;

    /** @param  Template  $template */
    public function __construct(array $template, private Paper $paper)
    {
        [$left, $bottom, $right, $top] = $template['bounds'];
        [$width, $height] = $paper->shows();
        [$stepX, $stepY] = $this->steps();
        [$spanX, $spanY] = [$right - $left + 2 * self::ROUND_MM, $top - $bottom + 2 * self::ROUND_MM];
        $this->columns = 1 + (int) max(0, ceil(($spanX - $width) / $stepX));
        $this->rows = 1 + (int) max(0, ceil(($spanY - $height) / $stepY));
        $tiles = [];
        for ($row = 0; $row < $this->rows; $row++) {
            for ($column = 0; $column < $this->columns; $column++) {
                $tile = ['column' => $column, 'row' => $row, 'left' => $left - self::ROUND_MM + $column * $stepX,
                    'bottom' => $top + self::ROUND_MM - $height - $row * $stepY];
                if ($this->holdsLine($tile, $template)) {
                    $tiles[] = $tile;
                }
            }
        }
        $this->tiles = $tiles ?: throw new \LogicException('A template on no page.');
    }

    /** @return array{float, float} from one page to the next */
    public function steps(): array
    {
        [$width, $height] = $this->paper->shows();

        return [$width - Paper::OVERLAP_MM, $height - Paper::OVERLAP_MM];
    }

    public static function name(int $column, int $row): string
    {
        return chr(65 + $row % 26).($column + 1);
    }

    public function holds(int $column, int $row): bool
    {
        return array_filter($this->tiles, fn (array $t): bool => $t['column'] === $column && $t['row'] === $row) !== [];
    }

    /**
     * @param  Tile  $tile
     * @param  Template  $template
     */
    private function holdsLine(array $tile, array $template): bool
    {
        [$width, $height] = $this->paper->shows();
        $box = [$tile['left'], $tile['bottom'], $tile['left'] + $width, $tile['bottom'] + $height];
        foreach ($template['lines'] as $line) {
            $points = $line['closed'] ? [...$line['points'], $line['points'][0]] : $line['points'];
            for ($i = 1; $i < count($points); $i++) {
                if (self::crosses($points[$i - 1], $points[$i], $box)) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * Some of a stretch lies in a box (Liang and Barsky 1984).
     *
     * @param  array{int|float, int|float}  $a
     * @param  array{int|float, int|float}  $b
     * @param  array{float, float, float, float}  $box
     */
    private static function crosses(array $a, array $b, array $box): bool
    {
        [$from, $to] = [0.0, 1.0];
        foreach ([[$a[0] - $b[0], $a[0] - $box[0]], [$b[0] - $a[0], $box[2] - $a[0]], [$a[1] - $b[1], $a[1] - $box[1]], [$b[1] - $a[1], $box[3] - $a[1]]] as [$p, $q]) {
            if (abs($p) < 1e-9) {
                if ($q < 0) {
                    return false;
                }
            } elseif ($p < 0) {
                $from = max($from, $q / $p);
            } else {
                $to = min($to, $q / $p);
            }
        }

        return $from <= $to;
    }
}
