<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Measure\Length;

/** The heights between which walls are asked for what is to stand there, and how well its width must be known. */
final readonly class Reach
{
    public function __construct(public Length $bottom, public Length $top, public float $widthDoubtMm)
    {
    }
}
