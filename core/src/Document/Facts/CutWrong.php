<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Facts;

use Incastro\Core\Measure\Length;

/** A fact: a part came out wrong on a begun sheet, with what went wrong and what it measures where somebody said so. */
final readonly class CutWrong implements Fact
{
    public function __construct(public string $id, public string $part, public string $begun,
        public ?string $cause, public ?string $at, public ?Length $length = null, public ?Length $width = null)
    {
    }
}
