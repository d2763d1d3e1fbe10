<?php

declare(strict_types=1);

namespace App\Print;

use App\Words\Catalogue;
use App\Words\Language;

/**
 * The steps on paper, each with its picture, its numbers and a box to tick; then which templates there are and how it comes apart again.
 *
 * @phpstan-import-type Step from PlanShapes
 * @phpstan-import-type Text from PlanShapes
 */
final class StepsPdf
{
    private const FOOT = 280.0;

    /** mm */
    private const PICTURE = [58.0, 52.0];

    private float $y = 400.0;

    /** @var array<string, string> by part */
    private readonly array $labels;

    /** @param  array<string, mixed>  $plan */
    public function __construct(private readonly \TCPDF $pdf, private readonly Catalogue $words, private readonly string $title, private readonly array $plan)
    {
        $this->labels = array_column(PlanReader::parts($plan), 'label', 'id');
    }

    public function pages(): void
    {
        $steps = PlanReader::steps($this->plan);
        foreach ($steps as $i => $step) {
            $this->step($steps, $i, $step);
        }
    }

    /** What stands behind the steps. */
    public function end(): void
    {
        $this->y = 400.0;
        $this->section(Language::say('Templates'), Language::say('printed from the project at full size, or cut from its DXF'), array_map(
            fn (array $t): string => $this->words->renderPlain($t['name']), array_values(PlanReader::templates($this->plan))));
        $this->section(Language::say('How it comes apart again'), Language::say('the last that went on comes off first'), array_map(
            fn (array $a): string => $this->words->renderPlain($a['title']), PlanReader::apart($this->plan)));
    }

    /**
     * @param  list<Step>  $steps
     * @param  Step  $step
     */
    private function step(array $steps, int $index, array $step): void
    {
        $lines = $this->lines($steps, $step);
        $hasPicture = $step['parts'] !== [];
        $this->pdf->SetFont('dejavusanscondensed', '', 8.5);
        $wide = $hasPicture ? 180.0 - self::PICTURE[0] - 4 : 180.0;
        $high = 8.0 + array_sum(array_map(fn (array $l): float => 4.2 * $this->pdf->getNumLines($l[1], $wide - 4) + 0.4, $lines));
        $this->room(max($high, $hasPicture ? self::PICTURE[1] : 0.0) + 4);
        $top = $this->y;
        $x = 15.0 + ($hasPicture ? self::PICTURE[0] + 4 : 0.0);
        if ($hasPicture) {
            (new StepPicture($this->pdf, $this->plan))->draw($steps, $index, 15.0, $top, ...self::PICTURE);
        }
        $this->pdf->SetFont('dejavusanscondensed', 'B', 10);
        $this->pdf->SetXY($x, $top);
        $this->pdf->Cell($wide, 6, '☐ '.($index + 1).'  '.$this->words->renderPlain($step['title']), 0, 0, 'L', false, '', 1);
        $y = $top + 7;
        foreach ($lines as [$style, $text]) {
            $this->pdf->SetFont('dejavusanscondensed', $style, 8.5);
            $this->pdf->SetXY($x, $y);
            $this->pdf->MultiCell($wide, 4.2, $text, 0, 'L');
            $y = $this->pdf->GetY() + 0.4;
        }
        $this->y = max($y, $hasPicture ? $top + self::PICTURE[1] : 0.0) + 3;
        $this->pdf->SetLineStyle(['width' => 0.1, 'color' => [34, 38, 43], 'dash' => '0']);
        $this->pdf->Line(15, $this->y - 1.5, 195, $this->y - 1.5);
    }

    /**
     * @param  list<Step>  $steps
     * @param  Step  $step
     * @return list<array{string, string}> style and words
     */
    private function lines(array $steps, array $step): array
    {
        $number = array_flip(array_column($steps, 'id'));
        $words = fn (string $style, string $before, array $texts): array => array_map(fn (array $t): array => [$style, $before.$this->words->renderPlain($t)], $texts);
        $after = array_map(fn (array $n): string => ($number[$n['step']] + 1).($n['hours'] > 0 ? ' (+'.self::hours((float) $n['hours']).')' : ''), $step['needs']);
        $parts = array_filter(array_map(fn (string $p): ?string => $this->labels[$p] ?? null, $step['places'] === [] ? $step['parts'] : $step['places']));

        return [
            ['', self::time($step['minutes']).($step['hands'] === 1 ? Language::say(', one pair of hands') : Language::say(', {0} pairs of hands', $step['hands'])).($after === [] ? '' : Language::say(', after {0}', implode(', ', $after))).($parts === [] ? '' : ' · '.implode(' ', $parts))],
            ...$words('B', Language::say('WAITS: '), array_column($step['held'], 'says')),
            ...$words('', '', $step['numbers']),
            ...$words('I', '! ', $step['cautions']),
            ...$words('', '✓ ', $step['checks']),
        ];
    }

    private static function hours(float $hours): string
    {
        return $hours >= 48 ? round($hours / 24).' days' : round($hours, 1).' h';
    }

    private static function time(int $minutes): string
    {
        return $minutes < 60 ? Language::say('{0} min', $minutes) : intdiv($minutes, 60).' h'.($minutes % 60 === 0 ? '' : ' '.$minutes % 60);
    }

    /** @param  list<string>  $lines */
    private function section(string $title, string $under, array $lines): void
    {
        foreach ($lines === [] ? ['none'] : $lines as $i => $line) {
            if ($i === 0 || $this->y + 6 > self::FOOT) {
                $this->pdf->AddPage();
                Page::heading($this->pdf, $title, "$this->title · $under");
                $this->y = 32.0;
            }
            $this->pdf->SetFont('dejavusanscondensed', '', 9);
            $this->pdf->SetXY(15, $this->y);
            $this->pdf->MultiCell(180, 5, ($i + 1).'. '.$line, 0, 'L');
            $this->y = $this->pdf->GetY() + 0.5;
        }
    }

    private function room(float $high): void
    {
        if ($this->y + $high > self::FOOT) {
            $this->pdf->AddPage();
            Page::heading($this->pdf, Language::say('Steps'), $this->title);
            $this->y = 32.0;
        }
    }
}
