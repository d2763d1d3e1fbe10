<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Shopping;

use Incastro\Core\Document\Model\FinishKind;
use Incastro\Core\Document\Model\FinishWhen;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Amount;
use Incastro\Core\Measure\AmountUnit;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Measure\Unit;

/** Wood glue by the area of the joints that are glued, and tape over them where they are finished first. */
final class GlueNeeds
{
    /** kg for a square metre of joint, both faces: what makers of white glue usually state. */
    private const KG_PER_M2 = 0.2;

    /** @return list<Need> */
    public static function of(PlacedPiece $built, Unit $sold): array
    {
        $joints = $built->gluedJoints();
        if ($joints === []) {
            return [];
        }
        $m2 = array_sum(array_map(fn (array $j): float => $j[1]->length->units * $j[1]->breadth->units / Length::PER_MM ** 2 / 1e6, $joints));
        $area = new Amount($m2, AmountUnit::SquareMetre);
        $needs = [new Need(PurchaseGroup::Glue, 'glue', Text::of('buy.glue'), new Amount($m2 * self::KG_PER_M2, AmountUnit::Kilogram),
            [Text::of('buy.sum_glue', n: count($joints), area: $area, rate: new Amount(self::KG_PER_M2, AmountUnit::Kilogram), piece: $built->piece->name)],
            $sold === Unit::Inch ? [0.227, 0.454] : [0.25, 0.5, 1.0], 20)];
        if ($built->piece->finish->kind === FinishKind::None || $built->project->make->finish === FinishWhen::After) {
            return $needs;
        }
        $tape = array_reduce($joints, fn (Length $sum, array $j): Length => $sum->plus($j[1]->length->times(2)), Length::zero());

        return [...$needs, new Need(PurchaseGroup::Consumables, 'masking_tape', Text::of('buy.masking_tape'), Amount::metres($tape),
            [Text::of('buy.sum_tape', metres: Amount::metres($tape), piece: $built->piece->name)], [50.0], 5)];
    }
}
