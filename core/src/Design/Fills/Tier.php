<?php

declare(strict_types=1);

namespace Incastro\Core\Design\Fills;

use Incastro\Core\Document\Model\HowOften;
use Incastro\Core\Measure\Length;

/** What stands on one shelf: how wide and how high it is, how heavy, and how often it is fetched. */
final readonly class Tier
{
    /** Heavier than this stands on the lowest shelves. */
    private const HEAVY_KG = 10.0;

    public function __construct(public string $what, public Length $wide, public Length $high, public float $kg, public HowOften $often)
    {
    }

    /** A low thing beside a tall one wastes what is above it: a quarter at most. */
    public function takes(self $other, Length $width): bool
    {
        return ! $this->wide->plus($other->wide)->isGreaterThan($width) && 4 * $other->high->units >= 3 * $this->high->units;
    }

    public function with(self $other): self
    {
        return new self("$this->what, $other->what", $this->wide->plus($other->wide), $this->high, $this->kg + $other->kg,
            self::rank($other->often) < self::rank($this->often) ? $other->often : $this->often);
    }

    /** From the floor up: heavy ones, what is fetched weekly, daily, seldom. */
    public function level(): int
    {
        return $this->kg >= self::HEAVY_KG && $this->often !== HowOften::Daily ? 0 : match ($this->often) {
            HowOften::Weekly => 1, HowOften::Daily => 2, HowOften::Seldom => 3,
        };
    }

    private static function rank(HowOften $often): int
    {
        return match ($often) {
            HowOften::Daily => 0, HowOften::Weekly => 1, HowOften::Seldom => 2
        };
    }
}
