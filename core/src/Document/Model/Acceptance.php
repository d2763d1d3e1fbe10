<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** A finding the person leaves as it is, and why: by its code and the thing it is about. */
final readonly class Acceptance
{
    public function __construct(public string $code, public string $ref, public string $reason)
    {
    }
}
