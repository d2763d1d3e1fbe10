<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Cut;

/**
 * Checks a printed sheet plan against its parts list. Shares no code with the nester: it follows the cuts as a saw
 * would, from the whole sheet down, and works on plain numbers in mm.
 */
final class LayoutVerifier
{
    private const HAIR = 1e-6;

    /**
     * @param  array<string, mixed>  $sheet  one of `nest`'s sheets
     * @param  array<string, array{l: float, w: float, grain: string}>  $parts  by name
     * @param  float|array{float, float, float, float}  $trim  off all edges, or off the near and far end of the length, then of the width
     * @return list<string> what is wrong
     */
    public static function sheet(array $sheet, array $parts, float $kerf, float|array $trim): array
    {
        $wrong = [];
        [$left, $right, $near, $far] = is_array($trim) ? $trim : [$trim, $trim, $trim, $trim];
        foreach ($sheet['placements'] as $p) {
            $part = $parts[$p['part']];
            [$l, $w] = $p['turned'] ? [$part['w'], $part['l']] : [$part['l'], $part['w']];
            if (abs($l - $p['length_mm']) > self::HAIR || abs($w - $p['width_mm']) > self::HAIR) {
                $wrong[] = "{$p['part']} has another size";
            }
            if (($part['grain'] === 'length' && $p['turned']) || ($part['grain'] === 'width' && ! $p['turned'])) {
                $wrong[] = "{$p['part']} lies against its grain";
            }
            if ($p['x_mm'] < $left - self::HAIR || $p['y_mm'] < $near - self::HAIR
                || $p['x_mm'] + $p['length_mm'] > $sheet['length_mm'] - $right + self::HAIR
                || $p['y_mm'] + $p['width_mm'] > $sheet['width_mm'] - $far + self::HAIR) {
                $wrong[] = "{$p['part']} reaches into the trim";
            }
        }

        return [...$wrong, ...self::sawn($sheet, $kerf)];
    }

    /**
     * Divides the sheet as the cuts say; every piece that is left must be one part exactly, an offcut listed, or waste
     * narrower than any part.
     *
     * @param  array<string, mixed>  $sheet
     * @return list<string>
     */
    private static function sawn(array $sheet, float $kerf): array
    {
        $pieces = ['1' => [0.0, 0.0, (float) $sheet['length_mm'], (float) $sheet['width_mm']]];
        $wrong = [];
        foreach ($sheet['cuts'] as $i => $cut) {
            if ($cut['order'] !== $i + 1 || ! isset($pieces[$cut['piece']])) {
                return ["cut {$cut['order']} divides {$cut['piece']}, which is not there"];
            }
            [$x0, $y0, $x1, $y1] = $pieces[$cut['piece']];
            unset($pieces[$cut['piece']]);
            $span = $cut['axis'] === 'x' ? [$y0, $y1] : [$x0, $x1];
            if (abs($cut['from_mm'] - $span[0]) > self::HAIR || abs($cut['to_mm'] - $span[1]) > self::HAIR) {
                $wrong[] = "cut {$cut['order']} does not run from edge to edge";
            }
            if ($cut['kind'] !== ($cut['axis'] === 'y' ? 'rip' : 'crosscut')) {
                $wrong[] = "cut {$cut['order']} has the wrong name";
            }
            [$near, $far] = $cut['axis'] === 'x'
                ? [[$x0, $y0, $cut['at_mm'], $y1], [$cut['at_mm'] + $kerf, $y0, $x1, $y1]]
                : [[$x0, $y0, $x1, $cut['at_mm']], [$x0, $cut['at_mm'] + $kerf, $x1, $y1]];
            $pieces["{$cut['piece']}.1"] = $near;
            $pieces["{$cut['piece']}.2"] = $far;
        }

        return [...$wrong, ...self::matched($sheet, $pieces)];
    }

    /**
     * @param  array<string, mixed>  $sheet
     * @param  array<string, array{float, float, float, float}>  $pieces
     * @return list<string>
     */
    private static function matched(array $sheet, array $pieces): array
    {
        $left = array_values(array_filter($pieces, fn (array $p): bool => $p[2] - $p[0] > self::HAIR && $p[3] - $p[1] > self::HAIR));
        $wrong = [];
        foreach (['placements' => 'part', 'offcuts' => 'offcut'] as $list => $what) {
            foreach ($sheet[$list] as $r) {
                $found = array_filter($left, fn (array $p): bool => abs($p[0] - $r['x_mm']) < 1e-4 && abs($p[1] - $r['y_mm']) < 1e-4
                    && abs($p[2] - $p[0] - $r['length_mm']) < 1e-4 && abs($p[3] - $p[1] - $r['width_mm']) < 1e-4);
                if (count($found) !== 1) {
                    $wrong[] = "no piece left by the cuts is this $what: ".($r['part'] ?? '')." {$r['length_mm']} × {$r['width_mm']}";
                }
            }
        }

        return $wrong;
    }
}
