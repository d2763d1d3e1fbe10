<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly;

use Incastro\Core\Assembly\Fastening\Bore;
use Incastro\Core\Assembly\Fastening\DrivenFasteners;
use Incastro\Core\Assembly\Fastening\Fastened;
use Incastro\Core\Assembly\Fastening\NailedFasteners;
use Incastro\Core\Assembly\Fastening\SetOut;
use Incastro\Core\Assembly\Fittings\Fitting;
use Incastro\Core\Assembly\Fittings\Fittings;
use Incastro\Core\Assembly\Loads\Carriers;
use Incastro\Core\Assembly\Loads\EndLoads;
use Incastro\Core\Assembly\Loads\Way\Hanging;
use Incastro\Core\Assembly\Wall\WallFastener;
use Incastro\Core\Assembly\Wall\WallFixing;
use Incastro\Core\Assembly\Wall\WallFixings;
use Incastro\Core\Assembly\Wall\WallLoads;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Fit\Units\Unit;
use Incastro\Core\Fit\Units\UnitKind;
use Incastro\Core\Geometry\Shared;

/** What holds what, for a whole project: pieces of one room see each other. Made once, and read by all that asks what touches what. */
final readonly class Assembly
{
    /** What stands on what. */
    public Footing $footing;

    /** @var array<string, list<WallFixing>> by piece */
    private array $wall;

    /** @var array<string, Fastened> by piece */
    private array $fastened;

    /** @var array<string, list<Fitting>> by piece */
    private array $fittings;

    /** @var array<string, Carriers> by piece */
    private array $carriers;

    /** @var array<string, array<string, float>> N at the ends of boards, by piece, by the two boards */
    private array $bears;

    /** @var array<string, list<Unit>> what is glued, by piece */
    private array $glued;

    /** @var array<string, list<Unit>> with nothing under them but air, by piece */
    private array $hung;

    /** @var list<Unit> */
    private array $turning;

    /** @var list<Body> asked by the checks of every piece */
    private array $loose;

    /**
     * @param  array<string, PlacedPiece>  $pieces
     * @param  array<string, Body>  $bodies  by id
     * @param  list<Contact>  $contacts
     * @param  list<Clash>  $clashes  the largest first
     */
    private function __construct(public array $pieces, public array $bodies, public array $contacts, public array $clashes)
    {
        $this->footing = new Footing($pieces, $bodies, $contacts);
        $this->wall = array_map(fn (PlacedPiece $p): array => WallFixings::of($p, $this->footing), $pieces);
        $own = self::byPiece($bodies, $contacts);
        $this->bears = array_map(EndLoads::of(...), $pieces);
        $screwed = array_map(fn (PlacedPiece $p): Fastened => SetOut::of($p->design, $p->fit, $p->project->unit, $this->bears[$p->piece->id])
            ->with((new DrivenFasteners($p, $own[$p->piece->id] ?? [], new Screws($p->project->unit)))->of()), $pieces);
        $this->fittings = array_map(fn (PlacedPiece $p): array => (new Fittings($p))->all(), $pieces);
        $this->fastened = array_map(fn (PlacedPiece $p): Fastened => $screwed[$p->piece->id]->with((new NailedFasteners($p, $own[$p->piece->id] ?? [],
            $screwed[$p->piece->id], $this->heldOtherwise($p->piece->id), new Screws($p->project->unit)))->of()), $pieces);
        $this->carriers = array_map(fn (PlacedPiece $p): Carriers => new Carriers($p, $own[$p->piece->id] ?? [], $this->fastened[$p->piece->id]), $pieces);
        $this->glued = array_map(fn (PlacedPiece $p): array => $this->unheld($p), $pieces);
        $this->hung = array_map(fn (PlacedPiece $p): array => (new WallLoads($p, $this->footing))->hung(), $pieces);
        $reached = new Reached($pieces, $this->wall, $contacts, $this->fastened);
        $this->loose = array_values(array_filter($bodies, fn (Body $b): bool => $b->kind === BodyKind::Fixed && ! $reached->is($b->id)));
        $this->turning = Hanging::turning($this);
    }

    /** @return list<string> boards of a piece that the wall holds, or something bought */
    private function heldOtherwise(string $piece): array
    {
        $fitted = array_map(fn (Fitting $f): array => [$f->on, $f->serves], $this->fittings[$piece]);

        return [...array_map(fn (WallFixing $f): string => $f->board->id, $this->wall[$piece]), ...array_merge(...$fitted, ...[[]])];
    }

    /**
     * @param  array<string, Body>  $bodies
     * @param  list<Contact>  $contacts
     * @return array<string, list<Contact>> those of two bodies of one piece, by piece
     */
    private static function byPiece(array $bodies, array $contacts): array
    {
        $own = [];
        foreach ($contacts as $contact) {
            if ($bodies[$contact->first]->piece === $bodies[$contact->second]->piece) {
                $own[$bodies[$contact->first]->piece][] = $contact;
            }
        }

        return $own;
    }

    /** @param  array<string, PlacedPiece>  $pieces */
    public static function of(array $pieces): self
    {
        $bySpace = [];
        foreach ($pieces as $piece) {
            $bySpace[$piece->piece->space] = [...$bySpace[$piece->piece->space] ?? [], ...Bodies::of($piece)];
        }
        $all = $contacts = $clashes = [];
        foreach ($bySpace as $bodies) {
            $touching = new Touching;
            foreach (Pairs::near($bodies) as [$a, $b]) {
                $clash = self::clash($a, $b);
                if ($clash !== null) {
                    $clashes[] = $clash;
                } elseif ($a->kind !== BodyKind::Reach && $b->kind !== BodyKind::Reach) {
                    $letIn = Shared::of($a->solid, $b->solid);
                    array_push($contacts, ...($letIn !== null && $letIn->depth > Clash::DEEP ? [Touching::letIn($a, $b, $letIn)] : $touching->of($a, $b)));
                }
            }
            foreach ($bodies as $body) {
                $all[$body->id] = $body;
            }
        }
        usort($clashes, fn (Clash $a, Clash $b): int => $b->room->volume <=> $a->room->volume);

        return new self($pieces, $all, $contacts, $clashes);
    }

    private static function clash(Body $a, Body $b): ?Clash
    {
        // What somebody reaches for is in the way of what stands there, not of what opens or of another such room.
        $isReach = $a->kind === BodyKind::Reach || $b->kind === BodyKind::Reach;
        if ($isReach && ! ($a->kind === BodyKind::Fixed || $b->kind === BodyKind::Fixed)) {
            return null;
        }
        if (! $a->bounds->overlaps($b->bounds)) {
            return null;
        }
        $shared = Shared::of($a->solid, $b->solid, [...$a->taken, ...$b->taken]);

        return $shared !== null && $shared->depth > Clash::DEEP && $shared->volume > Clash::LARGE ? new Clash($a, $b, $shared) : null;
    }

    /** @return list<Body> that nothing holds: neither floor nor wall is reached from them. What moves hangs on its fittings. */
    public function loose(): array
    {
        return $this->loose;
    }

    /** @return list<WallFastener> every screw of a piece into the wall */
    public function wallScrews(string $piece): array
    {
        return array_merge(...array_map(fn (WallFixing $f): array => $f->fasteners, $this->wall($piece)), ...[[]]);
    }

    /** @return list<Unit> that hang on the wall in such a way that their own weight turns them */
    public function turning(): array
    {
        return $this->turning;
    }

    /** Nothing is under it but air. */
    public function hangs(PlacedPiece $built, Unit $unit): bool
    {
        return in_array($unit, $this->hung[$built->piece->id], true);
    }

    /** @return list<WallFixing> of a piece */
    public function wall(string $piece): array
    {
        return $this->wall[$piece] ?? [];
    }

    /** What holds the bodies of a piece to each other, screw by screw. */
    public function fastened(string $piece): Fastened
    {
        return $this->fastened[$piece] ?? new Fastened([], []);
    }

    /** @return list<Unit> what goes to its place by itself and neither screw, nail, wall nor anything bought holds: it is glued */
    public function glued(string $piece): array
    {
        return $this->glued[$piece] ?? [];
    }

    /** @return list<Unit> */
    private function unheld(PlacedPiece $built): array
    {
        $held = array_fill_keys($this->heldOtherwise($built->piece->id), true);
        foreach ($this->fastened[$built->piece->id]->fasteners as $each) {
            $isAcross = ($this->footing->units[$each->from] ?? null) !== ($this->footing->units[$each->into ?? ''] ?? null);
            $held += $isAcross ? [$each->from => true, $each->into ?? '' => true] : [];
        }

        return array_values(array_filter($built->units, fn (Unit $u): bool => in_array($u->kind, [UnitKind::Loose, UnitKind::Frame], true)
            && NailedFasteners::isAsked($u) && array_intersect_key($held, array_flip($u->ids())) === []));
    }

    /** @return array<string, float> N that the end of a board bears on what holds it, by the ids of both, a space between */
    public function endLoads(string $piece): array
    {
        return $this->bears[$piece] ?? [];
    }

    /** @return list<Fitting> bought things that are fixed to the boards of a piece */
    public function fittings(string $piece): array
    {
        return $this->fittings[$piece] ?? [];
    }

    /** @return array<string, array<string, int>> how many of each kind, by piece */
    public function fasteners(): array
    {
        return array_map(fn (Fastened $f): array => $f->counts(), $this->fastened);
    }

    /** @return array<string, list<Bore>> the holes that takes, by part */
    public function bores(): array
    {
        return array_merge(...array_map(fn (Fastened $f): array => $f->bores, array_values($this->fastened)), ...[[]]);
    }

    /** What carries the level boards of a piece. */
    public function carriers(string $piece): Carriers
    {
        return $this->carriers[$piece] ?? throw new \LogicException("No such piece: $piece.");
    }
}
