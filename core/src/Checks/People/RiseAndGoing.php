<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\People;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Document\Fields\Limit;
use Incastro\Core\Document\Model\FillKind;
use Incastro\Core\Findings\Fix;
use Incastro\Core\Findings\Place;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** A step to climb on: no higher than 220 and no shallower than 220 (usual stair rule, UK private stair; check yours). */
final class RiseAndGoing implements Check
{
    public function of(PlacedPiece $built): array
    {
        $findings = [];
        foreach ($built->design->cells as $id => $cell) {
            if ($cell->bay->fill->kind !== FillKind::PullOutStep) {
                continue;
            }
            [$rise, $going] = [$cell->bay->fill->is->length('height'), $cell->bay->fill->is->length('going')];
            [$most, $least] = [$built->project->lengthLimit(Limit::Rise), $built->project->lengthLimit(Limit::Going)];
            $set = fn (string $code, string $key, Length $to): ?Fix => $built->cure(Text::of("$code.fix", limit: $to), $id, ['fill', $key], $to);
            if ($rise->isGreaterThan($most)) {
                $findings[] = FindingFactory::look('people.rise_high', Place::inPiece($id), 'steps',
                    ['bay' => $cell->label, 'rise' => $rise, 'limit' => $most])->measuring($rise, $most)->curedBy($set('people.rise_high', 'height', $most));
            }
            if ($going->isLessThan($least)) {
                $findings[] = FindingFactory::look('people.going_short', Place::inPiece($id), 'steps',
                    ['bay' => $cell->label, 'going' => $going, 'limit' => $least])
                    ->measuring($going, $least)->curedBy($least->isGreaterThan($cell->y->value()) ? null : $set('people.going_short', 'going', $least));
            }
        }

        return $findings;
    }
}
