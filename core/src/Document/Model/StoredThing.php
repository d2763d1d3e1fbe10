<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Measure\Length;

/**
 * A thing to store, as it stands on a shelf: across, deep and high, how heavy one is, how many, and how often it is fetched; `hazard`:
 * poison, pods, blades.
 */
final readonly class StoredThing
{
    public function __construct(
        public string $id,
        public string $name,
        public Length $width,
        public Length $depth,
        public Length $height,
        public float $kg,
        public int $count,
        public HowOften $often,
        public ?string $bay,
        public bool $hazard = false,
    ) {
    }
}
