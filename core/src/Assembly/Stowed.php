<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly;

use Incastro\Core\Design\Cell;
use Incastro\Core\Design\Role;
use Incastro\Core\Document\Model\Fill;
use Incastro\Core\Document\Model\StoredThing;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Length;

/**
 * What stands in a bay, kg: the things listed for it where they have a weight, else what it is said to be for, by kg on a metre of 300 deep
 * (fieldbook §7).
 */
final class Stowed
{
    private const LOADS = ['linen' => 15.0, 'toys' => 10.0, 'books' => 37.0, 'plates' => 50.0, 'cans' => 60.0, 'records' => 60.0];

    /** All that is listed for the bay; null when nothing with a weight is. */
    public static function listed(Cell $cell, PlacedPiece $built): ?float
    {
        $things = array_filter($built->project->stored, fn (StoredThing $t): bool => $t->bay === $cell->bay->id && $t->kg > 0);

        return $things === [] ? null : array_sum(array_map(fn (StoredThing $t): float => $t->kg * $t->count, $things));
    }

    /**
     * On one of so many levels.
     *
     * @param  array{float, float}  $size  length and depth of the level, mm
     */
    public static function onEach(Cell $cell, PlacedPiece $built, int $levels, array $size): float
    {
        $listed = self::listed($cell, $built);

        return $listed !== null ? $listed / max(1, $levels) : self::usual($cell->bay->fill, ...$size);
    }

    /** What the fill is said to be for; nothing where it is not asked. */
    public static function usual(Fill $fill, float $length, float $depth): float
    {
        $for = array_key_exists('load', $fill->kind->fields()) ? $fill->is->choice('load') : null;

        return ($for === null ? 0.0 : self::LOADS[$for]) * $length / 1000 * $depth / 300;
    }

    /** All of a piece: every bay, its shelves and its floor, and the appliances and screens built into it. */
    public static function whole(PlacedPiece $built): float
    {
        return self::in($built, $built->design->cells);
    }

    /** @param  array<string, Cell>  $cells  of the piece */
    public static function in(PlacedPiece $built, array $cells): float
    {
        $kg = 0.0;
        foreach ($cells as $id => $cell) {
            $levels = 1 + count($built->inBay($id, Role::Shelf));
            $kg += self::listed($cell, $built)
                ?? $levels * self::usual($cell->bay->fill, (float) $cell->x->value()->millimetres(), (float) $cell->y->value()->millimetres());
            $kg += array_key_exists('kg', $cell->bay->fill->kind->fields()) ? $cell->bay->fill->is->count('kg') : 0;
        }

        return $kg;
    }

    /** kg of a piece with what is kept in it. */
    public static function filled(PlacedPiece $built): float
    {
        return self::whole($built) + $built->weight->of(...$built->fit->panels);
    }

    /**
     * What is to be kept in bays of the piece, each with its bay and how high over the floor that begins.
     *
     * @return list<array{StoredThing, Cell, Length}>
     */
    public static function kept(PlacedPiece $built): array
    {
        $kept = [];
        foreach ($built->project->stored as $thing) {
            $cell = $built->design->cells[$thing->bay ?? ''] ?? null;
            if ($cell !== null) {
                $kept[] = [$thing, $cell, $cell->z->from->minus($built->room->floorHighPoint())];
            }
        }

        return $kept;
    }
}
