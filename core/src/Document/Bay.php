<?php

declare(strict_types=1);

namespace Incastro\Core\Document;

/** One clear opening of a band and its shelves from the bottom up. */
final readonly class Bay
{
    /** @param  array<string, Shelf>  $shelves */
    public function __construct(public string $id, public array $shelves)
    {
    }
}
