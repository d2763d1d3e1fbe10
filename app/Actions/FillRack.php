<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Household;
use App\Models\Project;
use App\Models\RackPiece;
use App\Print\PlanReader;
use Illuminate\Support\Facades\DB;

/** Puts what a project's plan leaves over on its household's rack: what is worth keeping, of sheets that are bought. */
final readonly class FillRack
{
    public function __construct(private PlanProject $plan)
    {
    }

    /** What the same project put there before, and nobody took, is replaced. */
    public function from(Project $project): int
    {
        $plan = $this->plan->decoded($project);
        $stock = $project->decoded()['stock'] ?? [];
        $pieces = [];
        foreach (PlanReader::materials($plan) as $material) {
            $own = is_array($stock) && is_array($stock[$material['material']] ?? null) ? $stock[$material['material']] : [];
            foreach ($material['sheets'] as $sheet) {
                foreach (array_filter($sheet['offcuts'], fn (array $o): bool => $o['worth_keeping']) as $offcut) {
                    $pieces[] = ['material' => $material['name'], 'thickness' => $material['thickness'], 'length' => $offcut['length_mm'],
                        'width' => $offcut['width_mm'], 'grain' => ($own['grain'] ?? true) === true];
                }
            }
        }
        DB::transaction(function () use ($project, $pieces): void {
            // The household's row is held, so that no number is given twice.
            Household::query()->whereKey($project->household_id)->lockForUpdate()->first();
            RackPiece::query()->where('from_project', $project->id)->whereNull('taken_by')->delete();
            $last = RackPiece::query()->where('household_id', $project->household_id)->max('number');
            $number = is_numeric($last) ? (int) $last : 0;
            foreach ($pieces as $piece) {
                RackPiece::query()->create(['household_id' => $project->household_id, 'number' => ++$number, 'from_project' => $project->id] + $piece);
            }
        });

        return count($pieces);
    }
}
