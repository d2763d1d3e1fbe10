<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Making;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\Entry\Passing;
use Incastro\Core\Fit\Entry\Verdict;
use Incastro\Core\Fit\PlacedPiece;

/**
 * What fits where it stands and cannot be brought there: each box, carried level, through every door, passage and corner of the way in
 * (fieldbook §8). What has to be searched for, raising it in its place, is asked for in Fit.
 */
final class WaysIn implements Check
{
    public function of(PlacedPiece $built): array
    {
        $loads = $built->project->wayIn === [] ? [] : $built->loads;
        $findings = [];
        foreach ($loads as $load) {
            foreach ($built->project->wayIn as $segment) {
                $leg = Passing::of($segment, $load);
                if ($leg['verdict']->isWorseThan(Verdict::GoesIf)) {
                    $by = FindingFactory::up(max(-2 * $leg['spare'], -$leg['headroom'], 0.1));
                    $findings[] = FindingFactory::look('fit.way_narrow', new Place(WorkStage::Fit, $load->id),
                        'entry', ['box' => $load->name, 'way' => $segment->name, 'by' => $by])->measuring($by, null);

                    break;
                }
            }
        }

        return $findings;
    }
}
