<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Handover;

use Incastro\Core\Build\Caulking;
use Incastro\Core\Design\Hardware;
use Incastro\Core\Design\JointKind;
use Incastro\Core\Document\Model\FinishKind;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\PlacedThing;

/** What there is to look after on a piece, as it is made: what moves, what holds it, what fills its gaps, what it is finished with. */
final class CareOf
{
    /** @return list<Care> */
    public static function piece(PlacedPiece $built, bool $isScrewedToWall): array
    {
        $has = fn (string ...$names): bool => array_filter($built->design->hardware,
            fn (Hardware $h): bool => in_array($h->name->key, array_map(fn (string $n): string => "hardware.$n", $names), true)) !== [];
        $asked = [
            'hinges' => [$has('hinge', 'flap_hinge', 'piano_hinge', 'lid_hinge'), 6],
            'struts' => [$has('strut', 'lid_stay', 'drop_stay'), 24],
            'screws' => [$built->joints(JointKind::PocketScrews) !== [] || ! $built->piece->methods->glue, 12],
            'wall' => [$isScrewedToWall, 12],
            'caulk' => [Caulking::edges($built) !== [], 12],
            'paint' => [$built->piece->finish->kind === FinishKind::Paint, 24],
            'clear' => [$built->piece->finish->kind === FinishKind::Clear, 12],
        ];
        $care = [];
        foreach ($asked as $what => [$is, $months]) {
            array_push($care, ...($is ? [new Care("$what:{$built->piece->id}", Text::of("care.$what", piece: $built->piece->name), $months)] : []));
        }

        return [...$care, ...self::reach($built)];
    }

    /** @return list<Care> what must stay within reach behind it */
    private static function reach(PlacedPiece $built): array
    {
        $must = array_values(array_filter($built->room->things, fn (PlacedThing $t): bool => $t->thing->rule()->mustReach));

        return array_map(fn (PlacedThing $t): Care => new Care("reach:{$t->thing->id}", Text::of('care.reach', thing: $t->name()), 12), $must);
    }
}
