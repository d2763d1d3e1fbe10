<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Design\CaseFront;
use Incastro\Core\Design\Design;
use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Measure\Length;

/** A box of another piece in the same space: what opens here may meet it. */
final readonly class Neighbour
{
    private function __construct(public string $name, public Block $block)
    {
    }

    /** Stands somewhere between two heights. */
    public function stands(Length $bottom, Length $top): bool
    {
        $from = $this->block->corner->z;

        return ! $from->isGreaterThan($top) && ! $from->plus($this->block->size->z)->isLessThan($bottom);
    }

    /** @return list<self> */
    public static function of(Piece $piece, Design $design): array
    {
        return array_map(fn (CaseFront $f): self => new self($piece->name,
            new Block(new Place3($f->x->from, Length::zero(), $f->z->from), new Place3($f->x->value(), $f->depth(), $f->z->value()))), $design->fronts);
    }
}
