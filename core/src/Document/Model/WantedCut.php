<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** A cut asked of a saw: through a piece of length × width, along an axis of the sheet, the fence so far from the edge. Units of 25 nm. */
final readonly class WantedCut
{
    /** @param  int  $stage  how many changes of direction came before it */
    public function __construct(public string $axis, public int $length, public int $width, public int $fence, public int $stage)
    {
    }

    /** How long the saw runs. */
    public function run(): int
    {
        return $this->axis === 'x' ? $this->width : $this->length;
    }
}
