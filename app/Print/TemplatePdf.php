<?php

declare(strict_types=1);

namespace App\Print;

use App\Words\Catalogue;
use App\Words\Language;
use Incastro\Core\Measure\Unit;

/**
 * A template in true millimetres over as many pages as it takes: first a page with the map of the pages and a square to check the
 * printer by, then the pages, each with crosses to lay on those of its neighbour.
 *
 * @phpstan-import-type Template from PlanShapes
 * @phpstan-import-type Tile from Tiles
 */
final readonly class TemplatePdf
{
    private const SQUARE_MM = 100.0;

    private const BRICK = [156, 61, 42];

    private const INK = [34, 38, 43];

    private const SOFT = [140, 136, 126];

    private \TCPDF $pdf;

    private Catalogue $words;

    private Tiles $tiles;

    /** @param  Template  $template */
    private function __construct(private array $template, private Paper $paper, private string $project, string $unit)
    {
        $this->words = Catalogue::own(Unit::from($unit));
        $this->tiles = new Tiles($template, $paper);
        $this->pdf = Page::plain($project);
        // The whole page as it is: a viewer that fits it to the paper would spoil the scale.
        $this->pdf->setViewerPreferences(['PrintScaling' => 'None']);
    }

    /** @param  Template  $template */
    public static function of(array $template, Paper $paper, string $project, string $unit): string
    {
        $self = new self($template, $paper, $project, $unit);
        $self->cover();
        foreach ($self->tiles->tiles as $i => $tile) {
            $self->page($tile, $i + 1);
        }

        return $self->pdf->Output('', 'S');
    }

    private function add(): void
    {
        [$width, $height] = $this->paper->size();
        $this->pdf->AddPage('L', [$height, $width]);
    }

    private function cover(): void
    {
        $this->add();
        Page::heading($this->pdf, $this->words->renderPlain($this->template['name']), $this->project.' · '.$this->words->renderPlain($this->template['seen']));
        $top = 38.0;
        $this->pdf->SetLineStyle(['width' => 0.25, 'color' => self::INK, 'dash' => '0']);
        $this->pdf->Rect(15, $top, self::SQUARE_MM, self::SQUARE_MM);
        $this->say(18, $top + 4, Language::say('Print at 100 %, not fitted to the page.'), 'B');
        $this->say(18, $top + 10, Language::say('This square must measure 100 × 100 mm.'));
        $this->say(18, $top + 16, sprintf(Language::say('%d pages, trimmed on one side or laid over one another:'), count($this->tiles->tiles)));
        $this->say(18, $top + 21, Language::say('lay the brick crosses of one page on those of the next.'));
        $this->say(18, $top + 30, Language::say('Heavy line: the cut. Fine line: the straight edge'));
        $this->say(18, $top + 35, Language::say('it is measured from. Dashed: where the blank ends.'));
        $this->map(125.0, $top, $this->paper->size()[0] - 140.0, 100.0);
    }

    /** Which page lies where, with the lines over them. */
    private function map(float $x, float $y, float $width, float $height): void
    {
        [$left, $bottom, $right, $top] = $this->template['bounds'];
        [$w, $h] = $this->paper->shows();
        [$stepX, $stepY] = $this->tiles->steps();
        $scale = min($width / ($w + ($this->tiles->columns - 1) * $stepX), $height / ($h + ($this->tiles->rows - 1) * $stepY));
        $origin = [$this->tiles->tiles[0]['left'] - $this->tiles->tiles[0]['column'] * $stepX, $this->tiles->tiles[0]['bottom'] + $this->tiles->tiles[0]['row'] * $stepY + $h];
        $place = fn (array $p): array => [$x + ($p[0] - $origin[0]) * $scale, $y + ($origin[1] - $p[1]) * $scale];
        foreach ($this->tiles->tiles as $tile) {
            [$px, $py] = $place([$tile['left'], $tile['bottom'] + $h]);
            $this->pdf->SetLineStyle(['width' => 0.15, 'color' => self::SOFT, 'dash' => '0']);
            $this->pdf->Rect($px, $py, $w * $scale, $h * $scale);
            $this->say($px + 0.5, $py + 0.5, Tiles::name($tile['column'], $tile['row']), '', 6);
        }
        foreach ($this->template['lines'] as $line) {
            $this->pdf->SetLineStyle(['width' => $line['layer'] === 'cut' ? 0.3 : 0.1, 'color' => self::INK, 'dash' => '0']);
            $this->polyline(array_map($place, $line['points']), $line['closed']);
        }
        $this->say($x, $y + $height + 4, sprintf(Language::say('Page map. Lines %s × %s mm.'), number_format($right - $left, 1, '.', ''), number_format($top - $bottom, 1, '.', '')));
    }

    /** @param  Tile  $tile */
    private function page(array $tile, int $number): void
    {
        $this->add();
        [$w, $h] = $this->paper->shows();
        $m = Paper::MARGIN_MM;
        $place = fn (array $p): array => [$m + $p[0] - $tile['left'], $m + $tile['bottom'] + $h - $p[1]];
        $this->pdf->StartTransform();
        $this->pdf->Rect($m, $m, $w, $h, 'CNZ');
        foreach ($this->template['lines'] as $line) {
            $this->pdf->SetLineStyle(match ($line['layer']) {
                'cut' => ['width' => 0.35, 'color' => self::INK, 'dash' => '0'],
                'blank' => ['width' => 0.15, 'color' => self::SOFT, 'dash' => '3,2'],
                'station' => ['width' => 0.1, 'color' => self::SOFT, 'dash' => '0'],
                default => ['width' => 0.18, 'color' => self::INK, 'dash' => '0'],
            });
            $this->polyline(array_map($place, $line['points']), $line['closed']);
        }
        $this->marks($tile, $place);
        $this->crosses($tile, $place);
        $this->pdf->StopTransform();
        $this->foot($tile, $number);
    }

    /**
     * Words beside their places, left out where they would lie on one another.
     *
     * @param  Tile  $tile
     * @param  \Closure(array{int|float, int|float}): array{float, float}  $place
     */
    private function marks(array $tile, \Closure $place): void
    {
        [$w, $h] = $this->paper->shows();
        $said = [];
        foreach ($this->template['marks'] as $mark) {
            [$u, $v] = $mark['at'];
            $isHere = $u >= $tile['left'] && $u <= $tile['left'] + $w && $v >= $tile['bottom'] && $v <= $tile['bottom'] + $h;
            $meets = array_filter($said, fn (array $s): bool => abs($s[0] - $u) < 30 && abs($s[1] - $v) < 4);
            if ($isHere && $meets === []) {
                [$x, $y] = $place([$u, $v]);
                $this->say($x + 0.8, $y + 1.2, $this->words->renderPlain($mark['text']), '', 6.5);
                $said[] = [$u, $v];
            }
        }
    }

    /**
     * Two in every strip that a page shares with its neighbour, wherever that is printed.
     *
     * @param  Tile  $tile
     * @param  \Closure(array{float, float}): array{float, float}  $place
     */
    private function crosses(array $tile, \Closure $place): void
    {
        [$w, $h] = $this->paper->shows();
        $half = Paper::OVERLAP_MM / 2;
        $this->pdf->SetLineStyle(['width' => 0.2, 'color' => self::BRICK, 'dash' => '0']);
        foreach ([[-1, 0], [1, 0], [0, -1], [0, 1]] as [$dx, $dy]) {
            if (! $this->tiles->holds($tile['column'] + $dx, $tile['row'] + $dy)) {
                continue;
            }
            foreach ([0.2, 0.8] as $share) {
                $u = $dx === 0 ? $tile['left'] + $w * $share : $tile['left'] + ($dx < 0 ? $half : $w - $half);
                $v = $dy === 0 ? $tile['bottom'] + $h * $share : $tile['bottom'] + ($dy > 0 ? $half : $h - $half);
                [$x, $y] = $place([$u, $v]);
                $this->pdf->Line($x - 4, $y, $x + 4, $y);
                $this->pdf->Line($x, $y - 4, $x, $y + 4);
            }
        }
    }

    /** @param  Tile  $tile */
    private function foot(array $tile, int $number): void
    {
        [$width, $height] = $this->paper->size();
        $ends = [];
        foreach (['left' => $tile['column'] === 0, 'right' => $tile['column'] === $this->tiles->columns - 1] as $end => $isThere) {
            if ($isThere && $this->template[$end] !== null) {
                $ends[] = ($end === 'left' ? '← ' : '').$this->words->renderPlain($this->template[$end]).($end === 'right' ? ' →' : '');
            }
        }
        $this->pdf->SetTextColor(...self::INK);
        $this->say(Paper::MARGIN_MM, $height - Paper::MARGIN_MM - 5, sprintf(Language::say('%s · page %d of %d · %s · %s%s'), Tiles::name($tile['column'], $tile['row']), $number, count($this->tiles->tiles),
            $this->words->renderPlain($this->template['name']), $this->words->renderPlain($this->template['seen']), $ends === [] ? '' : ' · '.implode(' · ', $ends)), 'B', 8);
    }

    /** @param  list<array{float, float}>  $points */
    private function polyline(array $points, bool $closed): void
    {
        $points = $closed ? [...$points, $points[0]] : $points;
        for ($i = 1; $i < count($points); $i++) {
            $this->pdf->Line(...$points[$i - 1], ...$points[$i]);
        }
    }

    private function say(float $x, float $y, string $text, string $style = '', float $size = 9): void
    {
        $this->pdf->SetFont('dejavusanscondensed', $style, $size);
        $this->pdf->SetXY($x, $y);
        $this->pdf->Cell($this->pdf->GetStringWidth($text) + 2, 3, $text);
    }
}
