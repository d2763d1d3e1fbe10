<?php

declare(strict_types=1);

namespace Incastro\Core\Checks;

use Incastro\Core\Assembly\Assembly;
use Incastro\Core\Cut\Cutting;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Survey\Room;

/** What all checks of a project come to. */
final readonly class Verdicts
{
    /**
     * @param  list<Finding>  $findings
     * @param  array<string, list<Finding>>  $held  by piece, what holds it up until somebody has decided
     */
    private function __construct(public Accepted $accepted, public array $findings, public array $held)
    {
    }

    /**
     * @param  array<string, Room>  $rooms
     */
    public static function of(Project $project, array $rooms, Assembly $assembly, Cutting $cutting): self
    {
        $pieces = $assembly->pieces;
        [$checker, $accepted] = [new Checker, new Accepted($project)];
        $findings = $held = [];
        foreach ($project->spaces as $id => $space) {
            array_push($findings, ...$accepted->marked([...$checker->survey($space, $rooms[$id]), ...(new TapeTrue)->of($project->workshop, $space)]));
        }
        foreach ($pieces as $id => $piece) {
            $own = $accepted->marked([...$piece->design->findings, ...$checker->piece($piece, $assembly)]);
            $held[$id] = array_values(array_filter($own, fn (Finding $f): bool => $f->holds()));
            array_push($findings, ...$own);
        }
        array_push($findings, ...$accepted->marked((new StandApart)->of($assembly)));
        array_push($findings, ...$accepted->marked($checker->cutting($cutting, $project, $assembly)));

        return new self($accepted, self::once($findings), $held);
    }

    /**
     * Two pieces in one room may say the same of it.
     *
     * @param  list<Finding>  $findings
     * @return list<Finding>
     */
    private static function once(array $findings): array
    {
        $said = [];
        foreach ($findings as $finding) {
            $said["$finding->code {$finding->place->ref} ".json_encode($finding->says, JSON_THROW_ON_ERROR)] ??= $finding;
        }

        return array_values($said);
    }
}
