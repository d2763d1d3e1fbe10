<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Change;

use Incastro\Core\Document\Model\Project;

/** A changed document, what it reads as, and the operations that take the change back. */
final readonly class Applied
{
    /**
     * @param  array<array-key, mixed>  $document
     * @param  list<array{op: string, path: list<string>, value: mixed}>  $inverse
     */
    public function __construct(public array $document, public Project $project, public array $inverse)
    {
    }
}
