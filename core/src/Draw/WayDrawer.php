<?php

declare(strict_types=1);

namespace Incastro\Core\Draw;

use Incastro\Core\Geometry\Point;
use Incastro\Core\Geometry\View;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\RoomOutline;
use Incastro\Core\Survey\WayIn;

/** The way in as a row of openings at one scale, in the order they are walked through. */
final readonly class WayDrawer
{
    private const BETWEEN_MM = 340;

    private const OVER_MM = 220;

    public function front(WayIn $way): Drawing
    {
        $drawing = new Drawing(View::Front);
        if ($way->segments === []) {
            return $drawing;
        }
        $x = $between = Length::fromMillimetres(self::BETWEEN_MM);
        $openings = [];
        foreach ($way->segments as $s) {
            $width = $way->clear($s)->value;
            $openings[] = [$x, $x->plus($width), $s];
            $x = $x->plus($width)->plus($between);
        }
        $top = Length::greatest(...array_map(fn (array $o): Length => $o[2]->height, $openings))->plus(Length::fromMillimetres(self::OVER_MM));
        $zero = Length::zero();
        $below = Length::fromMillimetres(-RoomOutline::WALL_MM);
        $drawing->shape('wall', [new Point($zero, $below), new Point($x, $below), new Point($x, $top), new Point($zero, $top)]);
        foreach ($openings as [$from, $to, $s]) {
            $drawing->shape('room', [new Point($from, $zero), new Point($to, $zero), new Point($to, $s->height), new Point($from, $s->height)], "way/$s->id");
            $drawing->dimension(new Dimension('below', 1, new Point($from, $zero), new Point($to, $zero)), $way->clear($s)->value, true, "way/$s->id");
            $drawing->caption(new Point($from, $s->height), new Point($to, $s->height),
                Text::of('way.caption', name: $s->name, height: $s->height), "way/$s->id");
        }

        return $drawing;
    }
}
