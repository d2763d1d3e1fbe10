<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Strength;

use Incastro\Core\Assembly\Assembly;
use Incastro\Core\Assembly\Fastening\Fastener;
use Incastro\Core\Assembly\Fastening\Shear;
use Incastro\Core\Assembly\Loads\Bending;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Checks\HoldingCheck;
use Incastro\Core\Design\Panel;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;

/**
 * The end of a board that hangs on screws or dowels alone, where there is no room for as many as what it bears takes: each bears 320 N with
 * 38 mm of bite, less with less (our own figures). One finding a board, for its worse end.
 */
final class EndsGive implements HoldingCheck
{
    public function of(PlacedPiece $built, Assembly $assembly): array
    {
        $worst = [];
        $fasteners = $assembly->fastened($built->piece->id)->fasteners;
        foreach ($assembly->endLoads($built->piece->id) as $joint => $bears) {
            [$board, $holder] = explode(' ', $joint);
            $each = array_map(fn (Fastener $f): float => Shear::of($f, $built->panels[$board], $built->panels[$holder]),
                array_values(array_filter($fasteners, fn (Fastener $f): bool => $f->joins($board, $holder))));
            $share = $each === [] ? INF : $bears / array_sum($each);
            if ($share > 1.0 + 1e-9 && $share > ($worst[$board][0] ?? 0.0)) {
                $worst[$board] = [$share, $this->finding($built, [$board, $holder], $bears, $each)];
            }
        }

        return array_values(array_map(fn (array $w): Finding => $w[1], $worst));
    }

    /**
     * @param  array{string, string}  $ends  the board and what holds its end
     * @param  list<float>  $each  N that each of them bears
     */
    private function finding(PlacedPiece $built, array $ends, float $bears, array $each): Finding
    {
        [$board, $holder] = array_map(fn (string $id): Panel => $built->panels[$id], $ends);

        return FindingFactory::look('strength.end_gives', new Place(WorkStage::Piece, $board->id), 'strength_ends', ['part' => $board->name,
            'on' => $holder->name, 'n' => count($each), 'kg' => (int) ceil($bears / Bending::GRAVITY),
            'holds' => (int) floor(array_sum($each) / Bending::GRAVITY)]);
    }
}
