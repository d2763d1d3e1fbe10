<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Nest;

use Incastro\Core\Cut\Saw\Sawing;
use Incastro\Core\Measure\Length;

/** A layout of one material: the sheets, what fits no sheet, and the least that any layout could ever cost. */
final readonly class Nested
{
    /** One sheet more is spoken of when it saves as many settings of the fence. */
    public const WORTH_A_SHEET = 3;

    /**
     * @param  list<LaidSheet>  $sheets
     * @param  list<Item>  $unplaced  parts that fit no sheet, or for which there are not enough
     * @param  int  $leastCost  see Stock::cost
     * @param  Nested|null  $roomier  one sheet more for clearly fewer settings of the fence, where that can be had
     */
    public function __construct(
        public Stock $stock,
        public array $sheets,
        public array $unplaced,
        public int $leastCost,
        public ?self $roomier = null,
    ) {
    }

    /** Whether another layout takes more sheets and for that clearly fewer settings of the fence. */
    public function isWorthASheetMore(self $other): bool
    {
        return count($other->sheets) > count($this->sheets) && $this->settings() - $other->settings() >= self::WORTH_A_SHEET;
    }

    public function withRoomier(?self $roomier): self
    {
        return new self($this->stock, $this->sheets, $this->unplaced, $this->leastCost, $roomier);
    }

    /** What must be bought, as the search counts it. */
    public function cost(): int
    {
        return array_sum(array_map(fn (LaidSheet $s): int => $this->stock->cost($s->kind), $this->sheets));
    }

    public function cents(): int
    {
        return array_sum(array_map(fn (LaidSheet $s): int => $s->kind->priceCents, $this->sheets));
    }

    public function isProvedOptimal(): bool
    {
        return $this->cost() === $this->leastCost;
    }

    /** The fewest sheets to buy, where one size alone is sold; else null, as only a cost is proved. */
    public function fewestSheets(): ?int
    {
        $bought = $this->stock->bought();

        return count($bought) === 1 ? $this->leastCost : null;
    }

    /** Less to buy first; then less to do and more to keep, see Goal. */
    public function isBetterThan(self $other): bool
    {
        return [$this->missing(), $this->cost(), $this->charge()] < [$other->missing(), $other->cost(), $other->charge()];
    }

    /** Whether the person's saws, with the shop's where it cuts too, can make every cut. */
    public function isSawable(): bool
    {
        foreach ($this->stock->saws->areNamed() ? $this->sheets : [] as $sheet) {
            if (! Sawing::of($sheet, $this->stock->kerf, $this->stock->saws)->isCuttable) {
                return false;
            }
        }

        return true;
    }

    /** Settings of the fence over all sheets. */
    public function settings(): int
    {
        return array_sum(array_map(fn (LaidSheet $s): int => Sawing::of($s, $this->stock->kerf, $this->stock->saws)->settings(), $this->sheets));
    }

    /** The area of the parts that lie on no sheet, each priority counted far above the next. */
    public function missing(): float
    {
        return (float) array_sum(array_map(fn (Item $i): float => $i->weight(), $this->unplaced));
    }

    /** Settings of the fence over all sheets, less what the leftovers are worth in settings. */
    public function charge(): float
    {
        $sheetArea = $this->stock->largest()->usable()->area();
        [$settings, $gathered] = [0, 0.0];
        foreach ($this->sheets as $sheet) {
            $sawing = Sawing::of($sheet, $this->stock->kerf, $this->stock->saws);
            $settings += $sawing->settings();
            foreach ($sawing->offcuts as $offcut) {
                $gathered += ($offcut->area() / $sheetArea) ** 2;
            }
        }

        return round($settings - $this->stock->goal->sheetLeft() * $gathered, 6);
    }

    public function usedArea(): int
    {
        return array_sum(array_map(fn (LaidSheet $s): int => $s->usedArea(), $this->sheets));
    }

    /** @return list<array<string, mixed>> how many of each size */
    public function toBuy(): array
    {
        $counts = array_count_values(array_map(fn (LaidSheet $s): string => $s->kind->id, $this->sheets));
        $kinds = array_filter($this->stock->kinds, fn (SheetKind $k): bool => isset($counts[$k->id]));

        return array_values(array_map(fn (SheetKind $k): array => [
            'size' => $k->id, 'name' => $k->name, 'count' => $counts[$k->id], 'in_hand' => $k->inHand, 'price_cents' => $k->priceCents,
            'length' => Length::ofUnits($k->length), 'width' => Length::ofUnits($k->width),
        ], $kinds));
    }
}
