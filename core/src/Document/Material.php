<?php

declare(strict_types=1);

namespace Incastro\Core\Document;

use Incastro\Core\Measure\Length;

/** Sheet stock as bought: the size and the thickness as measured, with what it costs in the person's currency. */
final readonly class Material
{
    /** Birch ply, kg/m³ (fieldbook §7). */
    public const USUAL_DENSITY = 680.0;

    public function __construct(
        public string $id,
        public string $name,
        public Length $thickness,
        public Length $sheetLength,
        public Length $sheetWidth,
        public bool $grain,
        public int $priceCents,
        public float $density = self::USUAL_DENSITY,
    ) {
    }
}
