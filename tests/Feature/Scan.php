<?php

declare(strict_types=1);

namespace Tests\Feature;

/** Printed pages laid under a scanner of 10 dots a millimetre: what a hand with a ruler would find on them. */
final class Scan
{
    public const DOTS_PER_MM = 10.0;

    /** @var list<array{float, float}>|null */
    private ?array $crosses = null;

    private function __construct(private readonly \GdImage $image)
    {
        imagepalettetotruecolor($image);
    }

    /** @return list<self> one a page */
    public static function pages(string $pdf): array
    {
        $folder = sys_get_temp_dir().'/incastro-scan-'.bin2hex(random_bytes(6));
        mkdir($folder);
        file_put_contents("$folder/in.pdf", $pdf);
        exec('pdftoppm -r 254 -png '.escapeshellarg("$folder/in.pdf").' '.escapeshellarg("$folder/page").' 2>&1', $said, $status);
        if ($status !== 0) {
            throw new \RuntimeException(implode("\n", $said));
        }
        $pages = array_map(fn (string $file): self => new self(imagecreatefrompng($file) ?: throw new \RuntimeException($file)), glob("$folder/page*.png") ?: []);
        array_map(unlink(...), glob("$folder/*") ?: []);
        rmdir($folder);

        return $pages;
    }

    public function width(): int
    {
        return imagesx($this->image);
    }

    public function height(): int
    {
        return imagesy($this->image);
    }

    /** @return list<array{int, int}> from and to of every dark stretch down one column, within rows */
    public function darkDown(int $x, int $from, int $to): array
    {
        return self::stretches(array_map(fn (int $y): bool => $this->isDark($x, $y), range($from, $to)), $from);
    }

    /** @return list<array{int, int}> the same along one row */
    public function darkAcross(int $y, int $from, int $to): array
    {
        return self::stretches(array_map(fn (int $x): bool => $this->isDark($x, $y), range($from, $to)), $from);
    }

    /** @return list<array{float, float}> middles of the brick crosses, from left to right, the upper of two first */
    public function crosses(): array
    {
        return $this->crosses ??= $this->findCrosses();
    }

    /** @return list<array{float, float}> */
    private function findCrosses(): array
    {
        $groups = [];
        for ($y = 0; $y < $this->height(); $y += 5) {
            for ($x = 0; $x < $this->width(); $x++) {
                if ($this->isBrick($x, $y)) {
                    $key = null;
                    foreach ($groups as $i => [$left, $right, $top, $bottom]) {
                        if ($x > $left - 60 && $x < $right + 60 && $y > $top - 60 && $y < $bottom + 60) {
                            $key = $i;
                        }
                    }
                    $groups[$key ?? count($groups)] = $key === null ? [$x, $x, $y, $y] : [min($groups[$key][0], $x), max($groups[$key][1], $x), $groups[$key][2], $y];
                }
            }
        }
        $middles = array_map(fn (array $g): array => $this->middle(...$g), $groups);
        usort($middles, fn (array $a, array $b): int => [round($a[0] / 50), $a[1]] <=> [round($b[0] / 50), $b[1]]);

        return $middles;
    }

    /** @return array{float, float} of the upright and of the level stroke of one cross */
    private function middle(int $left, int $right, int $top, int $bottom): array
    {
        [$xs, $ys] = [[], []];
        for ($x = $left; $x <= $right; $x++) {
            if ($this->isBrick($x, $top + 6)) {
                $xs[] = $x;
            }
        }
        for ($y = $top - 6; $y <= $bottom + 6; $y++) {
            if ($this->isBrick($left + 6, $y)) {
                $ys[] = $y;
            }
        }

        return [array_sum($xs) / count($xs), array_sum($ys) / count($ys)];
    }

    /** @return array{int, int, int} */
    private function colour(int $x, int $y): array
    {
        $rgb = (int) imagecolorat($this->image, $x, $y);

        return [($rgb >> 16) & 255, ($rgb >> 8) & 255, $rgb & 255];
    }

    private function isDark(int $x, int $y): bool
    {
        [$r, $g, $b] = $this->colour($x, $y);

        return $r < 110 && $g < 110 && $b < 110;
    }

    private function isBrick(int $x, int $y): bool
    {
        [$r, $g, $b] = $this->colour($x, $y);

        return $r > 130 && $g < 130 && $b < 120 && $r - $g > 50;
    }

    /**
     * @param  list<bool>  $dark
     * @return list<array{int, int}>
     */
    private static function stretches(array $dark, int $from): array
    {
        $found = [];
        $began = null;
        foreach ([...$dark, false] as $i => $is) {
            if ($is && $began === null) {
                $began = $i;
            } elseif (! $is && $began !== null) {
                $found[] = [$from + $began, $from + $i - 1];
                $began = null;
            }
        }

        return $found;
    }
}
