<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Steps;

use Incastro\Core\Assembly\Fastening\Bore;
use Incastro\Core\Assembly\Fastening\BoreKind;
use Incastro\Core\Assembly\Fastening\Fastener;
use Incastro\Core\Assembly\Fastening\FastenerKind;
use Incastro\Core\Assembly\Screws;
use Incastro\Core\Build\Squared;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Fit\Units\Unit;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** What is set, drilled and driven, in lines. */
final class Numbers
{
    /**
     * Screws, pockets and dowels: by length where their holes are drilled, else where each goes.
     *
     * @param  list<Fastener>  $fasteners
     * @return list<Text>
     */
    public static function fasteners(PlacedPiece $built, array $fasteners): array
    {
        return [...self::drilled(array_values(array_filter($fasteners, fn (Fastener $f): bool => $f->isDrilled()))),
            ...DrivenNumbers::of($built, array_values(array_filter($fasteners, fn (Fastener $f): bool => ! $f->isDrilled())))];
    }

    /**
     * @param  list<Fastener>  $fasteners
     * @return list<Text>
     */
    private static function drilled(array $fasteners): array
    {
        $counts = [];
        foreach ($fasteners as $fastener) {
            // Of a screw through a board the hole in the other says what it needs; of a dowel both do.
            foreach (match ($fastener->kind) {
                FastenerKind::Screw => [$fastener->bores[1]], FastenerKind::PocketScrew => [$fastener->bores[0]], default => $fastener->bores,
            } as $bore) {
                $key = $bore->kind->value.' '.($bore->screw->units ?? 0).' '.($bore->depth->units ?? 0);
                $counts[$key] = [$bore, 1 + ($counts[$key][1] ?? 0)];
            }
        }
        $lines = [];
        foreach ($counts as [$bore, $n]) {
            $lines[] = match ($bore->kind) {
                BoreKind::Pilot => Text::of('number.screws', n: $n, screw: $bore->screw ?? Length::zero(),
                    clear: Length::fromMillimetres(Screws::CLEARANCE_MM), pilot: $bore->diameter, depth: $bore->depth ?? Length::zero()),
                BoreKind::Pocket => Text::of('number.pockets', n: $n, screw: $bore->screw ?? Length::zero()),
                default => Text::of('number.dowels', n: $n, diameter: $bore->diameter, depth: $bore->depth ?? Length::zero()),
            };
        }

        return $lines;
    }

    /**
     * Every hole that is drilled at the bench, by size.
     *
     * @param  list<Bore>  $bores
     * @return list<Text>
     */
    public static function holes(array $bores): array
    {
        $counts = [];
        foreach ($bores as $bore) {
            $key = $bore->kind->value." {$bore->diameter->units} ".($bore->depth->units ?? 0);
            $counts[$key] = [$bore, 1 + ($counts[$key][1] ?? 0)];
        }

        return array_values(array_map(fn (array $c): Text => $c[0]->depth === null
            ? Text::of('number.holes_through', n: $c[1], what: Text::of("bore.{$c[0]->kind->value}"), diameter: $c[0]->diameter)
            : Text::of('number.holes', n: $c[1], what: Text::of("bore.{$c[0]->kind->value}"), diameter: $c[0]->diameter, depth: $c[0]->depth), $counts));
    }

    /**
     * How an assembly is proved square: its diagonals, and how far a corner is pushed for each millimetre they are off
     * (fieldbook §3: racking (d1² − d2²)/4w, which is δ·d/2w for a small difference δ). Nothing where it has no four corners.
     *
     * @return list<Text>
     */
    public static function square(Unit $unit): array
    {
        $squared = Squared::of($unit);
        if ($squared === null) {
            return [];
        }
        $push = Length::nearestTenth($squared->rising->units / 2 / max(1, $squared->width->units));
        $sizes = ['width' => $squared->width, 'height' => $squared->left];

        return [$squared->isRectangle() ? Text::of('number.outside', ...$sizes, diagonal: $squared->rising)
            : Text::of('number.outside_uneven', width: $squared->width, left: $squared->left, right: $squared->right,
                rising: $squared->rising, falling: $squared->falling),
            Text::of('number.push', push: $push, one: Length::fromMillimetres(1))];
    }

    /** @return list<Text> that it is so */
    public static function squareCheck(Unit $unit): array
    {
        $squared = Squared::of($unit);

        return $squared === null ? [Text::of('check.square_corners')] : [Text::of($squared->isRectangle() ? 'check.diagonals' : 'check.diagonals_uneven')];
    }

    /**
     * Spacers between fixed boards: each clear opening of the bays that the panels stand in.
     *
     * @param  list<string>  $bays
     * @return list<Text>
     */
    public static function spacers(PlacedPiece $built, array $bays): array
    {
        $lines = [];
        foreach ($built->design->spacings as $bay => $spacing) {
            if (in_array((string) $bay, $bays, true)) {
                foreach ($spacing->openings as $i => $opening) {
                    $lines[] = Text::of('number.spacer', bay: $built->design->cells[$bay]->label, n: $i + 1, length: $opening->value);
                }
            }
        }

        return $lines;
    }
}
