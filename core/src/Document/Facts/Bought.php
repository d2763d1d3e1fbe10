<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Facts;

/** A fact: so many packs of something were bought for so much. */
final readonly class Bought implements Fact
{
    public function __construct(public string $id, public string $line, public float $packs, public int $cents, public ?string $at)
    {
    }
}
