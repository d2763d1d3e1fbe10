<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Under a box on a toe kick the bottom would carry all dividers from side to side: a board on edge takes each of them to the floor. */
final readonly class ToeBearers
{
    public function __construct(private Bench $bench, private CaseSpec $case)
    {
    }

    public function make(): void
    {
        $case = $this->case;
        $bays = array_keys($case->first()->bays);
        $high = $case->z->from->minus($case->floor);
        if ($case->toe === null || ! $high->isPositive()) {
            return;
        }
        foreach (array_slice($bays, 0, -1) as $i => $bay) {
            [$left, $right] = [$this->bench->cells[$bay] ?? null, $this->bench->cells[$bays[$i + 1]] ?? null];
            $bottom = $left?->by->floor;
            if ($left !== null && $right !== null && $bottom !== null && $right->by->floor === $bottom && isset($this->bench->panels[$bottom])) {
                $this->bearer("$bay:toe_bearer", $left, $bottom, $high);
            }
        }
    }

    private function bearer(string $id, Cell $cell, string $bottom, Length $high): void
    {
        $case = $this->case;
        $toe = $this->bench->panels[str_replace(':bottom', ':toe_board', $bottom)] ?? null;
        $y = $toe === null ? $case->y() : Span::of($case->y()->from, $toe->block->from(Axis::Y)->minus($case->y()->from), Text::of('piece.behind_toe'));
        // Right under the divider no screw is driven from above: pockets, or where it is too low for them it stands beside that line.
        $isPocketed = ! $high->isLessThan(Length::fromMillimetres(JointKind::POCKET_ROOM_MM));
        $x = $isPocketed ? $cell->x->to() : $cell->x->to()->minus($case->board->thickness);
        $bearer = Maker::at($this->bench, $case->board)->cheek(new Named($id, Role::ToeBoard, Text::of('part.toe_bearer', bay: $cell->label)),
            $x, $y, Span::of($case->floor, $high, Text::of('piece.toe_kick_height')));
        $this->bench->join($bearer->id, $bottom, $isPocketed ? JointKind::PocketScrews : JointKind::Screws, Axis::Z);
    }
}
