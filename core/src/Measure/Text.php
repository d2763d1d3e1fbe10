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

    /**
     * As it comes back from JSON, without going there.
     *
     * @return array{key: string, args: array<string, array<string, mixed>>}
     */
    public function plain(): array
    {
        return ['key' => $this->key, 'args' => array_map(fn (Length|Angle|Amount|Money|self|int|string $arg): array => match (true) {
            $arg instanceof self => ['type' => 'text', 'text' => $arg->plain()],
            $arg instanceof Angle => ['type' => 'angle', 'degrees' => $arg->jsonSerialize()],
            default => self::argument($arg),
        }, $this->args)];
    }

    /** @return array<string, mixed> */
    private static function argument(Length|Angle|Amount|Money|self|int|string $arg): array
    {
        return match (true) {
            $arg instanceof Length => ['type' => 'length', 'mm' => $arg->millimetres()],
            is_string($arg) => ['type' => 'name', 'name' => $arg],
            is_int($arg) => ['type' => 'count', 'count' => $arg],
            $arg instanceof self => ['type' => 'text', 'text' => $arg],
            $arg instanceof Angle => ['type' => 'angle', 'degrees' => $arg],
            default => ['type' => $arg instanceof Amount ? 'amount' : 'money'] + $arg->jsonSerialize(),
        };
    }

    /** @return array{key: string, args: array<string, mixed>|\stdClass} */
    public function jsonSerialize(): array
    {
        $args = [];
        foreach ($this->args as $name => $arg) {
            $args[$name] = self::argument($arg);
        }

        return ['key' => $this->key, 'args' => $args === [] ? new \stdClass : $args];
    }
}
