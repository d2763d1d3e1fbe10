<?php

declare(strict_types=1);

namespace App\Print;

use App\Words\Catalogue;
use App\Words\Language;

/** A label for each bay that something is kept in: which bay of which piece, and what belongs there. Two columns of 90 × 54 mm on A4. */
final class BinLabelsPdf
{
    private const WIDE = 90.0;

    private const HIGH = 54.0;

    private const A_PAGE = 10;

    /** What a label has room for. */
    private const MOST = 5;

    /** @param  array<string, mixed>  $plan */
    public static function of(string $title, array $plan): string
    {
        $pdf = Page::a4(Language::say('{0}: labels', $title));
        $words = Catalogue::ofPlan($plan);
        $bins = PlanReader::handover($plan)['stored'];
        if ($bins === []) {
            $pdf->AddPage();
            Page::heading($pdf, Language::say('Labels'), $words->say('print.no_bins'));
        }
        foreach ($bins as $n => $bin) {
            if ($n % self::A_PAGE === 0) {
                $pdf->AddPage();
            }
            self::label($pdf, 15 + self::WIDE * ($n % 2), 12 + self::HIGH * intdiv($n % self::A_PAGE, 2), $bin);
        }

        return $pdf->Output('', 'S');
    }

    /** @param  array{label: string, piece: string, things: list<array{name: string, count: int}>}  $bin */
    private static function label(\TCPDF $pdf, float $x, float $y, array $bin): void
    {
        $pdf->SetLineStyle(['width' => 0.1, 'dash' => '2,2', 'color' => [150, 150, 150]]);
        $pdf->Rect($x, $y, self::WIDE, self::HIGH);
        $cell = function (float $down, float $high, float $size, string $style, string $text) use ($pdf, $x, $y): void {
            $pdf->SetFont('dejavusanscondensed', $style, $size);
            $pdf->SetXY($x + 5, $y + $down);
            $pdf->Cell(self::WIDE - 10, $high, $text, 0, 0, 'L', false, '', 1);
        };
        $cell(4, 9, 20, 'B', $bin['label']);
        $cell(13, 4, 8, '', $bin['piece']);
        $things = array_map(fn (array $t): string => ($t['count'] > 1 ? "{$t['count']} × " : '').$t['name'], $bin['things']);
        $shown = count($things) > self::MOST ? [...array_slice($things, 0, self::MOST - 1), 'and '.(count($things) - self::MOST + 1).' more'] : $things;
        foreach ($shown as $i => $thing) {
            $cell(19 + 6.5 * $i, 6, 12, '', $thing);
        }
    }
}
