<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Fields;

use Incastro\Core\Document\Reading\Node;
use Incastro\Core\Measure\Length;

/** Settings as read through the fields of a kind. */
final readonly class Settings
{
    /** @param  array<string, Length|int|bool|string|null>  $values */
    private function __construct(private array $values)
    {
    }

    /** @param  array<string, Field>  $fields */
    public static function read(Node $node, array $fields): self
    {
        $values = [];
        foreach ($fields as $key => $field) {
            $values[$key] = $field->read($node->at($key));
        }

        return new self($values);
    }

    public static function none(): self
    {
        return new self([]);
    }

    public function has(string $key): bool
    {
        return isset($this->values[$key]);
    }

    public function length(string $key): Length
    {
        return $this->optionalLength($key) ?? throw new \LogicException("A length is missing: $key.");
    }

    public function optionalLength(string $key): ?Length
    {
        $value = $this->values[$key] ?? null;

        return $value instanceof Length ? $value : null;
    }

    public function count(string $key): int
    {
        $value = $this->values[$key] ?? null;

        return is_int($value) ? $value : throw new \LogicException("A count is missing: $key.");
    }

    public function is(string $key): bool
    {
        return ($this->values[$key] ?? null) === true;
    }

    public function choice(string $key): string
    {
        $value = $this->values[$key] ?? null;

        return is_string($value) ? $value : throw new \LogicException("A choice is missing: $key.");
    }
}
