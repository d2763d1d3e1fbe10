<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Steps;

use Incastro\Core\Design\Panel;
use Incastro\Core\Document\Model\Face;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\PlacedThing;

/** What becomes of a thing that was taken off a wall: what a piece covers now stays off, the rest is cut at its edge and goes back. */
final readonly class PutBack
{
    /** A side of a piece so near to a side wall has its filler before that; along the back wall nothing is seen behind a piece. */
    private const NEAR_MM = 150;

    private const BEHIND_MM = 2_000;

    /** Less than that is no piece to put back. */
    private const LEAST_MM = 10;

    private Axis $along;

    /** @param  list<PlacedPiece>  $pieces  of its room */
    public function __construct(private PlacedThing $placed, private array $pieces)
    {
        $this->along = $placed->thing->face->isSide() ? Axis::Y : Axis::X;
    }

    public static function isWhole(Text $text): bool
    {
        return $text->key !== 'number.stays_off';
    }

    /** @return non-empty-list<Text> */
    public function says(): array
    {
        $covered = $this->covered();
        $thing = ['thing' => $this->placed->name()];
        if ($covered === []) {
            return [Text::of('number.put_back', ...$thing)];
        }
        $block = $this->placed->block;
        [$from, $to] = [Length::least(...array_map(fn (Block $b): Length => $b->from($this->along), $covered)),
            Length::greatest(...array_map(fn (Block $b): Length => $b->to($this->along), $covered))];
        $left = ['before' => $from->minus($block->from($this->along)), 'after' => $block->to($this->along)->minus($to)];
        $left = array_filter($left, fn (Length $l): bool => ! $l->isLessThan(Length::fromMillimetres(self::LEAST_MM)));
        $where = $this->along === Axis::X ? ['before' => 'left', 'after' => 'right'] : ['before' => 'rear', 'after' => 'front'];

        return $left === [] ? [Text::of('number.stays_off', ...$thing)]
            : array_map(fn (Length $l, string $side): Text => Text::of('number.cut_back', ...$thing, length: $l,
                side: Text::of("put_back.{$where[$side]}")), array_values($left), array_keys($left));
    }

    /** @return list<Block> what stands along it, and over some of it */
    private function covered(): array
    {
        $room = $this->placed->block->grownBy(Length::ofUnits(1));
        $near = Length::fromMillimetres(self::NEAR_MM);
        $room = match ($this->placed->thing->face) {
            Face::Left => $room->along(Axis::X, $room->from(Axis::X), $room->extent(Axis::X)->plus($near)),
            Face::Right => $room->along(Axis::X, $room->from(Axis::X)->minus($near), $room->extent(Axis::X)->plus($near)),
            default => $room->along(Axis::Y, $room->from(Axis::Y), $room->extent(Axis::Y)->plus(Length::fromMillimetres(self::BEHIND_MM))),
        };
        $covered = [];
        foreach ($this->pieces as $built) {
            $own = array_filter($built->fit->panels, fn (Panel $p): bool => ! $p->role->moves() && $p->block->overlaps($room));
            array_push($covered, ...array_values(array_map(fn (Panel $p): Block => $p->block, $own)));
        }

        return $covered;
    }
}
