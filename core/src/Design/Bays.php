<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Design\Fills\FillMakers;
use Incastro\Core\Document\Model\BandKind;
use Incastro\Core\Document\Model\Door;
use Incastro\Core\Document\Model\DoorKind;
use Incastro\Core\Document\Model\FillKind;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Geometry\Slant;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** What one bay holds, and what closes it. */
final readonly class Bays
{
    /** Air between an inset door and what stands behind it. */
    private const BEHIND_DOOR_MM = 2;

    public function __construct(private Bench $bench, private Stuff $stuff, private RunFrame $frame, private ?Slant $under)
    {
    }

    public function make(Cell $cell): void
    {
        $inside = $this->behindDoor($cell, $cell->bay->door);
        $least = $cell->board->thickness->times(3);
        $isEmpty = $cell->bay->bands === [] && in_array($cell->bay->fill->kind, [FillKind::Open, FillKind::DeadCorner], true);
        if (! $isEmpty && $cell->x->value()->isLessThan($least)) {
            $this->bench->find(Finding::ofPiece('piece.bay_narrow', Severity::Stop, $cell->bay->id,
                Text::of('piece.bay_narrow', bay: $cell->label, has: $cell->x->value()))->measuring($cell->x->value(), $least));
        } elseif ($cell->bay->bands !== []) {
            $this->bands($inside);
        } else {
            FillMakers::of($cell->bay->fill->kind)->make(new Workplace($inside, $this->bench, $this->stuff));
        }
        if ($cell->bay->door !== null && $cell->bay->fill->kind->hasFront()) {
            $this->bench->find(Finding::ofPiece('piece.two_fronts', Severity::Stop, $cell->bay->id, Text::of('piece.two_fronts', bay: $cell->label)));
        } elseif ($cell->bay->door !== null) {
            (new Doors($this->bench, $cell, $cell->bay->door))->make();
        }
    }

    /** Less deep by the door and its air, where the door hangs between the boards. */
    private function behindDoor(Cell $cell, ?Door $door): Cell
    {
        $leaves = match (true) {
            $door === null || ($door->kind === DoorKind::Picture && ! $cell->mouth->recessed) => 0,
            $door->kind === DoorKind::Picture => 1,
            $door->kind === DoorKind::Sliding => 2,
            ($door->is->choice('hang') === 'inset' || $cell->mouth->recessed) && ! $cell->mouth->framed => 1,
            default => 0,
        };
        if ($leaves === 0) {
            return $cell;
        }
        $by = $cell->board->thickness->times($leaves)->plus(Length::fromMillimetres(self::BEHIND_DOOR_MM * ($leaves + 1)));
        if (! $cell->y->value()->isGreaterThan($by)) {
            return $cell;
        }

        return new Cell($cell->bay, $cell->label, $cell->x, $cell->y->beforeLast($by, Text::of('piece.behind_door')), $cell->z, $cell->by, $cell->methods,
            $cell->board, $cell->back, $cell->mouth, $cell->least, $cell->floor);
    }

    /** Bands again, between the uprights of the bay: heights chosen stand, the others share what is left. */
    private function bands(Cell $cell): void
    {
        $bands = array_values($cell->bay->bands);
        $t = $cell->board->thickness;
        $rest = count($bands) === 1 ? $cell->z->size
            : $cell->z->size->minus($t->times(count($bands) - 1), Text::of('piece.boards_between', n: count($bands) - 1, t: $t));
        $sharing = 0;
        foreach ($bands as $i => $band) {
            if ($band->height === null) {
                $sharing++;
            } else {
                $rest = $rest->minus($band->height, Text::of('piece.band_chosen', n: $i + 1), "$band->id/height");
            }
        }
        $shares = match ($sharing) {
            0 => [],
            1 => [$rest],
            default => $rest->sharedInto($sharing, Text::of('piece.bands_share')),
        };
        $least = Length::fromMillimetres(20);
        if ($rest->value->isNegative() || ($sharing > 0 && $rest->value->isLessThan($least->times($sharing)))) {
            $this->bench->find(Finding::ofPiece('piece.bands_do_not_fit', Severity::Stop, $cell->bay->id,
                Text::of('piece.bands_do_not_fit', by: $least->times(max(1, $sharing))->minus($rest->value)))->measuring($rest->value, Length::zero()));

            return;
        }
        $rows = [];
        foreach ($bands as $i => $band) {
            $clear = $band->height === null ? array_shift($shares) : Figure::of($band->height, Text::of('piece.height_of_band_chosen'), "$band->id/height");
            // Something must end under the board above: the last band takes what is left.
            $clear = $sharing === 0 && $i === count($bands) - 1 && $rest->value->isPositive()
                ? $clear?->plus($rest->value, Text::of('piece.takes_the_rest')) : $clear;
            $rows[] = new Row($band, count($bands) === 1 ? '' : chr(97 + $i), $clear ?? Figure::of($least, Text::of('piece.none')));
        }
        $rows = array_values(array_filter($rows, fn (Row $r): bool => $r->band->bays !== [] || $r->band->kind === BandKind::Gap));
        (new Rows($this->bench, $this->stuff, $this->frame, $this->under))
            ->make(new Opening($cell->x, 0, $cell->y, $cell->z->from, $cell->by, $cell->floor, null, "{$cell->label}·", [],
                $cell->mouth->framed || $cell->mouth->recessed || $cell->bay->door !== null), $rows);
    }
}
