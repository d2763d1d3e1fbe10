<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Shopping;

use Incastro\Core\Assembly\Assembly;
use Incastro\Core\Cut\Cutting;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Document\Model\ShopLine;
use Incastro\Core\Fit\PlacedPiece;

/** Makes the shopping list of a project: all its pieces are bought for together. */
final readonly class Shopper
{
    public function __construct(private Project $project)
    {
    }

    public function list(Assembly $assembly, Cutting $cutting): ShoppingList
    {
        $bought = [];
        foreach ($this->project->log->bought as $fact) {
            $bought[$fact->line][] = $fact;
        }
        $needs = [];
        foreach ([...(new StockNeeds($this->project))->of($cutting),
            ...array_merge(...array_map(fn (PlacedPiece $p): array => [...$this->ofPiece($p, $assembly),
                ...(new WallNeeds($p))->of($assembly->wall($p->piece->id))], array_values($assembly->pieces)), ...[[]])] as $need) {
            if ($need->amount->value <= 0) {
                continue;
            }
            $needs[$need->key] = isset($needs[$need->key]) ? $needs[$need->key]->and($need) : $need;
        }
        $lines = array_map(fn (Need $n): Purchase => new Purchase($n, $this->project->shop->lines[$n->key] ?? new ShopLine, $bought[$n->key] ?? []),
            array_values($needs));
        $order = array_flip(array_column(PurchaseGroup::cases(), 'value'));
        usort($lines, fn (Purchase $a, Purchase $b): int => $order[$a->need->group->value] <=> $order[$b->need->group->value]);
        $others = array_diff_key($bought, $needs);

        return new ShoppingList($this->project->shop, $lines, array_merge(...array_values($others), ...[[]]));
    }

    /** @return list<Need> */
    private function ofPiece(PlacedPiece $built, Assembly $assembly): array
    {
        $fastened = $assembly->fastened($built->piece->id);
        $sold = $this->project->unit;

        return [
            ...HardwareNeeds::of($built),
            ...(new ScrewNeeds($sold, $fastened, $assembly->fittings($built->piece->id)))->of($built),
            ...BandingNeeds::of($built, $sold),
            ...GlueNeeds::of($built, $sold),
            ...AdhesiveNeeds::of($built, $assembly->glued($built->piece->id)),
            ...(new FinishNeeds($built, $sold, $fastened))->of(),
            ...GapNeeds::of($built),
            ...SundryNeeds::of($built),
        ];
    }
}
