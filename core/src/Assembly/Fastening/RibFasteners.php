<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Fastening;

use Incastro\Core\Assembly\Contact;
use Incastro\Core\Assembly\Screws;
use Incastro\Core\Design\JointLine;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Measure\Length;

/** Screws through a sloping board into a rib that runs out upwards: two in its lower half, each no longer than stays in it there. */
final class RibFasteners
{
    /** Of the height of the rib. */
    private const PARTS = [0.15, 0.45];

    /**
     * @param  string  $from  the sloping board
     * @return list<Fastener> none where the rib is too thin to bite
     */
    public static function of(PlacedPiece $built, Screws $sold, Contact $contact, string $from): array
    {
        [$board, $rib] = [$built->panels[$from], $built->panels[$contact->other($from)]];
        $line = JointLine::over($contact->axis(), $contact->block());
        $thick = $built->project->stock[$board->material]->thickness ?? $board->thickness();
        $upward = $contact->runsUpFrom($from);
        $found = [];
        foreach (self::PARTS as $part) {
            $behind = Length::ofUnits((int) ($rib->block->extent($line->axis)->units * (1 - $part)));
            $length = $sold->through($thick, $behind);
            $isShort = $length->minus($thick)->isLessThan(Length::fromMillimetres(DrivenFasteners::BITE_MM));
            if (! $isShort && ! $length->isGreaterThan(Screws::mostIn($thick->plus($behind)))) {
                $head = self::plane($contact, $line->axis, $upward ? $part : 1 - $part)->plus($upward ? $thick->negated() : $thick);
                $at = (new Place3($head, $head, $head))->with($line->along, $line->from->plus(Length::ofUnits((int) ($line->length->units * $part))))
                    ->with($line->across, $line->middle);
                $found[] = Fastener::driven(FastenerKind::Screw, [$from, $rib->id], $length, new Drill($at, $line->axis, $upward));
            }
        }

        return $found;
    }

    /** Where the two meet at a part of the slope. */
    private static function plane(Contact $contact, Axis $axis, float $part): Length
    {
        return $contact->block()->from($axis)->plus(Length::ofUnits((int) ($contact->block()->extent($axis)->units * $part)));
    }
}
