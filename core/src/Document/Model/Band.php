<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Measure\Length;

/**
 * A horizontal band of a run, or of a bay. `height` is its whole height and null where it shares what is left; a slab's
 * follows from its board. `joined`: it shares the uprights of the band below instead of being a box of its own.
 * `toWalls`: a slab whose ends run past the boxes to the walls. `lids`: a seat that opens over each bay; `cushion`: the thickness of what lies on it.
 */
final readonly class Band
{
    /** @param  array<string, Bay>  $bays */
    public function __construct(
        public string $id,
        public BandKind $kind,
        public ?Length $height,
        public ?Length $setBack,
        public ?Length $depth,
        public Against $against,
        public bool $joined,
        public Length $overhang,
        public int $layers,
        public ?string $material,
        public bool $lids,
        public ?Length $cushion,
        public Methods $methods,
        public array $bays,
        public bool $toWalls = false,
    ) {
    }
}
