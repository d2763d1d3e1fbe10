<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Fastening;

use Incastro\Core\Assembly\Screws;
use Incastro\Core\Design\Design;
use Incastro\Core\Fit\Fit;
use Incastro\Core\Measure\Unit;

/**
 * Sets out every fastener of a piece's boards as they are after fitting: shelf pins first, whose heights are fixed, then hinges and
 * spare pins, then the fasteners of the joints; what can be moved makes way.
 */
final class SetOut
{
    /**
     * @param  Unit  $sold  in which shops sell screws
     * @param  array<string, float>  $bears  N that a joint must bear at the end of a board, by board and what holds it
     */
    public static function of(Design $design, Fit $fit, Unit $sold = Unit::Millimetre, array $bears = []): Fastened
    {
        $boards = new Boards($fit->panels);
        $pins = new PinFasteners($boards, $design);
        $hinges = new HingeFasteners($boards);
        $joints = new JointFasteners($boards, HiddenFace::of($fit->panels), new Screws($sold));
        $pins->make();
        foreach ($design->hung as $hung) {
            $hinges->make($hung);
        }
        $pins->spares();
        foreach ($design->joints as $joint) {
            $joints->make($joint, $bears["$joint->first $joint->second"] ?? 0.0);
        }

        return new Fastened($boards->fasteners, [...self::clashes($boards), ...$hinges->clashes], array_keys($boards->all));
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
