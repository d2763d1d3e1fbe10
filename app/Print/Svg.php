<?php

declare(strict_types=1);

namespace App\Print;

/** The few elements of SVG that drawings need; every text is escaped here and nowhere else. Nothing in it runs or is fetched. */
final class Svg
{
    /**
     * @param  array<string, string|int|float>  $attributes
     */
    public static function element(string $name, array $attributes, ?string $inside = null): string
    {
        $spelt = '';
        foreach ($attributes as $key => $value) {
            $spelt .= " $key=\"".self::text(is_string($value) ? $value : self::n($value)).'"';
        }

        return $inside === null ? "<$name$spelt/>" : "<$name$spelt>$inside</$name>";
    }

    /** What XML allows of a text, escaped. */
    public static function text(string $text): string
    {
        $allowed = preg_replace('/[^\x{9}\x{A}\x{D}\x{20}-\x{D7FF}\x{E000}-\x{FFFD}\x{10000}-\x{10FFFF}]/u', '', $text);

        return htmlspecialchars($allowed ?? '', ENT_XML1 | ENT_QUOTES | ENT_SUBSTITUTE, 'UTF-8');
    }

    /** @param  list<array{int|float, int|float}>  $points  y up */
    public static function points(array $points): string
    {
        return implode(' ', array_map(fn (array $p): string => self::n($p[0]).','.self::n(-$p[1]), $points));
    }

    public static function n(int|float $mm): string
    {
        $spelt = number_format($mm, 4, '.', '');
        $spelt = rtrim(rtrim($spelt, '0'), '.');

        return $spelt === '-0' ? '0' : $spelt;
    }

    /**
     * A whole picture of an extent in mm: left, top, width and height in the picture's own axes, y down.
     *
     * @param  array{float, float, float, float}  $box
     * @param  bool  $fullSize  said to be as large as what it shows
     */
    public static function picture(array $box, string $title, string $inside, bool $fullSize = false): string
    {
        [$x, $y, $width, $height] = array_map(self::n(...), $box);
        $size = $fullSize ? ['width' => "{$width}mm", 'height' => "{$height}mm"] : [];

        return '<?xml version="1.0" encoding="UTF-8"?>'."\n".self::element('svg', ['xmlns' => 'http://www.w3.org/2000/svg', ...$size, 'viewBox' => "$x $y $width $height",
            'font-family' => 'sans-serif', 'stroke-linejoin' => 'round'], '<title>'.self::text($title)."</title>\n$inside\n")."\n";
    }
}
