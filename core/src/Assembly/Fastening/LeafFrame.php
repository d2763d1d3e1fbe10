<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Fastening;

use Incastro\Core\Design\Panel;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Measure\Length;

/** A hung leaf's own directions: behind its rear face, in from its hinged edge, and up. */
final readonly class LeafFrame
{
    /** Through the leaf, from rear to front. */
    public Axis $through;

    public bool $frontIsUpper;

    /** Across it, from hinge to handle or the other way. */
    public Axis $wide;

    public bool $hingeIsUpper;

    public function __construct(public Panel $leaf, Side $hand)
    {
        $this->through = $leaf->inHouse($leaf->thin);
        $this->frontIsUpper = $leaf->facing($this->through, true) === 'front';
        $this->wide = $this->through === Axis::Y ? Axis::X : Axis::Y;
        $this->hingeIsUpper = $leaf->facing($this->wide, true) === $hand->value;
    }

    public static function end(Panel $panel, Axis $axis, bool $upper): Length
    {
        $k = $axis->value;

        return $upper ? $panel->block->corner->$k->plus($panel->block->size->$k) : $panel->block->corner->$k;
    }

    public function hingedEdge(): Length
    {
        return self::end($this->leaf, $this->wide, $this->hingeIsUpper);
    }

    /** Where its rear face lies. */
    public function rear(): Length
    {
        return self::end($this->leaf, $this->through, ! $this->frontIsUpper);
    }

    /** The face or edge of an upright that looks toward the opening. */
    public function toOpening(Panel $upright): Length
    {
        return self::end($upright, $this->wide, ! $this->hingeIsUpper);
    }

    /** From the hinged edge toward the other. */
    public function in(Length $by): Length
    {
        return $this->hingeIsUpper ? $this->hingedEdge()->minus($by) : $this->hingedEdge()->plus($by);
    }

    /** From its rear face into the carcass. */
    public function behind(Length $by): Length
    {
        return $this->frontIsUpper ? $this->rear()->minus($by) : $this->rear()->plus($by);
    }

    public function at(Length $through, Length $wide, Length $z): Place3
    {
        return (new Place3($z, $z, $z))->with($this->through, $through)->with($this->wide, $wide);
    }

    /** A room behind the leaf before an upright: so deep and so far off the upright, its height yet to be said. */
    public function before(Panel $upright, Length $deep, Length $off): Block
    {
        $face = $this->toOpening($upright);

        return Block::nothing()
            ->along($this->through, $this->frontIsUpper ? $this->rear()->minus($deep) : $this->rear(), $deep)
            ->along($this->wide, $this->hingeIsUpper ? $face->minus($off) : $face, $off);
    }

    /** @return array{Length, Length} foot and height of the leaf from its hinged edge as far in as a length; under a slope they differ from hand to hand */
    public function stretch(Length $in): array
    {
        $solid = $this->leaf->solid;
        if ($solid->isBlock() || $solid->axis !== $this->through) {
            return [$this->leaf->block->corner->z, $this->leaf->block->size->z];
        }
        [$edge, $further] = [$solid->heightsAt($this->hingedEdge()), $solid->heightsAt($this->in(Length::least($in, $this->leaf->block->extent($this->wide))))];
        $foot = Length::greatest($edge[0], $further[0]);

        return [$foot, Length::least($edge[1], $further[1])->minus($foot)];
    }
}
