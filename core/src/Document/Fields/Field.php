<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Fields;

use Incastro\Core\Document\Reading\Node;
use Incastro\Core\Measure\Length;

/** One setting of a fill or a front: what may be entered, and what stands where nobody says. A length without a usual may stay open. */
final readonly class Field implements \JsonSerializable
{
    /** @param  list<string>  $choices */
    private function __construct(
        public FieldType $type,
        public Length|int|bool|string|null $usual,
        public Length|int|null $least = null,
        public Length|int|null $most = null,
        public array $choices = [],
    ) {
    }

    public static function length(int $leastMm, int $mostMm, int|float|null $usualMm = null): self
    {
        return new self(FieldType::Length, $usualMm === null ? null : Length::fromMillimetres($usualMm),
            Length::fromMillimetres($leastMm), Length::fromMillimetres($mostMm));
    }

    public static function count(int $least, int $most, int $usual): self
    {
        return new self(FieldType::Count, $usual, $least, $most);
    }

    public static function flag(bool $usual): self
    {
        return new self(FieldType::Flag, $usual);
    }

    /** The first is the usual one. */
    public static function choice(string $usual, string ...$others): self
    {
        return new self(FieldType::Choice, $usual, null, null, array_values([$usual, ...$others]));
    }

    public function read(Node $node): Length|int|bool|string|null
    {
        if ($node->isMissing()) {
            return $this->usual;
        }

        return match ($this->type) {
            FieldType::Length => $node->length($this->least instanceof Length ? $this->least : null, $this->most instanceof Length ? $this->most : null),
            FieldType::Count => $node->count((int) $this->bound($this->least), (int) $this->bound($this->most)),
            FieldType::Flag => $node->flag(),
            default => $node->among($this->choices),
        };
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['type' => $this->type->value, 'usual' => $this->usual]
            + ($this->least === null ? [] : ['least' => $this->least, 'most' => $this->most])
            + ($this->choices === [] ? [] : ['choices' => $this->choices]);
    }

    private function bound(Length|int|null $value): int
    {
        return is_int($value) ? $value : 0;
    }
}
