<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Trial;

use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Where something is read, what is expected there, and what was read. */
final readonly class TrialPoint implements \JsonSerializable
{
    public function __construct(public string $key, public Text $name, public Length $expected, public ?Length $value = null)
    {
    }

    public function off(): Length
    {
        return ($this->value ?? $this->expected)->minus($this->expected);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['key' => $this->key, 'name' => $this->name, 'expected' => $this->expected, 'value' => $this->value];
    }
}
