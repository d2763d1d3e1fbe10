<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Model\Side;
use Incastro\Core\Measure\Length;

/** The front of one box of the run along the back wall: where strips that meet the walls are fixed. */
final readonly class CaseFront
{
    public function __construct(
        public string $id,
        public string $label,
        public Span $x,
        public Span $z,
        public Length $y,
        public Board $board,
        public bool $framed,
        public bool $meetsLeft,
        public bool $meetsRight,
    ) {
    }

    /** From the wall to its face, frame included. */
    public function depth(): Length
    {
        return $this->framed ? $this->y->plus($this->board->thickness) : $this->y;
    }

    public function meets(Side $side): bool
    {
        return $side === Side::Left ? $this->meetsLeft : $this->meetsRight;
    }
}
