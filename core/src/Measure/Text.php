<?php

declare(strict_types=1);

namespace Incastro\Core\Measure;

/**
 * Words left to the reader's catalogue: a key and typed arguments.
 * The catalogue (resources/lang) renders it in the reader's unit and language.
 */
final readonly class Text implements \JsonSerializable
{
    /** @param  array<string, Length|Angle|Amount|Money|self|int|string>  $args */
    private function __construct(public string $key, public array $args)
    {
    }

    /** @param  Length|Angle|Amount|Money|self|int|string  ...$args named arguments of the sentence */
    public static function of(string $key, Length|Angle|Amount|Money|self|int|string ...$args): self
    {
        /** @var array<string, Length|Angle|Amount|Money|self|int|string> $args */
        return new self($key, $args);
    }

    /** @return array{key: string, args: array<string, mixed>|\stdClass} */
    public function jsonSerialize(): array
    {
        $args = [];
        foreach ($this->args as $name => $arg) {
            $args[$name] = match (true) {
                $arg instanceof Length => ['type' => 'length', 'mm' => $arg->millimetres()],
                is_string($arg) => ['type' => 'name', 'name' => $arg],
                is_int($arg) => ['type' => 'count', 'count' => $arg],
                $arg instanceof self => ['type' => 'text', 'text' => $arg],
                $arg instanceof Angle => ['type' => 'angle', 'degrees' => $arg],
                default => ['type' => $arg instanceof Amount ? 'amount' : 'money'] + $arg->jsonSerialize(),
            };
        }

        return ['key' => $this->key, 'args' => $args === [] ? new \stdClass : $args];
    }
}
