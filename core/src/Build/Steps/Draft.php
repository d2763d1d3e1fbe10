<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Steps;

use Incastro\Core\Assembly\Assembly;
use Incastro\Core\Assembly\Fastening\Fastened;
use Incastro\Core\Assembly\Fastening\Fastener;
use Incastro\Core\Assembly\Fastening\FastenerKind;
use Incastro\Core\Assembly\Fittings\Fitting;
use Incastro\Core\Fit\PlacedPiece;

/** The graph while it is being made, and in which step each part came into being, was last worked on and goes to its place. */
final class Draft
{
    public readonly Graph $graph;

    /** @var array<string, non-empty-list<string>> steps, by part */
    public array $made = [];

    /** @var array<string, string> the last step at the bench, by part */
    public array $benched = [];

    /** @var array<string, string> by part */
    public array $placed = [];

    /** @var array<string, string> the step in which it goes to its place in the room, by part */
    public array $goes = [];

    /** @var array<string, string> the step after which it stands where it stays, by part; of what goes in with its carcass, the carcass's */
    public array $stands = [];

    /** @var array<string, string> the step that drives it, by fastener */
    public array $driven = [];

    /** @var array<string, string> the step that fixes it, by piece and number of the fitting */
    public array $fitted = [];

    private const DRIVEN = [FastenerKind::Screw, FastenerKind::PocketScrew, FastenerKind::BackScrew, FastenerKind::Dowel,
        FastenerKind::Nail];

    public function __construct(private readonly Assembly $assembly)
    {
        $this->graph = new Graph;
    }

    /** @return list<PlacedPiece> pieces of the room that one stands in */
    public function inRoom(PlacedPiece $built): array
    {
        return array_values(array_filter($this->assembly->pieces, fn (PlacedPiece $p): bool => $p->piece->space === $built->piece->space));
    }

    /** What holds a piece together. */
    public function fastened(PlacedPiece $built): Fastened
    {
        return $this->assembly->fastened($built->piece->id);
    }

    /**
     * What a step drives or puts in: each screw in one step.
     *
     * @param  \Closure(Fastener): bool  $is
     * @return list<Fastener>
     */
    public function drive(PlacedPiece $built, string $step, \Closure $is): array
    {
        $found = [];
        foreach ($this->fastened($built)->of(...self::DRIVEN) as $fastener) {
            if (! isset($this->driven[$fastener->id()]) && $is($fastener)) {
                $this->driven[$fastener->id()] = $step;
                $found[] = $fastener;
            }
        }

        return $found;
    }

    /**
     * What a step fixes to boards, of what is bought: each in one step.
     *
     * @param  list<string>  $parts  that go in in it
     * @return list<Fitting>
     */
    public function fit(PlacedPiece $built, string $step, array $parts): array
    {
        $found = [];
        foreach ($this->assembly->fittings($built->piece->id) as $n => $fitting) {
            $id = "{$built->piece->id} $n";
            if (! isset($this->fitted[$id]) && in_array($fitting->serves, $parts, true)) {
                $this->fitted[$id] = $step;
                $found[] = $fitting;
            }
        }

        return $found;
    }

    public function add(Step $step): string
    {
        foreach ($step->makes as $part) {
            $this->made[$part][] = $step->id;
        }
        foreach ($step->places as $part) {
            $this->placed[$part] = $step->id;
        }

        return $this->graph->add($step);
    }

    /**
     * A step on parts that were made, after all that was done to them before.
     *
     * @param  list<string>  $parts
     */
    public function after(string $step, array $parts, string $why): void
    {
        foreach ($parts as $part) {
            foreach (isset($this->benched[$part]) ? [$this->benched[$part]] : ($this->made[$part] ?? []) as $before) {
                $this->graph->need($step, $before, isset($this->benched[$part]) ? $why : 'cut');
            }
        }
    }
}
