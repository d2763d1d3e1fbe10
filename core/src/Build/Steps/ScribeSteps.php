<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Steps;

use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Document\Model\ScribeWhere;
use Incastro\Core\Fit\EdgeFit;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Fit\Scribe;
use Incastro\Core\Measure\Text;

/**
 * Cutting to the house: at the wall, once what carries the strip does not move; or beforehand from the survey's offsets, for who
 * cuts before. A carcass whose own side is scribed is scribed as it stands and then fixed.
 */
final readonly class ScribeSteps
{
    public function __construct(private PlacedPiece $built, private Draft $draft, private AssemblySteps $shop, private SiteSteps $site)
    {
    }

    public function add(): void
    {
        foreach ($this->built->fit->edges as $key => $edge) {
            if ($edge->scribe !== null && $edge->kind !== null && $edge->kind->isScribed()) {
                foreach ($this->cut($edge) as $panel) {
                    // A part knows only the wall it reaches along.
                    $along = $edge->scribe->along();
                    $own = $edge->scribe->over($panel->block->from($along), $panel->block->to($along));
                    $this->scribe((string) $key, $edge, $own, $panel);
                }
            }
        }
    }

    /** @return list<Panel> the boards that are cut to the wall */
    private function cut(EdgeFit $edge): array
    {
        if ($edge->part !== null) {
            return isset($this->built->panels[$edge->part]) ? [$this->built->panels[$edge->part]] : [];
        }
        $side = $edge->name->side();

        return array_values(array_filter($this->built->fit->panels, fn (Panel $p): bool => $side !== null
            && $p->fitOnSite && $p->hand === $side && in_array($p->role, [Role::Filler, Role::Stile, Role::Side], true)));
    }

    private function scribe(string $key, EdgeFit $edge, Scribe $scribe, Panel $panel): void
    {
        $isBefore = $this->built->project->make->scribe === ScribeWhere::Precut;
        $kind = $isBefore ? StepKind::Precut : StepKind::Scribe;
        $name = Text::of($edge->part === null ? "edge.{$edge->name->value}" : "edge.of_slab.{$edge->name->value}");
        $step = $this->draft->add(new Step("$kind->value:$key:$panel->id", $kind, $this->built->piece->id,
            Text::of("step.$kind->value", part: $panel->name, edge: $name), [$panel->id],
            numbers: $isBefore ? self::line($scribe)
            : [Text::of('number.scribe', projects: $scribe->projects->value, setting: $scribe->setting->value, at: $scribe->touchesAt()),
                ...self::line($scribe)],
            checks: [Text::of('check.scribe')]));
        $this->draft->after($step, [$panel->id], 'bench');
        $placing = $this->draft->goes[$panel->id] ?? $this->draft->placed[$panel->id] ?? null;
        $isCarcass = $panel->role === Role::Side;
        if ($isBefore) {
            $this->draft->graph->need($placing ?? '', $step, 'scribed');

            return;
        }
        $unit = $isCarcass ? $this->shop->carcassOf($panel)?->id : null;
        if ($unit !== null) {
            $this->draft->graph->need($step, $this->site->stood[$unit] ?? null, 'stood');
            $this->draft->graph->need("fix:$unit", $step, 'scribed');

            return;
        }
        $this->site->needFixed($step, [$panel->id]);
        $this->site->needRoom($step);
        $joined = $this->draft->placed[$panel->id] ?? null;
        if ($joined !== null && $joined !== $placing) {
            $this->draft->graph->need($step, $joined, 'assembled', $this->shop->strongAfter());
        }
        $this->draft->graph->need($placing ?? '', $step, 'scribed');
    }

    /** @return list<Text> what stays of the blank past the piece, station by station */
    private static function line(Scribe $scribe): array
    {
        return array_map(fn (array $s): Text => Text::of('number.station', at: $s['at'], removed: $s['removed'], left: $s['left']), $scribe->stations);
    }
}
