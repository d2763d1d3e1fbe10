<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Document\Reading\Node;

/** What the person says of one thing to buy: what there is of it, how it is sold, for how much and where, what serves instead. */
final readonly class ShopLine
{
    /**
     * @param  float|null  $inHand  in the unit the thing is counted in
     * @param  float|null  $pack  how much is in one pack
     * @param  int|null  $priceCents  of one pack
     * @param  int|null  $leadDays  from ordering it to having it
     */
    public function __construct(
        public ?float $inHand = null,
        public ?float $pack = null,
        public ?int $priceCents = null,
        public ?string $shop = null,
        public ?string $instead = null,
        public bool $leftOut = false,
        public ?int $leadDays = null,
    ) {
    }

    public static function read(Node $node): self
    {
        $number = fn (string $key, float $least): ?float => $node->at($key)->isMissing() ? null : $node->at($key)->number($least, 100_000.0);

        return new self(
            $number('in_hand', 0.0),
            $number('pack', 0.001),
            $node->at('price_cents')->isMissing() ? null : $node->at('price_cents')->count(0, 100_000_000),
            $node->at('shop')->isMissing() ? null : $node->at('shop')->text(26),
            $node->at('instead')->isMissing() ? null : $node->at('instead')->text(120),
            ! $node->at('left_out')->isMissing() && $node->at('left_out')->flag(),
            $node->at('lead_days')->isMissing() ? null : $node->at('lead_days')->count(0, 365),
        );
    }
}
