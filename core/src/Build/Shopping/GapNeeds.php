<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Shopping;

use Incastro\Core\Build\Caulking;
use Incastro\Core\Document\Model\EdgeKind;
use Incastro\Core\Fit\EdgeFit;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Amount;
use Incastro\Core\Measure\AmountUnit;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * Caulk by the volume of the gaps that are left: neat to 6 mm, as deep as wide; wider over a backer rod and half as deep
 * (fieldbook §2). A painted edge that is scribed takes a bead 3 mm high in its corner.
 */
final class GapNeeds
{
    private const NEAT_MM = 6.0;

    private const BEAD_MM = 3.0;

    private const CARTRIDGE_L = 0.31;

    /** @return list<Need> */
    public static function of(PlacedPiece $built): array
    {
        $litres = 0.0;
        $rod = Length::zero();
        $sum = [];
        foreach (Caulking::edges($built) as $edge) {
            $litres += self::section($edge) * $edge->profile->length()->units / Length::PER_MM / 1e6;
            $sum[] = Text::of('buy.sum_caulk', edge: Text::of("edge.{$edge->name->value}"), length: $edge->profile->length(),
                gap: $edge->kind === EdgeKind::Play ? self::mean($edge) : Length::fromMillimetres(self::BEAD_MM), piece: $built->piece->name);
            $rod = $edge->kind === EdgeKind::Play && self::mean($edge)->isGreaterThan(Length::fromMillimetres(self::NEAT_MM))
                ? $rod->plus($edge->profile->length()) : $rod;
        }

        return [
            ...($litres > 0 ? [new Need(PurchaseGroup::Filling, 'caulk', Text::of('buy.caulk'),
                new Amount($litres, AmountUnit::Litre), $sum, [self::CARTRIDGE_L], 15, note: Text::of('buy.caulk_note'))] : []),
            ...($rod->isPositive() ? [new Need(PurchaseGroup::Filling, 'backer_rod', Text::of('buy.backer_rod'), Amount::metres($rod),
                [Text::of('buy.sum_rod', metres: Amount::metres($rod), piece: $built->piece->name)], [10.0], 5)] : []),
        ];
    }

    /** mm² of caulk across the gap. */
    private static function section(EdgeFit $edge): float
    {
        $gap = self::mean($edge)->units / Length::PER_MM;

        return match (true) {
            $edge->kind !== EdgeKind::Play => self::BEAD_MM ** 2 / 2,
            default => $gap > self::NEAT_MM ? $gap * $gap / 2 : $gap * $gap,
        };
    }

    private static function mean(EdgeFit $edge): Length
    {
        return $edge->least()->plus($edge->greatest())->half();
    }
}
