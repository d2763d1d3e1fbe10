<?php

declare(strict_types=1);

namespace Incastro\Core\Document;

use Incastro\Core\Measure\Length;

/** One taking of a reading: its exact value and the text as typed. */
final readonly class Take
{
    public function __construct(public string $id, public string $reading, public Length $value, public string $typed)
    {
    }
}
