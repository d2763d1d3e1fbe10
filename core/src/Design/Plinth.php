<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Model\Band;
use Incastro\Core\Document\Model\Bay;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** A separate ladder base: two rails and a rung under each side, each divider and mid-span over 600 mm (fieldbook §3). */
final class Plinth
{
    private const LONGEST_SPAN_MM = 600;

    /** Between the front and the back board: our own figure. */
    private const LEAST_BETWEEN_MM = 20;

    private int $rungs = 0;

    /** @var list<string> */
    private array $rails = [];

    public function __construct(private readonly Bench $bench, private readonly Band $plinth, private readonly CaseSpec $case)
    {
    }

    public function make(): void
    {
        $least = $this->case->board->thickness->times(2)->plus(Length::fromMillimetres(self::LEAST_BETWEEN_MM));
        if ($this->depth()->value->isLessThan($least)) {
            $this->bench->find(Finding::ofPiece('piece.plinth_shallow', Severity::Stop, $this->plinth->id,
                Text::of('piece.plinth_shallow', has: $this->depth()->value, needs: $least))->measuring($this->depth()->value, $least));

            return;
        }
        $bays = array_values($this->case->first()->bays);
        $groups = Groups::of($bays, fn (Bay $b): bool => ! $b->openFloor);
        foreach ($groups as $i => $group) {
            $this->base($group, $i, $group[0] === $bays[0], $group[count($group) - 1] === $bays[count($bays) - 1]);
        }
    }

    /** @param  non-empty-list<Bay>  $bays  that it stands under */
    private function base(array $bays, int $i, bool $first, bool $last): void
    {
        $cells = array_map(fn (Bay $b): ?Cell => $this->bench->cells[$b->id] ?? null, $bays);
        [$begin, $end] = [$cells[0], $cells[count($cells) - 1]];
        if ($begin === null || $end === null) {
            return;
        }
        $whole = $first && $last ? $this->case->x
            : $this->stretch($first ? $this->case->x->from : $begin->x->from, $last ? $this->case->x->to() : $end->x->to());
        $t = $this->case->board->thickness;
        $front = $this->case->rear->plus($this->depth()->value)->minus($t);
        $cuts = array_map(fn (?Cell $c): Length => ($c?->x->to() ?? Length::zero())->plus($t->half()), array_slice($cells, 0, -1));
        foreach (['front' => $front, 'back' => $this->case->rear] as $where => $y) {
            foreach (Lengths::of($whole, $cuts, $this->case->board->longest()) as $n => $span) {
                $more = $n === 0 ? '' : '_'.($n + 1);
                $id = $i === 0 ? "{$this->plinth->id}:rail_$where$more" : "{$bays[0]->id}:rail_$where$more";
                $this->rails[] = $id;
                Maker::at($this->bench, $this->case->board)->belongingTo(new Belongs(leads: $where === 'front'))
                    ->strip(new Named($id, Role::PlinthRail, $this->case->name(Text::of("part.plinth_$where"))), $span, $y, $this->height());
            }
        }
        $this->rungsUnder($bays, $whole, $i === 0, $last);
    }

    /** @param  non-empty-list<Bay>  $bays */
    private function rungsUnder(array $bays, Span $whole, bool $isFirst, bool $last): void
    {
        $t = $this->case->board->thickness;
        $this->rung($isFirst ? "{$this->plinth->id}:rung_left" : "{$bays[0]->id}:rung_left", $whole->from);
        foreach ($bays as $n => $bay) {
            $cell = $this->bench->cells[$bay->id] ?? null;
            if ($cell === null) {
                continue;
            }
            if ($cell->x->value()->isGreaterThan(Length::fromMillimetres(self::LONGEST_SPAN_MM))) {
                $this->rung("$bay->id:rung_middle", $cell->x->from->plus($cell->x->value()->minus($t)->half()));
            }
            $isEnd = $n === count($bays) - 1;
            $this->rung($isEnd ? ($last ? "{$this->plinth->id}:rung_right" : "$bay->id:rung_right") : "$bay->id:rung",
                $isEnd ? $whole->to()->minus($t) : $cell->x->to());
        }
    }

    private function stretch(Length $from, Length $to): Span
    {
        return Span::of($from, $to->minus($from), Text::of('piece.beside_knee_space'));
    }

    private function height(): Span
    {
        return Span::of($this->case->floor, $this->plinth->height ?? Length::zero(), Text::of('piece.plinth_height'), "{$this->plinth->id}/height");
    }

    private function depth(): Figure
    {
        return $this->case->depth->minus($this->plinth->setBack ?? Length::zero(), Text::of('piece.set_back'), "{$this->plinth->id}/set_back");
    }

    private function rung(string $id, Length $x): void
    {
        $t = $this->case->board->thickness;
        $length = $this->depth()->minus($t->times(2), Text::of('piece.two_plinth_rails', t: $t));
        Maker::at($this->bench, $this->case->board)->cheek(new Named($id, Role::Rung, $this->case->name(Text::of('part.rung', n: ++$this->rungs))), $x,
            new Span($this->case->rear->plus($t), $length), $this->height());
        foreach ($this->rails as $rail) {
            if (Contact::gap(Axis::X, $this->bench->panels[$id], $this->bench->panels[$rail])->isNegative()) {
                $this->bench->join($id, $rail, JointKind::Screws, Axis::Y);
            }
        }
    }
}
