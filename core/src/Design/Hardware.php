<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * Something bought that a bay, a door or a joint needs: how many, and how long where that is chosen. `for`: the bay, the band or the piece;
 * `part`: the board, where it is for one.
 */
final readonly class Hardware
{
    public function __construct(public string $for, public Text $name, public int $count, public ?Length $length = null, public ?string $part = null)
    {
    }
}
