<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Steps;

/** One of the goes in which a carcass is put together: the boards that are new, the joints made with them, all that stands then. */
final readonly class Stage
{
    /**
     * @param  int  $n  from 1
     * @param  list<string>  $new
     * @param  list<array{string, string}>  $joints
     * @param  list<string>  $standing
     */
    public function __construct(public int $n, public int $of, public array $new, public array $joints, public array $standing)
    {
    }
}
