<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Nest;

use Incastro\Core\Measure\Text;

/** A part cannot lie where it was put. */
final class PlaceRefused extends \DomainException
{
    /** @param  'grain'|'no_sheet'|'no_part'|'strip'|'locked'|'off'|'saw'|'tools'|'no_room'|'begun'  $why */
    public function __construct(public readonly string $why, public readonly string $part)
    {
        parent::__construct("$why: $part");
    }

    /** @param  string  $label  of the part concerned */
    public function says(string $label): Text
    {
        return Text::of("cut.place_$this->why", part: $label);
    }
}
