<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Details;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Design\Role;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;

/**
 * Many alike set with one spacer: half a millimetre off grows with each (from practice). Told where the last would be more than 5 mm off;
 * running positions from one end do not drift.
 */
final class RepeatDrifts implements Check
{
    private const OFF_MM = 0.5;

    private const MOST_MM = 5.0;

    public function of(PlacedPiece $built): array
    {
        $rows = [];
        foreach ($built->boards(Role::Slat) as $slat) {
            if (preg_match('/^(.+):slat_\d+$/', $slat->id, $found) === 1) {
                $rows[$found[1]][] = $slat;
            }
        }
        $findings = [];
        foreach ($rows as $slats) {
            $drift = (count($slats) - 1) * self::OFF_MM;
            if ($drift > self::MOST_MM) {
                $last = $slats[count($slats) - 1];
                $k = $last->inHouse($last->wide())->value;
                $at = $last->block->corner->$k->minus($slats[0]->block->corner->$k)->absolute();
                $findings[] = FindingFactory::note('piece.repeat_drifts', new Place(WorkStage::Piece, $last->bay ?? $last->id), 'practice',
                    ['n' => count($slats), 'off' => FindingFactory::up(self::OFF_MM), 'drift' => FindingFactory::up($drift), 'at' => $at])
                    ->measuring(FindingFactory::up($drift), FindingFactory::up(self::MOST_MM));
            }
        }

        return $findings;
    }
}
