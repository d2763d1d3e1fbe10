<?php

declare(strict_types=1);

namespace Incastro\Core\Cut;

/**
 * Sheets being filled. Every free rectangle is divided edge to edge when a part is put into its corner,
 * so whatever comes out can be sawn by through cuts.
 */
final class Packing
{
    /** @var list<list<Placement>> */
    public array $sheets = [];

    /** @var list<array{int, int, int, int, int}> sheet, x, y, length, width */
    private array $free = [];

    public function __construct(private readonly Stock $stock, private readonly Fitting $fitting, private readonly Splitting $splitting)
    {
    }

    /**
     * Cost: parts × free rectangles.
     *
     * @param  list<Item>  $items  each fits an empty sheet
     * @return list<non-empty-list<Placement>>
     */
    public static function of(array $items, Stock $stock, Fitting $fitting, Splitting $splitting): array
    {
        $packing = new self($stock, $fitting, $splitting);
        foreach ($items as $item) {
            $packing->place($item);
        }

        /** @var list<non-empty-list<Placement>> */
        return $packing->sheets;
    }

    private function place(Item $item): void
    {
        $best = $this->best($item);
        if ($best === null) {
            $this->sheets[] = [];
            $this->free[] = [count($this->sheets) - 1, $this->stock->trim, $this->stock->trim,
                $this->stock->usableLength(), $this->stock->usableWidth()];
            $best = $this->best($item) ?? throw new \LogicException("Part $item->id does not fit an empty sheet.");
        }
        [$index, $l, $w, $turned] = $best;
        [$sheet, $x, $y] = $this->free[$index];
        $this->sheets[$sheet][] = new Placement($item->id, $x, $y, $l, $w, $turned);
        $this->divide($index, $l, $w);
    }

    /** @return array{int, int, int, bool}|null free rectangle, extents, turned */
    private function best(Item $item): ?array
    {
        $best = null;
        $least = PHP_INT_MAX;
        foreach ($item->orientations() as [$l, $w, $turned]) {
            foreach ($this->free as $index => [, , , $fl, $fw]) {
                if ($l > $fl || $w > $fw) {
                    continue;
                }
                $score = $this->fitting->score($fl - $l, $fw - $w, $fl, $fw, $l, $w);
                if ($score < $least) {
                    [$least, $best] = [$score, [$index, $l, $w, $turned]];
                }
            }
        }

        return $best;
    }

    private function divide(int $index, int $l, int $w): void
    {
        [$sheet, $x, $y, $fl, $fw] = $this->free[$index];
        array_splice($this->free, $index, 1);
        $k = $this->stock->kerf;
        [$restL, $restW] = [$fl - $l - $k, $fw - $w - $k];
        $across = $this->splitting->cutsAcrossFirst($restL, $restW, $l, $w);
        if ($restL > 0) {
            $this->free[] = [$sheet, $x + $l + $k, $y, $restL, $across ? $fw : $w];
        }
        if ($restW > 0) {
            $this->free[] = [$sheet, $x, $y + $w + $k, $across ? $l : $fl, $restW];
        }
    }
}
