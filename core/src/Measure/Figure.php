<?php

declare(strict_types=1);

namespace Incastro\Core\Measure;

/**
 * A dimension that a person will cut or set, with the readings, choices and arithmetic that made it.
 * Invariant: replaying the trail from its first line gives `value`.
 */
final readonly class Figure implements \JsonSerializable
{
    /** @param  list<Line>  $trail */
    private function __construct(public Length $value, public bool $exact, public array $trail)
    {
    }

    public static function of(Length $value, Text $why, ?string $ref = null, bool $exact = true): self
    {
        return new self($value, $exact, [new Line(Operation::Start, $value, $why, $ref)]);
    }

    public function plus(Length|self $other, Text $why, ?string $ref = null): self
    {
        $value = $other instanceof self ? $other->value : $other;

        return $this->with($this->value->plus($value), new Line(Operation::Plus, $value, $why, $ref), self::isExact($other));
    }

    public function minus(Length|self $other, Text $why, ?string $ref = null): self
    {
        $value = $other instanceof self ? $other->value : $other;

        return $this->with($this->value->minus($value), new Line(Operation::Minus, $value, $why, $ref), self::isExact($other));
    }

    public function times(int $count, Text $why): self
    {
        return $this->with($this->value->times($count), new Line(Operation::Times, $count, $why));
    }

    /**
     * Equal shares that sum to the whole; where it does not divide they are marked not exact.
     *
     * @return list<self>
     */
    public function sharedInto(int $count, Text $why): array
    {
        $exact = $this->value->dividesInto($count);

        return array_map(
            fn (Length $part): self => $this->with($part, new Line(Operation::Over, $count, $why), $exact),
            $this->value->splitInto($count),
        );
    }

    /** Draws the line under what stands so far and gives it a name. */
    public function named(Text $name): self
    {
        return $this->with($this->value, new Line(Operation::Equals, $this->value, $name));
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['mm' => $this->value->millimetres(), 'exact' => $this->exact, 'trail' => $this->trail];
    }

    private function with(Length $result, Line $line, bool $exact = true): self
    {
        return new self($result, $this->exact && $exact, [...$this->trail, $line]);
    }

    private static function isExact(Length|self $other): bool
    {
        return $other instanceof Length || $other->exact;
    }
}
