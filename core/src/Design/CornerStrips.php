<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Model\Side;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * In a corner one run stops before the other's front, so that doors and drawers clear. The slot between them is closed by a
 * strip at the end of the box that stops, as high as both runs have boxes and as wide as the first board in its way lets it.
 */
final readonly class CornerStrips
{
    private const LEAST_MM = 12;

    public function __construct(private Bench $bench, private RunFrame $frame, private Side $end, private Figure $room)
    {
    }

    /**
     * @param  list<CaseFront>  $stopping
     * @param  list<CaseFront>  $through
     * @param  list<string>  $inTheWay  the boards of the run that goes through, turned into the room
     * @return list<string> the strips, in the frame of the run that stops
     */
    public function make(array $stopping, array $through, array $inTheWay): array
    {
        $made = [];
        foreach ($stopping as $box) {
            $z = $this->both($box->z, array_map(fn (CaseFront $f): Span => $f->z, $through));
            $side = "$box->id:side_{$this->end->value}";
            if ($z === null || ! isset($this->bench->panels[$side])) {
                continue;
            }
            $width = $this->width($box, $z, $inTheWay);
            if ($width->isLessThan(Length::fromMillimetres(self::LEAST_MM))) {
                continue;
            }
            $x = $width->isLessThan($this->room->value)
                ? new Span($this->from($box, $width),
                    $this->room->minus($this->room->value->minus($width), Text::of('piece.stands_out_there'))->named(Text::of('piece.corner_strip')))
                : new Span($this->from($box, $width), $this->room);
            $this->bench->join($this->strip($box, $x, $z)->id, $side, JointKind::ofFiller($width), Axis::X);
            $made[] = "$box->id:corner_strip_{$this->end->value}";
        }

        return $made;
    }

    private function from(CaseFront $box, Length $width): Length
    {
        return $this->end === Side::Left ? $box->x->from->minus($width) : $box->x->to();
    }

    private function strip(CaseFront $box, Span $x, Span $z): Panel
    {
        return Maker::at($this->bench, $box->board)->hung($this->end)->face(new Named("$box->id:corner_strip_{$this->end->value}", Role::CornerFiller,
            PartName::in(Text::of('part.corner_strip'), $box->label)), $x, $box->y->minus($box->board->thickness), $z);
    }

    /**
     * How high both runs have boxes.
     *
     * @param  list<Span>  $others
     */
    private function both(Span $own, array $others): ?Span
    {
        if ($others === []) {
            return null;
        }
        $from = Length::greatest($own->from, Length::least(...array_map(fn (Span $s): Length => $s->from, $others)));
        $to = Length::least($own->to(), Length::greatest(...array_map(fn (Span $s): Length => $s->to(), $others)));
        if ($from->equals($own->from) && $to->equals($own->to())) {
            return $own;
        }

        return $to->minus($from)->isLessThan(Length::fromMillimetres(50)) ? null : Span::of($from, $to->minus($from), Text::of('piece.both_runs'));
    }

    /** @param  list<string>  $inTheWay */
    private function width(CaseFront $box, Span $z, array $inTheWay): Length
    {
        $t = $box->board->thickness;
        $whole = $this->frame->turn->block(new Block(new Place3($this->from($box, $this->room->value), $box->y->minus($t), $z->from),
            new Place3($this->room->value, $t, $z->value())));
        $along = $this->frame->turn->isNone() ? 'x' : 'y';
        // Along a side wall the corner is always at the low end of y.
        $isLow = $along === 'y' || $this->end === Side::Left;
        $width = $this->room->value;
        foreach ($inTheWay as $id) {
            $common = Bench::common($whole, $this->bench->panels[$id]->block);
            if ($common !== null) {
                $before = $common->corner->$along->minus($whole->corner->$along);
                $width = Length::least($width, $isLow ? $this->room->value->minus($before)->minus($common->size->$along) : $before);
            }
        }

        return $width;
    }
}
