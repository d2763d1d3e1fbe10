<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Material;

use Incastro\Core\Assembly\Assembly;
use Incastro\Core\Assembly\Loads\Bending;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Checks\Strength\ShelfSags;
use Incastro\Core\Cut\Cutting;
use Incastro\Core\Cut\Nest\LaidSheet;
use Incastro\Core\Design\Panel;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Fix;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Text;

/**
 * A shelf laid on its sheet across the grain is the softer for it (fieldbook §7: birch ply 7.5 against 10, softwood ply a third): told
 * where it sags too much so, and would not along the grain.
 */
final class WeakAxis
{
    /**
     * @return list<Finding>
     */
    public function of(Cutting $cutting, Assembly $assembly): array
    {
        $turned = [];
        foreach ($cutting->nested as $material => $nested) {
            foreach (array_merge(...array_map(fn (LaidSheet $s): array => $s->placements, $nested->sheets), ...[[]]) as $placement) {
                if ($placement->turned) {
                    $turned[$placement->item] = $material;
                }
            }
        }
        $findings = [];
        foreach ($turned === [] ? [] : $assembly->pieces as $built) {
            foreach ((new ShelfSags)->bendings($built, $assembly) as $part => [$panel, $bending]) {
                $finding = isset($turned[$part]) ? $this->softer($panel, $bending, $turned[$part], $built) : null;
                if ($finding !== null) {
                    $findings[$turned[$part]] ??= $finding;
                }
            }
        }

        return array_values($findings);
    }

    private function softer(Panel $panel, Bending $bending, string $material, PlacedPiece $built): ?Finding
    {
        $across = $bending->of($built->madeOf($panel)->across());
        if (ShelfSags::over($bending, $built, $panel) > 1.0 || ShelfSags::over($across, $built, $panel) <= 1.0) {
            return null;
        }
        $creep = $built->madeOf($panel)->creep();
        [$sag, $along] = [FindingFactory::up($across->sag() * $creep), FindingFactory::up($bending->sag() * $creep)];

        return FindingFactory::look('material.weak_axis', new Place(WorkStage::Cut, $panel->id),
            'strength', ['part' => $panel->name, 'sag' => $sag, 'along' => $along])
            ->measuring($sag, null)->curedBy(Fix::set(Text::of('material.weak_axis.fix'), ['stock', $material, 'grain'], true));
    }
}
