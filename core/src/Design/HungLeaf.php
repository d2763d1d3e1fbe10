<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Model\Side;
use Incastro\Core\Measure\Length;

/**
 * A leaf on concealed hinges: the board their cups are bored in, the upright they hang on (null behind a frame, whose stile they hang on),
 * and on which hand.
 */
final readonly class HungLeaf
{
    public function __construct(public string $board, public ?string $on, public Side $hand)
    {
    }

    /** Two up to 900 mm of height, three to 1600, four to 2000, then five. */
    public static function hinges(Length $height): int
    {
        $mm = $height->units / Length::PER_MM;

        return $mm <= 900 ? 2 : ($mm <= 1600 ? 3 : ($mm <= 2000 ? 4 : 5));
    }
}
