<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Shopping;

use Incastro\Core\Document\Facts\Bought;
use Incastro\Core\Document\Model\Shop;

/** All that is to be bought, what it comes to, and what was spent. */
final readonly class ShoppingList implements \JsonSerializable
{
    /**
     * @param  list<Purchase>  $lines
     * @param  list<Bought>  $others  bought for lines that are no longer needed
     */
    public function __construct(public Shop $shop, public array $lines, public array $others)
    {
    }

    /** Of all that has a price. */
    public function cents(): int
    {
        return array_sum(array_map(fn (Purchase $p): int => $p->costCents ?? 0, $this->lines));
    }

    /** In that sum, or on top of it; to the nearest cent. */
    public function taxCents(): int
    {
        $rate = $this->shop->taxPercent;

        return (int) round($this->shop->taxIncluded ? $this->cents() * $rate / (100 + $rate) : $this->cents() * $rate / 100);
    }

    /** With tax, where it comes on top. */
    public function totalCents(): int
    {
        return $this->cents() + ($this->shop->taxIncluded ? 0 : $this->taxCents());
    }

    public function spentCents(): int
    {
        return array_sum(array_map(fn (Purchase $p): int => $p->spentCents, $this->lines))
            + array_sum(array_map(fn (Bought $b): int => $b->cents, $this->others));
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $toBuy = array_filter($this->lines, fn (Purchase $p): bool => $p->packs > 0);

        return [
            'currency' => $this->shop->currency,
            'tax_percent' => $this->shop->taxPercent,
            'tax_included' => $this->shop->taxIncluded,
            'shops' => (object) $this->shop->shops,
            'lines' => $this->lines,
            'cents' => $this->cents(),
            'tax_cents' => $this->taxCents(),
            'total_cents' => $this->totalCents(),
            'unpriced' => count(array_filter($toBuy, fn (Purchase $p): bool => $p->priceCents === null)),
            'to_buy' => count(array_filter($toBuy, fn (Purchase $p): bool => ! $p->isBought())),
            'budget_cents' => $this->shop->budgetCents,
            'spent_cents' => $this->spentCents(),
            'others' => array_map(fn (Bought $b): array => ['id' => $b->id, 'line' => $b->line, 'packs' => $b->packs, 'cents' => $b->cents], $this->others),
        ];
    }
}
