<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

/** What a board belongs to besides its bay: see Panel. */
final readonly class Belongs
{
    public function __construct(public ?string $element = null, public ?string $set = null, public bool $leads = false)
    {
    }
}
