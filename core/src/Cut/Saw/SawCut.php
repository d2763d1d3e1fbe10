<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Saw;

use Incastro\Core\Document\Model\Saw;

/** One edge-to-edge cut; the blade takes [at, at + kerf] of the axis. `piece` is what it divides, into piece.1 and piece.2. */
final readonly class SawCut
{
    /**
     * @param  'x'|'y'  $axis
     * @param  int  $fence  from the edge the fence or the rule lies at to the blade: the size of what comes off there
     * @param  bool  $fromFar  measured from the piece's far edge, else from the near one
     * @param  bool  $isSetting  the fence or the direction differs from the cut before
     * @param  SawPiece  $off  what comes off at the fence
     * @param  SawPiece|null  $rest  what else remains, when it is cut no further
     * @param  Saw|null  $saw  null when the profile names no saws; see Saws
     */
    public function __construct(
        public int $order,
        public string $axis,
        public int $at,
        public int $from,
        public int $to,
        public string $piece,
        public bool $isTrim,
        public int $fence,
        public bool $fromFar,
        public bool $isSetting,
        public SawPiece $off,
        public ?SawPiece $rest,
        public ?Saw $saw,
    ) {
    }

    public function kind(): string
    {
        return $this->axis === 'y' ? 'rip' : 'crosscut';
    }

    public function length(): int
    {
        return $this->to - $this->from;
    }
}
