<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** What of the house and of who lives in it bears on what is safe and usual. */
final readonly class House
{
    /** @param  int|null  $built  the year, where it is known */
    public function __construct(public ?Country $country = null, public ?int $built = null, public bool $children = false, public bool $rented = false)
    {
    }
}
