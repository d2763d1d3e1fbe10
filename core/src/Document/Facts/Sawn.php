<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Facts;

/** A fact: so many-th cut of a begun sheet was made. */
final readonly class Sawn implements Fact
{
    public function __construct(public string $id, public string $begun, public int $cut, public ?string $at)
    {
    }
}
