<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Fittings;

use Incastro\Core\Design\Hardware;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Measure\Unit;

/** Bought things alike that are fixed to one board: where each goes, and what screws are bought for them. */
final readonly class Fitting
{
    /** Through a plate of 2 mm into a board of 15 and more without coming out: our own figure. */
    public const SCREW_MM = 16;

    public const SCREW_IN = 0.625;

    /**
     * @param  string  $on  the board it is fixed to
     * @param  string  $serves  the board that goes in together with it
     * @param  list<Place3>  $at  their middles, on that board; none where only their maker's sheet says
     * @param  int  $screws  that each takes, and that do not come with it
     */
    public function __construct(public Text $name, public string $on, public string $serves, public int $count, public array $at, public int $screws = 0)
    {
    }

    /** As it is bought. */
    public static function named(Hardware $each): Text
    {
        return $each->length === null ? $each->name : Text::of('buy.of_length', name: $each->name, length: $each->length);
    }

    /** The screw that is bought for it, in which shops sell screws. */
    public static function screw(Unit $sold): Length
    {
        return $sold === Unit::Inch ? Length::ofUnits((int) (self::SCREW_IN * Length::PER_INCH)) : Length::fromMillimetres(self::SCREW_MM);
    }
}
