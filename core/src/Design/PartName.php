<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Measure\Text;

/** What a part is called where its band has a letter; a lone box needs none. */
final class PartName
{
    public static function in(Text $part, string $label): Text
    {
        return $label === '' ? $part : Text::of('part.in', part: $part, place: $label);
    }
}
