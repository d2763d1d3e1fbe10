<?php

declare(strict_types=1);

namespace Incastro\Core\Document;

use Incastro\Core\Measure\Length;

/**
 * What the back wall is made of and where it holds a screw. `lining` is everything in front of what holds;
 * studs not found are assumed from the first one at the spacing.
 */
final readonly class WallBuild
{
    /** @param  array<string, Stud>  $studs  found, or doubtful */
    public function __construct(
        public WallKind $kind,
        public ?Length $lining,
        public ?Length $firstStud,
        public ?Length $spacing,
        public FloorKind $floor,
        public array $studs,
    ) {
    }
}
