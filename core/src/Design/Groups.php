<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

/** Neighbours that have something in common. */
final class Groups
{
    /**
     * @template T
     *
     * @param  list<T>  $items
     * @param  \Closure(T): bool  $has
     * @return list<non-empty-list<T>>
     */
    public static function of(array $items, \Closure $has): array
    {
        $groups = [];
        $open = false;
        foreach ($items as $item) {
            if (! $has($item)) {
                $open = false;

                continue;
            }
            $last = $open ? array_pop($groups) : null;
            $groups[] = [...($last ?? []), $item];
            $open = true;
        }

        return $groups;
    }
}
