<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Model\Band;
use Incastro\Core\Document\Model\Material;
use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Document\Model\StoredThing;
use Incastro\Core\Measure\Length;

/** What the boards of a piece come from, and what is to be stored in it. */
final readonly class Stuff
{
    /**
     * @param  array<string, Material>  $stock
     * @param  array<string, StoredThing>  $stored
     */
    public function __construct(public Piece $piece, private array $stock, private array $stored, private Length $trim)
    {
    }

    public function board(?Band $band = null): Board
    {
        return new Board($this->stock[$band->material ?? $this->piece->material], $this->trim);
    }

    public function back(): Board
    {
        return new Board($this->stock[$this->piece->backMaterial ?? ''] ?? $this->stock[$this->piece->material], $this->trim);
    }

    /** @return list<StoredThing> */
    public function storedIn(string $bay): array
    {
        return array_values(array_filter($this->stored, fn (StoredThing $t): bool => $t->bay === $bay));
    }
}
