<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Shopping;

use Incastro\Core\Assembly\Screws;
use Incastro\Core\Cut\Machining\Bore;
use Incastro\Core\Cut\Machining\Bored;
use Incastro\Core\Cut\Machining\BoreKind;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Amount;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Measure\Unit;

/**
 * Screws and dowels, one for each hole that is drilled for one. A screw is as long as the stack it goes through allows
 * (Screws); another length serves where it still bites and stays in every stack it goes into.
 */
final readonly class ScrewNeeds
{
    private const PACKS = [50.0, 100.0, 200.0];

    private const SPARE = 10;

    /** Less bite than this holds nothing: our own figure, two and a half times a 4 mm screw. */
    private const LEAST_BITE_MM = 10;

    public function __construct(private Unit $sold, private Bored $bored)
    {
    }

    /** @return list<Need> */
    public function of(PlacedPiece $built): array
    {
        return [...$this->screws($built, BoreKind::Clearance), ...$this->screws($built, BoreKind::PocketPoint), ...$this->dowels($built)];
    }

    /** @return list<Need> */
    private function screws(PlacedPiece $built, BoreKind $kind): array
    {
        $byLength = [];
        foreach ($this->bored->of($kind) as $bore) {
            if ($bore->screw !== null) {
                $byLength[$bore->screw->units][] = $bore;
            }
        }
        ksort($byLength);

        return array_map(fn (int $units, array $bores): Need => $this->need($built, $kind, Length::ofUnits($units), $bores), array_keys($byLength), $byLength);
    }

    /** @param  non-empty-list<Bore>  $bores */
    private function need(PlacedPiece $built, BoreKind $kind, Length $length, array $bores): Need
    {
        $name = $kind === BoreKind::PocketPoint ? 'buy.pocket_screw' : 'buy.screw';
        [$thin, $thick] = [Length::least(...array_map(fn (Bore $b): Length => self::through($built, $b), $bores)),
            Length::greatest(...array_map(fn (Bore $b): Length => self::through($built, $b), $bores))];

        return new Need(PurchaseGroup::Screws, "$name $length->units", Text::of($name, length: $length), Amount::each(count($bores)),
            [Text::of($thin->equals($thick) ? 'buy.sum_screws' : 'buy.sum_screws_between',
                n: count($bores), board: $thin, thickest: $thick, piece: $built->piece->name)],
            self::PACKS, self::SPARE, $this->others($built, $kind, $length, $bores));
    }

    /** The board the screw goes through first. */
    private static function through(PlacedPiece $built, Bore $bore): Length
    {
        $board = $bore->kind === BoreKind::PocketPoint ? ($bore->with ?? $bore->part) : $bore->part;

        return $built->panels[$board]->thickness();
    }

    /** The board it bites into, along the screw. */
    private static function into(PlacedPiece $built, Bore $bore): Length
    {
        $board = $bore->kind === BoreKind::PocketPoint ? $bore->part : ($bore->with ?? $bore->part);

        return $built->panels[$board]->block->size->{$bore->into->value};
    }

    /**
     * @param  non-empty-list<Bore>  $bores
     * @return list<Text>
     */
    private function others(PlacedPiece $built, BoreKind $kind, Length $length, array $bores): array
    {
        $screws = new Screws($this->sold);
        $sold = $kind === BoreKind::PocketPoint ? $screws->pocketLengths() : $screws->lengths();
        $most = Length::least(...array_map(fn (Bore $b): Length => Screws::mostIn(self::through($built, $b)->plus(self::into($built, $b))), $bores));
        $least = Length::greatest(...array_map(fn (Bore $b): Length => self::through($built, $b)->plus(Length::fromMillimetres(self::LEAST_BITE_MM)), $bores));
        $shorter = array_values(array_filter($sold, fn (Length $l): bool => $l->isLessThan($length) && ! $l->isLessThan($least)));
        $longer = array_values(array_filter($sold, fn (Length $l): bool => $l->isGreaterThan($length)));

        return [
            ...($shorter === [] ? [] : [Text::of('buy.screw_shorter', length: Length::greatest(...$shorter))]),
            ...($longer === [] ? [] : [$longer[0]->isGreaterThan($most)
                ? Text::of('buy.screw_too_long', length: $longer[0], most: $most) : Text::of('buy.screw_longer', length: $longer[0])]),
        ];
    }

    /** @return list<Need> each goes into two boards, so half of the holes */
    private function dowels(PlacedPiece $built): array
    {
        $counts = [];
        foreach ($this->bored->of(BoreKind::Dowel) as $bore) {
            $counts[$bore->diameter->units] = ($counts[$bore->diameter->units] ?? 0) + 1;
        }

        return array_map(
            fn (int $units, int $holes): Need => new Need(PurchaseGroup::Screws, "dowel $units",
                Text::of('buy.dowel', diameter: Length::ofUnits($units)), Amount::each(intdiv($holes, 2)),
                [Text::of('buy.sum_dowels', holes: $holes, n: intdiv($holes, 2), piece: $built->piece->name)], self::PACKS, self::SPARE),
            array_keys($counts), $counts);
    }
}
