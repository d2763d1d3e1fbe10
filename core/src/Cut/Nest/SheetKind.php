<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Nest;

use Incastro\Core\Document\Model\LeftOf;

/**
 * A sheet that can be had: a size the shop sells, or a leftover in hand. Length lies along its grain.
 * The four trims come off before anything else; `limit` says how many there are, null for as many as wanted. Units of 25 nm.
 */
final readonly class SheetKind
{
    private Rect $usable;

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
        public ?LeftOf $leftOf = null,
    ) {
        [$left, $right, $near, $far] = $trims;
        $this->usable = new Rect($left, $near, $length - $left - $right, $width - $near - $far);
    }

    /** With the same trim off all four edges. */
    public static function plain(string $name, int $length, int $width, int $trim): self
    {
        return new self($name, $name, $length, $width, [$trim, $trim, $trim, $trim]);
    }

    public function usable(): Rect
    {
        return $this->usable;
    }

    public function holds(Item $item): bool
    {
        foreach ($item->orientations() as [$l, $w]) {
            if ($l <= $this->usable->length && $w <= $this->usable->width) {
                return true;
            }
        }

        return false;
    }
}
