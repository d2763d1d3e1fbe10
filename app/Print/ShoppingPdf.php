<?php

declare(strict_types=1);

namespace App\Print;

use App\Words\Amounts;
use App\Words\Catalogue;
use App\Words\Language;

/**
 * The shopping list on paper, one heading a shop, a box to tick before each line.
 *
 * @phpstan-import-type Purchase from PlanShapes
 * @phpstan-import-type ShoppingList from PlanShapes
 */
final class ShoppingPdf
{
    private const FOOT = 275.0;

    /** mm: box, what, needed, packs, each, cost */
    private const WIDTHS = [8, 98, 22, 24, 14, 14];

    private float $y = 400.0;

    public function __construct(private readonly \TCPDF $pdf, private readonly Catalogue $words, private readonly string $title)
    {
    }

    /** @param  array<string, mixed>  $plan */
    public static function of(string $title, array $plan): string
    {
        $pdf = Page::a4(Language::say('{0}: shopping list', $title));
        (new self($pdf, Catalogue::ofPlan($plan), $title))->pages(PlanReader::shopping($plan));

        return $pdf->Output('', 'S');
    }

    /** What has no box to tick: all of it is in hand or left out. */
    public static function mark(bool $bought, int $packs): string
    {
        return match (true) {
            $packs === 0 => '–',
            $bought => '☒',
            default => '☐',
        };
    }

    /** @param  ShoppingList  $list */
    public function pages(array $list): void
    {
        foreach (ShoppingLines::byShop($list, $this->words) as $shop => $lines) {
            $this->room(24);
            $this->pdf->SetFont('dejavusanscondensed', 'B', 11);
            $this->pdf->SetXY(15, $this->y + 3);
            $this->pdf->Cell(0, 6, $shop, 0, 1);
            $this->y += 10;
            $this->pdf->SetFont('dejavusanscondensed', '', 7.5);
            Page::row($this->pdf, $this->y, 5, self::WIDTHS, ['', Language::say('what'), Language::say('needed'), Language::say('packs'), Language::say('each'), Language::say('cost')]);
            $this->y += 5;
            foreach ($lines as $line) {
                $this->line($line);
            }
        }
        $this->room(20);
        $this->pdf->SetFont('dejavusanscondensed', 'B', 10);
        $this->pdf->SetXY(15, $this->y + 4);
        $this->pdf->Cell(0, 6, Language::say('All that has a price: {0}', Amounts::money($list['total_cents'], $list['currency'])).($list['unpriced'] > 0 ? Language::say(', {0} lines without a price', $list['unpriced']) : ''), 0, 1);
    }

    /** @param  Purchase  $line */
    private function line(array $line): void
    {
        $this->room(7);
        $name = $this->words->renderPlain($line['name']).($line['instead'] === null ? '' : Language::say(' (instead: {0})', $line['instead']));
        $price = fn (?int $cents): string => $cents === null || $line['packs'] === 0 ? '' : number_format($cents / 100, 2, '.', '');
        $this->pdf->SetFont('dejavusanscondensed', '', 9);
        Page::row($this->pdf, $this->y, 6.2, self::WIDTHS, [
            self::mark($line['bought'], $line['packs']), $name, $this->words->amount($line['wanted']), ShoppingLines::packs($line, $this->words),
            $price($line['price_cents']), $price($line['cost_cents']),
        ]);
        $this->y += 6.2;
    }

    private function room(float $high): void
    {
        if ($this->y + $high > self::FOOT) {
            $this->pdf->AddPage();
            Page::heading($this->pdf, Language::say('Shopping list'), $this->title);
            $this->y = 32.0;
        }
    }
}
