<?php

declare(strict_types=1);

namespace Incastro\Core\Draw;

use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Deviations magnified beside the true drawing, so many times, from a base line on the side named. */
final readonly class Ribbon
{
    /** @param  list<array{at: Length, value: Length}>  $stations */
    public function __construct(public string $side, public Text $title, public int $times, public Length $base, public array $stations)
    {
    }
}
