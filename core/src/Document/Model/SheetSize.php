<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Measure\Length;

/** A further size of a material: one the shop sells, such as half a sheet, or a piece in hand. Length lies along its grain. */
final readonly class SheetSize
{
    /**
     * @param  int|null  $limit  how many there are; null for as many as wanted
     * @param  string|null  $rack  the label of the piece on the rack it was taken from
     * @param  Length|null  $thickness  as it measures, where that was read
     */
    public function __construct(
        public string $id,
        public string $name,
        public Length $length,
        public Length $width,
        public int $priceCents,
        public ?int $limit,
        public bool $inHand,
        public ?string $rack,
        public ?Length $thickness = null,
    ) {
    }
}
