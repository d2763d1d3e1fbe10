<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Facts;

/** A fact: the work is done and was handed over. */
final readonly class HandedOver implements Fact
{
    public function __construct(public string $id, public ?string $to, public ?string $text, public ?string $at)
    {
    }
}
