<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Nest;

/**
 * One rectangle to be cut. Sizes in units of 25 nm; `length` lies along the sheet unless turned.
 * A strip of several parts in sequence, so that the grain runs through, is one item with its parts as members.
 */
final readonly class Item
{
    /**
     * @param  string|null  $together  items of one name lie on one sheet
     * @param  int  $priority  where sheets are too few, the higher is laid first
     * @param  list<Item>  $members  of a strip, in sequence
     * @param  bool  $inLine  whether the members follow one another along the length, else across it
     * @param  int  $gap  between members: the kerf
     */
    public function __construct(
        public string $id,
        public int $length,
        public int $width,
        public bool $mayTurn,
        public bool $mustTurn = false,
        public ?string $together = null,
        public int $priority = 0,
        public array $members = [],
        public bool $inLine = false,
        public int $gap = 0,
    ) {
    }

    /**
     * Parts in sequence from one strip, the longest giving its length; it turns only if all may.
     *
     * @param  non-empty-list<Item>  $members
     */
    public static function strip(string $id, array $members, bool $inLine, int $kerf): self
    {
        $lengths = array_map(fn (Item $i): int => $i->length, $members);
        $widths = array_map(fn (Item $i): int => $i->width, $members);
        $sum = fn (array $sizes): int => array_sum($sizes) + (count($sizes) - 1) * $kerf;

        return new self($id, $inLine ? $sum($lengths) : max($lengths), $inLine ? max($widths) : $sum($widths),
            array_filter($members, fn (Item $i): bool => ! $i->mayTurn) === [], false,
            null, max(array_map(fn (Item $i): int => $i->priority, $members)), $members, $inLine, $kerf);
    }

    /** @return non-empty-list<Placement> its own place, or that of each member in turn */
    public function placed(Placement $p): array
    {
        if ($this->members === []) {
            return [$p];
        }
        $alongX = $this->inLine !== $p->turned;
        [$x, $y, $placements] = [$p->x, $p->y, []];
        foreach ($this->members as $member) {
            [$l, $w] = $p->turned ? [$member->width, $member->length] : [$member->length, $member->width];
            $placements[] = new Placement($member->id, $x, $y, $l, $w, $p->turned);
            $alongX ? $x += $l + $this->gap : $y += $w + $this->gap;
        }

        return $placements;
    }

    /**
     * The place of the strip whose members lie so.
     *
     * @param  array<string, Placement>  $placements  by part, all on one sheet
     * @return Placement|null null when they do not lie in sequence in one strip
     */
    public function asLaid(array $placements): ?Placement
    {
        $first = $placements[$this->members[0]->id ?? $this->id] ?? null;
        if ($first === null || $this->members === []) {
            return $first;
        }
        [$l, $w] = $first->turned ? [$this->width, $this->length] : [$this->length, $this->width];
        $strip = new Placement($this->id, $first->x, $first->y, $l, $w, $first->turned);
        foreach ($this->placed($strip) as $p) {
            if (($placements[$p->item] ?? null) != $p) {
                return null;
            }
        }

        return $strip;
    }

    /** What it counts where it finds no place: each priority far above the next. */
    public function weight(): float
    {
        return $this->area() * 1000.0 ** $this->priority;
    }

    /** @return non-empty-list<Item> itself, or its members */
    public function parts(): array
    {
        return $this->members ?: [$this];
    }

    public function area(): int
    {
        return $this->length * $this->width;
    }

    /** @return list<array{int, int, bool}> extents as laid, and whether that is turned */
    public function orientations(): array
    {
        if ($this->mustTurn) {
            return [[$this->width, $this->length, true]];
        }

        return $this->mayTurn && $this->length !== $this->width
            ? [[$this->length, $this->width, false], [$this->width, $this->length, true]]
            : [[$this->length, $this->width, false]];
    }
}
