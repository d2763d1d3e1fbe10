<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Measure\Length;

/** Sheet stock as bought: the size and the thickness as measured, with what it costs in the person's currency. */
final readonly class Material
{
    /** Birch ply, kg/m³ (fieldbook §7). */
    public const USUAL_DENSITY = 680.0;

    /**
     * @param  array<string, SheetSize>  $sizes  further sizes, and pieces in hand
     * @param  array{?Length, ?Length, ?Length, ?Length}  $trims  off the near and far end of the length, then of the width; null for the workshop's
     * @param  int|null  $limit  how many whole sheets there are
     * @param  Length|null  $nominal  the thickness it is sold as; `thickness` is what it measures
     */
    public function __construct(
        public string $id,
        public string $name,
        public Length $thickness,
        public Length $sheetLength,
        public Length $sheetWidth,
        public bool $grain,
        public int $priceCents,
        public float $density = self::USUAL_DENSITY,
        public array $sizes = [],
        public array $trims = [null, null, null, null],
        public ?int $limit = null,
        public MadeOf $madeOf = MadeOf::BirchPly,
        public ?Length $nominal = null,
    ) {
    }

    /** What a sheet of it weighs. */
    public function kg(Length $length, Length $width): float
    {
        return $length->units / Length::PER_MM * $width->units / Length::PER_MM * $this->thickness->units / Length::PER_MM * $this->density / 1e9;
    }
}
