<?php

declare(strict_types=1);

namespace App\Print;

use App\Words\Catalogue;
use App\Words\Language;

/**
 * The order of cuts of one sheet, to be ticked off at the saw, and what to ask of the shop's saw first.
 *
 * @phpstan-import-type Sheet from PlanShapes
 * @phpstan-import-type Yield from PlanShapes
 * @phpstan-import-type ShopPlan from PlanShapes
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
                $y = $this->page(Language::say('{0}: order of cuts', $title), sprintf(Language::say('%d settings of the fence, %d cuts, %.1f m; a setting stands until the next'), $sheet['settings'], count($sheet['cuts']), $sheet['sawn'] / 1000));
                $this->row($y, [Language::say('done'), Language::say('cut'), Language::say('set to'), Language::say('from the'), Language::say('cut'), Language::say('comes off')], 'B');
                $y += 6;
            }
            $this->row($y, ['☐', (string) $cut['order'], $cut['setting'] ? $this->words->length($cut['fence_mm']) : Language::say('same'), self::edge($cut),
                ($cut['trim'] ? Language::say('trim, ') : '').$this->goes($cut),
                $this->said($cut['off']).($cut['rest'] === null ? '' : Language::say('; remains: {0}', $this->said($cut['rest'])))], '');
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

    /** @param  array{axis: string, from_mm: float, to_mm: float, ...}  $cut */
    private function goes(array $cut): string
    {
        $long = $this->words->length($cut['to_mm'] - $cut['from_mm']);

        return $cut['axis'] === 'y' ? Language::say('along, {0} long', $long) : Language::say('across, {0} long', $long);
    }

    /** @param  array{axis: string, from_far: bool}  $cut */
    private static function edge(array $cut): string
    {
        return $cut['axis'] === 'x' ? ($cut['from_far'] ? Language::say('right end') : Language::say('left end')) : ($cut['from_far'] ? Language::say('lower edge') : Language::say('upper edge'));
    }

    /** @param  Yield  $yield */
    private function said(array $yield): string
    {
        $size = $this->size($yield);

        return match ($yield['what']) {
            'trim' => Language::say('trimming'),
            'leftover' => Language::say('left over {0}', $size),
            'part' => "{$yield['parts'][0]}, $size",
            default => Language::say('{0} for {1}', $size, implode(', ', $yield['parts'])),
        };
    }

    /** @param  array{length_mm: int|float, width_mm: int|float}  $size */
    private function size(array $size): string
    {
        return $this->words->length($size['length_mm']).' × '.$this->words->length($size['width_mm']);
    }

    /** @param  ShopPlan  $shop */
    private function shop(string $title, array $shop): void
    {
        $y = $this->page(Language::say('{0}: for the shop’s saw', $title), Language::say('each cut right through its piece, measured on the sheet as delivered, ± {0}', $this->words->length($shop['tolerance'])));
        $this->pdf->SetFont('dejavusanscondensed', '', 10);
        foreach ($shop['cuts'] as $i => $cut) {
            $this->pdf->SetXY(15, $y);
            $this->pdf->Cell(0, 6, sprintf(Language::say('%d. %s from the %s of the piece %s: %s and %s'), $i + 1, $this->words->length($cut['at_mm']),
                $cut['axis'] === 'x' ? Language::say('left end') : Language::say('upper edge'), $this->size($cut['of']), $this->size($cut['off']), $this->size($cut['rest'])), 0, 0, '', false, '', 1);
            $y += 7;
        }
        foreach ($shop['pieces'] as $piece) {
            $this->pdf->SetXY(15, $y + 4);
            $car = ['' => '', '1' => Language::say(', fits the car'), '0' => Language::say(', does not fit the car')][$piece['fits_car'] === null ? '' : (string) (int) $piece['fits_car']];
            $this->pdf->Cell(0, 6, Language::say('home: ').$this->size($piece).($piece['parts'] === [] ? Language::say(', left over') : Language::say(' for {0}', implode(', ', $piece['parts']))).$car, 0, 0, '', false, '', 1);
            $y += 7;
        }
    }
}
