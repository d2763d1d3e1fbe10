<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Rounding;

/** How well one thing is known: its doubt (±, 95 %), and whether that is enough for what is to stand there. */
final readonly class Known implements \JsonSerializable
{
    public function __construct(public string $name, public float $doubt, public float $enough, public bool $settled)
    {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['name' => $this->name, 'doubt' => self::tenth($this->doubt), 'enough' => self::tenth($this->enough), 'settled' => $this->settled];
    }

    public static function tenth(float $mm): Length
    {
        return Length::roundedFromMillimetres(round($mm, 1), Rounding::Nearest);
    }
}
