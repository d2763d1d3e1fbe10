<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Wall;

use Incastro\Core\Design\Panel;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;

/** How one board is held by the wall: its screws, what hangs on them, and how many there is room for. */
final readonly class WallFixing
{
    /**
     * @param  non-empty-list<WallFastener>  $fasteners
     * @param  WallLoad|null  $load  null where it only keeps the piece from moving
     * @param  int  $wanted  by what it carries; 0 where that cannot be known
     */
    public function __construct(public Panel $board, public array $fasteners, public Capacity $each, public ?WallLoad $load,
        public int $wanted, public int $room)
    {
    }

    /** It carries, and nobody can tell whether its screws hold. */
    public function isUnknown(): bool
    {
        return $this->load !== null && $this->each->down === null;
    }

    /** Where there is no room for as many as it takes. */
    public function isShort(): bool
    {
        return $this->wanted > $this->room;
    }

    public function screw(): Length
    {
        return $this->fasteners[0]->screw;
    }

    public function in(): Hold
    {
        return $this->fasteners[0]->in;
    }

    /** It keeps a piece between those two heights from falling forward: it is known what its screws hold in, and they are in its upper half. */
    public function ties(Length $floor, Length $top): bool
    {
        return $this->in() !== Hold::Unknown && $this->board->block->middle(Axis::Z)->times(2)->isGreaterThan($floor->plus($top));
    }

    /** How far a screw goes into what holds it. */
    public function bite(): Length
    {
        return Length::fromMillimetres($this->in() === Hold::Stud ? WallFixings::BITE_MM : WallFixings::PLUG_MM);
    }

    /** @return int places along the board, each with one screw over another */
    public function columns(): int
    {
        return count(array_unique(array_map(fn (WallFastener $f): int => $f->x->units, $this->fasteners)));
    }
}
