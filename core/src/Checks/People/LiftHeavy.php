<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\People;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Document\Fields\Limit;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\Entry\Load;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Length;

/**
 * 23 kg is an ideal lift (fieldbook §7): more than two people carry is told; and what is lifted to where its foot is over 1200, over 10 kg.
 * One finding a piece, for the worst.
 */
final class LiftHeavy implements Check
{
    private const HIGH_MM = 1_200;

    private const HIGH_KG = 10.0;

    public function of(PlacedPiece $built): array
    {
        $heavy = $raised = null;
        foreach ($built->loads as $load) {
            $isHigh = $load->place->corner->z->minus($built->room->floorHighPoint())->isGreaterThan(Length::fromMillimetres(self::HIGH_MM));
            if ($isHigh && $load->kg > self::HIGH_KG && $load->kg > ($raised->kg ?? 0.0)) {
                $raised = $load;
            } elseif (! $isHigh && $load->kg > 2 * $built->project->limit(Limit::Lift) && $load->kg > ($heavy->kg ?? 0.0)) {
                $heavy = $load;
            }
        }
        $say = fn (string $code, Load $load, float $limit): Finding => FindingFactory::note($code, new Place(WorkStage::Fit, $load->id), 'lifting',
            ['box' => $load->name, 'kg' => FindingFactory::tenths($load->kg), 'people' => $load->people(), 'limit' => FindingFactory::tenths($limit)]);

        return array_values(array_filter([$heavy === null ? null : $say('people.lift_heavy', $heavy, $built->project->limit(Limit::Lift)),
            $raised === null ? null : $say('people.lift_high', $raised, self::HIGH_KG)]));
    }
}
