<?php

declare(strict_types=1);

namespace App\Print;

/** What all printed pages share. */
final class Page
{
    public static function a4(string $title): \TCPDF
    {
        $pdf = new \TCPDF('P', 'mm', 'A4', true, 'UTF-8');
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
}
