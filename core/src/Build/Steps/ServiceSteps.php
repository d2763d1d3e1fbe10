<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Steps;

use Incastro\Core\Document\Model\Treatment;
use Incastro\Core\Fit\Passage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Fit\Units\Unit;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\PlacedThing;

/**
 * Sockets, lights and grilles brought forward are tried while they can still be reached: through a carcass once it stands, others once all
 * stands.
 */
final readonly class ServiceSteps
{
    public function __construct(private PlacedPiece $built, private Draft $draft, private SiteSteps $site)
    {
    }

    /** @param  list<Unit>  $carcasses */
    public function add(array $carcasses): void
    {
        $things = array_filter($this->built->room->things, fn (PlacedThing $t): bool => $t->thing->treatment === Treatment::BringForward);
        $done = [];
        foreach ($carcasses as $unit) {
            $own = array_filter($things, fn (PlacedThing $t): bool => array_filter($this->built->fit->passages,
                fn (Passage $p): bool => $p->placed->thing->id === $t->thing->id && $unit->has($p->panel)) !== []);
            $this->tried("services:{$this->built->room->space->id}:$unit->id", array_values($own), [$this->site->stood[$unit->id]]);
            $done += array_column(array_map(fn (PlacedThing $t): array => [$t->thing->id, true], $own), 1, 0);
        }
        $rest = array_filter($things, fn (PlacedThing $t): bool => ! isset($done[$t->thing->id]));
        $this->tried("services:{$this->built->room->space->id}", array_values($rest), array_values($this->site->stood));
    }

    /**
     * @param  list<PlacedThing>  $things
     * @param  list<string>  $stood
     */
    private function tried(string $id, array $things, array $stood): void
    {
        if ($things !== [] && ! $this->draft->graph->has($id)) {
            $this->draft->add(new Step($id, StepKind::Services, null, Text::of('step.services', space: $this->built->room->space->name),
                numbers: array_map(fn (PlacedThing $t): Text => Text::of('number.bring_forward', thing: $t->name()), $things),
                checks: [Text::of('check.services')], amount: count($things)));
            $this->draft->graph->need($id, $this->site->recorded(), 'recorded');
        }
        foreach ($things === [] ? [] : $stood as $step) {
            $this->draft->graph->need($id, $step, 'stood');
        }
    }
}
