<?php

declare(strict_types=1);

namespace App\Print;

use App\Models\Project;
use App\Words\Catalogue;
use App\Words\Language;
use Incastro\Core\Measure\Unit;

/**
 * A sticker for each part: mark, name, cut size, an arrow along the grain, banded edges, where its joints are, and a code
 * that opens it on the screen. The sticker is drawn as the part lies, its length from left to right.
 *
 * @phpstan-import-type Part from PlanShapes
 */
final readonly class LabelsPdf
{
    private const PAD = 2.0;

    private \TCPDF $pdf;

    private Catalogue $words;

    private function __construct(private Project $project, private LabelSheet $sheet, string $unit)
    {
        $this->words = Catalogue::own(Unit::from($unit));
        $this->pdf = Page::plain($project->name);
        $this->pdf->SetMargins(0, 0, 0);
    }

    /**
     * @param  array<string, mixed>  $plan
     * @param  int  $from  the first free sticker of the first page, from 1
     * @param  string  $base  address of the project's screens
     */
    public static function of(Project $project, array $plan, LabelSheet $sheet, int $from, string $base): string
    {
        $self = new self($project, $sheet, is_string($plan['unit']) ? $plan['unit'] : 'mm');
        $at = $from - 1;
        $self->pdf->AddPage('P', $sheet->paper->value);
        foreach (array_filter(PlanReader::parts($plan), fn (array $p): bool => ! $p['bought']) as $part) {
            if ($at === $sheet->count()) {
                $self->pdf->AddPage('P', $sheet->paper->value);
                $at = 0;
            }
            $self->label($part, $sheet->corner($at++), "$base/cut?part=".rawurlencode($part['id']));
        }

        return $self->pdf->Output('', 'S');
    }

    /**
     * @param  Part  $part
     * @param  array{float, float}  $corner
     */
    private function label(array $part, array $corner, string $address): void
    {
        [$w, $h] = [$this->sheet->width, $this->sheet->height];
        [$x, $y] = [$corner[0] + self::PAD, $corner[1] + self::PAD];
        $code = min($h - 2 * self::PAD, $w / 3, 24.0);
        $room = $w - $code - 3 * self::PAD;
        $this->pdf->write2DBarcode($address, 'QRCODE,L', $corner[0] + $w - $code - self::PAD, $y, $code, $code, ['padding' => 0]);
        $line = ($h - 2 * self::PAD) / 5;
        $words = [
            [$part['label'].'  '.$this->words->renderPlain($part['name']), 'B', 1.3],
            [$this->words->length($part['cut']['length']['mm'], $part['cut']['length']['exact']).' × '.$this->words->length($part['cut']['width']['mm'], $part['cut']['width']['exact']).($part['grain'] === 'length' ? Language::say('  grain →') : ''), 'B', 1.0],
            [$part['material_name'], '', 0.8],
            [$part['banded'] === [] ? Language::say('no banding') : Language::say('banded: {0}', implode(', ', array_map(Language::called(...), $part['banded']))), '', 0.8],
            [self::joints($part).($part['fit_on_site'] ? Language::say(' · fit on site') : ''), '', 0.8],
        ];
        foreach ($words as $i => [$text, $style, $size]) {
            $this->pdf->SetFont('dejavusanscondensed', $style, max(4.5, min(11, 2.2 * $line * $size)));
            $this->pdf->SetXY($x, $y + $i * $line);
            $this->pdf->Cell($room, $line, $text, 0, 0, 'L', false, '', 1);
        }
    }

    /**
     * A part of one hand has its joints on the other side.
     *
     * @param  Part  $part
     */
    private static function joints(array $part): string
    {
        return match ($part['hand']) {
            'left' => Language::say('left part: joints on its right face'),
            'right' => Language::say('right part: joints on its left face'),
            default => '',
        };
    }
}
