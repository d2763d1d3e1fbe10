<?php

declare(strict_types=1);

namespace Incastro\Core;

use Incastro\Core\Build\Calendar\CalendarMaker;
use Incastro\Core\Build\Carrying\Carrier;
use Incastro\Core\Build\Handover\Handover;
use Incastro\Core\Build\PieceWork;
use Incastro\Core\Build\Shopping\Shopper;
use Incastro\Core\Build\Steps\StepMaker;
use Incastro\Core\Build\Trial\Trials;
use Incastro\Core\Checks\Accepted;
use Incastro\Core\Checks\Built;
use Incastro\Core\Checks\Checker;
use Incastro\Core\Cut\Cutter;
use Incastro\Core\Cut\Cutting;
use Incastro\Core\Cut\LooseBoards;
use Incastro\Core\Cut\Machining\Bored;
use Incastro\Core\Cut\Machining\Boring;
use Incastro\Core\Design\Design;
use Incastro\Core\Design\Designer;
use Incastro\Core\Design\Panel;
use Incastro\Core\Document\Piece;
use Incastro\Core\Document\Project;
use Incastro\Core\Document\ProjectReader;
use Incastro\Core\Document\Space;
use Incastro\Core\Envelope\Boxer;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Fit\Fit;
use Incastro\Core\Fit\Fitter;
use Incastro\Core\Fit\Neighbour;
use Incastro\Core\Measure\Unit;
use Incastro\Core\Memory\Forgetful;
use Incastro\Core\Memory\Memory;
use Incastro\Core\Survey\Need;
use Incastro\Core\Survey\Room;
use Incastro\Core\Survey\Surveyor;

/** The one door in. Same document, same plan, byte for byte; it never searches. */
final class Planner
{
    /**
     * @param  array<array-key, mixed>  $document  a decoded project document
     * @param  Memory  $memory  of stages of plans made before: the plan is the same with it and without
     *
     * @throws Document\DocumentRejected when the document cannot be read
     */
    public static function plan(array $document, Memory $memory = new Forgetful): Plan
    {
        $project = ProjectReader::read($document);
        $rooms = self::survey($project, $memory);
        $pieces = self::measurable($project, $rooms);
        [$designs, $fitted] = self::build($project, $pieces, $rooms);
        $bored = self::bored($designs, $fitted, $project->unit);
        $cutting = self::cut($project, $fitted, $bored);
        [$all, $held] = self::check($project, $rooms, $pieces, $designs, $fitted, $bored, $cutting);
        $works = self::works($project, $rooms, $pieces, $designs, $fitted, $bored);
        $buy = (new Shopper($project))->list($works, $cutting);
        $steps = (new StepMaker($project, $held))->make($works, $cutting);
        $schedule = (new CalendarMaker($project))->make($steps, $buy);
        $carrying = (new Carrier($project))->plan($works, $cutting, $buy, $steps);
        $trials = new Trials($project, $works, $steps);
        $all = [...$all, ...(new Accepted($project))->marked([...$steps->findings(), ...$trials->findings(), ...array_filter([CalendarMaker::finding($schedule)])])];
        $findings = array_map(fn (Finding $f): Finding => $f->within($document), $all);

        return (new PlanWriter($project, $rooms, $designs, $fitted, $cutting, $findings, $held, $buy, $steps, $schedule, $carrying, $trials, new Handover($project, $works)))->plan();
    }

    /**
     * The parts and layouts alone, for who looks for better layouts.
     *
     * @param  array<array-key, mixed>  $document
     *
     * @throws Document\DocumentRejected when the document cannot be read
     */
    public static function cutting(array $document): Cutting
    {
        $project = ProjectReader::read($document);
        $rooms = self::survey($project);
        [$designs, $fitted] = self::build($project, self::measurable($project, $rooms), $rooms);

        return self::cut($project, $fitted, self::bored($designs, $fitted, $project->unit));
    }

    /**
     * One piece in its place, for who asks more of it than a plan says; null where its space is not measured.
     *
     * @param  array<array-key, mixed>  $document
     * @return array{Project, Piece, Room, Design, Fit}|null
     *
     * @throws Document\DocumentRejected when the document cannot be read
     * @throws \OutOfBoundsException when it has no such piece
     */
    public static function fitted(array $document, string $pieceId): ?array
    {
        $project = ProjectReader::read($document);
        $piece = $project->pieces[$pieceId] ?? throw new \OutOfBoundsException("No piece by that id: $pieceId.");
        $rooms = self::survey($project);
        $pieces = self::measurable($project, $rooms);
        if (! isset($pieces[$pieceId])) {
            return null;
        }
        [$designs, $fitted] = self::build($project, $pieces, $rooms);

        return [$project, $piece, $rooms[$piece->space], $designs[$pieceId], $fitted[$pieceId]];
    }

    /**
     * Envelope, design and fit, piece by piece.
     *
     * @param  array<string, Piece>  $pieces
     * @param  array<string, Room>  $rooms
     * @return array{array<string, Design>, array<string, Fit>}
     */
    private static function build(Project $project, array $pieces, array $rooms): array
    {
        $boxes = $designs = $fitted = [];
        foreach ($pieces as $id => $piece) {
            $boxes[$id] = (new Boxer)->box($piece, $rooms[$piece->space]);
            $designs[$id] = (new Designer($project->stock, $project->stored, $project->workshop->trim))->design($piece, $boxes[$id]);
        }
        foreach ($pieces as $id => $piece) {
            $beside = array_filter($pieces, fn (Piece $p): bool => $p !== $piece && $p->space === $piece->space);
            $neighbours = array_merge(...array_map(fn (Piece $p): array => Neighbour::of($p, $designs[$p->id]), array_values($beside)), ...[[]]);
            $fitted[$id] = (new Fitter($project->workshop, $project->stock))->fit($piece, $rooms[$piece->space], $boxes[$id], $designs[$id], $neighbours);
        }

        return [$designs, $fitted];
    }

    /** @return array<string, Room> by space */
    private static function survey(Project $project, Memory $memory = new Forgetful): array
    {
        $surveyor = new Surveyor($project->workshop, $project->unit, $memory);
        $meant = fn (Space $space): array => array_values(array_filter($project->pieces, fn (Piece $p): bool => $p->space === $space->id));

        return array_map(fn (Space $space): Room => $surveyor->survey($space, Need::of($meant($space), $space)), $project->spaces);
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
     * @param  array<string, Design>  $designs
     * @param  array<string, Fit>  $fitted
     * @return array<string, Bored> by piece
     */
    private static function bored(array $designs, array $fitted, Unit $unit): array
    {
        $bored = [];
        foreach ($fitted as $id => $fit) {
            $bored[$id] = Boring::of($designs[$id], $fit, $unit);
        }

        return $bored;
    }

    /**
     * @param  array<string, Fit>  $fitted
     * @param  array<string, Bored>  $bored
     */
    private static function cut(Project $project, array $fitted, array $bored): Cutting
    {
        $panels = array_merge(...array_map(fn (Fit $f): array => $f->panels, array_values($fitted)), ...[[]]);

        // What a room leaves no size for is told by the checks; there is no board to cut.
        $panels = array_values(array_filter($panels, fn (Panel $p): bool => $p->length->value->isPositive() && $p->width->value->isPositive()));

        return (new Cutter($project))->cut([...$panels, ...LooseBoards::of($project)], array_merge(...array_map(fn (Bored $b): array => $b->bores, array_values($bored)), ...[[]]));
    }

    /**
     * @param  array<string, Room>  $rooms
     * @param  array<string, Piece>  $pieces
     * @param  array<string, Design>  $designs
     * @param  array<string, Fit>  $fitted
     * @param  array<string, Bored>  $bored
     * @return array{list<Finding>, array<string, list<Finding>>} all of them, and those that hold up each piece
     */
    private static function check(Project $project, array $rooms, array $pieces, array $designs, array $fitted, array $bored, Cutting $cutting): array
    {
        [$checker, $accepted] = [new Checker, new Accepted($project)];
        $findings = $builts = $held = [];
        foreach ($project->spaces as $id => $space) {
            array_push($findings, ...$accepted->marked($checker->survey($space, $rooms[$id])));
        }
        foreach ($pieces as $id => $piece) {
            $builts[] = $built = new Built($project, $piece, $rooms[$piece->space], $fitted[$id], $designs[$id], $bored[$id]);
            $own = $accepted->marked([...$designs[$id]->findings, ...$checker->piece($built)]);
            $held[$id] = array_values(array_filter($own, fn (Finding $f): bool => $f->holds()));
            array_push($findings, ...$own);
        }
        array_push($findings, ...$accepted->marked($checker->cutting($cutting, $project, $builts)));

        return [self::once($findings), $held];
    }

    /**
     * @param  array<string, Room>  $rooms
     * @param  array<string, Piece>  $pieces
     * @param  array<string, Design>  $designs
     * @param  array<string, Fit>  $fitted
     * @param  array<string, Bored>  $bored
     * @return list<PieceWork>
     */
    private static function works(Project $project, array $rooms, array $pieces, array $designs, array $fitted, array $bored): array
    {
        return array_map(fn (string $id): PieceWork => new PieceWork($project, $pieces[$id], $rooms[$pieces[$id]->space], $designs[$id], $fitted[$id], $bored[$id]), array_keys($pieces));
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
