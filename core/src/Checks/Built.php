<?php

declare(strict_types=1);

namespace Incastro\Core\Checks;

use Incastro\Core\Cut\Machining\Bored;
use Incastro\Core\Design\Design;
use Incastro\Core\Document\Piece;
use Incastro\Core\Document\Project;
use Incastro\Core\Fit\Fit;
use Incastro\Core\Survey\Room;

/** What a check may look at. */
final readonly class Built
{
    public function __construct(
        public Project $project,
        public Piece $piece,
        public Room $room,
        public Fit $fit,
        public Design $design,
        public Bored $bored,
    ) {
    }
}
