<?php

declare(strict_types=1);

use Incastro\Core\Console\PartsCsv;
use Incastro\Core\Cut\Nest\Item;
use Incastro\Core\Cut\Nest\Stock;

/**
 * Made-up lists to lay. Berkey & Wang (1987) 1–6: both sides even in [1, most], on a square sheet. Martello & Vigo (1998)
 * 7–10: one of four kinds of part makes up 70 %. Home: units of fitted furniture whose sizes repeat as in a real job.
 */
final class NestFamilies
{
    private const MM = 40_000;

    private const SQUARES = [1 => [10, 10], 2 => [10, 30], 3 => [35, 40], 4 => [35, 100], 5 => [100, 100], 6 => [100, 300]];

    private const KINDS = [1 => [67, 100, 1, 50], 2 => [1, 50, 67, 100], 3 => [50, 100, 50, 100], 4 => [1, 50, 1, 50]];

    /** @return iterable<array{string, string, int, list<Item>, Stock}> family, class, count, parts, stock */
    public static function madeUp(int $draws): iterable
    {
        for ($class = 1; $class <= 10; $class++) {
            foreach ([20, 40, 60, 80, 100] as $n) {
                for ($i = 1; $i <= $draws; $i++) {
                    mt_srand(1_000_000 * $class + 1_000 * $n + $i);
                    [$size, $sides] = self::classical($class, $n);
                    $stock = Stock::ofOneSize('square', $size * self::MM, $size * self::MM, 0, 0);
                    yield ['fixed', (string) $class, $n, self::items($sides, false), $stock];
                    yield ['turning', (string) $class, $n, self::items($sides, true), $stock];
                }
            }
        }
        foreach ([10, 25, 50, 100, 250] as $n) {
            for ($i = 1; $i <= 4 * $draws; $i++) {
                mt_srand(50_000 * $n + $i);
                yield ['home', (string) $n, $n, self::home($n), self::homeStock()];
            }
        }
    }

    /**
     * Lists from a folder: `name.csv` (name, qty, length_mm, width_mm, grain) beside `name.json` (family, cls, n, length, width, kerf, trim).
     *
     * @return iterable<array{string, string, int, list<Item>, Stock}>
     */
    public static function ofFolder(string $folder): iterable
    {
        foreach (glob("$folder/*-n*.json") ?: [] as $file) {
            $about = json_decode((string) file_get_contents($file), true, 8, JSON_THROW_ON_ERROR);
            $stock = Stock::ofOneSize('sheet', ...array_map(fn (string $key): int => (int) round($about[$key] * self::MM), ['length', 'width', 'trim', 'kerf']));
            $items = array_merge(...array_map(fn ($row): array => $row->items(), PartsCsv::read((string) file_get_contents(substr($file, 0, -4).'csv'))));
            $family = ['lit-O' => 'fixed', 'lit-R' => 'turning', 'cabinet' => 'home'][$about['family']];
            yield [$family, $family === 'home' ? (string) $about['n'] : (string) (int) substr($about['cls'], 1), $about['n'], $items, $stock];
        }
    }

    public static function homeStock(): Stock
    {
        return Stock::ofOneSize('ply', 2440 * self::MM, 1220 * self::MM, 6 * self::MM, 128_000);
    }

    /** @return array{int, list<array{int, int}>} side of the sheet, sides of the parts */
    private static function classical(int $class, int $n): array
    {
        $sides = [];
        for ($i = 0; $i < $n; $i++) {
            if ($class <= 6) {
                $sides[] = [mt_rand(1, self::SQUARES[$class][0]), mt_rand(1, self::SQUARES[$class][0])];

                continue;
            }
            $others = array_values(array_diff([1, 2, 3, 4], [$class - 6]));
            [$a, $b, $c, $d] = self::KINDS[mt_rand(1, 10) <= 7 ? $class - 6 : $others[mt_rand(0, 2)]];
            $sides[] = [mt_rand($a, $b), mt_rand($c, $d)];
        }

        return [$class <= 6 ? self::SQUARES[$class][1] : 100, $sides];
    }

    /**
     * @param  list<array{int, int}>  $sides
     * @return list<Item>
     */
    private static function items(array $sides, bool $mayTurn): array
    {
        return array_map(fn (array $s, int $i): Item => new Item(sprintf('P%04d', $i), $s[0] * self::MM, $s[1] * self::MM, $mayTurn), $sides, array_keys($sides));
    }

    /** @return list<Item> units of a few projects, side by side; seen parts mostly with their grain, hidden ones mostly free */
    public static function home(int $n): array
    {
        $items = [];
        while (count($items) < $n) {
            $project = [mt_rand(1, 4), 50 * mt_rand(8, 44), 10 * mt_rand(25, 60), 10 * mt_rand(6, 10)];
            for ($unit = mt_rand(2, 5); $unit > 0; $unit--) {
                foreach (self::unit(...$project) as [$count, $a, $b, $isSeen]) {
                    for (; $count > 0; $count--) {
                        $mayTurn = mt_rand(1, 10) > ($isSeen ? 8 : 2);
                        $items[] = new Item(sprintf('P%04d', count($items)), max($a, $b) * self::MM, min($a, $b) * self::MM, $mayTurn);
                    }
                }
            }
        }

        return array_slice($items, 0, $n);
    }

    /** @return list<array{int, int, int, bool}> how many, sides in mm, whether it is seen */
    private static function unit(int $kind, int $h, int $d, int $kick): array
    {
        $w = 10 * mt_rand(35, 95);
        $inner = $w - 36;

        return match ($kind) {
            1 => [[2, $h, $d, true], [1, $inner, $d, true], [1, $inner, $d, false], [mt_rand(3, 6), $inner, $d - 10, true], [3, $inner, $kick, false]],
            2 => [[2, 870, $d, true], [1, $inner, $d, false], [4, $inner, 100, false], [2, 766, intdiv($w, 2) - 3, true], [mt_rand(1, 2), $inner - 2, $d - 30, true]],
            3 => [[2, 450, $d, true], [2, 2 * $w, 370, true], [2, 2 * $w - 36, $d, false], [mt_rand(1, 3), 432, $d, false], [3, 2 * $w - 36, $kick, false]],
            default => [[2, 870, $d, true], [1, $inner, $d, false], [6, $d - 60, 160, false], [6, $inner - 62, 160, false], [3, $w - 4, 200, true], [3, $d - 78, $inner - 62, false]],
        };
    }
}
