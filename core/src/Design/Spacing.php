<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;

/** The clear openings of a bay from the bottom up, one more than it has shelves, and what is missing if they do not fit. */
final readonly class Spacing
{
    /** @param  list<Figure>  $openings */
    public function __construct(public array $openings, public Length $free, public Length $from, public Length $board)
    {
    }

    public function fits(): bool
    {
        return ! $this->free->isNegative();
    }
}
