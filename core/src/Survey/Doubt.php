<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** What the clear width may be out by (±, 95 %), and the one further reading that would narrow it most. */
final readonly class Doubt implements \JsonSerializable
{
    public function __construct(
        public Length $now,
        public ?Length $then,
        public ?Text $advice,
    ) {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['now' => $this->now, 'then' => $this->then, 'advice' => $this->advice];
    }
}
