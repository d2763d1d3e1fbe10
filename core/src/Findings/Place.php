<?php

declare(strict_types=1);

namespace Incastro\Core\Findings;

/** Where a finding is: the stage that shows it and the id of the thing there. */
final readonly class Place implements \JsonSerializable
{
    public function __construct(public string $stage, public string $ref)
    {
    }

    /** @return array{stage: string, ref: string} */
    public function jsonSerialize(): array
    {
        return ['stage' => $this->stage, 'ref' => $this->ref];
    }
}
