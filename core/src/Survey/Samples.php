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

    /** @var list<array<int, float>> states, mm; unknowns that were not asked for stand at their likeliest */
    public array $states;

    /** @var list<float> a standard normal error for each state */
    public array $errors;

    /** @param  list<int>  $unknowns  those that vary */
    public function __construct(Posterior $posterior, array $unknowns, int $pairs = self::PAIRS)
    {
        $middle = $posterior->mean();
        $factor = Matrix::factor($posterior->covariances($unknowns));
        $each = count($unknowns) + 1;
        $normals = self::normals($pairs * $each);
        $states = $errors = [];
        for ($p = 0; $p < $pairs; $p++) {
            $shift = self::shift($factor, $normals, $p * $each);
            $error = $normals[($p + 1) * $each - 1];
            foreach ([1, -1] as $sign) {
                $errors[] = $sign * $error;
                $state = $middle;
                foreach ($unknowns as $k => $i) {
                    $state[$i] += $sign * $shift[$k];
                }
                $states[] = $state;
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
     * @param  list<float>  $normals
     * @param  int  $first  where z begins in them
     * @return list<float>
     */
    private static function shift(array $factor, array $normals, int $first): array
    {
        $shift = [];
        foreach ($factor as $row) {
            $sum = 0.0;
            foreach ($row as $k => $l) {
                $sum += $l * $normals[$first + $k];
            }
            $shift[] = $sum;
        }

        return $shift;
    }

    /** @return list<float> the first standard normals of the seed, so many or more: the same for all, drawn once */
    private static function normals(int $count): array
    {
        /** @var list<float> $drawn */
        static $drawn = [];
        /** @var Randomizer|null $chance */
        static $chance = null;
        $chance ??= new Randomizer(new Xoshiro256StarStar(1));
        while (count($drawn) < $count) {
            $drawn[] = self::normal($chance);
        }

        return $drawn;
    }

    /** Box and Muller 1958. */
    private static function normal(Randomizer $chance): float
    {
        $u = ($chance->getInt(1, 1 << 30)) / (1 << 30);
        $v = ($chance->getInt(0, (1 << 30) - 1)) / (1 << 30);

        return sqrt(-2.0 * log($u)) * cos(2.0 * M_PI * $v);
    }
}
