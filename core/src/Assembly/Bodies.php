<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly;

use Incastro\Core\Design\Panel;
use Incastro\Core\Design\TakenKind;
use Incastro\Core\Document\Model\Face as WallFace;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;

/** The bodies of one piece in its place. */
final class Bodies
{
    /** A plug, and the hand that holds it: our own figure. */
    private const PLUG_MM = 60;

    /** @return list<Body> */
    public static function of(PlacedPiece $built): array
    {
        $panels = array_filter($built->fit->panels, fn (Panel $p): bool => $p->length->value->isPositive() && $p->width->value->isPositive());

        return [...array_map(fn (Panel $p): Body => Body::ofPanel($p, $built->piece->name), array_values($panels)), ...self::reaches($built)];
    }

    /** @return list<Body> the room before what must be reached through an opening of the piece */
    private static function reaches(PlacedPiece $built): array
    {
        $reaches = [];
        foreach ($built->fit->passages as $passage) {
            $thing = $passage->placed->thing;
            if ($passage->kind === TakenKind::CutOut && $thing->face === WallFace::Back && $thing->rule()->mustReach) {
                $reaches[$thing->id] ??= Body::reach($passage->placed, $built->piece,
                    $passage->block->along(Axis::Y, $passage->block->to(Axis::Y), Length::fromMillimetres(self::PLUG_MM)));
            }
        }

        return array_values($reaches);
    }
}
