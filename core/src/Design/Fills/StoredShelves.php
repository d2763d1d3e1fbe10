<?php

declare(strict_types=1);

namespace Incastro\Core\Design\Fills;

use Incastro\Core\Design\Spacing;
use Incastro\Core\Design\Workplace;
use Incastro\Core\Document\Model\HowOften;
use Incastro\Core\Document\Model\StoredThing;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * Shelves spaced by what is to stand on them: each row as high as its things and a hand above them, heavy things low, what is fetched daily
 * between knee and eye.
 */
final class StoredShelves implements FillMaker
{
    public function make(Workplace $at): void
    {
        $cell = $at->cell;
        $things = $at->stuff->storedIn($cell->bay->id);
        if ($things === []) {
            $at->bench->find(Finding::ofPiece('piece.nothing_to_store', Severity::Note, $cell->bay->id, Text::of('piece.nothing_to_store', bay: $cell->label)));

            return;
        }
        $tiers = [];
        foreach ($things as $thing) {
            array_push($tiers, ...$this->tiers($at, $thing));
        }
        $tiers = self::inOrder(self::together($tiers, $cell->x->value()));
        if ($tiers === []) {
            return;
        }
        $this->shelves($at, $tiers);
    }

    /**
     * One row for each shelf-full of a thing.
     *
     * @return list<Tier>
     */
    private function tiers(Workplace $at, StoredThing $thing): array
    {
        $cell = $at->cell;
        $across = $thing->width->isPositive() ? intdiv($cell->x->value()->units, $thing->width->units) : 0;
        $deep = intdiv($cell->y->value()->units, $thing->depth->units);
        if ($across === 0 || $thing->width->isGreaterThan($cell->mouth->x->value())) {
            $at->bench->find(Finding::ofPiece('piece.thing_too_wide', Severity::Stop, $cell->bay->id,
                Text::of('piece.thing_too_wide', thing: $thing->name, has: $cell->mouth->x->value(), needs: $thing->width))
                ->measuring($cell->mouth->x->value(), $thing->width));

            return [];
        }
        if ($deep === 0) {
            $at->bench->find(Finding::ofPiece('piece.thing_too_deep', Severity::Look, $cell->bay->id,
                Text::of('piece.thing_too_deep', thing: $thing->name, by: $thing->depth->minus($cell->y->value())))
                ->measuring($cell->y->value(), $thing->depth));
            $deep = 1;
        }
        $each = $across * ($thing->often === HowOften::Daily ? 1 : $deep);
        $tiers = [];
        for ($left = $thing->count; $left > 0; $left -= $each) {
            $n = min($left, $each);
            $tiers[] = new Tier($thing->name, $thing->width->times(min($across, $n)), $thing->height, $thing->kg * $n, $thing->often);
        }

        return $tiers;
    }

    /**
     * Part rows of like height share a shelf (tallest first, first that has room).
     *
     * @param  list<Tier>  $tiers
     * @return list<Tier>
     */
    private static function together(array $tiers, Length $width): array
    {
        usort($tiers, fn (Tier $a, Tier $b): int => [$b->high->units, $b->wide->units, $a->what] <=> [$a->high->units, $a->wide->units, $b->what]);
        $shelves = [];
        foreach ($tiers as $tier) {
            $at = count($shelves);
            foreach ($shelves as $i => $shelf) {
                if ($shelf->takes($tier, $width)) {
                    $at = $i;
                    break;
                }
            }
            $shelves[$at] = isset($shelves[$at]) ? $shelves[$at]->with($tier) : $tier;
        }

        return array_values($shelves);
    }

    /**
     * @param  list<Tier>  $tiers
     * @return list<Tier> from the floor up
     */
    private static function inOrder(array $tiers): array
    {
        usort($tiers, fn (Tier $a, Tier $b): int => [$a->level(), -$a->kg, -$a->high->units, $a->what] <=> [$b->level(), -$b->kg, -$b->high->units, $b->what]);

        return $tiers;
    }

    /** @param  non-empty-list<Tier>  $tiers */
    private function shelves(Workplace $at, array $tiers): void
    {
        $cell = $at->cell;
        $hand = $cell->bay->fill->is->length('hand_room');
        $t = $cell->board->thickness;
        $free = count($tiers) === 1 ? $cell->z->size
            : $cell->z->size->minus($t->times(count($tiers) - 1), Text::of('piece.shelf_boards', n: count($tiers) - 1, t: $t));
        $openings = [];
        foreach ($tiers as $i => $tier) {
            $isTop = $i === count($tiers) - 1;
            $needs = Figure::of($tier->high, Text::of('piece.height_of_thing', thing: $tier->what))->plus($hand, Text::of('piece.hand_room'));
            $free = $isTop ? $free : $free->minus($needs->value, Text::of('piece.opening_for', thing: $tier->what));
            $openings[] = $needs;
        }
        $last = array_pop($openings);
        if ($free->value->isLessThan($last->value)) {
            $by = $last->value->minus($free->value);
            $at->bench->find(Finding::ofPiece('piece.things_do_not_fit', Severity::Stop, $cell->bay->id,
                Text::of('piece.things_do_not_fit', bay: $cell->label, by: $by, last: $tiers[count($tiers) - 1]->what))->measuring($free->value, $last->value));
            $at->bench->spacings[$cell->bay->id] = new Spacing([...$openings, $free], $free->value->minus($last->value), $cell->z->from, $t);

            return;
        }
        $at->bench->spacings[$cell->bay->id] = new Spacing([...$openings, $free], $free->value, $cell->z->from, $t);
        $shelving = new Shelving($at);
        $shelving->begin();
        $z = $cell->z->from;
        foreach ($openings as $i => $opening) {
            $z = $z->plus($opening->value);
            $shelving->shelf("{$cell->bay->id}:stored_".($i + 1), $i + 1, $z, $opening->value);
            $z = $z->plus($t);
        }
    }
}
