<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Measure\Length;

/**
 * What the back wall is made of and where it holds a screw. `lining` is everything in front of what holds;
 * studs not found are assumed from the first one at the spacing.
 */
final readonly class WallBuild
{
    /**
     * @param  array<string, Stud>  $studs  found, or doubtful
     * @param  bool  $fireLined  under a stair: its lining is on
     * @param  float|null  $anchorKg  what the maker of the anchors says of one, a load that breaks it where `anchorUltimate`
     */
    public function __construct(
        public WallKind $kind,
        public ?Length $lining,
        public ?Length $firstStud,
        public ?Length $spacing,
        public FloorKind $floor,
        public array $studs,
        public bool $fireLined = false,
        public ?float $anchorKg = null,
        public bool $anchorUltimate = false,
    ) {
    }
}
