<?php

declare(strict_types=1);

namespace Incastro\Core\Cut;

/** A layout of one material: the sheets, what fits no sheet, and the least that any layout could ever cost. */
final readonly class Nested
{
    /**
     * @param  list<LaidSheet>  $sheets
     * @param  list<Item>  $unplaced
     * @param  int  $leastCost  see Stock::cost
     */
    public function __construct(
        public Stock $stock,
        public array $sheets,
        public array $unplaced,
        public int $leastCost,
    ) {
    }

    /** What must be bought, as the search counts it. */
    public function cost(): int
    {
        return array_sum(array_map(fn (LaidSheet $s): int => $this->stock->cost($s->kind), $this->sheets));
    }

    public function isProvedOptimal(): bool
    {
        return $this->cost() === $this->leastCost;
    }

    /** The fewest sheets to buy, where one size alone is sold; else null, as only a cost is proved. */
    public function fewestSheets(): ?int
    {
        $bought = $this->stock->bought();

        return count($bought) === 1 ? intdiv($this->leastCost, $this->stock->cost($bought[0])) : null;
    }

    /** Less to buy first; then the more of what is left in one piece. */
    public function isBetterThan(self $other): bool
    {
        return [$this->cost(), -$this->gathered()] < [$other->cost(), -$other->gathered()];
    }

    /** Nothing is left to win: as little to buy as can be, and not two sheets to shift parts between. */
    public function isSettled(): bool
    {
        return $this->isProvedOptimal() && count($this->sheets) <= 1;
    }

    /** Σ of squares of the areas left over, as shares of the largest sheet. */
    public function gathered(): float
    {
        $sheetArea = $this->stock->largest()->usable()->area();
        $sum = 0.0;
        foreach ($this->sheets as $sheet) {
            foreach (Sawing::of($sheet, $this->stock->kerf)->offcuts as $offcut) {
                $sum += ($offcut->area() / $sheetArea) ** 2;
            }
        }

        return round($sum, 9);
    }

    public function usedArea(): int
    {
        return array_sum(array_map(fn (LaidSheet $s): int => $s->usedArea(), $this->sheets));
    }
}
