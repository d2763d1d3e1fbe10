<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Measure\Length;

/** A stud's middle, from the left side; doubtful where finder and knuckles disagree. */
final readonly class Stud
{
    public function __construct(public string $id, public Length $x, public bool $doubtful)
    {
    }
}
