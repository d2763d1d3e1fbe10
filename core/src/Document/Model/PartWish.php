<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Measure\Length;

/** How one part is to be cut, beyond its size. */
final readonly class PartWish
{
    /**
     * @param  string|null  $strip  parts of one name are cut in sequence from one strip, in the order of their marks
     * @param  string|null  $together  parts of one name lie on one sheet
     * @param  bool  $mayJoin  may be made of two lengths, joined end to end
     * @param  bool  $fromLeftovers  may come from what is left of any material of its thickness
     */
    public function __construct(
        public ?string $strip = null,
        public ?string $together = null,
        public Priority $priority = Priority::Usual,
        public ?Length $oversize = null,
        public bool $mayJoin = false,
        public bool $fromLeftovers = false,
    ) {
    }
}
