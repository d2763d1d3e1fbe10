<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Nest;

use Incastro\Core\Document\Model\Goal;
use Incastro\Core\Document\Model\Saws;

/** Every sheet of one material that can be had, and how it is cut: the kerf between parts, the saws, what counts. Units of 25 nm. */
final readonly class Stock
{
    /** @var array<string, int> by kind: asked again and again while parts are laid */
    private array $costs;

    /** @var list<SheetKind> */
    private array $bought;

    private bool $isPriced;

    /** @param  non-empty-list<SheetKind>  $kinds  what is in hand and what can be bought */
    public function __construct(public string $name, public array $kinds, public int $kerf, public Goal $goal = Goal::Leftover, public Saws $saws = new Saws)
    {
        $this->bought = array_values(array_filter($kinds, fn (SheetKind $k): bool => ! $k->inHand));
        $this->isPriced = ! in_array(0, array_map(fn (SheetKind $k): int => $k->priceCents, $this->bought), true);
        $this->costs = array_column(array_map(fn (SheetKind $k): array => [$k->id, $this->counted($k)], $kinds), 1, 0);
    }

    /** One size without end. */
    public static function ofOneSize(SheetKind $kind, int $kerf): self
    {
        return new self($kind->name, [$kind], $kerf);
    }

    public function holds(Item $item): bool
    {
        foreach ($this->kinds as $kind) {
            if ($kind->holds($item)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<SheetKind> */
    public function bought(): array
    {
        return $this->bought;
    }

    /** What the search counts for one such sheet: nothing when it is in hand; 1 where one size is sold; its price; its area, cm², where a size has none. */
    public function cost(SheetKind $kind): int
    {
        // What is left of a begun sheet is laid on before it is counted among the kinds.
        return $this->costs[$kind->id] ?? $this->counted($kind);
    }

    private function counted(SheetKind $kind): int
    {
        return match (true) {
            $kind->inHand => 0,
            count($this->bought) === 1 => 1,
            $this->isPriced => $kind->priceCents,
            default => max(1, intdiv($kind->length, 400_000) * intdiv($kind->width, 400_000)),
        };
    }

    /**
     * In which order sheets may be opened: what is in hand first, the smallest first; then one bought size before the others,
     * without end or so many of it.
     *
     * @param  int  $most  of one size, where there are several
     * @return non-empty-list<list<SheetKind>>
     */
    public function openings(int $most = 0): array
    {
        $hand = array_values(array_filter($this->kinds, fn (SheetKind $k): bool => $k->inHand));
        usort($hand, fn (SheetKind $a, SheetKind $b): int => $a->usable()->area() <=> $b->usable()->area());
        $bought = $this->bought();
        $orders = array_map(
            fn (SheetKind $first): array => [...$hand, $first, ...array_values(array_filter($bought, fn (SheetKind $k): bool => $k !== $first))], $bought);

        foreach (count($bought) > 1 ? $bought : [] as $i => $first) {
            for ($n = 1; $n <= $most && $n < ($first->limit ?? PHP_INT_MAX); $n++) {
                $few = new SheetKind($first->id, $first->name, $first->length, $first->width, $first->trims, $first->priceCents, $n);
                $orders[] = [...$hand, $few, ...array_slice($orders[$i], count($hand) + 1)];
            }
        }

        return $orders ?: [$hand];
    }

    /** The size a part that fits none is compared with. */
    public function largest(): SheetKind
    {
        $kinds = $this->kinds;
        usort($kinds, fn (SheetKind $a, SheetKind $b): int => $b->usable()->area() <=> $a->usable()->area());

        return $kinds[0];
    }
}
