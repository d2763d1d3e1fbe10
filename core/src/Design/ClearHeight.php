<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Geometry\Slant;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** What a slope leaves of a bay's height. */
final class ClearHeight
{
    /** @return array{Figure, Length} the greatest clear height over a stretch along which the slope falls, and the least */
    public static function under(Slant $slant, Span $along, Length $z, Figure $height): array
    {
        [$a, $b] = [$slant->at($along->from), $slant->at($along->to())];
        $top = Length::greatest($a, $b)->minus($z);
        $least = Length::greatest(Length::zero(), Length::least($height->value, Length::least($a, $b)->minus($z)));
        if ($top->isLessThan($height->value)) {
            $height = $height->minus($height->value->minus($top), Text::of('piece.slope_takes'));
        }

        return [$height, $least];
    }
}
