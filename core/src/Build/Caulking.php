<?php

declare(strict_types=1);

namespace Incastro\Core\Build;

use Incastro\Core\Document\Model\EdgeKind;
use Incastro\Core\Document\Model\FinishKind;
use Incastro\Core\Document\Model\SideKind;
use Incastro\Core\Fit\EdgeFit;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Length;

/** Which edges of a piece are caulked. */
final class Caulking
{
    /** A wider gap wants a strip: our own figure. */
    private const BRIDGES_MM = 20;

    /** @return list<EdgeFit> gaps left open before a wall, up to what caulk bridges, and scribed edges under paint */
    public static function edges(PlacedPiece $built): array
    {
        $isPainted = $built->piece->finish->kind === FinishKind::Paint;
        $most = Length::fromMillimetres(self::BRIDGES_MM);

        return array_values(array_filter($built->fit->edges, fn (EdgeFit $e): bool => match (true) {
            $e->kind === EdgeKind::Play => $e->greatest()->isPositive() && ! $e->greatest()->isGreaterThan($most) && self::isWall($e, $built),
            default => $isPainted && $e->kind !== null && $e->kind->isScribed(),
        }));
    }

    private static function isWall(EdgeFit $edge, PlacedPiece $built): bool
    {
        $side = $edge->name->side();

        return $side === null || $built->room->space->side($side) === SideKind::Wall;
    }
}
