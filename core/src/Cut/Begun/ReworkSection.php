<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Begun;

use Incastro\Core\Cut\Cutting;
use Incastro\Core\Measure\Length;

/** Every piece of the sheets that were begun: what it is, what it serves as, and whether somebody has to decide what becomes of it. */
final readonly class ReworkSection implements \JsonSerializable
{
    public function __construct(private Cutting $cutting)
    {
    }

    /** @return array{open: int, pieces: list<array<string, mixed>>} */
    public function jsonSerialize(): array
    {
        $pieces = $this->cutting->started->pieces;

        return ['open' => count(array_filter($pieces, fn (MadePiece $p): bool => $p->isOpen())), 'pieces' => array_map($this->piece(...), $pieces)];
    }

    /** @return array<string, mixed> sizes along the part it serves as, or was laid as; `across`: it serves lying the other way than it was laid */
    public function piece(MadePiece $piece): array
    {
        [$length, $width] = $piece->partSize();

        return [
            'begun' => $piece->begun, 'item' => $piece->item, 'part' => $this->cutting->laid->part($piece->item), 'material' => $piece->material,
            'length' => $length, 'width' => $width, 'cut' => $piece->isCut, 'spoiled' => $piece->isSpoiled, 'measured' => $piece->isMeasured,
            'use' => $piece->use, 'serves' => $piece->serves === null ? null : $this->cutting->laid->part($piece->serves), 'open' => $piece->isOpen(),
            'across' => $piece->serving !== null && $piece->serving->turned !== $piece->turned,
            'worth' => $piece->serving?->worth->value,
            'over_length' => $piece->serving === null ? null : Length::ofUnits($piece->serving->overLength),
            'over_width' => $piece->serving === null ? null : Length::ofUnits($piece->serving->overWidth),
        ];
    }
}
