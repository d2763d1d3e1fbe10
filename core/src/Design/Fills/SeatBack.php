<?php

declare(strict_types=1);

namespace Incastro\Core\Design\Fills;

use Incastro\Core\Design\Joint;
use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Design\Workplace;
use Incastro\Core\Document\Model\Fill;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Geometry\Prism;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Rounding;
use Incastro\Core\Measure\Text;

/** A back to lean on: a sloping board on a rib at each end, its long edges bevelled by the angle it leans. */
final class SeatBack implements FillMaker
{
    /** How far out of its wall its foot comes, where its board is so thick. */
    public static function foot(Fill $fill, Length $thickness): Length
    {
        [$out, $thick] = self::reach($fill, $thickness);

        return $out->plus($thick);
    }

    /** @return array{Length, Length} how far its foot is further out than its head, and how much of that way its board takes */
    private static function reach(Fill $fill, Length $thickness): array
    {
        $lean = tan(deg2rad($fill->is->count('lean')));

        return [Length::ofUnits(Rounding::Up->apply($fill->is->length('height')->units * $lean)),
            Length::ofUnits(Rounding::Up->apply($thickness->units * hypot(1.0, $lean)))];
    }

    public function make(Workplace $at): void
    {
        $cell = $at->cell;
        $is = $cell->bay->fill->is;
        $t = $cell->board->thickness;
        $height = $is->length('height');
        [$out, $thick] = self::reach($cell->bay->fill, $t);
        if ($height->isGreaterThan($cell->least) || $out->plus($thick)->isGreaterThan($cell->y->value())) {
            $at->cannot('piece.seat_back_too_large', Length::least($cell->least, $cell->y->value()), Length::greatest($height, $out->plus($thick)));

            return;
        }
        [$y, $z] = [$cell->y->from, $cell->z->from];
        [$top, $foot] = [$z->plus($height), $y->plus($out)];
        $solid = new Prism(Axis::X, [new Point($foot, $z), new Point($foot->plus($thick), $z), new Point($y->plus($thick), $top), new Point($y, $top)],
            $cell->x->from, $cell->x->to());
        $slant = Length::ofUnits(Rounding::Up->apply(hypot($height->units, $out->units)));
        $at->bench->put(new Panel("{$cell->bay->id}:seat_back", $at->bench->piece, Role::Board,
            Text::of('part.seat_back', lean: $is->count('lean'), bay: $cell->label), $cell->board->material,
            $cell->x->size, Figure::of($slant, Text::of('piece.leaning_width', height: $height, out: $out), null, false),
            $solid, Axis::X, Axis::Y, ['top'], bay: $cell->bay->id));
        if ($out->isLessThan(Length::fromMillimetres(30))) {
            return;
        }
        $free = 0;
        foreach (['left' => $cell->x->from, 'right' => $cell->x->to()->minus($t)] as $side => $x) {
            $rib = new Prism(Axis::X, [new Point($y, $z), new Point($foot, $z), new Point($y, $top)], $x, $x->plus($t));
            $at->bench->put(new Panel("{$cell->bay->id}:seat_rib_$side", $at->bench->piece,
                Role::Board, Text::of("part.seat_rib_$side", bay: $cell->label), $cell->board->material,
                Figure::of($height, Text::of('piece.rib_height')),
                Figure::of($out, Text::of('piece.rib_foot'), null, false), $rib, Axis::Z, Axis::X, bay: $cell->bay->id));
            $ribId = "{$cell->bay->id}:seat_rib_$side";
            $at->bench->lay(new Joint("{$cell->bay->id}:seat_back", $ribId, JointKind::Raking, Axis::Y, Length::zero(), Length::zero()));
            $upright = $side === 'left' ? $cell->by->left : $cell->by->right;
            $at->bench->join($ribId, $upright, JointKind::Screws, Axis::X);
            $free += $upright === null ? 1 : 0;
        }
        // A rib beside no upright: to what it stands on, and to the wall.
        $at->need('seat_bracket', 2 * $free);
    }
}
