<?php

declare(strict_types=1);

namespace Incastro\Core\Document;

use Incastro\Core\Measure\Length;

/** A horizontal band of a run. A plinth has a height and a set-back; a box takes the height that is left and has bays. */
final readonly class Band
{
    /** @param  array<string, Bay>  $bays */
    public function __construct(
        public string $id,
        public BandKind $kind,
        public ?Length $height,
        public ?Length $setBack,
        public array $bays,
    ) {
    }
}
