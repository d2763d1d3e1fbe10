<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/** How well one thing is known: its doubt (±, 95 %), and whether that is enough for what is to stand there. */
final readonly class Known implements \JsonSerializable
{
    public function __construct(public string $name, public float $doubt, public float $enough, public bool $settled)
    {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['name' => $this->name, 'doubt' => Clip::nearest($this->doubt), 'enough' => Clip::nearest($this->enough), 'settled' => $this->settled];
    }
}
