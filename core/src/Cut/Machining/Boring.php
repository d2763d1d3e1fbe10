<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Machining;

use Incastro\Core\Assembly\Screws;
use Incastro\Core\Design\Design;
use Incastro\Core\Fit\Fit;
use Incastro\Core\Measure\Unit;

/**
 * Sets out every hole of a piece's boards as they are after fitting: shelf pins first, whose heights are fixed, then hinges and
 * spare pins, then the fasteners of the joints; what can be moved makes way.
 */
final class Boring
{
    /** @param  Unit  $sold  in which shops sell screws */
    public static function of(Design $design, Fit $fit, Unit $sold = Unit::Millimetre): Bored
    {
        $boards = new Boards($fit->panels);
        $pins = new PinBores($boards, $design);
        $hinges = new HingeBores($boards);
        $joints = new JointBores($boards, HiddenFace::of($fit->panels), new Screws($sold));
        $pins->make();
        foreach ($design->hung as $hung) {
            $hinges->make($hung);
        }
        $pins->spares();
        foreach ($design->joints as $joint) {
            $joints->make($joint);
        }
        $bores = array_map(fn (DrilledBoard $b): array => $b->bores, $boards->all);

        return new Bored($bores, [...self::clashes($boards), ...$hinges->clashes]);
    }

    /** @return list<Clash> what is left, each pair once */
    private static function clashes(Boards $boards): array
    {
        $clashes = [];
        foreach ($boards->all as $board) {
            $told = [];
            foreach ($board->bores as $bore) {
                $clash = $board->clash($bore);
                if ($clash !== null && ! ($clash->other instanceof Bore && in_array($clash->other, $told, true))) {
                    $clashes[] = $clash;
                }
                $told[] = $bore;
            }
        }

        return $clashes;
    }
}
