<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** One saw and what it can do; a limit of null is none. Units of 25 nm. */
final readonly class Saw
{
    /**
     * @param  int|null  $longestCut  a rail's length, or how wide a piece a mitre saw crosses
     * @param  int|null  $widestFence  a table saw's rip capacity
     * @param  array{int, int}|null  $largestPiece  longer and shorter side of what one person may push
     * @param  int|null  $stages  a shop's saw makes through cuts only: so many changes of direction
     * @param  int|null  $cuts  how many cuts the shop makes
     * @param  int|null  $tolerance  how far a size it cuts may be off
     * @param  int|null  $kerf  where it differs from the workshop's
     */
    public function __construct(
        public SawKind $kind,
        public ?int $longestCut = null,
        public ?int $widestFence = null,
        public ?array $largestPiece = null,
        public ?int $stages = null,
        public ?int $cuts = null,
        public ?int $tolerance = null,
        public ?int $kerf = null,
    ) {
    }

    public function cuts(WantedCut $cut): bool
    {
        if ($this->kind === SawKind::Mitre && $cut->axis === 'y') {
            return false;
        }
        if ($this->largestPiece !== null
            && (max($cut->length, $cut->width) > $this->largestPiece[0] || min($cut->length, $cut->width) > $this->largestPiece[1])) {
            return false;
        }

        return ($this->longestCut === null || $cut->run() <= $this->longestCut)
            && ($this->widestFence === null || $cut->fence <= $this->widestFence)
            && ($this->stages === null || $cut->stage <= $this->stages);
    }
}
