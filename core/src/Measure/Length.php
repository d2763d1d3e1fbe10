<?php

declare(strict_types=1);

namespace Incastro\Core\Measure;

/**
 * An exact length: a whole number of units of 25 nm, so that 0.1 mm, 1/64 in and 0.001 in are all exact.
 * What somebody enters is at most 50 m, 2·10⁹ units: products of two such lengths fit 64 bits. What is worked out from it has no bound
 * but that of 64 bits.
 */
final readonly class Length implements \JsonSerializable
{
    public const PER_MM = 40_000;

    public const PER_INCH = 1_016_000;

    public const PER_SIXTY_FOURTH = 15_875;

    /** Nothing in a house that is measured by hand is longer. */
    public const LONGEST_ENTERED_MM = 50_000;

    private function __construct(public int $units)
    {
    }

    public static function ofUnits(int $units): self
    {
        return new self($units);
    }

    public static function zero(): self
    {
        return new self(0);
    }

    /**
     * What somebody entered, or a file brought.
     *
     * @throws LengthNotReadable when the number is over 50 m, or not on the grid of 25 nm
     */
    public static function entered(int|float $mm): self
    {
        if (! is_finite((float) $mm) || abs($mm) > self::LONGEST_ENTERED_MM) {
            throw LengthNotReadable::tooLong();
        }

        return self::fromMillimetres($mm);
    }

    /**
     * @throws LengthNotReadable when the number is not on the grid of 25 nm
     * @throws \RangeException when 64 bits do not hold it
     */
    public static function fromMillimetres(int|float $mm): self
    {
        $units = (float) $mm * self::PER_MM;
        if (abs($units - round($units)) > 1e-4) {
            throw LengthNotReadable::offGrid((string) $mm);
        }

        return new self(Rounding::Nearest->apply($units));
    }

    /** For results that are no finer than a tenth of a millimetre. */
    public static function nearestTenth(float $mm): self
    {
        return new self(Rounding::Nearest->apply(round($mm * 10)) * intdiv(self::PER_MM, 10));
    }

    /** For results of roots and ratios, which the caller rounds by name. */
    public static function roundedFromMillimetres(float $mm, Rounding $rounding): self
    {
        return new self($rounding->apply($mm * self::PER_MM));
    }

    public function millimetres(): int|float
    {
        return $this->units % self::PER_MM === 0 ? intdiv($this->units, self::PER_MM) : $this->units / self::PER_MM;
    }

    public function plus(self $other): self
    {
        return new self($this->units + $other->units);
    }

    public function minus(self $other): self
    {
        return new self($this->units - $other->units);
    }

    public function times(int $count): self
    {
        return new self($this->units * $count);
    }

    public function negated(): self
    {
        return new self(-$this->units);
    }

    public function absolute(): self
    {
        return new self(abs($this->units));
    }

    /**
     * Parts that sum to the whole; the first ones are one unit of 25 nm longer where it does not divide.
     *
     * @return list<self>
     */
    public function splitInto(int $count): array
    {
        if ($count < 1) {
            throw new \DivisionByZeroError("A length cannot be split into $count parts.");
        }
        $part = (int) floor($this->units / $count);
        $rest = $this->units - $part * $count;

        $parts = [];
        for ($i = 0; $i < $count; $i++) {
            $parts[] = new self($part + ($i < $rest ? 1 : 0));
        }

        return $parts;
    }

    /** The first of two equal parts: the larger where it does not divide. */
    public function half(): self
    {
        return new self(($this->units + ($this->units & 1)) >> 1);
    }

    public function dividesInto(int $count): bool
    {
        return $this->units % $count === 0;
    }

    public function isZero(): bool
    {
        return $this->units === 0;
    }

    public function isPositive(): bool
    {
        return $this->units > 0;
    }

    public function isNegative(): bool
    {
        return $this->units < 0;
    }

    public function isLessThan(self $other): bool
    {
        return $this->units < $other->units;
    }

    public function isGreaterThan(self $other): bool
    {
        return $this->units > $other->units;
    }

    public function equals(self $other): bool
    {
        return $this->units === $other->units;
    }

    public static function least(self $first, self ...$others): self
    {
        foreach ($others as $other) {
            $first = $other->units < $first->units ? $other : $first;
        }

        return $first;
    }

    public static function greatest(self $first, self ...$others): self
    {
        foreach ($others as $other) {
            $first = $other->units > $first->units ? $other : $first;
        }

        return $first;
    }

    public function jsonSerialize(): int|float
    {
        return $this->units % self::PER_MM === 0 ? intdiv($this->units, self::PER_MM) : $this->units / self::PER_MM;
    }
}
