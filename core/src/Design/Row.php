<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Model\Band;
use Incastro\Core\Measure\Figure;

/** One band of a case as it is divided: its mark, and the clear height between the boards below and above it. */
final readonly class Row
{
    public function __construct(public Band $band, public string $label, public Figure $clear)
    {
    }
}
