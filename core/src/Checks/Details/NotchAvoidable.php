<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Details;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Design\Cell;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Design\TakenKind;
use Incastro\Core\Findings\Fix;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\Passage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** A shelf that is notched round a thing it only just meets: moved no more than 150 mm it needs no notch (from practice). */
final class NotchAvoidable implements Check
{
    private const MOST_MM = 150;

    /** No smaller one may be entered. */
    private const LEAST_OPENING_MM = 20;

    public function of(PlacedPiece $built): array
    {
        $findings = [];
        $shelves = array_filter($built->panels, fn (Panel $p): bool => $p->role === Role::Shelf);
        foreach ($built->fit->passages as $passage) {
            $shelf = $passage->kind === TakenKind::Notch ? $shelves[$passage->panel] ?? null : null;
            $cell = $built->design->cells[$shelf->bay ?? ''] ?? null;
            $by = $shelf === null || $cell === null ? null : $this->shift($shelf, $passage, $cell);
            if ($shelf !== null && $cell !== null && $by !== null) {
                $findings[$shelf->id] ??= FindingFactory::note('fit.notch_avoidable', new Place(WorkStage::Fit, $shelf->id), 'practice',
                    ['part' => $shelf->name, 'thing' => $passage->placed->name(), 'by' => $by->absolute(),
                        'way' => Text::of($by->isNegative() ? 'way.down' : 'way.up')])
                    ->measuring($by->absolute(), Length::fromMillimetres(self::MOST_MM))->curedBy($this->fix($shelf, $by, $cell, $built));
            }
        }

        return array_values($findings);
    }

    /** Up or down past the notch, whichever is less; null where that is too far or out of its bay. */
    private function shift(Panel $shelf, Passage $passage, Cell $cell): ?Length
    {
        $t = $shelf->block->size->z;
        $clear = Length::fromMillimetres($passage->placed->thing->rule()->notchMm);
        $up = $passage->placed->block->to(Axis::Z)->plus($clear)->minus($shelf->block->corner->z);
        $down = $shelf->block->to(Axis::Z)->minus($passage->placed->block->corner->z)->plus($clear)->negated();
        $by = $up->isGreaterThan($down->absolute()) ? $down : $up;
        $to = $shelf->block->corner->z->plus($by);

        return $by->absolute()->isGreaterThan(Length::fromMillimetres(self::MOST_MM)) || ! $to->isGreaterThan($cell->z->from)
            || ! $to->plus($t)->isLessThan($cell->z->from->plus($cell->least)) ? null : $by;
    }

    private function fix(Panel $shelf, Length $by, Cell $cell, PlacedPiece $built): ?Fix
    {
        $id = $shelf->element ?? '';
        $at = array_search($id, array_keys($cell->bay->fill->shelves), true);
        $opening = $at === false ? null : ($built->design->spacings[$cell->bay->id]->openings[$at] ?? null)?->value->plus($by);

        return $opening === null || $opening->isLessThan(Length::fromMillimetres(self::LEAST_OPENING_MM)) ? null
            : $built->cure(Text::of('fit.notch_avoidable.fix', by: $by->absolute(), way: Text::of($by->isNegative() ? 'way.down' : 'way.up')),
                $cell->bay->id, ['fill', 'shelves', $id, 'clear_below'], $opening);
    }
}
