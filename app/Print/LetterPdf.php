<?php

declare(strict_types=1);

namespace App\Print;

/**
 * Pages laid out for A4 on Letter, each drawn smaller as a whole, so that nothing is cut off. Not for what has to come out at full size.
 */
final class LetterPdf extends \TCPDF
{
    private const A4 = [210.0, 297.0];

    /** As far as the width or the height of Letter lets it: 279.4 of 297 mm. */
    private const SCALE = 279.4 / 297.0;

    private bool $drawn = false;

    public function startPage($orientation = '', $format = '', $tocpage = false): void
    {
        parent::startPage($orientation, $format, $tocpage);
        $this->StartTransform();
        // In the middle of what the other side of the page leaves.
        [$across, $down] = $this->w < $this->h ? [($this->w - self::SCALE * self::A4[0]) / 2, 0.0] : [0.0, ($this->h - self::SCALE * self::A4[0]) / 2];
        $this->Translate((int) round($across), (int) round($down));
        $this->Scale(self::SCALE * 100, self::SCALE * 100, 0, 0);
        $this->drawn = true;
    }

    public function endPage($tocpage = false): void
    {
        if ($this->drawn) {
            $this->StopTransform();
            $this->drawn = false;
        }
        parent::endPage($tocpage);
    }
}
