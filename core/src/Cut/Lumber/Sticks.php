<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Lumber;

use Incastro\Core\Cut\Nest\Nested;
use Incastro\Core\Cut\Part;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** All parts of lumber of one section, and how they are laid on the lengths it is sold in. */
final readonly class Sticks
{
    /** @param  non-empty-list<Part>  $parts */
    public function __construct(public Length $thickness, public Length $width, public array $parts, public Nested $nested)
    {
    }

    /** As it is bought: named after the first part. */
    public function name(string $long): Text
    {
        return Text::of('buy.board', name: $this->parts[0]->panel->name, thickness: $this->thickness, width: $this->width, long: $long);
    }
}
