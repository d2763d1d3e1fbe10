<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Facts;

/** A fact: something that is looked after from time to time was looked after. */
final readonly class CareDone implements Fact
{
    public function __construct(public string $id, public string $care, public ?string $at)
    {
    }
}
