<?php

declare(strict_types=1);

namespace Incastro\Core\Console;

use Incastro\Core\Measure\LengthFormat;
use Incastro\Core\Measure\LengthReader;
use Incastro\Core\Measure\Unit;

/** `measure "34 5/8 in - 2 * 18mm" [--unit mm|in]` */
final class MeasureCommand
{
    /** @return array{mm: int|float, exact: bool, text: string, also: string, notes: list<string>} */
    public function run(Arguments $arguments): array
    {
        $arguments->allow(['unit']);
        $word = $arguments->option('unit') ?? 'mm';
        $unit = Unit::tryFrom($word) ?? throw BadUsage::option('unit', $word, 'mm or in');
        $read = LengthReader::read($arguments->word('The length'), $unit);
        $other = $unit === Unit::Millimetre ? Unit::Inch : Unit::Millimetre;

        return [
            'mm' => $read->length->millimetres(),
            'exact' => $read->exact,
            'text' => LengthFormat::lossless($read->length, $unit),
            'also' => LengthFormat::nearest($read->length, $other),
            'notes' => $read->notes,
        ];
    }
}
