<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/** Readings that would help most with what is not known well enough. */
final readonly class Advised
{
    /** @param  list<Advice>  $next  the best first */
    public function __construct(public array $next)
    {
    }
}
