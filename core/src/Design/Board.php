<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Material;
use Incastro\Core\Measure\Length;

/** What panels are made of: a sheet good of the project, and its thickness as measured. */
final readonly class Board
{
    public string $material;

    public Length $thickness;

    public function __construct(public Material $sheet)
    {
        $this->material = $sheet->id;
        $this->thickness = $sheet->thickness;
    }

    /** A rectangle can be had from one sheet, either way round where the grain does not matter. */
    public function holds(Length $along, Length $across): bool
    {
        $fits = fn (Length $l, Length $w): bool => ! $l->isGreaterThan($this->sheet->sheetLength) && ! $w->isGreaterThan($this->sheet->sheetWidth);

        return $fits($along, $across) || (! $this->sheet->grain && $fits($across, $along));
    }
}
