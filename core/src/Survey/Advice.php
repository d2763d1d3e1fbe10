<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\Reading;

/** One further reading worth taking: where, and what it would make of the doubt of what it helps most. */
final readonly class Advice
{
    public function __construct(public Reading $reading, public string $helps, public float $now, public float $then)
    {
    }
}
