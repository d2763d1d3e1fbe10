<?php

declare(strict_types=1);

namespace App\Print;

/** A page of stickers: so many columns and rows of one size, from a margin, evenly spaced. All in mm on A4 or US Letter. */
final readonly class LabelSheet
{
    public function __construct(
        public Paper $paper,
        public int $columns,
        public int $rows,
        public float $width,
        public float $height,
        public float $left,
        public float $top,
        public float $gapX,
        public float $gapY,
    ) {
    }

    public function count(): int
    {
        return $this->columns * $this->rows;
    }

    public function fits(): bool
    {
        // Upright, unlike a template's page.
        [$h, $w] = $this->paper->size();

        return $this->left + $this->columns * $this->width + ($this->columns - 1) * $this->gapX <= $w + 0.5
            && $this->top + $this->rows * $this->height + ($this->rows - 1) * $this->gapY <= $h + 0.5;
    }

    /** @return array{float, float} upper left corner of the n-th, along the rows */
    public function corner(int $n): array
    {
        return [$this->left + ($n % $this->columns) * ($this->width + $this->gapX), $this->top + intdiv($n, $this->columns) * ($this->height + $this->gapY)];
    }
}
