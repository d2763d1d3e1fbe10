<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\People;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Design\Role;
use Incastro\Core\Document\Fields\Limit;
use Incastro\Core\Document\Model\BandKind;
use Incastro\Core\Findings\Fix;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * Who stands at a worktop wants room for the toes: a base set back 50 mm at least (from practice; 75 is usual). A worktop lies 800 to 1000
 * over the floor and is 450 deep at least.
 */
final class ToeRoom implements Check
{
    private const WORKTOP_MM = [800, 1_000];

    private const DEEP_MM = 450;

    public function of(PlacedPiece $built): array
    {
        $bands = array_values($built->piece->main()->bands);
        $base = $bands[0] ?? null;
        $room = $base->setBack ?? Length::zero();
        $limit = $built->project->lengthLimit(Limit::ToeRoom);
        if ($base === null || ! $base->kind->isBase() || ! $room->isLessThan($limit) || ! $this->hasWorktop($built)) {
            return [];
        }

        return [FindingFactory::look('people.toe_room', new Place(WorkStage::Piece, $base->id), 'reach', ['room' => $room, 'limit' => $limit])
            ->measuring($room, $limit)->curedBy(Fix::set(Text::of('people.toe_room.fix', limit: $limit),
                ['pieces', $built->piece->id, 'runs', $built->piece->main()->id, 'bands', $base->id, 'set_back'], $limit))];
    }

    private function hasWorktop(PlacedPiece $built): bool
    {
        foreach ($built->piece->main()->bands as $id => $band) {
            foreach ($band->kind === BandKind::Top ? $built->boards(Role::Slab) : [] as $slab) {
                $up = $slab->block->to(Axis::Z)->minus($built->box->floor)->millimetres();
                if ($slab->element === $id && ! $slab->width->value->isLessThan(Length::fromMillimetres(self::DEEP_MM))
                    && $up >= self::WORKTOP_MM[0] && $up <= self::WORKTOP_MM[1]) {
                    return true;
                }
            }
        }

        return false;
    }
}
