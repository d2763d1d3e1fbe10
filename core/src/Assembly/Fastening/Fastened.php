<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Fastening;

/** The fasteners of a piece, the holes they take of its boards, and those that cannot be where they should. */
final readonly class Fastened
{
    /** @var list<Fastener> in the order in which they were set, numbered */
    public array $fasteners;

    /** @var array<string, list<Bore>> by part */
    public array $bores;

    /**
     * @param  list<Fastener>  $fasteners
     * @param  list<Clash>  $clashes
     * @param  list<string>  $boards  in their own order
     */
    public function __construct(array $fasteners, public array $clashes, array $boards = [])
    {
        $this->fasteners = array_map(fn (Fastener $f, int $n): Fastener => $f->numbered($n), $fasteners, array_keys($fasteners));
        $bores = array_fill_keys($boards, []);
        foreach ($fasteners as $fastener) {
            foreach ($fastener->bores as $bore) {
                $bores[$bore->part][] = $bore;
            }
        }
        $this->bores = $bores;
    }

    /** @param  list<Fastener>  $more */
    public function with(array $more): self
    {
        return new self([...$this->fasteners, ...$more], $this->clashes, array_keys($this->bores));
    }

    /** @return list<Fastener> of those kinds */
    public function of(FastenerKind ...$kinds): array
    {
        return array_values(array_filter($this->fasteners, fn (Fastener $f): bool => in_array($f->kind, $kinds, true)));
    }

    /** Of screws through a board from its outer side, which are filled: those set out at the bench. */
    public function heads(): int
    {
        return count(array_filter($this->of(FastenerKind::Screw), fn (Fastener $f): bool => $f->isDrilled()));
    }

    /** @return array<string, int> screws and dowels, by kind */
    public function counts(): array
    {
        $counts = [];
        foreach ($this->of(FastenerKind::Screw, FastenerKind::PocketScrew, FastenerKind::BackScrew, FastenerKind::Dowel) as $fastener) {
            $counts[$fastener->kind->value] = 1 + ($counts[$fastener->kind->value] ?? 0);
        }

        return $counts;
    }

    /** @return list<Bore> */
    public function bores(): array
    {
        return array_merge(...array_values($this->bores), ...[[]]);
    }
}
