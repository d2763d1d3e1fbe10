<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Material;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Design\Bench;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Document\Model\Front;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** The front edge of a shelf or a top of sheet goods that is seen and has neither banding nor a strip before it. One finding a bay or a top. From practice. */
final class EdgeBare implements Check
{
    /** What lies so near before it hides it; the greater part of an edge, and it is not seen. */
    private const NEAR_MM = 5;

    public function of(PlacedPiece $built): array
    {
        $findings = [];
        foreach ($built->boards(Role::Shelf, Role::Slab) as $board) {
            $cell = $built->design->cells[$board->bay ?? ''] ?? null;
            if ($board->bought || in_array('front', $board->banded, true) || $built->madeOf($board)->isSolid()
                || ($cell !== null && ($cell->bay->door !== null || $cell->bay->fill->is->optionalLength('nosing')?->isPositive() === true))
                || $this->isCovered($board, $built)) {
                continue;
            }
            $ref = $cell->bay->id ?? $board->id;
            $findings[$ref] ??= FindingFactory::note('material.edge_bare', new Place(WorkStage::Piece, $ref), 'practice', ['part' => $board->name])
                ->curedBy($cell === null ? null : $built->cure(Text::of('material.edge_bare.fix'), $cell->bay->id, ['methods', 'front'], Front::Banded->value));
        }

        return array_values($findings);
    }

    private function isCovered(Panel $board, PlacedPiece $built): bool
    {
        $front = $board->inHouse(Axis::Y);
        $isForward = $board->facing($front, true) === 'front';
        $hair = Length::fromMillimetres(self::NEAR_MM);
        $before = $board->block->along($front, $isForward ? $board->block->to($front) : $board->block->from($front)->minus($hair), $hair);
        $hidden = 0;
        foreach ($built->boards(Role::Lip, Role::Trim, Role::Rail, Role::Stile, Role::Lid, Role::Slab) as $strip) {
            $common = $strip === $board ? null : Bench::common($strip->block, $before);
            $hidden += $common?->extent($board->inHouse(Axis::X))->units ?? 0;
        }

        return 2 * $hidden > $board->block->extent($board->inHouse(Axis::X))->units;
    }
}
