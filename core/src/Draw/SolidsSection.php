<?php

declare(strict_types=1);

namespace Incastro\Core\Draw;

use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Taken;
use Incastro\Core\Fit\Motion\Motion;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\View;

/** Every piece as solids in its room, with all that is taken out of them, and how far each moves. */
final readonly class SolidsSection implements \JsonSerializable
{
    /** @param  array<string, PlacedPiece>  $pieces */
    public function __construct(private array $pieces)
    {
    }

    public function jsonSerialize(): object
    {
        $solids = $faces = [];
        foreach ($this->pieces as $id => $built) {
            $solids[$id] = ['parts' => self::parts($built), 'room' => $faces[$built->piece->space] ??= (new Shell($built->room))->faces()];
        }

        return (object) $solids;
    }

    /** @return list<array<string, mixed>> every panel as a solid, and how it moves */
    private static function parts(PlacedPiece $built): array
    {
        $moves = [];
        foreach ($built->fit->motions as $motion) {
            $moves += array_fill_keys($motion->mover->parts, self::moves($motion));
        }

        return array_map(static function (Panel $panel) use ($moves): array {
            $solid = $panel->solid;

            return ['part' => $panel->id, 'bay' => $panel->bay, 'role' => $panel->role->value,
                'axis' => $solid->axis->value, 'outline' => $solid->outline, 'from' => $solid->from, 'to' => $solid->to,
                'taken' => array_map(
                    fn (Taken $t): array => ['kind' => $t->kind->value, 'corner' => [$t->block->corner->x, $t->block->corner->y, $t->block->corner->z],
                        'size' => [$t->block->size->x, $t->block->size->y, $t->block->size->z]],
                    $panel->taken),
                'moves' => $moves[$panel->id] ?? null];
        }, $built->fit->panels);
    }

    /** @return array<string, mixed> as far as it opens in its place */
    private static function moves(Motion $motion): array
    {
        [$u, $v] = $motion->mover->pivot;

        return $motion->mover->kind->turns()
            ? ['how' => 'turn', 'about' => $motion->mover->view === View::Top ? 'z' : 'x',
                'pivot' => [round($u, 2), round($v, 2)], 'by' => round($motion->opens, 1)]
            : ['how' => 'slide', 'about' => 'z', 'pivot' => [round($u, 2), round($v, 2)], 'by' => round($motion->opens, 1)];
    }
}
