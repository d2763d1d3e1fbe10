<?php

declare(strict_types=1);

namespace App\Words;

use Incastro\Core\Measure\Unit;

/** Amounts and money in a reader's own units. The browser has the same rules in measure/amount.ts; schema/amounts.json holds both to them. */
final class Amounts
{
    private const SIGNS = ['EUR' => '€', 'GBP' => '£', 'USD' => '$'];

    /** From which size up something is said in which unit, the largest first: how much one is in the amount's own unit. */
    private const SAID = [
        'mm' => ['each' => [[1, '']], 'm' => [[1, 'm']], 'm2' => [[1, 'm²']], 'l' => [[1, 'l'], [0.001, 'ml']], 'kg' => [[1, 'kg'], [0.001, 'g']], 'h' => [[1, 'h']]],
        'in' => ['each' => [[1, '']], 'm' => [[0.3048, 'ft']], 'm2' => [[0.09290304, 'sq ft']],
            'l' => [[3.785411784, 'gal'], [0.946352946, 'qt'], [0.0295735296, 'fl oz']], 'kg' => [[0.45359237, 'lb'], [0.028349523, 'oz']], 'h' => [[1, 'h']]],
    ];

    /** Three figures are enough to buy by. */
    public static function show(float $value, string $of, Unit $unit): string
    {
        $steps = self::SAID[$unit->value][$of] ?? [[1, $of]];
        // What is a hair under a whole one for having been rounded is a whole one.
        $fit = array_values(array_filter($steps, fn (array $s): bool => $value >= $s[0] * 0.995));
        [$size, $name] = $fit[0] ?? $steps[count($steps) - 1];
        $value /= $size;
        $decimals = $value >= 99.95 ? 0 : ($value >= 9.995 ? 1 : 2);
        $text = number_format(floor($value * 10 ** $decimals + 0.5 + 1e-7) / 10 ** $decimals, $decimals, '.', '');
        $text = str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;

        return $name === '' ? $text : "$text\u{00A0}$name";
    }

    public static function money(int $cents, string $currency): string
    {
        $text = number_format(abs($cents) / 100, 2, '.', '');
        $sign = self::SIGNS[$currency] ?? null;

        return ($cents < 0 ? '−' : '').($sign === null ? "$text\u{00A0}$currency" : $sign.$text);
    }
}
