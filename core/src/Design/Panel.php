<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Side;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Text;

/**
 * One board of the piece at its finished size. `length` runs along the grain; `banded` names its banded edges
 * (front, left, right, top, bottom as it stands in the piece). The id derives from its owners and its role.
 */
final readonly class Panel
{
    /** @param  list<string>  $banded */
    public function __construct(
        public string $id,
        public string $piece,
        public Role $role,
        public Text $name,
        public string $material,
        public Figure $length,
        public Figure $width,
        public Block $block,
        public array $banded = [],
        public ?Side $hand = null,
        public bool $fitOnSite = false,
        public bool $bought = false,
    ) {
    }
}
