<?php

declare(strict_types=1);

namespace App\Print;

/** Sheets that a home printer takes, laid crosswise: most templates are long. */
enum Paper: string
{
    case A4 = 'a4';
    case A3 = 'a3';
    case Letter = 'letter';

    /** What no home printer reaches. */
    public const MARGIN_MM = 12.0;

    /** What each page shows of the next, for laying one on the other. */
    public const OVERLAP_MM = 14.0;

    /** @return array{float, float} width and height, mm */
    public function size(): array
    {
        return match ($this) {
            self::A4 => [297.0, 210.0],
            self::A3 => [420.0, 297.0],
            self::Letter => [279.4, 215.9],
        };
    }

    /** @return array{float, float} what one page shows, less a line for its words */
    public function shows(): array
    {
        [$width, $height] = $this->size();

        return [$width - 2 * self::MARGIN_MM, $height - 2 * self::MARGIN_MM - 8.0];
    }
}
