<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Measure\Text;

/** What a board goes by: its own id, what it is in the piece, and what it is called. */
final readonly class Named
{
    public function __construct(public string $id, public Role $role, public Text $name)
    {
    }
}
