<?php

declare(strict_types=1);

namespace Incastro\Core\Fit\Entry;

/** Where a box ends up in its section, mm: its rear, how high its foot stands, and where the floor before the space begins. */
final readonly class Resting
{
    public function __construct(public float $rear, public float $bottom, public float $front)
    {
    }
}
