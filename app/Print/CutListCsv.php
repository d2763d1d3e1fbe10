<?php

declare(strict_types=1);

namespace App\Print;

use App\Words\Catalogue;
use Incastro\Core\Exchange\Csv\CsvTable;

/** The cut list as comma-separated text in millimetres, one line a board, quoted where needed (docs/formats.md). */
final class CutListCsv
{
    private const HEADER = ['label', 'part', 'hand', 'material', 'thickness_mm', 'finished_length_mm', 'finished_width_mm',
        'cut_length_mm', 'cut_width_mm', 'grain', 'banded', 'fit_on_site', 'from', 'waits'];

    /** @param  array<string, mixed>  $plan */
    public static function of(array $plan): string
    {
        $words = Catalogue::own();
        $waiting = PlanReader::waiting($plan);
        $lines = [self::HEADER];
        foreach (PlanReader::parts($plan) as $part) {
            $lines[] = [$part['label'], $words->renderPlain($part['name']), $part['hand'] ?? '', $part['material_name'],
                $part['thickness'], $part['finished']['length']['mm'], $part['finished']['width']['mm'],
                $part['cut']['length']['mm'], $part['cut']['width']['mm'], $part['grain'], implode(' ', $part['banded']),
                $part['fit_on_site'] ? 'yes' : 'no', $part['bought'] ? 'bought by length' : 'sheet',
                in_array($part['piece'], $waiting, true) ? 'yes' : 'no'];
        }

        return CsvTable::write($lines);
    }
}
