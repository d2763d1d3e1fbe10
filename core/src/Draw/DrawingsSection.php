<?php

declare(strict_types=1);

namespace Incastro\Core\Draw;

use Incastro\Core\Design\Design;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Survey\Room;
use Incastro\Core\Survey\WayIn;

/** Every drawing of a plan: the way in, each room and each piece in its views. */
final readonly class DrawingsSection implements \JsonSerializable
{
    /**
     * @param  array<string, Room>  $rooms  by space
     * @param  array<string, PlacedPiece>  $pieces
     */
    public function __construct(private Project $project, private array $rooms, private array $pieces)
    {
    }

    public function jsonSerialize(): object
    {
        $drawings = ['way_in' => ['front' => (new WayDrawer)->front(new WayIn(array_values($this->project->wayIn)))]];
        $site = new SiteDrawer;
        foreach ($this->rooms as $id => $room) {
            $drawings[$id] = ['front' => $site->front($room), 'top' => $site->top($room), 'side' => $site->side($room)];
        }
        foreach ($this->pieces as $id => $built) {
            $drawer = new PieceDrawer($built, $this->beside($built));
            $drawings[$id] = ['front' => $drawer->front(), 'section' => $drawer->section(),
                'top' => $drawer->top(), 'axon' => AxonDrawer::draw($built->fit->panels)] + $drawer->sections();
        }

        return (object) $drawings;
    }

    /** @return list<Design> what else stands in its space */
    private function beside(PlacedPiece $built): array
    {
        $others = array_filter($this->pieces, fn (PlacedPiece $p): bool => $p !== $built && $p->piece->space === $built->piece->space);

        return array_map(fn (PlacedPiece $p): Design => $p->design, array_values($others));
    }
}
