<?php

declare(strict_types=1);

namespace Incastro\Core\Draw;

use Incastro\Core\Design\Panel;
use Incastro\Core\Design\PanelOutline;
use Incastro\Core\Design\Taken;
use Incastro\Core\Design\TakenKind;
use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Measure\Text;

/** A part that is no rectangle, or has something cut through it, at full size: every corner by its distances from the left and the lower edge. */
final class PartTemplate
{
    /** Of a round hole where it is drawn as a polygon: within 0.02 mm for one of 60. */
    private const SIDES = 96;

    public static function isWorthIt(Panel $panel): bool
    {
        $isOdd = ! $panel->solid->isBlock() && $panel->solid->axis === $panel->inHouse($panel->thin);

        return ($isOdd || self::throughs($panel) !== []) && (new PanelOutline($panel))->region->loops !== [];
    }

    /** @param  Piece|null  $piece  null for a board that belongs to none */
    public static function of(?Piece $piece, Panel $panel): Template
    {
        $outline = new PanelOutline($panel);
        $template = new Template($piece->id ?? '', $piece === null ? $panel->name : Text::of('template.part', piece: $piece->name, part: $panel->name),
            Text::of("template.seen_{$outline->view->value}"), null, null);
        foreach ($outline->loops() as $loop) {
            $template->line('cut', $loop, true);
            self::corners($template, $loop);
        }
        foreach (self::throughs($panel) as $taken) {
            if ($taken->kind === TakenKind::RoundCutOut) {
                $template->hole('cut', array_map($outline->fromOrigin(...), Layer::hole($taken, $outline->view, self::SIDES)));
                self::corners($template, array_map($outline->fromOrigin(...), $taken->block->outlineIn($outline->view)));
            }
        }

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
}
