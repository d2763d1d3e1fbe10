<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Reading;

use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\LengthNotReadable;
use Incastro\Core\Measure\Text;

/**
 * A place in a document being read. Every question that finds something wrong adds a Problem
 * to the list shared by the whole reading and answers with a harmless stand-in.
 */
final readonly class Node
{
    /** @param  \ArrayObject<int, Problem>  $problems */
    public function __construct(
        private mixed $value,
        public string $pointer,
        private \ArrayObject $problems,
    ) {
    }

    public function at(string $key): self
    {
        $value = is_array($this->value) ? ($this->value[$key] ?? null) : null;

        return new self($value, $this->pointer.'/'.$key, $this->problems);
    }

    public function isMissing(): bool
    {
        return $this->value === null;
    }

    public function isEmptyText(): bool
    {
        return is_string($this->value) && trim($this->value) === '';
    }

    public function wrong(Text $says): void
    {
        $this->problems->append(new Problem($this->pointer, $says));
    }

    public function text(int $longest = 120): string
    {
        if (! is_string($this->value) || trim($this->value) === '' || mb_strlen($this->value) > $longest) {
            $this->wrong(Text::of('document.text_expected', longest: $longest));

            return '?';
        }

        return $this->value;
    }

    public function length(?Length $least = null, ?Length $most = null): Length
    {
        if (! is_int($this->value) && ! is_float($this->value)) {
            $this->wrong(Text::of('document.length_expected'));

            return $least ?? Length::zero();
        }
        try {
            $length = Length::entered($this->value);
        } catch (LengthNotReadable $e) {
            $this->wrong(Text::of("document.length_not_$e->reason", found: (string) $this->value));

            return $least ?? Length::zero();
        }

        return $this->within($length, $least, $most);
    }

    public function optionalLength(?Length $least = null, ?Length $most = null): ?Length
    {
        return $this->isMissing() ? null : $this->length($least, $most);
    }

    public function count(int $least, int $most): int
    {
        if (! is_int($this->value) || $this->value < $least || $this->value > $most) {
            $this->wrong(Text::of('document.count_expected', least: $least, most: $most));

            return $least;
        }

        return $this->value;
    }

    public function flag(): bool
    {
        if (! is_bool($this->value)) {
            $this->wrong(Text::of('document.flag_expected'));
        }

        return $this->value === true;
    }

    public function number(float $least, float $most): float
    {
        if ((! is_int($this->value) && ! is_float($this->value)) || $this->value < $least || $this->value > $most) {
            $this->wrong(Text::of('document.number_expected', least: (string) $least, most: (string) $most));

            return $least;
        }

        return (float) $this->value;
    }

    /** @param  list<string>  $choices */
    public function among(array $choices): string
    {
        if (! is_string($this->value) || ! in_array($this->value, $choices, true)) {
            $this->wrong(Text::of('document.choice_expected', choices: implode(', ', $choices)));

            return $choices[0] ?? '';
        }

        return $this->value;
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T|null
     */
    public function optionalOf(string $enum): ?\BackedEnum
    {
        return $this->isMissing() ? null : $this->oneOf($enum);
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T
     */
    public function oneOf(string $enum): \BackedEnum
    {
        $case = is_string($this->value) ? $enum::tryFrom($this->value) : null;
        if ($case === null) {
            $names = implode(', ', array_map(fn (\BackedEnum $c): string => (string) $c->value, $enum::cases()));
            $this->wrong(Text::of('document.choice_expected', choices: $names));
        }

        return $case ?? $enum::cases()[0];
    }

    /**
     * A collection keyed by ULID, in the order of its elements' order keys.
     *
     * @template T
     *
     * @param  \Closure(self, string): T  $read
     * @return array<string, T>
     */
    public function each(\Closure $read): array
    {
        if ($this->isMissing()) {
            return [];
        }
        if (! is_array($this->value)) {
            $this->wrong(Text::of('document.collection_expected'));

            return [];
        }
        $items = [];
        foreach (self::inOrder($this->value) as $id) {
            $node = $this->at($id);
            if (! preg_match('/^[0-7][0-9A-HJKMNP-TV-Z]{25}$/', $id)) {
                $node->wrong(Text::of('document.id_expected'));

                continue;
            }
            $items[$id] = $read($node, $id);
        }

        return $items;
    }

    /**
     * @param  array<array-key, mixed>  $collection
     * @return list<string>
     */
    private static function inOrder(array $collection): array
    {
        $keys = array_map(strval(...), array_keys($collection));
        $order = fn (string $id): string => is_array($collection[$id] ?? null) && is_string($collection[$id]['order'] ?? null)
            ? $collection[$id]['order'] : '';
        usort($keys, fn (string $a, string $b): int => [$order($a), $a] <=> [$order($b), $b]);

        return $keys;
    }

    private function within(Length $length, ?Length $least, ?Length $most): Length
    {
        if ($least !== null && $length->isLessThan($least)) {
            $this->wrong(Text::of('document.length_too_small', found: $length, least: $least));

            return $least;
        }
        if ($most !== null && $length->isGreaterThan($most)) {
            $this->wrong(Text::of('document.length_too_large', found: $length, most: $most));

            return $most;
        }

        return $length;
    }

    /**
     * A collection whose keys are names given elsewhere, such as those of parts.
     *
     * @template T
     *
     * @param  \Closure(Node, string): T  $read
     * @return array<string, T>
     */
    public function byKey(\Closure $read): array
    {
        $items = [];
        foreach (is_array($this->value) ? array_keys($this->value) : [] as $key) {
            $items[(string) $key] = $read($this->at((string) $key), (string) $key);
        }
        if (! $this->isMissing() && ! is_array($this->value)) {
            $this->wrong(Text::of('document.collection_expected'));
        }

        return $items;
    }
}
