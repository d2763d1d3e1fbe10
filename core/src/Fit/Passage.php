<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Design\TakenKind;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Survey\PlacedThing;

/** An opening made in a panel for one thing in the way. */
final readonly class Passage
{
    public function __construct(public string $panel, public PlacedThing $placed, public TakenKind $kind, public Block $block)
    {
    }
}
