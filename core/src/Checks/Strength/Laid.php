<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Strength;

use Incastro\Core\Assembly\Loads\Carriers;
use Incastro\Core\Document\Model\BandKind;
use Incastro\Core\Fit\PlacedPiece;

/** A board of a piece, what it is for, and what carries it. */
final readonly class Laid
{
    public function __construct(public BandKind $kind, public PlacedPiece $built, public Carriers $carriers)
    {
    }
}
