<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Machining;

use Incastro\Core\Fit\PlacedPiece;

/** What is drilled into the boards of a project, piece by piece. */
final readonly class Drilling
{
    /** @param  array<string, Bored>  $pieces  by id */
    public function __construct(private array $pieces = [])
    {
    }

    /** @param  array<string, PlacedPiece>  $placed */
    public static function of(array $placed): self
    {
        return new self(array_map(fn (PlacedPiece $p): Bored => Boring::of($p->design, $p->fit, $p->project->unit), $placed));
    }

    public function in(PlacedPiece $placed): Bored
    {
        return $this->pieces[$placed->piece->id] ?? new Bored([], []);
    }

    /** @return array<string, list<Bore>> by part */
    public function byPart(): array
    {
        return array_merge(...array_map(fn (Bored $b): array => $b->bores, array_values($this->pieces)), ...[[]]);
    }
}
