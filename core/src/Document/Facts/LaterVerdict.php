<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Facts;

/** A fact: how a decision is seen later. */
final readonly class LaterVerdict implements Fact
{
    public function __construct(public string $id, public string $of, public bool $good, public ?string $text, public ?string $at)
    {
    }
}
