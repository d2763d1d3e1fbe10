<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Shopping;

use Incastro\Core\Document\Facts\Bought;
use Incastro\Core\Document\Model\ShopLine;
use Incastro\Core\Measure\Amount;
use Incastro\Core\Measure\AmountUnit;

/** One line of the shopping list: what is needed, what of that is in hand, and how many packs to buy. */
final readonly class Purchase implements \JsonSerializable
{
    private const FEW = 2;

    /** With what is spare. */
    public float $wanted;

    public float $inHand;

    /** What is missing once what is in hand is used. */
    public float $short;

    public float $pack;

    public int $packs;

    public float $gotPacks;

    public int $spentCents;

    public ?int $priceCents;

    public ?int $costCents;

    public string $shop;

    /** @param  list<Bought>  $bought */
    public function __construct(public Need $need, public ShopLine $line, public array $bought)
    {
        $wanted = $need->amount->value * (1 + $need->spare / 100);
        $this->wanted = $need->amount->unit === AmountUnit::Each ? ceil(round($wanted, 6)) : round($wanted, 3);
        $this->inHand = $line->inHand ?? $need->inHand;
        $this->short = $line->leftOut ? 0.0 : max(0.0, round($this->wanted - $this->inHand, 3));
        $this->pack = $line->pack ?? self::packFor($this->short, $need->packs);
        $this->packs = (int) ceil(round($this->short / $this->pack, 6));
        $this->gotPacks = array_sum(array_map(fn (Bought $b): float => $b->packs, $bought));
        $this->spentCents = array_sum(array_map(fn (Bought $b): int => $b->cents, $bought));
        $this->priceCents = $need->priceAt === null ? $line->priceCents : $need->priceCents;
        $this->costCents = $this->priceCents === null ? null : $this->priceCents * $this->packs;
        $this->shop = $line->shop ?? $need->shop ?? $need->group->shop();
    }

    public function isBought(): bool
    {
        return $this->packs > 0 && $this->gotPacks >= $this->packs;
    }

    /**
     * The size of which two packs at most leave the least over, the fewer packs where it is the same; else the largest.
     *
     * @param  list<float>  $packs
     */
    private static function packFor(float $short, array $packs): float
    {
        $best = [INF, INF, $packs === [] ? 1.0 : max($packs)];
        foreach ($packs as $pack) {
            $n = ceil(round($short / $pack, 6));
            $best = $n <= self::FEW ? min($best, [$n * $pack, $n, $pack]) : $best;
        }

        return $best[2];
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $unit = $this->need->amount->unit;
        $amount = fn (float $value): Amount => new Amount($value, $unit);

        return [
            'key' => $this->need->key, 'group' => $this->need->group->value, 'name' => $this->need->name, 'note' => $this->need->note,
            'need' => $this->need->amount, 'sum' => $this->need->sum, 'spare_percent' => $this->need->spare, 'wanted' => $amount($this->wanted),
            'in_hand' => $amount($this->inHand), 'short' => $amount($this->short), 'pack' => $amount($this->pack), 'packs' => $this->packs,
            'price_cents' => $this->priceCents, 'price_at' => $this->need->priceAt, 'cost_cents' => $this->costCents, 'shop' => $this->shop,
            'instead' => $this->line->instead, 'left_out' => $this->line->leftOut,
            'lead_days' => $this->line->leadDays, 'substitutes' => $this->need->substitutes,
            'got_packs' => $this->gotPacks, 'spent_cents' => $this->spentCents, 'bought' => $this->isBought(),
            'receipts' => array_map(fn (Bought $b): string => $b->id, $this->bought),
        ];
    }
}
