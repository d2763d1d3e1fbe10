<?php

declare(strict_types=1);

namespace Incastro\Core\Fit\Entry;

/**
 * Standing a box up and sliding it back, in section. First the plain way is tried: raised in front, lifted, pushed back. Where that
 * is blocked a search over place, lean and lift goes the widest way first (a bottleneck shortest path, Dijkstra 1959 with the
 * least clearance for a length); it is bounded by a count. mm.
 */
final class Raising
{
    public const STEP_MM = 40.0;

    public const STEP_DEG = 3.0;

    /** Held off the base while it is pushed back. */
    private const PLAY = 5.0;

    private const MOST = 30_000;

    /** A stated clearance is taken over poses as close as this. */
    private const FINE = 24;

    public int $looked = 0;

    /** @var array{float, float} depth and height */
    private readonly array $size;

    /** @param  non-empty-list<array{float, float}>  $shape  of the box in section */
    public function __construct(private readonly Section $section, public readonly array $shape, private readonly Resting $at)
    {
        $this->size = [max(array_column($shape, 0)), max(array_column($shape, 1))];
    }

    /** The height that tilting up takes, wherever it is done and to whichever side is better: √(H² + D²) for a rectangle (fieldbook §8). */
    public function needs(): float
    {
        $most = [0.0, 0.0];
        foreach ([1, -1] as $i => $way) {
            for ($deg = 0.0; $deg <= 90.0; $deg += 0.1) {
                $most[$i] = max($most[$i], ...array_column((new Tilt(0.0, $way * $deg, 0.0))->corners($this->shape), 1));
            }
        }

        return min($most);
    }

    /**
     * The way in and its least clearance, or null where none was found.
     *
     * @return array{poses: non-empty-list<Tilt>, clearance: float, searched: bool}|null
     */
    public function way(bool $carriedUpright = false, bool $plainOnly = false): ?array
    {
        $plain = $this->plain($carriedUpright);
        $clearance = $this->along($plain);
        if ($clearance >= 0.0) {
            return ['poses' => $plain, 'clearance' => $clearance, 'searched' => false];
        }
        $found = $plainOnly ? null : $this->search($carriedUpright);
        $clearance = $found === null ? -1.0 : $this->along($found);

        return $found === null || $clearance < 0.0 ? null : ['poses' => $found, 'clearance' => $clearance, 'searched' => true];
    }

    /**
     * The least clearance over a path, taken closely and lessened by what may lie between two poses.
     *
     * @param  non-empty-list<Tilt>  $poses
     */
    public function along(array $poses): float
    {
        $least = INF;
        for ($i = 1; $i < count($poses); $i++) {
            $least = min($least, $this->between($poses[$i - 1], $poses[$i], self::FINE));
            if ($least < 0.0) {
                return $least;
            }
        }

        return $least;
    }

    private function between(Tilt $a, Tilt $b, int $parts): float
    {
        // No point of the box moves further than this from one part to the next, turning and rising or sinking with the edge it
        // stands on; half of it may be missed.
        $move = (abs($b->y - $a->y) + abs($b->lift - $a->lift) + 2 * deg2rad(abs($b->deg - $a->deg)) * hypot(...$this->size)) / $parts;
        $more = max(1, (int) ceil($move / 1.0));
        $least = INF;
        for ($k = 0; $k <= $parts * $more; $k++) {
            $this->looked++;
            $least = min($least, $this->section->clearance($a->toward($b, $k / ($parts * $more))->corners($this->shape)));
            if ($least < 0.0) {
                return -1.0;
            }
        }

        return max(0.0, $least - $move / $more / 2);
    }

    /** Enough to steer a search by: its result is gone over closely afterwards. */
    private function glance(Tilt $a, Tilt $b): float
    {
        $least = INF;
        for ($k = 1; $k <= 3 && $least >= 0.0; $k++) {
            $this->looked++;
            $least = min($least, $this->section->clearance($a->toward($b, $k / 3)->corners($this->shape)));
        }

        return $least;
    }

    /** @return non-empty-list<Tilt> raised in front, lifted, pushed back: shows what blocks it where it does not go */
    public function plain(bool $carriedUpright): array
    {
        $away = $this->at->front + self::PLAY;
        $lift = $this->at->bottom > 0.0 ? $this->at->bottom + self::PLAY : 0.0;
        $poses = $carriedUpright ? [new Tilt($away, 0.0, 0.0)] : [];
        for ($deg = $carriedUpright ? -1.0 : 90.0; $deg >= 0.0; $deg -= 5.0) {
            $poses[] = new Tilt($away, $deg, 0.0);
        }

        return [...$poses, new Tilt($away, 0.0, $lift), new Tilt($this->at->rear, 0.0, $lift), new Tilt($this->at->rear, 0.0, $this->at->bottom)];
    }

    /** @return non-empty-list<Tilt>|null from lying before the space (or standing there) to its place */
    private function search(bool $carriedUpright): ?array
    {
        $queue = new \SplPriorityQueue;
        $queue->setExtractFlags(\SplPriorityQueue::EXTR_BOTH);
        $best = $from = [];
        $goal = new Tilt($this->at->rear, 0.0, $this->at->bottom > 0.0 ? $this->at->bottom + self::PLAY : 0.0);
        $queue->insert([0, 0, 1], [INF, 0]);
        $best['0,0,1'] = INF;
        while (! $queue->isEmpty() && $this->looked < self::MOST) {
            /** @var array{data: array{int, int, int}, priority: array{float, int}} $next */
            $next = $queue->extract();
            [$at, [$width]] = [$next['data'], $next['priority']];
            $key = implode(',', $at);
            if ($width < ($best[$key] ?? -INF)) {
                continue;
            }
            if ($this->isOutside($at, $carriedUpright)) {
                return $this->walked($key, $from, $goal);
            }
            foreach ($this->moves($at) as $to) {
                $clear = min($width, $this->glance($this->tilt($at), $this->tilt($to)));
                $name = implode(',', $to);
                if ($clear >= 0.0 && $clear > ($best[$name] ?? -INF)) {
                    $best[$name] = $clear;
                    $from[$name] = $key;
                    // Of equally wide ways the one further out and further over goes first.
                    $queue->insert($to, [$clear, $to[0] + abs($to[1])]);
                }
            }
        }

        return null;
    }

    /**
     * Steps out of the wall, of lean, and whether it is lifted.
     *
     * @param  array{int, int, int}  $at
     */
    private function tilt(array $at): Tilt
    {
        return new Tilt($this->at->rear + $at[0] * self::STEP_MM, $at[1] * self::STEP_DEG,
            $at[2] === 1 && $this->at->bottom > 0.0 ? $this->at->bottom + self::PLAY : 0.0);
    }

    /**
     * @param  array{int, int, int}  $at
     * @return list<array{int, int, int}>
     */
    private function moves(array $at): array
    {
        [$y, $deg, $lift] = $at;
        $far = (int) ceil(($this->at->front - $this->at->rear + $this->size[1]) / self::STEP_MM) + 1;
        $flat = (int) (90 / self::STEP_DEG);
        $all = [[$y + 1, $deg, $lift], [$y - 1, $deg, $lift], [$y, $deg + 1, $lift],
            [$y, $deg - 1, $lift], ...($this->at->bottom > 0.0 ? [[$y, $deg, 1 - $lift]] : [])];

        return array_values(array_filter($all, fn (array $m): bool => $m[0] >= 0 && $m[0] <= $far && abs($m[1]) <= $flat));
    }

    /** @param  array{int, int, int}  $at */
    private function isOutside(array $at, bool $carriedUpright): bool
    {
        $flat = (int) (90 / self::STEP_DEG);
        $isHeld = abs($at[1]) === $flat || ($carriedUpright && $at[1] === 0);
        $tilt = $this->tilt($at);

        return $isHeld && ($at[2] === 0 || $this->at->bottom === 0.0) && min(array_column($tilt->corners($this->shape), 0)) >= $this->at->front;
    }

    /**
     * @param  array<string, string>  $from
     * @return non-empty-list<Tilt>
     */
    private function walked(string $key, array $from, Tilt $goal): array
    {
        $poses = [];
        for ($at = $key; $at !== null; $at = $from[$at] ?? null) {
            [$y, $deg, $lift] = array_map(intval(...), explode(',', $at));
            $poses[] = $this->tilt([$y, $deg, $lift]);
        }

        return [...$poses, $goal, new Tilt($this->at->rear, 0.0, $this->at->bottom)];
    }
}
