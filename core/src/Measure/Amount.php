<?php

declare(strict_types=1);

namespace Incastro\Core\Measure;

/** So much of something that is no length: an area, a volume, a mass, a time, or a plain number of pieces. Shown in the reader's own units. */
final readonly class Amount implements \JsonSerializable
{
    public float $value;

    public function __construct(float $value, public AmountUnit $unit)
    {
        $this->value = round($value, 3);
    }

    public static function each(int $count): self
    {
        return new self($count, AmountUnit::Each);
    }

    public static function metres(Length $length): self
    {
        return new self($length->units / Length::PER_MM / 1000, AmountUnit::Metre);
    }

    /** @return array{value: float, unit: string} */
    public function jsonSerialize(): array
    {
        return ['value' => $this->value, 'unit' => $this->unit->value];
    }
}
