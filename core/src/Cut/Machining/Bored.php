<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Machining;

/** The holes of a piece's boards, and those that cannot be where they should. */
final readonly class Bored
{
    /**
     * @param  array<string, list<Bore>>  $bores  by part
     * @param  list<Clash>  $clashes
     */
    public function __construct(public array $bores, public array $clashes)
    {
    }

    /** @return list<Bore> of those kinds */
    public function of(BoreKind ...$kinds): array
    {
        return array_values(array_filter($this->all(), fn (Bore $b): bool => in_array($b->kind, $kinds, true)));
    }

    /** @return list<Bore> */
    public function all(): array
    {
        return array_merge(...array_values($this->bores), ...[[]]);
    }
}
