<?php

declare(strict_types=1);

namespace App\Print;

use App\Models\PhotoFiles;
use App\Models\Project;
use App\Words\Catalogue;
use App\Words\Language;

/** The record of the finished work on paper: each piece as it stands with the marks of its photos, everything in lines, and the photos. */
final class HandoverPdf
{
    private const FOOT = 278.0;

    private const LINE = 5.0;

    /** Where the drawing lies: its corner and its extents, mm. */
    private const FRAME = [15.0, 34.0, 180.0, 150.0];

    private float $y = 400.0;

    /** @param  array<string, mixed>  $plan */
    private function __construct(private readonly \TCPDF $pdf, private readonly Catalogue $words, private readonly Project $project, private readonly array $plan)
    {
    }

    /** @param  array<string, mixed>  $plan */
    public static function of(Project $project, array $plan): string
    {
        $pdf = Page::a4(Language::say('{0}: record', $project->name));
        $self = new self($pdf, Catalogue::ofPlan($plan), $project, $plan);
        $self->pieces();
        foreach ((new HandoverLines($self->words))->of($plan) as $title => $lines) {
            $self->section($title, $lines);
        }
        $self->photos();

        return $pdf->Output('', 'S');
    }

    private function pieces(): void
    {
        $handed = PlanReader::handover($this->plan);
        $to = $handed['handed'] === null ? Language::say('not handed over yet') : Language::say('handed over {0}', substr((string) $handed['handed']['at'], 0, 10)).($handed['handed']['to'] === null ? '' : Language::say(' to {0}', $handed['handed']['to']));
        foreach ($handed['pieces'] as $piece) {
            $drawing = PlanReader::drawing($this->plan, $piece['id'], 'front');
            if ($drawing === null) {
                continue;
            }
            $this->page("{$piece['name']}, $to");
            (new DrawingPdf($this->pdf, $this->words))->draw($drawing, ...self::FRAME);
            $this->marks($piece['id'], DrawingPdf::placing($drawing, ...self::FRAME)[1]);
            $this->y = 190.0;
        }
    }

    /**
     * A numbered dot where each photo was taken.
     *
     * @param  \Closure(array{int|float, int|float}): array{float, float}  $place
     */
    private function marks(string $piece, \Closure $place): void
    {
        foreach ($this->marked() as $n => $photo) {
            $mark = $photo['mark'];
            if ($mark === null || $mark['drawing'] !== $piece || $mark['view'] !== 'front') {
                continue;
            }
            [$x, $y] = $place([$mark['x'], $mark['y']]);
            $this->pdf->SetFillColor(31, 95, 150);
            $this->pdf->Circle($x, $y, 2.4, 0, 360, 'F');
            $this->pdf->SetTextColor(255);
            $this->pdf->SetFont('dejavusanscondensed', 'B', 7);
            $this->pdf->SetXY($x - 3, $y - 2);
            $this->pdf->Cell(6, 4, (string) ($n + 1), 0, 0, 'C');
            $this->pdf->SetTextColor(0);
        }
    }

    /** @return list<array{photo: string, caption: ?string, mark: array{drawing: string, view: string, x: int|float, y: int|float}|null, at: ?string, name: string}> */
    private function marked(): array
    {
        $all = [];
        foreach (PlanReader::handover($this->plan)['hidden'] as $row) {
            foreach ($row['photos'] as $photo) {
                $all[] = $photo + ['name' => $row['name'] === null ? '' : $this->words->renderPlain($row['name'])];
            }
        }

        return $all;
    }

    /** @param  list<string>  $lines */
    private function section(string $title, array $lines): void
    {
        $this->room(2 * self::LINE + 6);
        $this->pdf->SetFont('dejavusanscondensed', 'B', 11);
        $this->pdf->SetXY(15, $this->y + 3);
        $this->pdf->Cell(0, 6, $title, 'B', 1);
        $this->y += 10;
        $this->pdf->SetFont('dejavusanscondensed', '', 9);
        foreach ($lines as $line) {
            $high = self::LINE * max(1, $this->pdf->getNumLines($line, 180));
            $this->room($high);
            $this->pdf->SetFont('dejavusanscondensed', '', 9);
            $this->pdf->SetXY(15, $this->y);
            $this->pdf->MultiCell(180, self::LINE, $line, 0, 'L');
            $this->y += $high;
        }
    }

    private function photos(): void
    {
        foreach ($this->marked() as $n => $photo) {
            $bytes = PhotoFiles::read($this->project->id, $photo['photo']);
            if ($bytes === null) {
                continue;
            }
            $this->room(86);
            $this->pdf->Image("@$bytes", 15, $this->y + 2, 0, 74, 'JPEG');
            $this->pdf->SetFont('dejavusanscondensed', '', 9);
            $this->pdf->SetXY(15, $this->y + 77);
            $this->pdf->Cell(0, 5, ($n + 1).'  '.implode(', ', array_filter([$photo['name'], $photo['caption'], $photo['at'] === null ? null : substr($photo['at'], 0, 10)])), 0, 1);
            $this->y += 86;
        }
    }

    private function room(float $high): void
    {
        if ($this->y + $high > self::FOOT) {
            $this->page($this->project->name);
        }
    }

    private function page(string $under): void
    {
        $this->pdf->AddPage();
        Page::heading($this->pdf, Language::say('Record of the finished work'), $under);
        $this->y = 32.0;
    }
}
