<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Design\Design;
use Incastro\Core\Design\Designer;
use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Envelope\Box;
use Incastro\Core\Envelope\Boxer;
use Incastro\Core\Survey\Room;

/** Puts the pieces of a project into their rooms: the box each is given, its design in it, and then the fit of all, each beside the others. */
final readonly class PiecePlacer
{
    public function __construct(private Project $project)
    {
    }

    /**
     * @param  array<string, Room>  $rooms
     * @return array<string, PlacedPiece> by id, those whose space has at least one width
     */
    public function pieces(array $rooms): array
    {
        $boxes = $designs = $placed = [];
        $pieces = array_filter($this->project->pieces, fn (Piece $p): bool => $rooms[$p->space]->isMeasured());
        $designer = new Designer($this->project->stock, $this->project->stored, $this->project->workshop->trim);
        foreach ($pieces as $id => $piece) {
            $boxes[$id] = (new Boxer)->box($piece, $rooms[$piece->space]);
            $designs[$id] = $designer->design($piece, $boxes[$id]);
        }
        foreach ($pieces as $id => $piece) {
            $placed[$id] = $this->placed($piece, $rooms[$piece->space], $boxes[$id], $designs);
        }

        return $placed;
    }

    /** @param  array<string, Design>  $designs  by piece */
    private function placed(Piece $piece, Room $room, Box $box, array $designs): PlacedPiece
    {
        $neighbours = [];
        foreach ($designs as $id => $design) {
            $other = $this->project->pieces[$id];
            array_push($neighbours, ...($other !== $piece && $other->space === $piece->space ? Neighbour::of($other, $design) : []));
        }
        $fit = (new Fitter($this->project->workshop, $this->project->stock, $neighbours))->fit($piece, $room, $box, $designs[$piece->id]);

        $design = $designs[$piece->id];
        $design = $design->joined(EdgeJoints::of($fit->panels, $design->joints));

        return new PlacedPiece($this->project, $piece, $room, $design, $fit);
    }
}
