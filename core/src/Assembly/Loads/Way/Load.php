<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Loads\Way;

/** What acts on a body at one place of it: mm, and N along x, y and z. */
final readonly class Load
{
    /**
     * @param  array{float, float, float}  $at
     * @param  array{float, float, float}  $force
     */
    public function __construct(public string $body, public array $at, public array $force)
    {
    }
}
