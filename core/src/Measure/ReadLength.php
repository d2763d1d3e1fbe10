<?php

declare(strict_types=1);

namespace Incastro\Core\Measure;

/** What was understood from an entry: notes say what was assumed (`fraction_as_inches`). */
final readonly class ReadLength
{
    /** @param  list<string>  $notes */
    public function __construct(public Length $length, public bool $exact, public array $notes)
    {
    }
}
