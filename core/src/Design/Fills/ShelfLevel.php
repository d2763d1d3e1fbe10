<?php

declare(strict_types=1);

namespace Incastro\Core\Design\Fills;

use Incastro\Core\Measure\Length;

/** The nth shelf of a bay: its id, the height of its underside, and what is clear under it. */
final readonly class ShelfLevel
{
    public function __construct(public string $id, public int $n, public Length $z, public Length $below)
    {
    }
}
