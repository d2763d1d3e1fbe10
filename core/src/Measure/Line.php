<?php

declare(strict_types=1);

namespace Incastro\Core\Measure;

/** One line of a figure's trail; `ref` is the id of the reading, part or choice that it came from. */
final readonly class Line implements \JsonSerializable
{
    public function __construct(
        public Operation $operation,
        public Length|int $value,
        public Text $why,
        public ?string $ref = null,
    ) {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $value = $this->value instanceof Length ? ['mm' => $this->value] : ['count' => $this->value];

        return ['op' => $this->operation->value, ...$value, 'why' => $this->why]
            + ($this->ref === null ? [] : ['ref' => $this->ref]);
    }
}
