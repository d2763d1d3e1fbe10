<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Measure\Length;

/** `value` for a fixed width, `weight` for a share, `ref` for the bay below or the stud. */
final readonly class BayWidth
{
    public function __construct(public WidthBy $by, public ?Length $value = null, public int $weight = 1, public ?string $ref = null)
    {
    }
}
