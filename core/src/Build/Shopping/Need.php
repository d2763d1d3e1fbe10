<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Shopping;

use Incastro\Core\Measure\Amount;
use Incastro\Core\Measure\Text;

/**
 * So much of one thing is needed: how that was counted, in what packs it is usually sold, and what would serve as well.
 * `pack` and `inHand` are in the unit of the amount.
 */
final readonly class Need
{
    /**
     * @param  list<Text>  $sum  how the amount comes about, line by line
     * @param  list<float>  $packs  in which sizes it is sold, the smallest first
     * @param  int  $spare  percent more than counted
     * @param  list<Text>  $substitutes
     * @param  list<string>|null  $priceAt  where its price stands in the document, when that is not with the shopping list
     */
    public function __construct(
        public PurchaseGroup $group,
        public string $key,
        public Text $name,
        public Amount $amount,
        public array $sum,
        public array $packs = [1.0],
        public int $spare = 0,
        public array $substitutes = [],
        public ?int $priceCents = null,
        public ?array $priceAt = null,
        public float $inHand = 0.0,
        public ?Text $note = null,
        public ?string $shop = null,
    ) {
    }

    /** The same thing for another piece. */
    public function and(self $other): self
    {
        return new self($this->group, $this->key, $this->name,
            new Amount($this->amount->value + $other->amount->value, $this->amount->unit), [...$this->sum, ...$other->sum],
            $this->packs, $this->spare, self::once([...$this->substitutes, ...$other->substitutes]),
            $this->priceCents, $this->priceAt, $this->inHand, $this->note, $this->shop);
    }

    /**
     * @param  list<Text>  $texts
     * @return list<Text>
     */
    private static function once(array $texts): array
    {
        $said = [];
        foreach ($texts as $text) {
            $said[json_encode($text, JSON_THROW_ON_ERROR)] = $text;
        }

        return array_values($said);
    }
}
