<?php

declare(strict_types=1);

namespace Incastro\Core\Document;

/** An awkward space of the job and its readings, in the order a person walks it with a tape. */
final readonly class Space
{
    /** @param  array<string, Reading>  $readings */
    public function __construct(public string $id, public string $name, public array $readings)
    {
    }

    /** @return list<Reading> */
    public function taken(ReadingKind $kind): array
    {
        return array_values(array_filter(
            $this->readings,
            fn (Reading $r): bool => $r->kind === $kind && $r->isTaken(),
        ));
    }
}
