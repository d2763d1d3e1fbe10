<?php

declare(strict_types=1);

namespace App\Print;

use App\Words\Catalogue;
use App\Words\Language;

/**
 * What was found, the worst first: what it is, what would settle it, and why it was left; for what others decide, what they said, or
 * lines to write it on.
 *
 * @phpstan-import-type Finding from PlanShapes
 */
final class FindingsPdf
{
    private const FOOT = 278.0;

    private const SEVERITIES = ['stop', 'look', 'note'];

    private float $y = 400.0;

    public function __construct(private readonly \TCPDF $pdf, private readonly Catalogue $words, private readonly string $title)
    {
    }

    /** @param  list<Finding>  $findings */
    public function pages(array $findings): void
    {
        foreach (self::SEVERITIES as $severity) {
            foreach ($findings as $finding) {
                if ($finding['severity'] === $severity) {
                    $this->finding($finding);
                }
            }
        }
    }

    /** @param  Finding  $finding */
    private function finding(array $finding): void
    {
        $this->room(22);
        $this->line(match ($finding['severity']) {
            'stop' => Language::say('STOP'),
            'look' => Language::say('look'),
            default => Language::say('note'),
        }, 0, 'B', 9);
        $this->y -= 5;
        $this->line($this->words->renderPlain($finding['says']), 16, 'B', 9);
        $this->line($this->words->renderPlain($finding['remedy']).' ('.$this->words->renderPlain($finding['source']).')', 16, '', 8.5);
        if ($finding['accepted'] !== null) {
            $this->line(Language::say('Left as it is: {0}', $finding['accepted']), 16, 'I', 8.5);
        }
        if ($finding['decides'] !== null) {
            $this->decision($finding);
        }
        $this->y += 2;
    }

    /** @param  Finding  $finding */
    private function decision(array $finding): void
    {
        $decided = $finding['decided'];
        if ($decided !== null) {
            $this->line("{$decided['who']}, {$decided['on']}: “{$decided['said']}” ".($decided['goes_on'] ? Language::say('It goes on.') : Language::say('It does not go on.')), 16, 'I', 8.5);

            return;
        }
        $this->line(Language::say('{0} decides. {1}', ucfirst($this->words->say("decides.{$finding['decides']}")), $this->words->say("held.{$finding['before']}")), 16, 'B', 8.5);
        $this->line(Language::say('who ____________________   on ____________   said ________________________________________'), 16, '', 8.5);
    }

    private function room(float $high): void
    {
        if ($this->y + $high > self::FOOT) {
            $this->pdf->AddPage();
            Page::heading($this->pdf, Language::say('What was found'), $this->title);
            $this->y = 34.0;
        }
    }

    private function line(string $text, float $in, string $style, float $size): void
    {
        $this->pdf->SetFont('dejavusanscondensed', $style, $size);
        $this->pdf->SetXY(15 + $in, $this->y);
        $this->pdf->MultiCell(180 - $in, 4.5, $text, 0, 'L');
        $this->y = $this->pdf->GetY() + 0.5;
    }
}
