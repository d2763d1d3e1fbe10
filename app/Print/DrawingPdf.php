<?php

declare(strict_types=1);

namespace App\Print;

use App\Words\Catalogue;

/**
 * Puts a drawing's strokes on a page at a ratio. y runs down the page, the drawing's v runs up.
 *
 * @phpstan-import-type Drawing from PlanShapes
 * @phpstan-import-type Stroke from PlanShapes
 */
final readonly class DrawingPdf
{
    private const FILLS = [
        'wall' => [226, 220, 207], 'room' => [255, 255, 255], 'board' => [240, 222, 184], 'cut' => [232, 206, 158],
        'beyond' => [250, 245, 233], 'back' => [250, 247, 240], 'filler' => [214, 190, 146], 'frame' => [236, 214, 170],
        'plinth' => [245, 234, 208], 'breast' => [226, 220, 207], 'appliance' => [238, 236, 230], 'trim' => [224, 210, 184], 'hidden' => null,
    ];

    /** Room for figures around a drawing, mm. */
    private const MARGIN = 24.0;

    /** @param  array<string, string>  $numbers  what each reading is marked with, by id; empty where readings are not drawn */
    public function __construct(private \TCPDF $pdf, private Catalogue $words, private array $numbers = [], private bool $withValues = false)
    {
    }

    /**
     * The ratio (1 : n) at which a drawing fills a frame, and where a point of it falls on the page.
     *
     * @param  Drawing  $drawing
     * @return array{int, \Closure(array{int|float, int|float}): array{float, float}}
     */
    public static function placing(array $drawing, float $x, float $y, float $width, float $height, float $margin = self::MARGIN): array
    {
        [$left, $bottom, $right, $top] = $drawing['bounds'];
        $ratio = (int) ceil(max(($right - $left) / ($width - 2 * $margin), ($top - $bottom) / ($height - 2 * $margin), 1.0) / 5) * 5;

        return [$ratio, fn (array $p): array => [$x + $margin + ($p[0] - $left) / $ratio, $y + $height - $margin - ($p[1] - $bottom) / $ratio]];
    }

    /**
     * Draws into a frame and says the ratio it took (1 : n).
     *
     * @param  Drawing  $drawing
     */
    public function draw(array $drawing, float $x, float $y, float $width, float $height, float $margin = self::MARGIN): int
    {
        [$ratio, $place] = self::placing($drawing, $x, $y, $width, $height, $margin);
        foreach ($drawing['items'] as $item) {
            match ($item['kind']) {
                'shape', 'thing' => $this->shape($item, $place),
                'line' => $this->line($item, $place),
                'dimension' => $this->dimension($item, $place, $y + $height - $margin + 2),
                default => null,
            };
        }

        foreach ($this->numbers === [] ? [] : $drawing['items'] as $item) {
            if ($item['kind'] === 'reading') {
                $this->reading($item, $place);
            }
        }

        return $ratio;
    }

    /**
     * @param  Stroke  $item
     * @param  \Closure(array{int|float, int|float}): array{float, float}  $place
     */
    private function line(array $item, \Closure $place): void
    {
        $this->pdf->SetLineStyle(['width' => 0.15, 'color' => [34, 38, 43], 'dash' => '1.4,0.8']);
        $points = array_map($place, $item['points'] ?? []);
        for ($i = 1; $i < count($points); $i++) {
            $this->pdf->Line(...$points[$i - 1], ...$points[$i]);
        }
    }

    /**
     * A tape as a fine line, with its number in the list or what it read.
     *
     * @param  Stroke  $item
     * @param  \Closure(array{int|float, int|float}): array{float, float}  $place
     */
    private function reading(array $item, \Closure $place): void
    {
        [[$x1, $y1], [$x2, $y2]] = array_map($place, $item['points'] ?? [[0, 0], [0, 0]]);
        $this->pdf->SetLineStyle(['width' => 0.12, 'color' => [31, 95, 150], 'dash' => '0.6,0.6']);
        $this->pdf->Line($x1, $y1, $x2, $y2);
        $number = $this->numbers[$item['ref'] ?? ''] ?? '';
        $value = isset($item['deg']) ? "{$item['deg']}°" : (isset($item['value']) ? $this->words->length($item['value']) : '–');
        // Spread along the tape by its number, so that tapes that cross do not share one spot for their tags.
        $along = 0.35 + 0.3 * (((int) $number * 7) % 10) / 10;
        [$x, $y] = [$x1 + $along * ($x2 - $x1), $y1 + $along * ($y2 - $y1)];
        $text = $this->withValues ? $value : $number;
        $this->pdf->SetFont('dejavusanscondensed', 'B', 6);
        $wide = $this->pdf->GetStringWidth($text) + 1.6;
        $this->pdf->SetLineStyle(['width' => 0.1, 'color' => [31, 95, 150], 'dash' => '0']);
        $this->pdf->Rect($x - $wide / 2, $y - 1.6, $wide, 3.2, 'DF', [], [255, 255, 255]);
        $this->pdf->SetXY($x - $wide / 2, $y - 1.6);
        $this->pdf->Cell($wide, 3.2, $text, 0, 0, 'C');
    }

    /**
     * @param  Stroke  $item
     * @param  \Closure(array{int|float, int|float}): array{float, float}  $place
     */
    private function shape(array $item, \Closure $place): void
    {
        $flat = array_merge(...array_map($place, $item['points'] ?? []));
        $fill = self::FILLS[$item['layer']] ?? null;
        $this->pdf->SetLineStyle(['width' => $item['layer'] === 'room' ? 0.35 : 0.15, 'color' => [34, 38, 43],
            'dash' => $item['layer'] === 'hidden' ? '1,0.7' : '0']);
        $this->pdf->Polygon($flat, $fill === null ? 'D' : 'DF', [], $fill ?? []);
    }

    /**
     * @param  Stroke  $item
     * @param  \Closure(array{int|float, int|float}): array{float, float}  $place
     */
    private function dimension(array $item, \Closure $place, float $below): void
    {
        $points = $item['points'] ?? [];
        if (count($points) !== 2) {
            return;
        }
        [[$x1, $y1], [$x2, $y2]] = [$place($points[0]), $place($points[1])];
        $value = $this->words->length($item['value'] ?? 0, $item['exact'] ?? true);
        $rank = $item['rank'] ?? 1;
        $this->pdf->SetLineStyle(['width' => 0.12, 'color' => [34, 38, 43], 'dash' => '0']);
        if (($item['side'] ?? '') === 'below') {
            $at = $below + 5.0 * $rank;
            $this->pdf->Line($x1, $at, $x2, $at);
            $this->tick($x1, $at);
            $this->tick($x2, $at);
            $this->text(($x1 + $x2) / 2, $at - 3.1, $value);
        } else {
            $at = max($x1, $x2) + 7.0 + 11.0 * ($rank - 1);
            $this->pdf->Line($at, $y1, $at, $y2);
            $this->tick($at, $y1);
            $this->tick($at, $y2);
            $this->text($at + 5.0, ($y1 + $y2) / 2 - 1.5, $value);
        }
    }

    private function tick(float $x, float $y): void
    {
        $this->pdf->Line($x - 0.7, $y + 0.7, $x + 0.7, $y - 0.7);
    }

    private function text(float $centre, float $top, string $text): void
    {
        $this->pdf->SetFont('dejavusanscondensed', '', 6);
        $width = $this->pdf->GetStringWidth($text) + 1;
        $this->pdf->SetXY($centre - $width / 2, $top);
        $this->pdf->Cell($width, 3, $text, 0, 0, 'C');
    }
}
