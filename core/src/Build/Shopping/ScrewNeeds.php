<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Shopping;

use Incastro\Core\Assembly\Fastening\Fastened;
use Incastro\Core\Assembly\Fastening\Fastener;
use Incastro\Core\Assembly\Fastening\FastenerKind;
use Incastro\Core\Assembly\Fittings\Fitting;
use Incastro\Core\Assembly\Screws;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Amount;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Measure\Unit;

/**
 * Screws, nails and dowels, as many as are driven. A screw is as long as the stack it goes through allows
 * (Screws); another length serves where it still bites and stays in every stack it goes into.
 */
final readonly class ScrewNeeds
{
    private const PACKS = [50.0, 100.0, 200.0];

    private const SPARE = 10;

    private const SCREWS = [FastenerKind::Screw, FastenerKind::PocketScrew, FastenerKind::BackScrew, FastenerKind::Nail];

    /** Less bite than this holds nothing: our own figure, two and a half times a 4 mm screw. */
    private const LEAST_BITE_MM = 10;

    /** @param  list<Fitting>  $fittings */
    public function __construct(private Unit $sold, private Fastened $fastened, private array $fittings)
    {
    }

    /** @return list<Need> */
    public function of(PlacedPiece $built): array
    {
        $screws = array_map(fn (FastenerKind $k): array => $this->screws($built, $k), self::SCREWS);

        return [...array_merge(...$screws), ...$this->dowels($built), ...$this->plates($built)];
    }

    /** @return list<Need> */
    private function screws(PlacedPiece $built, FastenerKind $kind): array
    {
        $byLength = [];
        foreach ($this->fastened->of($kind) as $screw) {
            $byLength[$screw->length->units ?? 0][] = $screw;
        }
        ksort($byLength);

        return array_map(fn (int $units, array $screws): Need => $this->need($built, Length::ofUnits($units), $screws), array_keys($byLength), $byLength);
    }

    /** @param  non-empty-list<Fastener>  $all  alike */
    private function need(PlacedPiece $built, Length $length, array $all): Need
    {
        $name = match ($all[0]->kind) {
            FastenerKind::PocketScrew => 'buy.pocket_screw', FastenerKind::BackScrew => 'buy.back_screw',
            FastenerKind::Nail => 'buy.nail', default => 'buy.screw',
        };
        [$thin, $thick] = [Length::least(...array_map(fn (Fastener $f): Length => self::through($built, $f), $all)),
            Length::greatest(...array_map(fn (Fastener $f): Length => self::through($built, $f), $all))];

        return new Need(PurchaseGroup::Screws, "$name $length->units", Text::of($name, length: $length), Amount::each(count($all)),
            [Text::of($thin->equals($thick) ? 'buy.sum_screws' : 'buy.sum_screws_between',
                n: count($all), board: $thin, thickest: $thick, piece: $built->piece->name)],
            self::PACKS, self::SPARE, $all[0]->kind === FastenerKind::Nail ? [] : $this->others($built, $length, $all));
    }

    /** The board the screw goes through first. */
    private static function through(PlacedPiece $built, Fastener $screw): Length
    {
        return $built->panels[$screw->from]->thickness();
    }

    /** The board it bites into, along the screw. */
    private static function into(PlacedPiece $built, Fastener $screw): Length
    {
        return $built->panels[$screw->into ?? '']->block->extent($screw->drive->into);
    }

    /**
     * @param  non-empty-list<Fastener>  $all  alike
     * @return list<Text>
     */
    private function others(PlacedPiece $built, Length $length, array $all): array
    {
        $screws = new Screws($this->sold);
        $sold = $all[0]->kind === FastenerKind::PocketScrew ? $screws->pocketLengths() : $screws->lengths();
        $most = Length::least(...array_map(fn (Fastener $f): Length => Screws::mostIn(self::through($built, $f)->plus(self::into($built, $f))), $all));
        $through = array_map(fn (Fastener $f): Length => self::through($built, $f), $all);
        $least = Length::greatest(...$through)->plus(Length::fromMillimetres(self::LEAST_BITE_MM));
        $shorter = array_values(array_filter($sold, fn (Length $l): bool => $l->isLessThan($length) && ! $l->isLessThan($least)));
        $longer = array_values(array_filter($sold, fn (Length $l): bool => $l->isGreaterThan($length)));

        return [
            ...($shorter === [] ? [] : [Text::of('buy.screw_shorter', length: Length::greatest(...$shorter))]),
            ...($longer === [] ? [] : [$longer[0]->isGreaterThan($most)
                ? Text::of('buy.screw_too_long', length: $longer[0], most: $most) : Text::of('buy.screw_longer', length: $longer[0])]),
        ];
    }

    /** @return list<Need> what holds castors, hooks and the like that come without screws */
    private function plates(PlacedPiece $built): array
    {
        $n = array_sum(array_map(fn (Fitting $f): int => $f->count * $f->screws, $this->fittings));
        $length = Fitting::screw($this->sold);

        return $n === 0 ? [] : [new Need(PurchaseGroup::Screws, "buy.plate_screw $length->units", Text::of('buy.plate_screw', length: $length),
            Amount::each($n), [Text::of('buy.sum_hardware', n: $n, piece: $built->piece->name)], self::PACKS, self::SPARE)];
    }

    /** @return list<Need> each goes into two boards */
    private function dowels(PlacedPiece $built): array
    {
        $counts = [];
        foreach ($this->fastened->of(FastenerKind::Dowel) as $dowel) {
            $counts[$dowel->bores[0]->diameter->units] = ($counts[$dowel->bores[0]->diameter->units] ?? 0) + 1;
        }

        return array_map(
            fn (int $units, int $n): Need => new Need(PurchaseGroup::Screws, "dowel $units",
                Text::of('buy.dowel', diameter: Length::ofUnits($units)), Amount::each($n),
                [Text::of('buy.sum_dowels', holes: 2 * $n, n: $n, piece: $built->piece->name)], self::PACKS, self::SPARE),
            array_keys($counts), $counts);
    }
}
