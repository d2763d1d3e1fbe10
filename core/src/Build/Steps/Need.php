<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Steps;

use Incastro\Core\Measure\Text;

/** What must be done before a step, why, and how many hours must lie between. */
final readonly class Need implements \JsonSerializable
{
    public function __construct(public string $step, public Text $why, public float $hours = 0.0)
    {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['step' => $this->step, 'why' => $this->why, 'hours' => $this->hours];
    }
}
