<?php

declare(strict_types=1);

namespace Incastro\Core\Tests;

/** Classes that use one another all the way round (Tarjan 1972, strongly connected components). */
final class Circles
{
    private int $count = 0;

    /** @var array<string, int> when each was first seen */
    private array $seen = [];

    /** @var array<string, int> the earliest that each leads back to */
    private array $low = [];

    /** @var list<string> */
    private array $stack = [];

    /** @var list<list<string>> */
    private array $found = [];

    /** @param  array<string, list<string>>  $uses  by class */
    private function __construct(private readonly array $uses)
    {
    }

    /**
     * @param  array<string, list<string>>  $uses  by class
     * @return list<list<string>> of two or more, the largest first
     */
    public static function of(array $uses): array
    {
        $self = new self($uses);
        foreach (array_keys($uses) as $class) {
            isset($self->seen[$class]) || $self->visit($class);
        }
        usort($self->found, fn (array $a, array $b): int => count($b) <=> count($a));

        return $self->found;
    }

    private function visit(string $class): void
    {
        $this->seen[$class] = $this->low[$class] = $this->count++;
        $this->stack[] = $class;
        foreach (array_filter($this->uses[$class], fn (string $c): bool => isset($this->uses[$c])) as $used) {
            if (! isset($this->seen[$used])) {
                $this->visit($used);
                $this->low[$class] = min($this->low[$class], $this->low[$used]);
            } elseif (in_array($used, $this->stack, true)) {
                $this->low[$class] = min($this->low[$class], $this->seen[$used]);
            }
        }
        if ($this->low[$class] === $this->seen[$class]) {
            $circle = array_splice($this->stack, (int) array_search($class, $this->stack, true));
            array_push($this->found, ...(count($circle) > 1 ? [$circle] : []));
        }
    }
}
