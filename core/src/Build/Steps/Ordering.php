<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Steps;

/** The usual order, or the person's own where they moved a step; what their order breaks is told, and still theirs. */
final readonly class Ordering
{
    /** @param  array<string, string>  $moved  by step, after which other it is done; '' for first */
    public function __construct(private array $moved = [])
    {
    }

    /**
     * @param  array<string, Step>  $usual
     * @return array<string, Step>
     */
    public function of(array $usual): array
    {
        $order = array_keys($usual);
        foreach ($this->moved as $step => $after) {
            $from = array_search($step, $order, true);
            if ($from === false || ($after !== '' && ! in_array($after, $order, true)) || $after === $step) {
                continue;
            }
            array_splice($order, $from, 1);
            array_splice($order, $after === '' ? 0 : 1 + (int) array_search($after, $order, true), 0, [$step]);
        }

        return array_combine($order, array_map(fn (string $id): Step => $usual[$id], $order));
    }
}
