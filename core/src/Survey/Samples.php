<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * Rooms that would all have given these readings, drawn from the posterior with a fixed seed: same readings, same rooms.
 * They carry doubt through least and greatest, where no formula for the spread is to be had. Drawn in pairs about the middle
 * (antithetic variates: Hammersley and Morton 1956), which halves what chance adds.
 */
final readonly class Samples
{
    private const PAIRS = 64;

    /** Even chance comes in steps of one in so many. */
    private const FINE = 1 << 30;

    /** @var list<array<int, float>> states, mm; unknowns that were not asked for stand at their likeliest */
    public array $states;

    /** @var list<float> a standard normal error for each state */
    public array $errors;

    /**
     * @param  list<int>  $unknowns  those that vary
     * @param  int|null  $first  so many of them are drawn alone, where the others are not looked at: in the same rooms, as each hangs on those before it only
     */
    public function __construct(Learned $learned, array $unknowns, ?int $first = null, int $pairs = self::PAIRS)
    {
        $each = count($unknowns) + 1;
        $unknowns = array_slice($unknowns, 0, $first);
        $states = $errors = [];
        $p = 0;
        foreach ($learned->shared($pairs) as [$posterior, $count]) {
            $middle = $posterior->mean();
            $factor = Matrix::factor($posterior->covariances($unknowns));
            for ($last = $p + $count; $p < $last; $p++) {
                $shift = self::shift($factor, self::normals($p * $each, count($unknowns)));
                [$error] = self::normals(($p + 1) * $each - 1, 1);
                foreach ([1, -1] as $sign) {
                    $errors[] = $sign * $error;
                    $state = $middle;
                    foreach ($unknowns as $k => $i) {
                        $state[$i] += $sign * $shift[$k];
                    }
                    $states[] = $state;
                }
            }
        }
        $this->states = $states;
        $this->errors = $errors;
    }

    /**
     * What a reading would show in each room, from the mean of all, and the variance of that.
     *
     * @param  array<int, float>  $slopes  of the reading
     * @return array{list<float>, float}
     */
    public function along(array $slopes): array
    {
        $h = array_map(fn (array $s): float => Sum::value($slopes, $s), $this->states);
        $middle = array_sum($h) / count($h);
        $off = array_map(fn (float $x): float => $x - $middle, $h);

        return [$off, array_sum(array_map(fn (float $x): float => $x ** 2, $off)) / count($off)];
    }

    /**
     * The same rooms after one more reading that came out as expected: each is moved by what it missed it by
     * (conditioning by kriging: Journel and Huijbregts, Mining Geostatistics, ch. VII).
     *
     * @param  array<int, float>  $slopes  of the reading
     * @param  float  $sigma  its standard deviation
     * @param  list<int>  $unknowns  those to move
     * @return list<array<int, float>>
     */
    public function after(array $slopes, float $sigma, array $unknowns): array
    {
        [$off, $variance] = $this->along($slopes);
        $gains = [];
        foreach ($unknowns as $i) {
            $together = 0.0;
            foreach ($this->states as $k => $state) {
                $together += $state[$i] * $off[$k];
            }
            $gains[$i] = $together / count($off) / ($variance + $sigma ** 2);
        }
        $states = $this->states;
        foreach ($states as $k => &$state) {
            $missed = -$off[$k] - $sigma * $this->errors[$k];
            foreach ($gains as $i => $gain) {
                $state[$i] += $gain * $missed;
            }
        }

        return $states;
    }

    /**
     * L·z for standard normal z.
     *
     * @param  list<list<float>>  $factor
     * @param  list<float>  $z
     * @return list<float>
     */
    private static function shift(array $factor, array $z): array
    {
        $shift = [];
        foreach ($factor as $row) {
            $sum = 0.0;
            foreach ($row as $k => $l) {
                $sum += $l * $z[$k];
            }
            $shift[] = $sum;
        }

        return $shift;
    }

    /**
     * So many of the seed's standard normals (Box and Muller 1958), the same for all: the numbers behind them are drawn in turn,
     * what is made of them is worked out where it is asked for.
     *
     * @return list<float>
     */
    private static function normals(int $first, int $count): array
    {
        /** @var list<array{int, int}> $drawn */
        static $drawn = [];
        /** @var array<int, float> $normals */
        static $normals = [];
        /** @var Randomizer|null $chance */
        static $chance = null;
        $chance ??= new Randomizer(new Xoshiro256StarStar(1));
        for ($n = count($drawn); $n < $first + $count; $n++) {
            $drawn[] = [$chance->getInt(1, self::FINE), $chance->getInt(0, self::FINE - 1)];
        }
        $asked = [];
        for ($n = $first; $n < $first + $count; $n++) {
            $asked[] = $normals[$n] ??= sqrt(-2.0 * log($drawn[$n][0] / self::FINE)) * cos(2.0 * M_PI * $drawn[$n][1] / self::FINE);
        }

        return $asked;
    }
}
