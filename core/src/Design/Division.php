<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Model\Bay;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\WidthBy;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * The openings of a row of bays. Bays that end at a mark (a bay below, a stud) split the row into stretches; in each the
 * chosen widths are taken off and the rest is shared by weight: (W − (n + 1)·t)/n for equal ones (fieldbook §11).
 */
final class Division
{
    /** @var array<string, Span> by bay */
    public array $openings = [];

    /** What is missing (−) or left over (+) where every width of a stretch is chosen. */
    public Length $over;

    /** @var array<string, true> bays that wanted a mark which is not there */
    public array $lost = [];

    /**
     * @param  array<string, Bay>  $bays
     * @param  Span  $whole  with the two outer boards where they count
     */
    public function __construct(array $bays, private readonly Span $whole, private readonly Uprights $boards, private readonly Marks $marks)
    {
        $t = $boards->thickness;
        $this->over = Length::zero();
        $end = $boards->ends === 2 ? $t : Length::zero();
        [$from, $stretch] = [$whole->from->plus($end), []];
        $last = array_key_last($bays);
        foreach ($bays as $id => $bay) {
            $stretch[$id] = $bay;
            $mark = $this->mark($bay, $from);
            if ($mark !== null || $id === $last) {
                $to = $id === $last ? $whole->to()->minus($end) : ($mark ?? $from);
                $this->stretch($stretch, $from, $to, count($stretch) === count($bays));
                [$from, $stretch] = [$to->plus($t), []];
            }
        }
    }

    public function fits(): bool
    {
        $least = Length::fromMillimetres(20);
        if ($this->over->isNegative()) {
            return false;
        }
        foreach ($this->openings as $span) {
            if ($span->value()->isLessThan($least)) {
                return false;
            }
        }

        return true;
    }

    /** x where the bay's right edge must be; null where nothing marks it. */
    private function mark(Bay $bay, Length $from): ?Length
    {
        $mark = match ($bay->width->by) {
            WidthBy::Below => $this->marks->below[$bay->width->ref ?? ''] ?? null,
            WidthBy::Stud => isset($this->marks->studs[$bay->width->ref ?? ''])
                ? $this->marks->studs[(string) $bay->width->ref]->minus($this->boards->thickness->half()) : null,
            default => $from,
        };
        if ($mark === null || ! $mark->isGreaterThan($from)) {
            $this->lost += $mark === null || in_array($bay->width->by, [WidthBy::Below, WidthBy::Stud], true) ? [$bay->id => true] : [];

            return null;
        }

        return $mark->isLessThan($this->whole->to()) ? $mark : null;
    }

    /** @param  array<string, Bay>  $bays */
    private function stretch(array $bays, Length $from, Length $to, bool $isWhole): void
    {
        $n = count($bays);
        $rest = $isWhole ? $this->wholeRest($n) : Figure::of($to->minus($from), Text::of('piece.to_mark'))
            ->minus($this->boards->thickness->times($n - 1), Text::of('piece.dividers', n: $n - 1, t: $this->boards->thickness));
        $widths = array_map(fn (Bay $b): ?Figure => $this->chosen($b, $b->id === array_key_last($bays) ? Side::Right : Side::Left), $bays);
        $number = 0;
        foreach ($widths as $id => $width) {
            $number++;
            if ($width !== null) {
                $rest = $rest->minus($width->value, Text::of('piece.bay_chosen', n: $number), "$id/width");
            }
        }
        $sharing = array_filter($bays, fn (Bay $b): bool => $widths[$b->id] === null);
        $shares = $sharing === [] ? [] : self::shared($rest, $sharing);
        if ($sharing === []) {
            $this->over = Length::least($this->over->plus($rest->value), $rest->value);
            $last = array_key_last($bays);
            $chosen = $widths[$last] ?? null;
            // Something must end at the far upright: the last bay takes what is left.
            $widths[$last] = $chosen === null || $rest->value->isZero() ? $chosen : $chosen->plus($rest->value, Text::of('piece.takes_the_rest'));
        }
        $x = $from;
        foreach ($bays as $id => $bay) {
            $width = ($widths[$id] ?? $shares[$id])->named(Text::of('piece.clear_opening'));
            $this->openings[$id] = new Span($x, $width);
            $x = $x->plus($width->value)->plus($this->boards->thickness);
        }
    }

    private function wholeRest(int $n): Figure
    {
        if ($this->boards->ends === 0) {
            return $n === 1 ? $this->whole->size : $this->whole->size->minus($this->boards->thickness->times($n - 1),
                Text::of('piece.dividers', n: $n - 1, t: $this->boards->thickness));
        }
        $boards = $n === 1
            ? Text::of('piece.two_sides', t: $this->boards->thickness)
            : Text::of('piece.sides_and_dividers', dividers: $n - 1, t: $this->boards->thickness);

        return $this->whole->size->minus($this->boards->thickness->times($n + 1), $boards);
    }

    private function chosen(Bay $bay, Side $end): ?Figure
    {
        $width = $bay->width;
        if ($width->by === WidthBy::Fixed && $width->value !== null) {
            return Figure::of($width->value, Text::of('piece.bay_width_chosen'), "$bay->id/width");
        }
        if ($width->by === WidthBy::Corner) {
            return Figure::of($this->marks->corner($end), Text::of('piece.bay_behind_run'));
        }
        $box = $width->by === WidthBy::Box ? BoughtSize::of($bay->fill) : null;

        return $box === null ? null : Figure::of($box->width, Text::of('piece.box_width'))
            ->plus(BoughtSize::play()->times(2), Text::of('piece.box_play', each: BoughtSize::play()));
    }

    /**
     * @param  array<string, Bay>  $bays
     * @return array<string, Figure>
     */
    private static function shared(Figure $rest, array $bays): array
    {
        $weights = array_map(fn (Bay $b): int => $b->width->weight, $bays);
        if (count(array_unique($weights)) === 1) {
            $shares = count($bays) === 1 ? [$rest] : $rest->sharedInto(count($bays), Text::of('piece.bays'));

            return array_combine(array_keys($bays), $shares);
        }
        $shares = [];
        $sum = array_sum($weights);
        $given = Length::zero();
        foreach ($weights as $id => $weight) {
            $to = Length::ofUnits(intdiv($rest->value->units * array_sum(array_slice($weights, 0, count($shares) + 1)), $sum));
            $shares[$id] = Figure::of($to->minus($given), Text::of('piece.share_of', weight: $weight, of: $sum, rest: $rest->value),
                null, $rest->value->units * $weight % $sum === 0);
            $given = $to;
        }

        return $shares;
    }
}
