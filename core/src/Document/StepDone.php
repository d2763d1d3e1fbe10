<?php

declare(strict_types=1);

namespace Incastro\Core\Document;

/** A fact: a step was done, and where it was timed, how long it took. */
final readonly class StepDone implements Fact
{
    public function __construct(public string $id, public string $step, public ?string $kind, public ?int $minutes, public ?int $planned, public ?string $at)
    {
    }
}
