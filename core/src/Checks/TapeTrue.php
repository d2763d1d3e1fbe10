<?php

declare(strict_types=1);

namespace Incastro\Core\Checks;

use Incastro\Core\Document\Facts\Take;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\Space;
use Incastro\Core\Document\Model\Workshop;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Survey\Instruments;
use Incastro\Core\Survey\Tape;

/** A tape that a rule or a meter shows to be further out than its class allows, where something was read with it. */
final class TapeTrue
{
    private const CODES = ['hook' => 'survey.hook_out', 'scale' => 'survey.scale_out'];

    /** @return list<Finding> */
    public function of(Workshop $workshop, Space $space): array
    {
        $findings = [];
        foreach ($this->isUsed($space) ? (new Tape($workshop))->out : [] as $what => $over) {
            $findings[] = FindingFactory::look(self::CODES[$what], new Place(WorkStage::Site, $space->id), 'tapes', ['by' => FindingFactory::up(abs($over))]);
        }

        return $findings;
    }

    private function isUsed(Space $space): bool
    {
        $taped = fn (Reading $r): bool => array_filter($r->takes, fn (Take $t): bool => Instruments::taped($r, $t) !== null) !== [];

        return array_filter($space->readings, $taped) !== [];
    }
}
