<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly;

use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Taken;
use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Prism;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\PlacedThing;

/** A solid that stands in a room: a board or what was bought for a piece, or the room that something there needs. */
final readonly class Body
{
    /** @param  list<Block>  $taken  out of the solid */
    private function __construct(
        public string $id,
        public BodyKind $kind,
        public Text $name,
        public string $piece,
        public string $pieceName,
        public Prism $solid,
        public Block $bounds,
        public array $taken = [],
    ) {
    }

    public static function ofPanel(Panel $panel, string $pieceName): self
    {
        $kind = $panel->role->moves() ? BodyKind::Mover : BodyKind::Fixed;

        return new self($panel->id, $kind, $panel->name, $panel->piece, $pieceName, $panel->solid, $panel->block,
            array_map(fn (Taken $t): Block => $t->block, $panel->taken));
    }

    /** The room before a thing that is used through an opening of a piece. */
    public static function reach(PlacedThing $placed, Piece $piece, Block $room): self
    {
        return new self($placed->thing->id, BodyKind::Reach, $placed->name(), $piece->id, $piece->name, Prism::of($room, Axis::Y), $room);
    }
}
