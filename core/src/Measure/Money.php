<?php

declare(strict_types=1);

namespace Incastro\Core\Measure;

/** An amount of money, in hundredths of the person's currency (ISO 4217). */
final readonly class Money implements \JsonSerializable
{
    public function __construct(public int $cents, public string $currency)
    {
    }

    /** @return array{cents: int, currency: string} */
    public function jsonSerialize(): array
    {
        return ['cents' => $this->cents, 'currency' => $this->currency];
    }
}
