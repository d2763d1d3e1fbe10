<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Measure\Length;

/**
 * The line along which two boards meet, on which the fasteners of their joint are set out: through the middle of the area they
 * share, along its longer side. `plane` is where they meet on the joint's axis,
 * `breadth` how wide that area is across the line.
 */
final readonly class JointLine
{
    /** One per 150 mm, 50 mm from the edges (fieldbook §6). */
    private const PITCH_MM = 150;

    private const EDGE_MM = 50;

    /** A corner of pressed board splits nearer than this (fieldbook §6): on a short joint they stand so far in where there is still as much between. */
    private const CORNER_MM = 25;

    /** Shorter than this there is no room for two. */
    private const ROOM_FOR_TWO_MM = 30;

    private function __construct(public Axis $axis, public Axis $along, public Axis $across, public Length $plane,
        public Length $from, public Length $length, public Length $middle, public Length $breadth)
    {
    }

    /** Null where they share no area. */
    public static function of(Axis $axis, Panel $a, Panel $b): ?self
    {
        [$one, $other] = array_map(fn (Axis $o): array => self::shared($o, $a, $b), $axis->others());
        if (! $one[2]->isPositive() || ! $other[2]->isPositive()) {
            return null;
        }
        $k = $axis->value;
        $isBefore = $a->block->corner->$k->isLessThan($b->block->corner->$k);

        return self::along($axis, $isBefore ? $a->block->corner->$k->plus($a->block->size->$k) : $a->block->corner->$k, $one, $other);
    }

    /** Over an area that two boards share; where that lies on a slope, at its middle height. */
    public static function over(Axis $axis, Block $shared): self
    {
        [$one, $other] = array_map(fn (Axis $o): array => [$o, $shared->from($o), $shared->extent($o)],
            $axis->others());

        return self::along($axis, $shared->middle($axis), $one, $other);
    }

    /**
     * @param  array{Axis, Length, Length}  $one  an axis of the area, from where and how far
     * @param  array{Axis, Length, Length}  $other
     */
    private static function along(Axis $axis, Length $plane, array $one, array $other): self
    {
        [$long, $short] = $other[2]->isGreaterThan($one[2]) ? [$other, $one] : [$one, $other];

        return new self($axis, $long[0], $short[0], $plane, $long[1], $long[2], $short[1]->plus($short[2]->half()), $short[2]);
    }

    /** @return array{Axis, Length, Length} from where and how far they overlap */
    private static function shared(Axis $axis, Panel $a, Panel $b): array
    {
        $k = $axis->value;
        $from = Length::greatest($a->block->corner->$k, $b->block->corner->$k);
        $to = Length::least($a->block->corner->$k->plus($a->block->size->$k), $b->block->corner->$k->plus($b->block->size->$k));

        return [$axis, $from, $to->minus($from)];
    }

    /** How many fasteners a joint of that length has: two at least where there is room for two. */
    public static function count(Length $length): int
    {
        if ($length->isLessThan(Length::fromMillimetres(self::ROOM_FOR_TWO_MM))) {
            return 1;
        }
        $between = $length->minus(Length::fromMillimetres(2 * self::EDGE_MM));

        return max(2, 1 + (int) ceil($between->units / (self::PITCH_MM * Length::PER_MM)));
    }

    /** How many there is room for, a corner's distance apart and from the ends. */
    public function room(): int
    {
        $corner = self::CORNER_MM * Length::PER_MM;

        return max(self::count($this->length), intdiv(max(0, $this->length->units - $corner), $corner));
    }

    /**
     * @param  int  $least  that many where there is room for them
     * @return list<Length> where they go along the line; nearer to the ends than 50 mm on a short one
     */
    public function spread(int $least = 0): array
    {
        $n = max(self::count($this->length), min($least, $this->room()));
        if ($n === 1) {
            return [$this->from->plus($this->length->half())];
        }
        $quarter = $this->length->splitInto(4)[0];
        $corner = Length::fromMillimetres(self::CORNER_MM);
        $edge = Length::least(Length::fromMillimetres(self::EDGE_MM),
            $this->length->isLessThan($corner->times(3)) ? $quarter : Length::greatest($quarter, $corner));
        // As many as that want the room to the corners.
        $edge = $edge->times(2)->plus($corner->times($n - 1))->isGreaterThan($this->length) ? Length::least($edge, $corner) : $edge;
        $pitch = $this->length->minus($edge->times(2))->units / ($n - 1);

        return array_map(fn (int $i): Length => $this->from->plus($edge)->plus(Length::ofUnits((int) round($i * $pitch))), range(0, $n - 1));
    }

    /** @return list<Length> at both ends and no further apart than that */
    public function every(Length $most): array
    {
        $edge = Length::least(Length::fromMillimetres(self::EDGE_MM), $this->length->splitInto(4)[0]);
        $between = $this->length->minus($edge->times(2));
        $n = max(1, (int) ceil($between->units / $most->units));

        return array_map(fn (int $i): Length => $this->from->plus($edge)->plus(Length::ofUnits((int) round($i * $between->units / $n))), range(0, $n));
    }

    public function to(): Length
    {
        return $this->from->plus($this->length);
    }
}
