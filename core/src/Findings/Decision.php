<?php

declare(strict_types=1);

namespace Incastro\Core\Findings;

/** What somebody who had to be asked has decided on a finding: who, on which day, what they said, and whether it goes on. */
final readonly class Decision implements \JsonSerializable
{
    /** @param  string  $on  YYYY-MM-DD */
    public function __construct(public string $code, public string $ref, public string $who, public string $on, public string $said, public bool $goesOn)
    {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['who' => $this->who, 'on' => $this->on, 'said' => $this->said, 'goes_on' => $this->goesOn];
    }
}
