<?php

declare(strict_types=1);

namespace Incastro\Core\Cut;

/**
 * A sheet that can be had: a size the shop sells, or a leftover in hand. Length lies along its grain.
 * The four trims come off before anything else; `limit` says how many there are, null for as many as wanted. Units of 25 nm.
 */
final readonly class SheetKind
{
    /** @param  array{int, int, int, int}  $trims  off the near end and the far end of the length, then of the width */
    public function __construct(
        public string $id,
        public string $name,
        public int $length,
        public int $width,
        public array $trims,
        public int $priceCents = 0,
        public ?int $limit = null,
        public bool $inHand = false,
    ) {
    }

    public function usable(): Rect
    {
        [$left, $right, $near, $far] = $this->trims;

        return new Rect($left, $near, $this->length - $left - $right, $this->width - $near - $far);
    }

    public function holds(Item $item): bool
    {
        $usable = $this->usable();
        foreach ($item->orientations() as [$l, $w]) {
            if ($l <= $usable->length && $w <= $usable->width) {
                return true;
            }
        }

        return false;
    }
}
