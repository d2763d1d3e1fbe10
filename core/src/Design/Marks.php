<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Model\Side;
use Incastro\Core\Measure\Length;

/** What a row of bays may line up with. */
final readonly class Marks
{
    /**
     * @param  array<string, Length>  $studs  x of a stud's middle, by reference
     * @param  array<string, Length>  $below  x of a bay's right edge, by bay
     * @param  array<string, Length>  $corners  clear width behind the run along the wall at that end, by side
     */
    public function __construct(public array $studs, public array $below, public array $corners)
    {
    }

    /** @param  array<string, Length>  $below */
    public function inside(array $below, Length $board): self
    {
        return new self($this->studs, $below, array_map(fn (Length $l): Length => $l->minus($board), $this->corners));
    }

    /** Behind the run at that end of the row, or at the only end that has one. */
    public function corner(Side $end): Length
    {
        return $this->corners[$end->value] ?? $this->corners[$end->other()->value] ?? Length::zero();
    }
}
