<?php

declare(strict_types=1);

namespace App\Print;

use App\Words\Catalogue;

/**
 * A drawing of the plan as SVG: one user unit a millimetre of the room, y down, said to be full size. Colours stand on each element.
 *
 * @phpstan-import-type Drawing from PlanShapes
 * @phpstan-import-type Stroke from PlanShapes
 * @phpstan-import-type Sheet from PlanShapes
 */
final readonly class DrawingSvg
{
    private const INK = '#22262b';

    private const FILLS = [
        'wall' => '#e2dccf', 'breast' => '#e2dccf', 'room' => '#ffffff', 'board' => '#f0deb8', 'cut' => '#e8ce9e', 'beyond' => '#faf5e9', 'back' => '#faf7f0', 'filler' => '#d6be92',
        'frame' => '#ecd6aa', 'plinth' => '#f5ead0', 'appliance' => '#eeece6', 'trim' => '#e0d2b8', 'door' => '#f5e9cf', 'front' => '#f0deb8', 'footprint' => '#e2ebf3',
        'axon_top' => '#faf6ec', 'axon_front' => '#f0deb8', 'axon_side' => '#e6cc98',
    ];

    /** Text this high on a drawing as tall as itself divided by this. */
    private const TEXT_SHARE = 48.0;

    private function __construct(private Catalogue $words, private float $text)
    {
    }

    /**
     * With its figures.
     *
     * @param  Drawing  $drawing
     */
    public static function of(array $drawing, string $title, Catalogue $words): string
    {
        [$left, $bottom, $right, $top] = $drawing['bounds'];
        $self = new self($words, max($right - $left, $top - $bottom) / self::TEXT_SHARE);
        $ranks = fn (string $side): int => max([0, ...array_map(fn (array $i): int => $i['kind'] === 'dimension' && ($i['side'] ?? '') === $side ? $i['rank'] ?? 1 : 0, $drawing['items'])]);
        $room = ['right' => (1 + 5 * $ranks('right')) * $self->text, 'below' => (2 + 2.4 * $ranks('below')) * $self->text];
        $inside = implode("\n", array_filter(array_map(fn (array $item): string => $self->item($item, $bottom, $right), $drawing['items'])));

        return Svg::picture([$left - $self->text, -$top - $self->text, $right - $left + 2 * $self->text + $room['right'], $top - $bottom + 2 * $self->text + $room['below']], $title, $inside, true);
    }

    /**
     * Its shapes alone, to be known by when small.
     *
     * @param  Drawing  $drawing
     */
    public static function small(array $drawing, string $title): string
    {
        $self = new self(Catalogue::own(), 1.0);
        [$left, $bottom, $right, $top] = $drawing['bounds'];
        $thick = max($right - $left, $top - $bottom) / 140;
        $shapes = array_filter($drawing['items'], fn (array $i): bool => in_array($i['kind'], ['shape', 'thing'], true));
        $inside = implode("\n", array_map(fn (array $i): string => $self->shape($i, $thick), $shapes));

        return Svg::picture([$left, -$top, $right - $left, $top - $bottom], $title, $inside);
    }

    /**
     * A sheet with its parts as they lie on it, each with its mark and size.
     *
     * @param  Sheet  $sheet
     */
    public static function sheet(array $sheet, string $title, Catalogue $words): string
    {
        $self = new self($words, $sheet['length'] / 60);
        $rectangle = fn (int|float $x, int|float $y, int|float $length, int|float $width, string $fill): string => Svg::element('rect', ['x' => $x, 'y' => $y, 'width' => $length, 'height' => $width, 'fill' => $fill, 'stroke' => self::INK, 'stroke-width' => 2]);
        $inside = $rectangle(0, 0, $sheet['length'], $sheet['width'], '#efe8d6');
        foreach ($sheet['placements'] as $p) {
            $inside .= "\n".$rectangle($p['x_mm'], $p['y_mm'], $p['length_mm'], $p['width_mm'], self::FILLS['board'])
                .$self->text($p['x_mm'] + $p['length_mm'] / 2, $p['y_mm'] + $p['width_mm'] / 2, $p['label'].'  '.$words->length($p['length_mm'], true).' × '.$words->length($p['width_mm'], true),
                    min($self->text, $p['width_mm'] * 0.6, $p['length_mm'] / 9));
        }

        return Svg::picture([-4, -4, $sheet['length'] + 8, $sheet['width'] + 8], $title, $inside, true);
    }

    /** @param  Stroke  $item */
    private function item(array $item, int|float $floor, int|float $edge): string
    {
        return match ($item['kind']) {
            'shape', 'thing' => $this->shape($item, $this->text / 9),
            'line' => Svg::element('polyline', ['points' => Svg::points($item['points'] ?? []), 'fill' => 'none', 'stroke' => self::INK, 'stroke-width' => $this->text / 9, 'stroke-dasharray' => Svg::n($this->text / 2).' '.Svg::n($this->text / 3)]),
            'dimension' => $this->dimension($item, $floor, $edge),
            default => '',
        };
    }

    /** @param  Stroke  $item */
    private function shape(array $item, float $thick): string
    {
        $hidden = $item['layer'] === 'hidden' ? ['stroke-dasharray' => Svg::n(4 * $thick).' '.Svg::n(3 * $thick)] : [];

        return Svg::element('polygon', ['points' => Svg::points($item['points'] ?? []), 'fill' => $item['kind'] === 'thing' ? '#faf7f0' : (self::FILLS[$item['layer']] ?? 'none'),
            'stroke' => self::INK, 'stroke-width' => $item['layer'] === 'wall' ? 0 : $thick, ...$hidden]);
    }

    /** @param  Stroke  $item */
    private function dimension(array $item, int|float $floor, int|float $edge): string
    {
        $points = $item['points'] ?? [];
        if (count($points) !== 2) {
            return '';
        }
        [[$x1, $y1], [$x2, $y2]] = $points;
        $rank = $item['rank'] ?? 1;
        $value = $this->words->length($item['value'] ?? 0, $item['exact'] ?? true);
        if (($item['side'] ?? '') === 'below') {
            $y = -$floor + 2.4 * $this->text * $rank;

            return $this->span($x1, $y, $x2, $y).$this->text(($x1 + $x2) / 2, $y - 0.75 * $this->text, $value, $this->text);
        }
        $x = max($x1, $x2, $edge) + $this->text + 5 * $this->text * ($rank - 1);

        return $this->span($x, -$y1, $x, -$y2).$this->text($x + 2.4 * $this->text, -($y1 + $y2) / 2, $value, $this->text);
    }

    private function span(int|float $x1, int|float $y1, int|float $x2, int|float $y2): string
    {
        $t = $this->text / 3;
        $d = implode('', array_map(fn (array $l): string => sprintf('M%s %sL%s %s', ...array_map(Svg::n(...), $l)), [
            [$x1, $y1, $x2, $y2], [$x1 - $t, $y1 + $t, $x1 + $t, $y1 - $t], [$x2 - $t, $y2 + $t, $x2 + $t, $y2 - $t],
        ]));

        return Svg::element('path', ['d' => $d, 'fill' => 'none', 'stroke' => self::INK, 'stroke-width' => $this->text / 14]);
    }

    private function text(int|float $x, int|float $y, string $text, int|float $size): string
    {
        return Svg::element('text', ['x' => $x, 'y' => $y + 0.35 * $size, 'font-size' => $size, 'text-anchor' => 'middle', 'fill' => self::INK], Svg::text($text));
    }
}
