<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Machining;

use Incastro\Core\Design\Panel;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Measure\Length;

/** A place on a board, from its nearer end and its nearer edge; `end` and `edge` as they are called where the board stands. */
final readonly class Spot
{
    private function __construct(public Length $along, public string $end, public Length $across, public string $edge)
    {
    }

    public static function of(Panel $board, Place3 $at): self
    {
        [$along, $end] = self::from($board, $board->inHouse($board->long), $at);
        [$across, $edge] = self::from($board, $board->inHouse($board->wide()), $at);

        return new self($along, $end, $across, $edge);
    }

    /** @return array{Length, string} */
    private static function from(Panel $board, Axis $axis, Place3 $at): array
    {
        $k = $axis->value;
        $low = $at->$k->minus($board->block->corner->$k);
        $high = $board->block->size->$k->minus($low);

        return $high->isLessThan($low) ? [$high, $board->facing($axis, true)] : [$low, $board->facing($axis, false)];
    }
}
