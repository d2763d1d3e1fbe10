<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Fastening;

use Incastro\Core\Design\Panel;
use Incastro\Core\Design\TakenKind;

/** A hole that cannot be where it should: `other` is the hole, the recess or the board it meets; null when it leaves its own board. */
final readonly class Clash
{
    public function __construct(public ClashKind $kind, public Panel $board, public Bore $bore, public Bore|TakenKind|Panel|null $other = null)
    {
    }
}
