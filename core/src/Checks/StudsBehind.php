<?php

declare(strict_types=1);

namespace Incastro\Core\Checks;

use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Document\Model\WallKind;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Fit\WallBoards;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * Screws short of the stud: behind the nailers of a piece at least two studs must hold a screw, which bites 32 mm behind all linings
 * (fieldbook §7, hanging). Silent where the wall is no stud wall or no stud of it is known.
 */
final class StudsBehind implements Check
{
    private const WANTED = 2;

    private const BITE_MM = 32;

    public function of(PlacedPiece $built): array
    {
        $build = $built->room->space->build;
        $nailers = array_filter($built->fit->panels, fn (Panel $p): bool => $p->role === Role::Nailer && ! $p->turned);
        $studs = $built->box->studs;
        if ($nailers === [] || $studs === [] || ! in_array($build->kind, [WallKind::WoodStud, WallKind::MetalStud, WallKind::PlasterOnLath], true)) {
            return [];
        }
        $held = array_filter($studs, fn (Length $x): bool => array_filter($nailers, fn (Panel $n): bool => WallBoards::isBehind($x, $n)) !== []);
        if (count($held) >= self::WANTED) {
            return [];
        }
        $screw = $this->screw($built, array_values($nailers)[0]);

        return [new Finding('fit.few_studs', Severity::Look, new Place(WorkStage::Fit, $built->piece->id),
            Text::of('fit.few_studs', n: count($held), wanted: self::WANTED),
            Text::of('fit.few_studs.remedy', screw: $screw), Text::of('source.hanging'))];
    }

    /** Through nailer, back and lining, and its bite. */
    private function screw(PlacedPiece $built, Panel $nailer): Length
    {
        $stack = $nailer->block->corner->y->plus($nailer->block->size->y);

        return $stack->plus($built->room->space->build->lining ?? Length::zero())->plus(Length::fromMillimetres(self::BITE_MM));
    }
}
