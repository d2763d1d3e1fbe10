<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Steps;

use Incastro\Core\Measure\Text;

/** Steps and what each needs. A need that would go round in a circle is refused, so there is always an order. */
final class Graph
{
    /** @var array<string, Step> */
    private array $steps = [];

    /** @var array<string, array<string, Need>> by step, by what it needs */
    private array $needs = [];

    public function add(Step $step): string
    {
        $this->steps[$step->id] = $step;
        $this->needs[$step->id] ??= [];

        return $step->id;
    }

    public function has(string $step): bool
    {
        return isset($this->steps[$step]);
    }

    /**
     * A step that is not there is needed by nothing; the longest wait counts.
     *
     * @param  string|Text  $why  the text, or its key under `why.`
     * @return bool whether it could be had: false where the other step waits for this one
     */
    public function need(string $step, ?string $before, string|Text $why, float $hours = 0.0): bool
    {
        if ($before === null || $before === $step || ! $this->has($step) || ! $this->has($before)) {
            return true;
        }
        if ($this->reaches($step, $before)) {
            return false;
        }
        $known = $this->needs[$step][$before] ?? null;
        if ($known === null || $known->hours < $hours) {
            $this->needs[$step][$before] = new Need($before, is_string($why) ? Text::of("why.$why") : $why, $hours);
        }

        return true;
    }

    /** Whether one comes, by way of others, before another. */
    public function reaches(string $first, string $last): bool
    {
        $seen = [];
        $open = [$last];
        while ($open !== []) {
            $at = array_pop($open);
            if ($at === $first) {
                return true;
            }
            foreach ($this->needs[$at] ?? [] as $before => $need) {
                if (! isset($seen[$before])) {
                    $seen[$before] = true;
                    $open[] = (string) $before;
                }
            }
        }

        return false;
    }

    /** @return array<string, Step> in the order in which they were thought of */
    public function all(): array
    {
        return $this->steps;
    }

    /**
     * @param  array<string, Step>  $order  each after all it needs
     * @return array<string, list<Need>> by step, without what another of its needs brings with it anyway
     */
    public function needs(array $order): array
    {
        $before = [];
        foreach ($order as $id => $step) {
            $before[$id] = [];
            foreach ($this->needs[$id] as $need) {
                $before[$id] += $before[$need->step] + [$need->step => true];
            }
        }

        return array_map(function (array $needs) use ($before): array {
            $brought = array_map(fn (Need $n): array => $before[$n->step], array_values($needs));

            return array_values(array_filter($needs, fn (Need $n): bool => $n->hours > 0
                || array_filter($brought, fn (array $b): bool => isset($b[$n->step])) === []));
        }, $this->needs);
    }

    /** @return array<string, Step> each after all it needs, else as early as its kind usually comes */
    public function inOrder(): array
    {
        $waits = array_map(count(...), $this->needs);
        $after = [];
        foreach ($this->needs as $step => $needs) {
            foreach ($needs as $before => $need) {
                $after[$before][] = $step;
            }
        }
        $place = array_flip(array_keys($this->steps));
        $ready = new \SplPriorityQueue;
        $push = fn (string $id): bool => $ready->insert($id, [-$this->steps[$id]->kind->rank(), -$place[$id]]);
        array_map($push, array_keys(array_filter($waits, fn (int $n): bool => $n === 0)));
        $order = [];
        while (! $ready->isEmpty()) {
            /** @var string $id */
            $id = $ready->extract();
            $order[$id] = $this->steps[$id];
            foreach ($after[$id] ?? [] as $next) {
                if (--$waits[$next] === 0) {
                    $push($next);
                }
            }
        }

        return $order;
    }
}
