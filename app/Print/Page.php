<?php

declare(strict_types=1);

namespace App\Print;

use App\Words\Reader;

/** What all printed pages share. */
final class Page
{
    /** For what is laid out on A4; on the paper its reader prints on. */
    public static function a4(string $title): \TCPDF
    {
        return self::plain($title, Reader::paper() === Paper::Letter ? new LetterPdf('P', 'mm', 'LETTER', true, 'UTF-8') : null);
    }

    /** For what comes out at its true size, on pages that it names itself. */
    public static function plain(string $title, ?\TCPDF $pdf = null): \TCPDF
    {
        $pdf ??= new \TCPDF('P', 'mm', 'A4', true, 'UTF-8');
        $pdf->SetCreator('Incastro');
        $pdf->SetTitle($title);
        $pdf->setPrintHeader(false);
        $pdf->setPrintFooter(false);
        $pdf->SetMargins(15, 15, 15);
        $pdf->SetAutoPageBreak(false);

        return $pdf;
    }

    public static function heading(\TCPDF $pdf, string $title, string $under): void
    {
        $pdf->SetFont('dejavusanscondensed', 'B', 15);
        $pdf->SetXY(15, 14);
        $pdf->Cell(0, 8, $title, 0, 1);
        $pdf->SetFont('dejavusanscondensed', '', 9);
        $pdf->SetX(15);
        $pdf->Cell(0, 5, $under, 0, 1);
    }

    /**
     * One ruled row of a table from the left margin; what is too long for its cell is drawn narrower. The font stands.
     *
     * @param  list<int>  $widths  mm
     * @param  list<string>  $cells  as many
     */
    public static function row(\TCPDF $pdf, float $y, float $height, array $widths, array $cells): void
    {
        $x = 15.0;
        foreach ($widths as $i => $width) {
            $pdf->SetXY($x, $y);
            $pdf->Cell($width, $height, $cells[$i], 'B', 0, 'L', false, '', 1);
            $x += $width;
        }
    }
}
