<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Document\Reading\Node;
use Incastro\Core\Measure\Text;

/** Money and shops: the currency, what tax comes on top, what may be spent, where things are bought, and what the person says of single lines. */
final readonly class Shop
{
    /**
     * @param  float  $taxPercent  on top of the prices, or in them where `taxIncluded`
     * @param  array<string, string>  $shops  names by key; `timber`, `hardware`, `paint` and `other` are always there
     * @param  array<string, ShopLine>  $lines  by the key of what is bought
     */
    public function __construct(
        public string $currency = 'EUR',
        public float $taxPercent = 0.0,
        public bool $taxIncluded = true,
        public ?int $budgetCents = null,
        public array $shops = [],
        public array $lines = [],
    ) {
    }

    public static function read(Node $node): self
    {
        $currency = $node->at('currency')->isMissing() ? 'EUR' : $node->at('currency')->text(3);
        if (preg_match('/^[A-Z]{3}$/', $currency) !== 1) {
            $node->at('currency')->wrong(Text::of('document.currency_expected'));
        }

        return new self(
            $currency,
            $node->at('tax_percent')->isMissing() ? 0.0 : $node->at('tax_percent')->number(0.0, 60.0),
            $node->at('tax_included')->isMissing() || $node->at('tax_included')->flag(),
            $node->at('budget_cents')->isMissing() ? null : $node->at('budget_cents')->count(0, 1_000_000_000),
            $node->at('shops')->byKey(fn (Node $n): string => $n->text(60)),
            $node->at('lines')->byKey(fn (Node $n): ShopLine => ShopLine::read($n)),
        );
    }
}
