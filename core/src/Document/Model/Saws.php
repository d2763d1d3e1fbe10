<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** The saws a person has. None named at home means that any cut can be made there. */
final readonly class Saws
{
    /** @var list<Saw> the handiest first */
    public array $all;

    /** @param  list<Saw>  $all */
    public function __construct(array $all = [])
    {
        $rank = array_flip(array_map(fn (SawKind $k): string => $k->value, SawKind::cases()));
        usort($all, fn (Saw $a, Saw $b): int => $rank[$a->kind->value] <=> $rank[$b->kind->value]);
        $this->all = $all;
    }

    public function areNamed(): bool
    {
        return array_filter($this->all, fn (Saw $s): bool => $s->kind !== SawKind::Shop) !== [];
    }

    /** The handiest saw that can make the cut. */
    public function for(WantedCut $cut): ?Saw
    {
        foreach ($this->areNamed() ? $this->all : [] as $saw) {
            if ($saw->cuts($cut)) {
                return $saw;
            }
        }

        return null;
    }

    public function allow(WantedCut $cut): bool
    {
        return ! $this->areNamed() || $this->for($cut) !== null;
    }

    public function shop(): ?Saw
    {
        return array_values(array_filter($this->all, fn (Saw $s): bool => $s->kind === SawKind::Shop))[0] ?? null;
    }

    /** Parts are laid a kerf apart, the widest there is: whichever saw makes a cut, nothing is too small for it. */
    public function widestKerf(int $usual): int
    {
        return max($usual, 0, ...array_map(fn (Saw $s): int => $s->kerf ?? 0, $this->all));
    }
}
