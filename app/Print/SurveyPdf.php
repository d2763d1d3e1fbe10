<?php

declare(strict_types=1);

namespace App\Print;

use App\Models\Project;
use App\Words\Catalogue;
use App\Words\Language;

/**
 * A survey on paper: as a measuring list with blanks, numbered as a person walks, before; as the sheet of all readings
 * drawn and listed, after.
 *
 * @phpstan-import-type Walked from PlanShapes
 * @phpstan-import-type Site from PlanShapes
 */
final readonly class SurveyPdf
{
    private const ROW_MM = 7.0;

    private \TCPDF $pdf;

    private Catalogue $words;

    /** @param  array<string, mixed>  $plan */
    private function __construct(private Project $project, private array $plan, private bool $blank)
    {
        $this->words = Catalogue::ofPlan($plan);
        $this->pdf = Page::a4($project->name);
    }

    /** @param  array<string, mixed>  $plan */
    public static function measuringList(Project $project, array $plan): string
    {
        return (new self($project, $plan, true))->pages();
    }

    /** @param  array<string, mixed>  $plan */
    public static function surveySheet(Project $project, array $plan): string
    {
        return (new self($project, $plan, false))->pages();
    }

    private function pages(): string
    {
        foreach (PlanReader::sites($this->plan) as $id => $site) {
            $this->pdf->AddPage();
            Page::heading($this->pdf, $site['name'], sprintf(Language::say('%s · %s · %s · sizes in %s'), $this->project->name,
                $this->blank ? Language::say('what to measure, in walking order') : Language::say('as measured'), $this->words->say("space.{$site['kind']}"), $this->words->unitName()));
            $this->drawings($id, $site);
            $this->table($site);
        }

        return $this->pdf->Output('', 'S');
    }

    /** @param  Site  $site */
    private function drawings(string $id, array $site): void
    {
        $numbers = [];
        foreach ($site['walk'] as $i => $reading) {
            $numbers[$reading['id']] = (string) ($i + 1);
        }
        $painter = new DrawingPdf($this->pdf, $this->words, $numbers, ! $this->blank);
        foreach (['front' => [8, 28, 100, 118], 'top' => [104, 28, 100, 60], 'side' => [104, 88, 100, 60]] as $view => [$x, $y, $w, $h]) {
            $drawing = PlanReader::drawing($this->plan, $id, $view);
            if ($drawing === null) {
                continue;
            }
            $ratio = $painter->draw($drawing, $x, $y, $w, $h, 9.0);
            $this->pdf->SetFont('dejavusanscondensed', '', 7);
            $this->pdf->SetXY($x + 4, $y + $h - 5);
            $this->pdf->Cell($w, 4, sprintf('%s, 1 : %d', match ($view) {
                'front' => Language::say('Front'),
                'top' => Language::say('From above'),
                default => Language::say('Side'),
            }, $ratio));
        }
    }

    /** @param  Site  $site */
    private function table(array $site): void
    {
        $y = $this->head(152.0);
        foreach ($site['walk'] as $i => $reading) {
            if ($y > 280) {
                $this->pdf->AddPage();
                $y = $this->head(20.0);
            }
            $this->row($y, $this->cells($i + 1, $reading), '');
            $y += self::ROW_MM;
        }
        $this->things($site, $y + 4);
    }

    private function head(float $y): float
    {
        $this->row($y, $this->blank ? ['', Language::say('reading'), Language::say('read'), Language::say('again'), Language::say('note')] : ['', Language::say('reading'), Language::say('read'), Language::say('typed'), Language::say('off by')], 'B');

        return $y + self::ROW_MM;
    }

    /**
     * @param  Walked  $reading
     * @return list<string>
     */
    private function cells(int $number, array $reading): array
    {
        $name = $this->words->renderPlain($reading['name']);
        if ($this->blank) {
            return [(string) $number, $name, $this->said($reading, '') === '' ? '' : '('.$this->said($reading, '').')', '', ''];
        }
        $off = $reading['off_by'] === null ? '' : $this->words->length(round($reading['off_by'], 1));

        return [(string) $number, $name, $this->said($reading, '–'), $reading['typed'] ?? '', $off];
    }

    /** @param  Walked  $reading */
    private function said(array $reading, string $otherwise): string
    {
        return match (true) {
            $reading['deg'] !== null => "{$reading['deg']}°",
            $reading['value'] !== null => $this->words->length($reading['value']),
            $reading['unreached'] !== null => Language::say('not reached'),
            default => $otherwise,
        };
    }

    /** @param  list<string>  $cells */
    private function row(float $y, array $cells, string $style): void
    {
        $this->pdf->SetFont('dejavusanscondensed', $style, 8.5);
        Page::row($this->pdf, $y, self::ROW_MM, [8, 92, 26, 26, 28], $cells);
    }

    /** @param  Site  $site */
    private function things(array $site, float $y): void
    {
        if ($site['things'] === []) {
            return;
        }
        if ($y > 270) {
            $this->pdf->AddPage();
            $y = 20.0;
        }
        $this->pdf->SetFont('dejavusanscondensed', '', 8.5);
        $this->pdf->SetXY(15, $y);
        $lines = array_map(fn (array $t): string => $this->words->renderPlain($t['name']).': '
            .($t['treatment'] === null ? Language::say('to be decided') : mb_strtolower($this->words->say("treatment.{$t['treatment']}"))), $site['things']);
        $this->pdf->MultiCell(180, 5, Language::say('In the way: {0}.', implode('; ', $lines)), 0, 'L');
    }
}
