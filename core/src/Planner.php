<?php

declare(strict_types=1);

namespace Incastro\Core;

use Incastro\Core\Checks\Built;
use Incastro\Core\Checks\Checker;
use Incastro\Core\Checks\FitsSheet;
use Incastro\Core\Cut\Cutter;
use Incastro\Core\Design\Design;
use Incastro\Core\Design\Designer;
use Incastro\Core\Document\Piece;
use Incastro\Core\Document\Project;
use Incastro\Core\Document\ProjectReader;
use Incastro\Core\Envelope\Box;
use Incastro\Core\Envelope\Boxer;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Fit\Fit;
use Incastro\Core\Fit\Fitter;
use Incastro\Core\Survey\Room;
use Incastro\Core\Survey\Surveyor;

/** The one door in. Same document, same plan, byte for byte; it never searches. */
final class Planner
{
    /**
     * @param  array<array-key, mixed>  $document  a decoded project document
     *
     * @throws Document\DocumentRejected when the document cannot be read
     */
    public static function plan(array $document): Plan
    {
        $project = ProjectReader::read($document);
        $rooms = self::survey($project);
        $pieces = self::measurable($project, $rooms);
        $boxes = array_map(fn (Piece $p): Box => (new Boxer)->box($p, $rooms[$p->space]), $pieces);
        $designs = array_map(fn (Piece $p): Design => (new Designer($project->stock))->design($p, $boxes[$p->id]), $pieces);
        $fitted = array_map(fn (Piece $p): Fit => (new Fitter($project->workshop))
            ->fit($p, $rooms[$p->space], $boxes[$p->id], $designs[$p->id]), $pieces);
        $cutting = (new Cutter($project))->cut(self::panels($fitted));
        $findings = self::check($project, $rooms, $pieces, $designs, $fitted);
        $findings = [...$findings, ...(new FitsSheet)->of($cutting, $project)];

        return (new PlanWriter($project, $rooms, $designs, $fitted, $cutting, $findings))->plan();
    }

    /** @return array<string, Room> by space */
    private static function survey(Project $project): array
    {
        $surveyor = new Surveyor($project->workshop);

        return array_map($surveyor->survey(...), $project->spaces);
    }

    /**
     * @param  array<string, Room>  $rooms
     * @return array<string, Piece> pieces whose space has at least one width
     */
    private static function measurable(Project $project, array $rooms): array
    {
        return array_filter($project->pieces, fn (Piece $p): bool => $rooms[$p->space]->isMeasured());
    }

    /**
     * @param  array<string, Fit>  $fitted
     * @return list<Design\Panel>
     */
    private static function panels(array $fitted): array
    {
        return array_merge(...array_map(fn (Fit $f): array => $f->panels, array_values($fitted)), ...[[]]);
    }

    /**
     * @param  array<string, Room>  $rooms
     * @param  array<string, Piece>  $pieces
     * @param  array<string, Design>  $designs
     * @param  array<string, Fit>  $fitted
     * @return list<Finding>
     */
    private static function check(Project $project, array $rooms, array $pieces, array $designs, array $fitted): array
    {
        $checker = new Checker;
        $findings = [];
        foreach ($project->spaces as $id => $space) {
            array_push($findings, ...$checker->survey($space, $rooms[$id]));
        }
        foreach ($pieces as $id => $piece) {
            array_push($findings, ...$designs[$id]->findings,
                ...$checker->piece(new Built($project, $piece, $rooms[$piece->space], $fitted[$id])));
        }

        return $findings;
    }
}
