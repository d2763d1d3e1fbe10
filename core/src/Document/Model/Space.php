<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** An awkward space of the job: which surfaces it has, and its readings. */
final readonly class Space
{
    /**
     * @param  array<string, Reading>  $readings
     * @param  array<string, Thing>  $things
     */
    public function __construct(
        public string $id,
        public string $name,
        public SpaceKind $kind,
        public SideKind $left,
        public SideKind $right,
        public ?Slope $slope,
        public array $readings,
        public array $things,
        public WallBuild $build,
        public ?Footprint $footprint = null,
        public bool $damp = false,
    ) {
    }

    public function side(Side $side): SideKind
    {
        return $side === Side::Left ? $this->left : $this->right;
    }

    /** @return list<Reading> */
    public function taken(ReadingKind ...$kinds): array
    {
        $taken = [];
        foreach ($this->readings as $reading) {
            if (in_array($reading->kind, $kinds, true) && $reading->isTaken()) {
                $taken[] = $reading;
            }
        }

        return $taken;
    }
}
