<?php

declare(strict_types=1);

namespace Incastro\Core\Cut;

/** A layout of one material: the sheets, what fits no sheet, and the fewest sheets that could ever do. */
final readonly class Nested
{
    /**
     * @param  list<non-empty-list<Placement>>  $sheets
     * @param  list<Item>  $unplaced
     */
    public function __construct(
        public Stock $stock,
        public array $sheets,
        public array $unplaced,
        public int $lowerBound,
    ) {
    }

    public function isProvedOptimal(): bool
    {
        return count($this->sheets) === $this->lowerBound;
    }

    /** Nothing is left to win: as few sheets as can be, and not two to shift parts between. */
    public function isSettled(): bool
    {
        return $this->isProvedOptimal() && count($this->sheets) <= 1;
    }

    /** Fewer sheets first; then the fuller the full ones, the larger what is left of the last. */
    public function isBetterThan(self $other): bool
    {
        return [count($this->sheets), -$this->concentration()] < [count($other->sheets), -$other->concentration()];
    }

    public function concentration(): float
    {
        $sheetArea = $this->stock->usableLength() * $this->stock->usableWidth();
        $sum = 0.0;
        foreach ($this->sheets as $sheet) {
            $used = self::usedArea($sheet);
            $sum += ($used / $sheetArea) ** 2;
        }

        return round($sum, 9);
    }

    /** @param  list<Placement>  $sheet */
    public static function usedArea(array $sheet): int
    {
        return array_sum(array_map(fn (Placement $p): int => $p->area(), $sheet));
    }
}
