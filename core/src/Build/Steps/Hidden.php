<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Steps;

use Incastro\Core\Assembly\Fastening\Bore;
use Incastro\Core\Assembly\Fastening\BoreKind;
use Incastro\Core\Assembly\Fastening\Fastened;
use Incastro\Core\Design\Panel;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;

/**
 * Whose fixings lie behind what: for each screw that joins two panels, the panels that stand right before its head. Its joint is
 * made before those go on.
 */
final class Hidden
{
    /** The driver's point stands so far before the head. */
    private const BEFORE_MM = 1;

    /** @return list<array{string, string, string}> two joined panels, and one that hides a fixing of theirs; each once */
    public static function of(PlacedPiece $built, Fastened $fastened): array
    {
        $hidden = [];
        foreach ($fastened->bores as $part => $bores) {
            $own = array_values(array_filter($bores, fn (Bore $b): bool => $b->with !== null
                && in_array($b->kind, [BoreKind::Clearance, BoreKind::Pocket], true)));
            $near = $own === [] ? [] : self::near($built, $part);
            foreach ($own as $bore) {
                $head = $bore->beforeHead(Length::fromMillimetres(self::BEFORE_MM));
                foreach ($near as $panel) {
                    if ($panel->id !== $bore->with && $panel->block->holds($head)) {
                        $hidden["$part $bore->with $panel->id"] = [$part, (string) $bore->with, $panel->id];
                    }
                }
            }
        }

        return array_values($hidden);
    }

    /** @return list<Panel> what comes within the driver's point of a panel */
    private static function near(PlacedPiece $built, string $part): array
    {
        $reach = $built->panels[$part]->block->grownBy(Length::fromMillimetres(2 * self::BEFORE_MM));
        [$x0, $x1, $y0, $y1, $z0, $z1] = [$reach->from(Axis::X)->units, $reach->to(Axis::X)->units,
            $reach->from(Axis::Y)->units, $reach->to(Axis::Y)->units, $reach->from(Axis::Z)->units, $reach->to(Axis::Z)->units];

        return array_values(array_filter($built->fit->panels, function (Panel $p) use ($part, $x0, $x1, $y0, $y1, $z0, $z1): bool {
            [$at, $size] = [$p->block->corner, $p->block->size];

            return $p->id !== $part && $at->x->units < $x1 && $at->x->units + $size->x->units > $x0 && $at->y->units < $y1
                && $at->y->units + $size->y->units > $y0 && $at->z->units < $z1 && $at->z->units + $size->z->units > $z0;
        }));
    }
}
