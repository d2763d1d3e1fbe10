<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Model\Material;
use Incastro\Core\Measure\Length;

/** What panels are made of: a sheet good of the project, and its thickness as measured. */
final readonly class Board
{
    public string $material;

    public Length $thickness;

    /** @param  Length  $trim  lost along each edge of a sheet that says nothing of its own */
    public function __construct(public Material $sheet, private Length $trim)
    {
        $this->material = $sheet->id;
        $this->thickness = $sheet->thickness;
    }

    /** The longest part along the grain. */
    public function longest(): Length
    {
        [$left, $right] = $this->sheet->trims;

        return $this->sheet->sheetLength->minus($left ?? $this->trim)->minus($right ?? $this->trim);
    }

    /** The widest part of that length across the grain; any way round where there is none. */
    public function widest(Length $length): Length
    {
        [, , $near, $far] = $this->sheet->trims;
        $across = $this->sheet->sheetWidth->minus($near ?? $this->trim)->minus($far ?? $this->trim);

        return $this->sheet->grain || $length->isGreaterThan($across) ? $across : $this->longest();
    }
}
