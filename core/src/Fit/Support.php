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

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['under' => $this->under, 'x' => $this->x, 'rear' => $this->rear, 'front' => $this->front, 'shim_rear' => $this->shimRear, 'shim_front' => $this->shimFront];
    }
}
