<?php

declare(strict_types=1);

namespace Incastro\Core\Document;

/** What has happened in making so far, as it was written down. */
final readonly class Log
{
    /**
     * @param  list<Bought>  $bought
     * @param  list<StepDone>  $done
     */
    public function __construct(public array $bought = [], public array $done = [])
    {
    }

    /** @param  list<Fact>  $facts  those that stand, oldest first */
    public static function of(array $facts): self
    {
        return new self(
            array_values(array_filter($facts, fn (Fact $f): bool => $f instanceof Bought)),
            array_values(array_filter($facts, fn (Fact $f): bool => $f instanceof StepDone)),
        );
    }
}
