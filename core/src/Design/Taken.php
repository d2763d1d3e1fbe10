<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Geometry\Block;

/** What is machined out of a panel. */
final readonly class Taken
{
    public function __construct(public TakenKind $kind, public Block $block)
    {
    }
}
