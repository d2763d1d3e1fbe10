<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Making;

use Incastro\Core\Assembly\Assembly;
use Incastro\Core\Assembly\Fastening\Bore;
use Incastro\Core\Assembly\Fastening\BoreKind;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Checks\HoldingCheck;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Length;

/**
 * A pocket hole in a face that a strip is to be glued to: the glue has nothing to hold there and the strip sinks in. Turn the board or
 * screw it otherwise. From practice.
 */
final class PocketsUnderTrim implements HoldingCheck
{
    private const GLUED = [Role::Filler, Role::Trim, Role::Lip, Role::CornerFiller, Role::Crown];

    public function of(PlacedPiece $built, Assembly $assembly): array
    {
        $strips = $built->boards(...self::GLUED);
        $panels = $built->panels;
        $findings = [];
        foreach ($strips === [] ? [] : $assembly->fastened($built->piece->id)->bores as $part => $bores) {
            foreach ($bores as $bore) {
                $strip = $bore->kind === BoreKind::Pocket ? $this->over($bore, $strips) : null;
                if ($strip !== null && isset($panels[$part])) {
                    $findings[$part] = FindingFactory::look('cut.pocket_under_trim', new Place(WorkStage::Cut, $part),
                        'practice', ['part' => $panels[$part]->name, 'strip' => $strip->name]);
                }
            }
        }

        return array_values($findings);
    }

    /** @param  list<Panel>  $strips */
    private function over(Bore $bore, array $strips): ?Panel
    {
        $k = $bore->into->value;
        $hair = Length::fromMillimetres(1);
        // Just outside the face it is drilled from.
        $mouth = $bore->room->along($bore->into, $bore->upward ? $bore->at->$k->minus($hair) : $bore->at->$k, $hair);
        foreach ($strips as $strip) {
            if ($strip->id !== $bore->part && $strip->id !== $bore->with && $strip->solid->touches($mouth)) {
                return $strip;
            }
        }

        return null;
    }
}
