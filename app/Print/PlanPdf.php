<?php

declare(strict_types=1);

namespace App\Print;

use App\Models\Project;
use App\Words\Catalogue;
use App\Words\Language;

/**
 * The plan on A4: a cover with the drawing, what was found, the cut list, one page a sheet, and what is done to each board at the bench.
 *
 * @phpstan-import-type Part from PlanShapes
 * @phpstan-import-type MaterialPlan from PlanShapes
 * @phpstan-import-type Sheet from PlanShapes
 * @phpstan-import-type Offcut from PlanShapes
 * @phpstan-import-type Placement from PlanShapes
 */
final readonly class PlanPdf
{
    private \TCPDF $pdf;

    private Catalogue $words;

    /** @param  array<string, mixed>  $plan */
    private function __construct(private Project $project, private array $plan)
    {
        $this->words = Catalogue::ofPlan($plan);
        $this->pdf = Page::a4($project->name);
    }

    /** @param  array<string, mixed>  $plan */
    public static function of(Project $project, array $plan): string
    {
        $self = new self($project, $plan);
        $self->cover();
        $self->cutting();

        return $self->pdf->Output('', 'S');
    }

    /**
     * All that is needed away from the screen: what to buy, drawings, cut list, sheets, bench, every step with its picture, which templates there
     * are, and how it comes apart again.
     *
     * @param  array<string, mixed>  $plan
     */
    public static function booklet(Project $project, array $plan): string
    {
        $self = new self($project, $plan);
        $self->cover();
        (new ShoppingPdf($self->pdf, $self->words, $project->name))->pages(PlanReader::shopping($plan));
        $self->cutting();
        $steps = new StepsPdf($self->pdf, $self->words, $project->name, $plan);
        $steps->pages();
        $steps->end();

        return $self->pdf->Output('', 'S');
    }

    private function cutting(): void
    {
        (new FindingsPdf($this->pdf, $this->words, $this->project->name))->pages(PlanReader::findings($this->plan));
        $this->cutList();
        foreach (PlanReader::materials($this->plan) as $material) {
            foreach ($material['sheets'] as $i => $sheet) {
                $this->sheet($material, $sheet, $i + 1);
                (new SawingPdf($this->pdf, $this->words))->pages(Language::say('{0}, sheet {1}', $material['name'], $i + 1), $sheet);
            }
        }
        (new BenchPdf($this->pdf, $this->words, $this->project->name, PlanReader::parts($this->plan)))->pages(PlanReader::benches($this->plan));
    }

    /** A page a piece; the sheets that are bought for all stand on the first. */
    private function cover(): void
    {
        foreach (PlanReader::pieces($this->plan) as $id => $piece) {
            $isFirst = $this->pdf->getNumPages() === 0;
            $this->pdf->AddPage();
            Page::heading($this->pdf, $isFirst ? $this->project->name : $piece['name'], sprintf(Language::say('%s · revision %d · all sizes in %s'),
                $this->project->household->name, $this->project->revision, $this->words->unitName()));
            $this->piece((string) $id, $piece);
            foreach ($isFirst ? PlanReader::materials($this->plan) : [] as $material) {
                $this->pdf->SetX(15);
                $this->pdf->Cell(0, 5, sprintf(Language::say('%s: %d sheets, %d %% used%s'), $material['name'], count($material['sheets']), $material['used_percent'],
                    $material['lower_bound'] === null ? '' : Language::say('; no plan needs fewer than {0}', $material['lower_bound'])), 0, 1);
            }
        }
        if ($this->pdf->getNumPages() === 0) {
            $this->pdf->AddPage();
            Page::heading($this->pdf, $this->project->name, Language::say('Nothing can be made yet: a space is not measured.'));
        }
    }

    /** @param  array{name: string, clear: array{mm: int|float, exact: bool}, width: array{mm: int|float, exact: bool}, height: array{mm: int|float, exact: bool}, depth: array{mm: int|float, exact: bool}}  $piece */
    private function piece(string $id, array $piece): void
    {
        $drawing = PlanReader::drawing($this->plan, $id, 'front');
        $section = PlanReader::drawing($this->plan, $id, 'section');
        $painter = new DrawingPdf($this->pdf, $this->words);
        $ratio = $drawing === null ? 1 : $painter->draw($drawing, 10, 30, 115, 200);
        if ($section !== null) {
            $painter->draw($section, 118, 30, 85, 200);
        }
        $this->pdf->SetFont('dejavusanscondensed', '', 9);
        $this->pdf->SetXY(15, 240);
        $this->pdf->Cell(0, 5, sprintf(Language::say('%s, front at 1 : %d and section'), $piece['name'], $ratio), 0, 1);
        $this->pdf->SetX(15);
        $this->pdf->Cell(0, 5, sprintf(Language::say('plumb clear %s · carcass %s × %s × %s'), ...array_map(
            fn (string $axis): string => $this->words->length($piece[$axis]['mm'], $piece[$axis]['exact']),
            ['clear', 'width', 'height', 'depth'],
        )), 0, 1);
    }

    private function cutList(): void
    {
        $y = 400.0;
        $waiting = PlanReader::waiting($this->plan);
        foreach (PlanReader::parts($this->plan) as $part) {
            if ($y > 275) {
                $y = $this->cutListPage();
            }
            $fit = in_array($part['piece'], $waiting, true) ? Language::say('WAITS') : ($part['fit_on_site'] ? Language::say('on site') : '');
            $this->row($y, [$part['label'], $this->words->renderPlain($part['name']), $part['material_name'],
                $this->size($part['finished']), $this->size($part['cut']), implode(' ', array_map(Language::called(...), $part['banded'])),
                $part['bought'] ? Language::say('bought') : ($part['grain'] === 'length' ? Language::say('→ length') : Language::say('free')), $fit], '');
            $y += 6;
        }
    }

    private function cutListPage(): float
    {
        $this->pdf->AddPage();
        Page::heading($this->pdf, Language::say('Cut list'), Language::say('{0} · sizes in {1}, length along the grain first', $this->project->name, $this->words->unitName()));
        $this->row(32, [Language::say('mark'), Language::say('part'), Language::say('material'), Language::say('finished'), Language::say('cut'), Language::say('banded'), Language::say('grain'), Language::say('fit')], 'B');

        return 38.0;
    }

    /** @param  list<string>  $cells */
    private function row(float $y, array $cells, string $style): void
    {
        $this->pdf->SetFont('dejavusanscondensed', $style, 8);
        Page::row($this->pdf, $y, 6, [12, 40, 34, 34, 34, 12, 14, 12], $cells);
    }

    /** @param  array{length: array{mm: int|float, exact: bool, trail: mixed}, width: array{mm: int|float, exact: bool, trail: mixed}}  $size */
    private function size(array $size): string
    {
        return $this->words->length($size['length']['mm'], $size['length']['exact']).' × '
            .$this->words->length($size['width']['mm'], $size['width']['exact']);
    }

    /**
     * @param  MaterialPlan  $material
     * @param  Sheet  $sheet
     */
    private function sheet(array $material, array $sheet, int $number): void
    {
        $this->pdf->AddPage('L');
        Page::heading($this->pdf, sprintf(Language::say('%s, sheet %d of %d'), $material['name'], $number, count($material['sheets'])), sprintf(
            Language::say('%s × %s, kerf %s, trim %s · cut in the order of the numbers'), $this->words->length($material['length']),
            $this->words->length($material['width']), $this->words->length($material['kerf']), $this->words->length($material['trim'])));
        $ratio = (int) ceil(max($sheet['length'] / 260, $sheet['width'] / 150) / 2) * 2;
        $place = fn (int|float $x, int|float $y): array => [15 + $x / $ratio, 34 + $y / $ratio];
        $this->box($place(0, 0), $sheet['length'] / $ratio, $sheet['width'] / $ratio, [238, 232, 217], 0.4);
        foreach ($sheet['offcuts'] as $offcut) {
            $this->box($place($offcut['x_mm'], $offcut['y_mm']), $offcut['length_mm'] / $ratio, $offcut['width_mm'] / $ratio, [246, 243, 234], 0.1);
        }
        foreach ($sheet['placements'] as $placement) {
            $this->placement($placement, $place($placement['x_mm'], $placement['y_mm']), $ratio);
        }
        foreach ($sheet['cuts'] as $cut) {
            $this->cutMark($cut, $place, $ratio);
        }
        $this->pdf->SetFont('dejavusanscondensed', '', 8);
        $this->pdf->SetXY(15, 190);
        $this->pdf->Cell(0, 5, sprintf(Language::say('drawn at 1 : %d · left over: %s'), $ratio, $this->leftovers($sheet['offcuts'])));
    }

    /**
     * @param  array{float, float}  $at
     * @param  list<int>  $fill
     */
    private function box(array $at, float $width, float $height, array $fill, float $line): void
    {
        $this->pdf->SetLineStyle(['width' => $line, 'color' => [34, 38, 43], 'dash' => '0']);
        $this->pdf->Rect($at[0], $at[1], $width, $height, 'DF', [], $fill);
    }

    /**
     * @param  Placement  $placement
     * @param  array{float, float}  $at
     */
    private function placement(array $placement, array $at, int $ratio): void
    {
        [$w, $h] = [$placement['length_mm'] / $ratio, $placement['width_mm'] / $ratio];
        $this->box($at, $w, $h, [240, 222, 184], 0.25);
        $size = $this->words->length($placement['length_mm']).' × '.$this->words->length($placement['width_mm']);
        $upright = $h > $w && $w < 30;
        $this->pdf->StartTransform();
        if ($upright) {
            $this->pdf->Rotate(90, $at[0] + $w / 2, $at[1] + $h / 2);
        }
        $this->pdf->SetFont('dejavusanscondensed', '', min(8, max(4, 2.2 * min($w, $h))));
        $this->pdf->SetXY($at[0] + $w / 2 - 40, $at[1] + $h / 2 - 2);
        $this->pdf->Cell(80, 4, "{$placement['label']}   $size", 0, 0, 'C');
        $this->pdf->StopTransform();
    }

    /**
     * @param  array{order: int, axis: string, at_mm: int|float, from_mm: int|float, to_mm: int|float, trim: bool}  $cut
     * @param  \Closure(int|float, int|float): array{float, float}  $place
     */
    private function cutMark(array $cut, \Closure $place, int $ratio): void
    {
        if ($cut['trim']) {
            return;
        }
        [$x, $y] = $cut['axis'] === 'x' ? $place($cut['at_mm'], $cut['from_mm']) : $place($cut['from_mm'], $cut['at_mm']);
        $this->pdf->SetFont('dejavusanscondensed', 'B', 6);
        $this->pdf->SetTextColor(31, 95, 150);
        $this->pdf->SetXY($cut['axis'] === 'x' ? $x - 3 : $x - 6, $cut['axis'] === 'x' ? $y - 3.2 : $y - 1.6);
        $this->pdf->Cell(6, 3, (string) $cut['order'], 0, 0, 'C');
        $this->pdf->SetTextColor(0, 0, 0);
    }

    /** @param  list<Offcut>  $offcuts */
    private function leftovers(array $offcuts): string
    {
        $worth = array_filter($offcuts, fn (array $o): bool => $o['worth_keeping']);
        $sizes = array_map(fn (array $o): string => $this->words->length($o['length_mm']).' × '.$this->words->length($o['width_mm']), array_slice($worth, 0, 6));

        return $sizes === [] ? Language::say('nothing worth keeping') : implode(', ', $sizes);
    }
}
