<?php

declare(strict_types=1);

/**
 * How well and how fast sheets are laid: `nest.php [--draws N] [--effort N] [--only fixed|turning|home|lumber] [FOLDER]`.
 * Without a folder, on made-up lists. Prints sheets against the lower bound, and against a plain shelf plan. Passes and fails nothing.
 */

require __DIR__.'/../../vendor/autoload.php';
require __DIR__.'/NestFamilies.php';
require __DIR__.'/ShelfPlan.php';

use Incastro\Core\Cut\Lumber\Lumber;
use Incastro\Core\Cut\Lumber\Stick;
use Incastro\Core\Cut\Nest\Improver;
use Incastro\Core\Cut\Nest\Item;
use Incastro\Core\Cut\Nest\LaidSheet;
use Incastro\Core\Cut\Nest\Nester;
use Incastro\Core\Cut\Nest\Stock;
use Incastro\Core\Cut\Saw\Sawing;

final class NestBench
{
    /** @var array<string, array<string, list<array<string, float|int>>>> by family, by class */
    private array $runs = [];

    public function __construct(private readonly int $effort)
    {
    }

    /** @param  iterable<array{string, string, int, list<Item>, Stock}>  $lists */
    public function run(iterable $lists, ?string $only, int $shard, int $shards): void
    {
        $n = 0;
        foreach ($lists as [$family, $class, , $items, $stock]) {
            if (($only === null || $only === $family) && $n++ % $shards === $shard) {
                $this->runs[$family][$class][] = $this->one($items, $stock, $family === 'home');
            }
        }
        foreach ($this->runs as $family => $classes) {
            $this->print($family, $classes);
        }
        if ($only === null || $only === 'lumber') {
            $this->lumber();
        }
    }

    /** 200 lists of up to 60 parts; every other one may also be cut from a second length. */
    private function lumber(): void
    {
        $proved = ['one length' => 0, 'two lengths' => 0];
        $took = [];
        for ($seed = 1; $seed <= 200; $seed++) {
            mt_srand($seed);
            $sticks = [new Stick('long', '3.6 m', 3600 * 40_000, 1200), ...($seed % 2 === 1 ? [new Stick('short', '2.4 m', 2400 * 40_000, 820)] : [])];
            $lengths = [];
            for ($n = mt_rand(3, 60); count($lengths) < $n;) {
                $length = mt_rand(150, 2350) * 40_000;
                for ($same = mt_rand(1, 4); $same > 0 && count($lengths) < $n; $same--) {
                    $lengths['P'.count($lengths)] = $length;
                }
            }
            $began = hrtime(true);
            $laid = (new Lumber('lumber', $sticks, 128_000, 400_000))->lay($lengths);
            $took[] = (hrtime(true) - $began) / 1e9;
            $proved[count($sticks) === 1 ? 'one length' : 'two lengths'] += (int) $laid->isProvedOptimal();
        }
        printf("\nlumber, 200 lists: proved optimal %.1f %% (one length %d of 100, two lengths %d of 100); mean %.2f s, most %.2f s\n",
            array_sum($proved) / 2, $proved['one length'], $proved['two lengths'], array_sum($took) / 200, max($took));
    }

    /**
     * @param  list<Item>  $items
     * @return array<string, float|int>
     */
    private function one(array $items, Stock $stock, bool $compare): array
    {
        memory_reset_peak_usage();
        $began = hrtime(true);
        $first = Nester::nest($items, $stock);
        $constructive = (hrtime(true) - $began) / 1e9;
        $nested = (new Improver($this->effort, 1))->improve($items, $first, fn (): bool => true);
        $run = [
            'sheets' => count($nested->sheets), 'bound' => $nested->fewestSheets() ?? 0, 'proved' => (int) $nested->isProvedOptimal(),
            'first' => $constructive, 'seconds' => (hrtime(true) - $began) / 1e9, 'memory' => memory_get_peak_usage() / 2 ** 20,
        ];
        if (! $compare) {
            return $run;
        }
        $shelf = ShelfPlan::of($items, $stock);
        [$ours, $theirs] = [self::measured($nested->sheets, $stock->kerf), self::measured($shelf, $stock->kerf)];

        return $run + ['shelf' => count($shelf), 'settings' => $ours[0], 'shelf_settings' => $theirs[0], 'left' => $ours[1], 'shelf_left' => $theirs[1]];
    }

    /**
     * @param  list<LaidSheet>  $sheets
     * @return array{int, float} set-ups, and the largest leftover, m²
     */
    private static function measured(array $sheets, int $kerf): array
    {
        [$settings, $left] = [0, 0.0];
        foreach ($sheets as $sheet) {
            $sawing = Sawing::of($sheet, $kerf);
            $settings += $sawing->settings();
            $left = max($left, ($sawing->offcuts[0] ?? null)?->area() / 1.6e15);
        }

        return [$settings, $left];
    }

    /** @param  array<string, list<array<string, float|int>>>  $classes */
    private function print(string $family, array $classes): void
    {
        printf("\n%s, effort %d\n%-8s %5s %7s %7s %7s %7s %9s %9s %9s %7s\n", $family, $this->effort, 'class', 'lists', 'sheets', 'bound', 'ratio', 'proved', 'first, s', 'mean, s', 'most, s', 'MB');
        ksort($classes, SORT_NATURAL);
        $all = array_merge(...array_values($classes));
        foreach ($classes + ['all' => $all] as $class => $runs) {
            $of = fn (string $key): array => array_column($runs, $key);
            printf("%-8s %5d %7d %7d %7.4f %6.0f%% %9.3f %9.2f %9.2f %7.1f\n", $class, count($runs), array_sum($of('sheets')), array_sum($of('bound')),
                $family === 'home' ? array_sum($of('sheets')) / array_sum($of('bound')) : array_sum(array_map(fn (array $r): float => $r['sheets'] / $r['bound'], $runs)) / count($runs),
                100 * array_sum($of('proved')) / count($runs), max($of('first')), array_sum($of('seconds')) / count($runs), max($of('seconds')), max($of('memory')));
        }
        if ($family === 'home') {
            $this->compare($classes);
        }
    }

    /** @param  array<string, list<array<string, float|int>>>  $classes */
    private function compare(array $classes): void
    {
        $all = array_merge(...array_values($classes));
        $long = array_merge(...array_values(array_filter($classes, fn (string|int $n): bool => (int) $n > 25, ARRAY_FILTER_USE_KEY)) ?: [[]]);
        $equal = array_filter($all, fn (array $r): bool => $r['sheets'] === $r['shelf']);
        $share = fn (array $runs, Closure $is): float => $runs === [] ? 0.0 : 100 * count(array_filter($runs, $is)) / count($runs);
        printf("against a plain shelf plan (%d sheets): more sheets in %.0f %%; no more set-ups in %.0f %%, fewer in %.0f %% of those over 25 parts (%d against %d in all); largest leftover at equal sheets %.3f m² against %.3f m² (%d lists)\n",
            array_sum(array_column($all, 'shelf')), $share($all, fn (array $r): bool => $r['sheets'] > $r['shelf']),
            $share($all, fn (array $r): bool => $r['settings'] <= $r['shelf_settings']), $share($long, fn (array $r): bool => $r['settings'] < $r['shelf_settings']),
            array_sum(array_column($all, 'settings')), array_sum(array_column($all, 'shelf_settings')),
            array_sum(array_column($equal, 'left')) / max(1, count($equal)), array_sum(array_column($equal, 'shelf_left')) / max(1, count($equal)), count($equal));
    }
}

$options = getopt('', ['draws:', 'effort:', 'only:', 'shard:', 'shards:'], $rest);
$folder = $argv[$rest] ?? null;
(new NestBench((int) ($options['effort'] ?? Improver::USUAL_EFFORT)))->run(
    $folder === null ? NestFamilies::madeUp((int) ($options['draws'] ?? 1)) : NestFamilies::ofFolder($folder),
    $options['only'] ?? null, (int) ($options['shard'] ?? 0), (int) ($options['shards'] ?? 1));
