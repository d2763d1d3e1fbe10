<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Steps;

use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Fit\Units\Unit;

/**
 * In which order the panels of one assembly go together: what stands inside first, its fixed shelves, its outsides, what is
 * screwed into it; none before the joints whose screws it hides. Panels that may go together in one go are one stage.
 */
final readonly class Sequence
{
    /**
     * @param  list<non-empty-list<Panel>>  $stages
     * @param  list<array{string, string, string}>  $blocked  joints that can be screwed in no order, and what is in the way
     */
    private function __construct(public array $stages, public array $blocked)
    {
    }

    /** @param  list<array{string, string, string}>  $hidden  see Hidden */
    public static function of(Unit $unit, array $hidden): self
    {
        $ids = array_flip($unit->ids());
        $own = array_values(array_filter($hidden, fn (array $h): bool => isset($ids[$h[0]], $ids[$h[1]], $ids[$h[2]])));
        $left = $unit->panels;
        usort($left, fn (Panel $a, Panel $b): int => [self::rank($a), $a->block->corner->z->units, $a->block->corner->x->units,
            $a->id] <=> [self::rank($b), $b->block->corner->z->units, $b->block->corner->x->units, $b->id]);
        $placed = $stages = $blocked = [];
        $last = null;
        while ($left !== []) {
            $at = self::next($left, $own, $placed);
            foreach ($at === null ? $own : [] as $h) {
                if ($h[2] === $left[0]->id && ! (isset($placed[$h[0]], $placed[$h[1]]))) {
                    $blocked[] = $h;
                }
            }
            [$panel] = array_splice($left, $at ?? 0, 1);
            $placed[$panel->id] = true;
            $stages = self::with($stages, $panel, $last);
            $last = self::rank($panel);
        }

        return new self($stages, $blocked);
    }

    /**
     * @param  list<Panel>  $left
     * @param  list<array{string, string, string}>  $hidden
     * @param  array<string, true>  $placed
     */
    private static function next(array $left, array $hidden, array $placed): ?int
    {
        foreach ($left as $i => $panel) {
            $waits = array_filter($hidden, fn (array $h): bool => $h[2] === $panel->id && ! isset($placed[$h[0]], $placed[$h[1]]));
            if ($waits === []) {
                return $i;
            }
        }

        return null;
    }

    /**
     * @param  list<non-empty-list<Panel>>  $stages
     * @return list<non-empty-list<Panel>>
     */
    private static function with(array $stages, Panel $panel, ?int $last): array
    {
        if ($stages === [] || $last !== self::rank($panel)) {
            return [...$stages, [$panel]];
        }
        $stages[count($stages) - 1][] = $panel;

        return $stages;
    }

    private static function rank(Panel $panel): int
    {
        return match ($panel->role) {
            Role::Divider, Role::Bottom, Role::Between, Role::Top, Role::RakingTop, Role::TopRail => 0,
            Role::Shelf => 1,
            Role::Side => 2,
            default => 3,
        };
    }
}
