<?php

declare(strict_types=1);

namespace App\Print;

use App\Words\Catalogue;

/**
 * The order of cuts of one sheet, to be ticked off at the saw, and what to ask of the shop's saw first.
 *
 * @phpstan-import-type Sheet from PlanReader
 * @phpstan-import-type Yield from PlanReader
 * @phpstan-import-type Shop from PlanReader
 */
final readonly class SawingPdf
{
    private const WIDTHS = [10, 8, 22, 24, 40, 76];

    public function __construct(private \TCPDF $pdf, private Catalogue $words)
    {
    }

    /** @param  Sheet  $sheet */
    public function pages(string $title, array $sheet): void
    {
        $y = 400.0;
        foreach ($sheet['cuts'] as $cut) {
            if ($y > 270) {
                $y = $this->page("$title: order of cuts", sprintf('%d settings of the fence, %d cuts, %.1f m; a setting stands until the next', $sheet['settings'], count($sheet['cuts']), $sheet['sawn'] / 1000));
                $this->row($y, ['done', 'cut', 'set to', 'from the', 'cut', 'comes off'], 'B');
                $y += 6;
            }
            $this->row($y, ['☐', (string) $cut['order'], $cut['setting'] ? $this->words->length($cut['fence_mm']) : 'same', self::edge($cut),
                ($cut['trim'] ? 'trim, ' : '').($cut['axis'] === 'y' ? 'along, ' : 'across, ').$this->words->length($cut['to_mm'] - $cut['from_mm']).' long',
                $this->said($cut['off']).($cut['rest'] === null ? '' : '; remains: '.$this->said($cut['rest']))], '');
            $y += 6;
        }
        if ($sheet['shop'] !== null) {
            $this->shop($title, $sheet['shop']);
        }
    }

    private function page(string $title, string $under): float
    {
        $this->pdf->AddPage('P');
        Page::heading($this->pdf, $title, $under);

        return 32.0;
    }

    /** @param  list<string>  $cells */
    private function row(float $y, array $cells, string $style): void
    {
        $this->pdf->SetFont('dejavusanscondensed', $style, 8.5);
        Page::row($this->pdf, $y, 6, self::WIDTHS, $cells);
    }

    /** @param  array{axis: string, from_far: bool}  $cut */
    private static function edge(array $cut): string
    {
        return $cut['axis'] === 'x' ? ($cut['from_far'] ? 'right end' : 'left end') : ($cut['from_far'] ? 'lower edge' : 'upper edge');
    }

    /** @param  Yield  $yield */
    private function said(array $yield): string
    {
        $size = $this->size($yield);

        return match ($yield['what']) {
            'trim' => 'trimming',
            'leftover' => "left over $size",
            'part' => "{$yield['parts'][0]}, $size",
            default => "$size for ".implode(', ', $yield['parts']),
        };
    }

    /** @param  array{length_mm: int|float, width_mm: int|float}  $size */
    private function size(array $size): string
    {
        return $this->words->length($size['length_mm']).' × '.$this->words->length($size['width_mm']);
    }

    /** @param  Shop  $shop */
    private function shop(string $title, array $shop): void
    {
        $y = $this->page("$title: for the shop’s saw", 'each cut right through its piece, measured on the sheet as delivered, ± '.$this->words->length($shop['tolerance']));
        $this->pdf->SetFont('dejavusanscondensed', '', 10);
        foreach ($shop['cuts'] as $i => $cut) {
            $this->pdf->SetXY(15, $y);
            $this->pdf->Cell(0, 6, sprintf('%d. %s from the %s of the piece %s: %s and %s', $i + 1, $this->words->length($cut['at_mm']),
                $cut['axis'] === 'x' ? 'left end' : 'upper edge', $this->size($cut['of']), $this->size($cut['off']), $this->size($cut['rest'])), 0, 0, '', false, '', 1);
            $y += 7;
        }
        foreach ($shop['pieces'] as $piece) {
            $this->pdf->SetXY(15, $y + 4);
            $car = ['' => '', '1' => ', fits the car', '0' => ', does not fit the car'][$piece['fits_car'] === null ? '' : (string) (int) $piece['fits_car']];
            $this->pdf->Cell(0, 6, 'home: '.$this->size($piece).($piece['parts'] === [] ? ', left over' : ' for '.implode(', ', $piece['parts'])).$car, 0, 0, '', false, '', 1);
            $y += 7;
        }
    }
}
