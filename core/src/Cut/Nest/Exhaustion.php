<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Nest;

/**
 * For few parts on sheets of one size: whether fewer sheets can do. Every choice of parts, as how many of each size, is built
 * from two lesser ones laid side by side along either axis, and the boxes it takes are kept, none that holds another. A choice
 * with a box goes on one sheet. Any edge-to-edge layout, drawn together, is such a box, so what is not found is not there.
 * Source: dynamic programming over guillotine builds after Wang, "Two algorithms for constrained two-dimensional cutting stock
 * problems", Oper. Res. 31 (1983), carried to the end.
 */
final class Exhaustion
{
    private const MOST_CHOICES = 1500;

    private const MOST_PAIRS = 1_500_000;

    /** @var list<int> how many of each size there are */
    private array $counts = [];

    /** @var list<list<array{int, int, bool}>> the ways of each size */
    private array $ways = [];

    /** @var list<int> the place value of each size in a choice's number */
    private array $places = [];

    /** @var array<int, list<array{int, int}>> by choice: boxes that fit the sheet */
    private array $boxes = [];

    private int $pairs = 0;

    private function __construct(private readonly int $sheetL, private readonly int $sheetW)
    {
    }

    /**
     * @return bool|null whether all parts go on so many sheets; null when that is too much to try out, or wishes make it another question
     */
    public static function fit(Job $job, int $sheets): ?bool
    {
        $kind = $job->stock->kinds[0];
        if (count($job->stock->kinds) > 1 || $job->mates !== [] || $job->stock->saws->areNamed() || $kind->limit !== null) {
            return null;
        }
        $usable = $kind->usable();
        $self = new self($usable->length + $job->stock->kerf, $usable->width + $job->stock->kerf);
        $all = $self->sized($job);

        return $all > self::MOST_CHOICES ? null : $self->build($all, $sheets);
    }

    /** @return int the number of choices */
    private function sized(Job $job): int
    {
        $sizes = [];
        foreach ($job->ways as $ways) {
            $key = json_encode($ways, JSON_THROW_ON_ERROR);
            $sizes[$key] = [$ways, ($sizes[$key][1] ?? 0) + 1];
        }
        $place = 1;
        foreach ($sizes as [$ways, $count]) {
            [$this->ways[], $this->counts[], $this->places[]] = [$ways, $count, $place];
            $place = min(PHP_INT_MAX >> 8, $place * ($count + 1));
        }

        return $place;
    }

    private function build(int $all, int $sheets): ?bool
    {
        $vectors = [];
        for ($n = 1; $n < $all; $n++) {
            $vectors[$n] = array_map(fn (int $place, int $count): int => intdiv($n, $place) % ($count + 1), $this->places, $this->counts);
        }
        foreach ($vectors as $n => $vector) {
            $this->boxes[$n] = array_sum($vector) === 1 ? $this->single($vector) : $this->joined($n, $vector);
            if ($this->pairs > self::MOST_PAIRS) {
                return null;
            }
        }

        return $this->covers($all - 1, $sheets, $vectors);
    }

    /**
     * @param  list<int>  $vector
     * @return list<array{int, int}>
     */
    private function single(array $vector): array
    {
        $ways = $this->ways[(int) array_search(1, $vector, true)];

        return $this->least(array_map(fn (array $w): array => [$w[0], $w[1]], $ways));
    }

    /**
     * @param  list<int>  $vector
     * @return list<array{int, int}>
     */
    private function joined(int $n, array $vector): array
    {
        $found = [];
        foreach ($this->parts($vector) as $a) {
            if (2 * $a > $n) {
                break;
            }
            foreach ($this->boxes[$a] as [$l1, $w1]) {
                foreach ($this->boxes[$n - $a] as [$l2, $w2]) {
                    $this->pairs++;
                    if ($l1 + $l2 <= $this->sheetL) {
                        $found[] = [$l1 + $l2, max($w1, $w2)];
                    }
                    if ($w1 + $w2 <= $this->sheetW) {
                        $found[] = [max($l1, $l2), $w1 + $w2];
                    }
                }
            }
            if ($this->pairs > self::MOST_PAIRS) {
                return [];
            }
        }

        return $this->least($found);
    }

    /**
     * Choices within one, falling short of it, none empty; rising.
     *
     * @param  list<int>  $vector
     * @return list<int>
     */
    private function parts(array $vector): array
    {
        $parts = [0];
        foreach ($vector as $i => $most) {
            $more = [];
            for ($n = 0; $n <= $most; $n++) {
                foreach ($parts as $part) {
                    $more[] = $part + $n * $this->places[$i];
                }
            }
            $parts = $more;
        }
        sort($parts);

        return array_slice($parts, 1, -1);
    }

    /**
     * @param  list<array{int, int}>  $boxes
     * @return list<array{int, int}> those on the sheet that hold no other
     */
    private function least(array $boxes): array
    {
        sort($boxes);
        $kept = [];
        $lowest = PHP_INT_MAX;
        foreach ($boxes as [$l, $w]) {
            if ($w < $lowest && $l <= $this->sheetL && $w <= $this->sheetW) {
                $kept[] = [$l, $w];
                $lowest = $w;
            }
        }

        return $kept;
    }

    /** @param  array<int, list<int>>  $vectors */
    private function covers(int $n, int $sheets, array $vectors): bool
    {
        if ($n === 0 || $this->boxes[$n] !== []) {
            return $sheets >= ($n === 0 ? 0 : 1);
        }
        if ($sheets < 2) {
            return false;
        }
        foreach ($this->parts($vectors[$n]) as $a) {
            if ($this->boxes[$a] !== [] && $this->covers($n - $a, $sheets - 1, $vectors)) {
                return true;
            }
        }

        return false;
    }
}
