<?php

declare(strict_types=1);

namespace Incastro\Core\Draw;

use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Taken;
use Incastro\Core\Document\Piece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Geometry\View;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** A part that is no rectangle, or has something cut through it, at full size: every corner by its distances from the left and the lower edge. */
final class PartTemplate
{
    public static function isWorthIt(Panel $panel): bool
    {
        $isOdd = ! $panel->solid->isBlock() && $panel->solid->axis === $panel->inHouse($panel->thin);

        return $isOdd || self::throughs($panel) !== [];
    }

    public static function of(Piece $piece, Panel $panel): Template
    {
        $view = match ($panel->inHouse($panel->thin)) {
            Axis::X => View::Side,
            Axis::Y => View::Front,
            Axis::Z => View::Top,
        };
        $template = new Template($piece->id, Text::of('template.part', piece: $piece->name, part: $panel->name), Text::of("template.seen_{$view->value}"), null, null);
        $corners = $panel->block->outlineIn($view);
        $origin = new Point(self::least($corners, 'across'), self::least($corners, 'up'));
        $place = fn (Point $p): Point => new Point($p->across->minus($origin->across), $p->up->minus($origin->up));
        $outline = array_map($place, $panel->solid->outlineIn($view));
        $template->line('cut', $outline, true);
        foreach (self::throughs($panel) as $taken) {
            $hole = array_map($place, Layer::hole($taken, $view));
            $template->line('cut', $hole, true);
            self::corners($template, array_map($place, $taken->block->outlineIn($view)));
        }
        self::corners($template, $outline);

        return $template;
    }

    /** @param  list<Point>  $points */
    private static function corners(Template $template, array $points): void
    {
        foreach ($points as $p) {
            $template->mark($p, Text::of('template.corner', across: $p->across, up: $p->up));
        }
    }

    /** @return list<Taken> */
    private static function throughs(Panel $panel): array
    {
        return array_values(array_filter($panel->taken, fn (Taken $t): bool => $t->kind->isSeenThrough()));
    }

    /** @param  list<Point>  $points */
    private static function least(array $points, string $axis): Length
    {
        $all = array_map(fn (Point $p): Length => $axis === 'up' ? $p->up : $p->across, $points);

        return Length::least(...($all ?: throw new \LogicException('A solid without an outline.')));
    }
}
