<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Steps;

use Incastro\Core\Assembly\Wall\WallFastener;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Fit\Units\Unit;
use Incastro\Core\Fit\Units\UnitKind;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Between assemblies: a joint is screwed, and a carcass fixed to the wall, before what hides the screws' heads goes on. */
final readonly class BeforeHidden
{
    /** @var array<string, Unit> by panel */
    private array $unitOf;

    /** @param  list<WallFastener>  $wallScrews */
    public function __construct(private PlacedPiece $built, private Draft $draft, private SiteSteps $site, private array $wallScrews)
    {
        $of = [];
        foreach ($built->units as $unit) {
            $of += array_fill_keys($unit->ids(), $unit);
        }
        $this->unitOf = $of;
    }

    /**
     * @param  list<array{string, string, string}>  $hidden  see Hidden
     * @return list<array{string, string, string}> what cannot be kept
     */
    public function keep(array $hidden): array
    {
        $blocked = [];
        foreach ($hidden as $h) {
            [$a, $b, $by] = array_map($this->unitOf(...), $h);
            if ($a === null || $b === null || $by === null || ($a === $b && $b === $by)) {
                continue;
            }
            $joint = $a === $b ? $this->later($this->draft->placed[$h[0]] ?? '', $this->draft->placed[$h[1]] ?? '')
                : $this->later($this->placing($a), $this->placing($b));
            $cover = $by === $a || $by === $b ? ($this->draft->placed[$h[2]] ?? '')
                : ($a === $b && $by->kind === UnitKind::Loose ? ($this->draft->placed[$h[2]] ?? '') : $this->placing($by));
            if ($joint !== $cover && ! $this->draft->graph->need($cover, $joint, Text::of('why.hides', part: $this->built->panels[$h[0]]->name))) {
                $blocked[] = $h;
            }
        }
        $this->wall();

        return $blocked;
    }

    /** What goes right before a screw to the wall waits for it; a back is screwed through, what lies loose or opens comes later anyway. */
    private function wall(): void
    {
        foreach ($this->wallScrews as $screw) {
            $unit = $this->unitOf($screw->board->id);
            if ($unit === null) {
                continue;
            }
            foreach ($this->built->fit->panels as $panel) {
                if ($panel->role === Role::Back || ! $this->covers($panel, $screw)) {
                    continue;
                }
                $other = $this->unitOf($panel->id);
                if ($other !== $unit && $other !== null) {
                    $this->draft->graph->need($this->placing($other), "fix:$unit->id", Text::of('why.hides', part: $screw->board->name));
                }
            }
        }
    }

    private function covers(Panel $panel, WallFastener $screw): bool
    {
        $head = $screw->board->block->to(Axis::Y);

        return $screw->isBehind($panel->block) && ! $panel->block->from(Axis::Y)->isLessThan($head)
            && $panel->block->from(Axis::Y)->isLessThan($head->plus(Length::fromMillimetres(2)));
    }

    /** When a unit goes to its place. */
    private function placing(Unit $unit): string
    {
        return $this->site->stood[$unit->id] ?? $this->draft->placed[$unit->id] ?? '';
    }

    private function later(string $a, string $b): string
    {
        if ($this->draft->graph->reaches($a, $b)) {
            return $b;
        }
        $all = $this->draft->graph->all();

        return $this->draft->graph->reaches($b, $a) || ($all[$a] ?? null)?->kind->rank() >= ($all[$b] ?? null)?->kind->rank() ? $a : $b;
    }

    private function unitOf(string $panel): ?Unit
    {
        return $this->unitOf[$panel] ?? null;
    }
}
