<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Measure\Length;

/**
 * Gaps taken by hand for one scribed edge, by where along it. `off`: how far the straightedge lies off the edge it stands for,
 * or how far the part still has to travel when it touches; null where nobody has said.
 */
final readonly class Offsets
{
    /** @param  list<array{at: Length, gap: Length}>  $gaps  by `at`, no two at one place */
    public function __construct(public string $edge, public Held $held, public ?Length $off, public array $gaps)
    {
    }

    /** A line wants two points. */
    public function isEnough(): bool
    {
        return count($this->gaps) > 1;
    }
}
