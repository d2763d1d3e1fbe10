<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Carrying;

use Incastro\Core\Measure\Amount;
use Incastro\Core\Measure\AmountUnit;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** What is lifted, what is fetched, in which order it is wanted, and how it all comes apart again. */
final readonly class Carrying implements \JsonSerializable
{
    /**
     * @param  list<array<string, mixed>>  $loads  what is carried as a whole, the heaviest first
     * @param  list<array{name: Text, count: int, kg: float, length: Length, width: Length, fits: bool|null}>  $goods  what is fetched, kg each
     * @param  list<array{name: Text, before: string, lead: int|null, shop: string}>  $delivery
     * @param  list<array{title: Text, parts: list<string>}>  $apart
     */
    public function __construct(private array $loads, private array $goods, private ?float $payload, private array $delivery, public array $apart)
    {
    }

    public function kg(): float
    {
        return array_sum(array_map(fn (array $g): float => $g['count'] * $g['kg'], $this->goods));
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $kg = fn (float $value): Amount => new Amount($value, AmountUnit::Kilogram);

        return [
            'loads' => $this->loads,
            'goods' => array_map(fn (array $g): array => ['kg' => $kg($g['kg']), 'all' => $kg($g['count'] * $g['kg'])] + $g, $this->goods),
            'goods_kg' => $kg($this->kg()),
            'trips' => $this->payload === null || $this->goods === [] ? null : (int) ceil(round($this->kg() / $this->payload, 6)),
            'delivery' => array_map(fn (array $d): array => ['name' => $d['name'], 'before' => $d['before'], 'lead_days' => $d['lead'], 'shop' => $d['shop']],
                $this->delivery),
            'apart' => $this->apart,
        ];
    }
}
