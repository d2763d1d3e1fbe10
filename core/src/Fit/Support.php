<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Measure\Length;

/** Where the base is packed: under one board, at its rear and at its front. */
final readonly class Support implements \JsonSerializable
{
    public function __construct(
        public string $under,
        public Length $x,
        public Length $rear,
        public Length $front,
        public Length $shimRear,
        public Length $shimFront,
    ) {
    }

    /** Thinner than a card nobody packs: 0.3 mm. */
    private const CARD = 12_000;

    /** @return list<Length> how thick it is packed, at its rear, at its front, or both */
    public function packs(): array
    {
        return array_values(array_filter([$this->shimRear, $this->shimFront], fn (Length $shim): bool => ! $shim->isLessThan(Length::ofUnits(self::CARD))));
    }

    public function isPacked(): bool
    {
        return $this->packs() !== [];
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['under' => $this->under, 'x' => $this->x, 'rear' => $this->rear,
            'front' => $this->front, 'shim_rear' => $this->shimRear, 'shim_front' => $this->shimFront];
    }
}
