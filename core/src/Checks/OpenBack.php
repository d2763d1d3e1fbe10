<?php

declare(strict_types=1);

namespace Incastro\Core\Checks;

use Incastro\Core\Design\Cell;
use Incastro\Core\Document\Model\BackKind;
use Incastro\Core\Document\Model\Whereabouts;
use Incastro\Core\Findings\Fix;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Text;

/** The cure of what is shut in: its bay's back left open. A back let into grooves cannot be left out bay by bay, nor that of a bay within a bay. */
final class OpenBack
{
    /** Keys to a bay of a run: piece, run, band, bay, each by kind and id. */
    private const OUTER = 8;

    public static function of(Cell $cell, PlacedPiece $built): ?Fix
    {
        $path = Whereabouts::ofBay($built->piece, $cell->bay->id);
        $cannot = $path === null || count($path) > self::OUTER || $cell->bay->openBack || $cell->methods->back === BackKind::Captured;

        return $cannot ? null : $built->cure(Text::of('piece.no_cable_way.fix'), $cell->bay->id, ['open_back'], true);
    }
}
