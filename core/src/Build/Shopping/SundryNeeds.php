<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Shopping;

use Incastro\Core\Design\Panel;
use Incastro\Core\Document\Model\FinishKind;
use Incastro\Core\Document\Model\MadeOf;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Fit\Support;
use Incastro\Core\Measure\Amount;
use Incastro\Core\Measure\Text;

/** What is used up on the way. */
final class SundryNeeds
{
    /** @return list<Need> */
    public static function of(PlacedPiece $built): array
    {
        $shims = array_sum(array_map(fn (Support $s): int => count($s->packs()), $built->fit->supports));
        $isDusty = array_filter($built->fit->panels, fn (Panel $p): bool => ! $p->bought
            && $built->project->stock[$p->material]->madeOf === MadeOf::Fibreboard) !== [];

        return [
            ...($shims === 0 ? [] : [new Need(PurchaseGroup::Consumables, 'shim', Text::of('buy.shim'),
                Amount::each($shims), [Text::of('buy.sum_shims', n: $shims, piece: $built->piece->name)], [20.0])]),
            new Need(PurchaseGroup::Consumables, 'mask', Text::of($isDusty ? 'buy.mask_fine' : 'buy.mask'),
                Amount::each(1), [Text::of('buy.sum_mask', piece: $built->piece->name)], [1.0]),
            ...($built->piece->finish->kind === FinishKind::None ? []
                : [new Need(PurchaseGroup::Consumables, 'roller', Text::of('buy.roller'),
                    Amount::each(1), [Text::of('buy.sum_roller', piece: $built->piece->name)])]),
        ];
    }
}
