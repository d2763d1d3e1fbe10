<?php

declare(strict_types=1);

namespace Incastro\Core\Design\Fills;

use Incastro\Core\Design\Cell;
use Incastro\Core\Design\Spacing;
use Incastro\Core\Design\Workplace;
use Incastro\Core\Document\Model\Shelf;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Shelves one above the other. Chosen openings stand; what is left is shared by the others and the top one (fieldbook §11). */
final class Shelves implements FillMaker
{
    public function make(Workplace $at): void
    {
        $cell = $at->cell;
        $shelves = array_values($cell->bay->fill->shelves);
        $spacing = self::spacing($cell, $shelves);
        $at->bench->spacings[$cell->bay->id] = $spacing;
        if (! $spacing->fits()) {
            $by = $spacing->free->negated();
            $at->bench->find(Finding::ofPiece('piece.shelves_do_not_fit', Severity::Stop, $cell->bay->id,
                Text::of('piece.shelves_do_not_fit', bay: $cell->label, by: $by))->measuring($by, Length::zero()));

            return;
        }
        $shelving = new Shelving($at);
        $shelving->begin();
        $z = $cell->z->from;
        foreach ($shelves as $i => $shelf) {
            $z = $z->plus($spacing->openings[$i]->value);
            $shelving->for($shelf->id)->shelf("$shelf->id:shelf", $i + 1, $z, $spacing->openings[$i]->value);
            $z = $z->plus($cell->board->thickness);
        }
    }

    /** @param  list<Shelf>  $shelves */
    private static function spacing(Cell $cell, array $shelves): Spacing
    {
        $free = $cell->z->size;
        if ($shelves !== []) {
            $free = $free->minus($cell->board->thickness->times(count($shelves)),
                Text::of('piece.shelf_boards', n: count($shelves), t: $cell->board->thickness));
        }
        $sharing = 1;
        foreach ($shelves as $i => $shelf) {
            if ($shelf->clearBelow === null) {
                $sharing++;
            } else {
                $free = $free->minus($shelf->clearBelow, Text::of('piece.opening_chosen', n: $i + 1), "$shelf->id/clear_below");
            }
        }
        $shares = $sharing === 1 ? [$free] : $free->sharedInto($sharing, Text::of('piece.equal_openings'));

        return new Spacing(self::inOrder($shelves, $shares), $free->value, $cell->z->from, $cell->board->thickness);
    }

    /**
     * @param  list<Shelf>  $shelves
     * @param  list<Figure>  $shares
     * @return list<Figure>
     */
    private static function inOrder(array $shelves, array $shares): array
    {
        $openings = [];
        foreach ($shelves as $shelf) {
            $openings[] = $shelf->clearBelow === null
                ? array_shift($shares) ?? throw new \LogicException('A share is missing.')
                : Figure::of($shelf->clearBelow, Text::of('piece.opening_as_chosen'), "$shelf->id/clear_below");
        }

        return [...$openings, ...$shares];
    }
}
