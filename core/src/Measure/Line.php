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
        $line = $this->value instanceof Length
            ? ['op' => $this->operation->value, 'mm' => $this->value->millimetres(), 'why' => $this->why]
            : ['op' => $this->operation->value, 'count' => $this->value, 'why' => $this->why];

        return $this->ref === null ? $line : [...$line, 'ref' => $this->ref];
    }
}
