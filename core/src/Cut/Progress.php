<?php

declare(strict_types=1);

namespace Incastro\Core\Cut;

use Incastro\Core\Document\Project;
use Incastro\Core\Measure\Length;

/** How far the parts of begun sheets are: a part is cut when the cut that sets it free was made. */
final readonly class Progress
{
    /** @var array<string, array{begun: string, length: Length, width: Length}> parts that are cut, as they were cut */
    public array $cut;

    public function __construct(Project $project, Cutting $cutting)
    {
        $cut = [];
        foreach ($cutting->nested as $nested) {
            foreach ($nested->sheets as $sheet) {
                if ($sheet->begun !== null) {
                    $cut += self::of($sheet, $nested->stock, $project->log->sawn[$sheet->begun] ?? []);
                }
            }
        }
        $this->cut = $cut;
    }

    /**
     * @param  list<int>  $sawn
     * @return array<string, array{begun: string, length: Length, width: Length}>
     */
    private static function of(LaidSheet $sheet, Stock $stock, array $sawn): array
    {
        $free = [];
        foreach (Sawing::of($sheet, $stock->kerf, $stock->saws)->cuts as $saw) {
            foreach (in_array($saw->order, $sawn, true) ? [$saw->off, $saw->rest] : [] as $piece) {
                if ($piece?->part !== null) {
                    $p = $piece->part;
                    [$l, $w] = $p->turned ? [$p->width, $p->length] : [$p->length, $p->width];
                    $free[Orders::partOf($p->item)] = ['begun' => (string) $sheet->begun, 'length' => Length::ofUnits($l), 'width' => Length::ofUnits($w)];
                }
            }
        }

        return $free;
    }
}
