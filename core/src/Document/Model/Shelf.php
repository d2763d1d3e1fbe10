<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Measure\Length;

/** A shelf of a bay; `clearBelow` is the opening chosen beneath it, or null to share what is left. */
final readonly class Shelf
{
    public function __construct(public string $id, public ?Length $clearBelow)
    {
    }
}
