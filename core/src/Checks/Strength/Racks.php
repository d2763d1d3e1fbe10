<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Strength;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Design\CaseFront;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\PartName;
use Incastro\Core\Design\Role;
use Incastro\Core\Design\Span;
use Incastro\Core\Document\Model\EdgeKind;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\SideKind;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * A box without a back, a face frame or a nailer leans over like a book case pulled at its corner (from practice), unless the walls hold
 * both its sides. Told where it is higher than it is deep.
 */
final class Racks implements Check
{
    public function of(PlacedPiece $built): array
    {
        if ($this->isHeld($built, Side::Left) && $this->isHeld($built, Side::Right)) {
            return [];
        }
        $findings = [];
        foreach ($built->design->fronts as $front) {
            $height = $front->z->value();
            if (! $front->framed && $height->isGreaterThan($front->depth()->minus($built->box->rear)) && $this->bracing($front, $built) === []) {
                $findings[] = FindingFactory::look('strength.racks', new Place(WorkStage::Piece, $front->id), 'practice',
                    ['box' => PartName::in(Text::of('entry.box'), $front->label), 'height' => $height])->measuring($height, null);
            }
        }

        return $findings;
    }

    /** A strip that is fixed to box and wall holds the side upright. */
    private function isHeld(PlacedPiece $built, Side $side): bool
    {
        return $built->room->space->side($side) === SideKind::Wall
            && ! in_array($built->piece->edge($side)->kind, [EdgeKind::Play, EdgeKind::Trim], true) && $built->piece->width === null;
    }

    /** @return list<Panel> */
    private function bracing(CaseFront $front, PlacedPiece $built): array
    {
        $isIn = fn (Length $at, Span $span): bool => ! $at->isLessThan($span->from) && ! $at->isGreaterThan($span->to());

        return array_values(array_filter($built->boards(Role::Back, Role::Nailer, Role::Board),
            fn (Panel $p): bool => $p->inHouse($p->thin) === Axis::Y && ! str_ends_with($p->id, ':foot_rail')
            && $isIn($p->block->middle(Axis::X), $front->x) && $isIn($p->block->middle(Axis::Z), $front->z)));
    }
}
