<?php

declare(strict_types=1);

namespace Incastro\Core\Fit\Motion;

use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Design\Weight;
use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\SideKind;
use Incastro\Core\Document\Model\Treatment;
use Incastro\Core\Envelope\Spot;
use Incastro\Core\Fit\Neighbour;
use Incastro\Core\Geometry\View;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Survey\PlacedThing;
use Incastro\Core\Survey\Room;

/** Everything that moves, how far it opens in its real place and what stops it, and what struts a flap wants (fieldbook §12). */
final readonly class Motions
{
    /** Far enough to be a wall. mm. */
    private const FAR = 6000.0;

    /** What opens so much less, mm or degrees, is opened all the same. */
    private const LITTLE = 5.0;

    private const PLANTED = [Role::Trim, Role::Crown];

    /**
     * @param  list<Neighbour>  $neighbours
     */
    public function __construct(private Spot $spot, private Weight $weight, private array $neighbours = [])
    {
    }

    /**
     * @param  list<Panel>  $panels
     * @return list<Motion>
     */
    public function of(array $panels): array
    {
        $movers = (new Movers($this->spot->piece, $this->spot->box))->of($panels);
        $fixed = $this->fixed();
        $byId = [];
        foreach ($panels as $panel) {
            $byId[$panel->id] = $panel;
        }
        $isOwn = fn (Panel $p): bool => ! $p->role->moves() && $p->solid->isBlock();
        $own = array_map(fn (Panel $p): Obstacle => Obstacle::of($p->name, $p->block), array_values(array_filter($panels, $isOwn)));
        $planted = array_map(fn (Panel $p): Obstacle => Obstacle::of($p->name, $p->block),
            array_values(array_filter($panels, fn (Panel $p): bool => $isOwn($p) && in_array($p->role, self::PLANTED, true))));
        $shut = array_map(fn (Mover $m): array => array_map(fn (string $id): Obstacle => Obstacle::of($m->name, $byId[$id]->block), $m->parts), $movers);
        $swept = [];
        foreach (self::outermostFirst($movers) as $i => $mover) {
            $others = [];
            foreach ($movers as $j => $other) {
                if ($i !== $j) {
                    array_push($others, ...($mover->isBehind($other) ? [Obstacle::opened($other->bare(), $swept[$j]['opens'])] : $shut[$j]));
                }
            }
            // What swings up or down meets the piece's own boards over and under it; leaves and drawers are made to pass them, but for mouldings
            // that are planted on their face.
            $swept[$i] = Sweep::of($mover, [...$fixed, ...$others, ...($mover->view === View::Side ? $own : $planted)]);
        }

        return array_map(fn (Mover $m, int $i): Motion => new Motion($m, $swept[$i]['opens'], $swept[$i]['meets'],
            $this->struts($m, $swept[$i]['opens'], array_map(fn (string $id): Panel => $byId[$id], $m->parts)), self::against($i, $movers, $swept)),
            $movers, array_keys($movers));
    }

    /**
     * What stands behind another is swept after it, when it is known how far that opens.
     *
     * @param  list<Mover>  $movers
     * @return array<int, Mover> by their place in the list
     */
    private static function outermostFirst(array $movers): array
    {
        $isBehind = fn (Mover $m): bool => array_filter($movers, fn (Mover $other): bool => $m->isBehind($other)) !== [];

        return array_filter($movers, fn (Mover $m): bool => ! $isBehind($m)) + array_filter($movers, $isBehind);
    }

    /**
     * Of those before it in the list, which it does not pass once they stand open, so that they are opened one at a time.
     *
     * @param  list<Mover>  $movers
     * @param  array<int, array{opens: float, meets: Text|null}>  $swept
     * @return list<Text>
     */
    private static function against(int $i, array $movers, array $swept): array
    {
        $open = [];
        $mover = $movers[$i]->bare();
        foreach (array_slice($movers, 0, $i) as $j => $other) {
            if (! $mover->isBehind($other) && ! $other->isBehind($mover)) {
                $open[] = Obstacle::opened($other->bare(), $swept[$j]['opens']);
            }
        }
        $isMet = fn (Obstacle ...$all): bool => abs(Sweep::of($mover, array_values($all))['opens']) < abs($swept[$i]['opens']) - self::LITTLE;

        // Mostly it passes all of them at once.
        return $open === [] || ! $isMet(...$open) ? []
            : array_map(fn (Obstacle $o): Text => $o->name, array_values(array_filter($open, fn (Obstacle $o): bool => $isMet($o))));
    }

    /** @return list<Obstacle> walls, what is overhead, and what keeps its place in the room */
    private function fixed(): array
    {
        $obstacles = [];
        $mm = fn (Length $l): float => (float) $l->millimetres();
        foreach (Side::cases() as $side) {
            if ($this->spot->room->space->side($side) === SideKind::Wall) {
                $at = $side === Side::Left ? $mm($this->spot->box->greatestLeft->x) : $mm($this->spot->box->leastRight->x);
                $deep = max($mm($this->spot->room->sizes->depth), $mm($this->spot->box->rear->plus($this->spot->piece->depth)));
                $obstacles[] = new Obstacle(Text::of("motion.wall_{$side->value}"), $side === Side::Left ? [-self::FAR, 0.0, 0.0] : [$at, 0.0, 0.0],
                    $side === Side::Left ? [$at, $deep, self::FAR] : [$at + self::FAR, $deep, self::FAR]);
            }
        }
        $obstacles[] = new Obstacle(Text::of('motion.wall_back'), [-self::FAR, -self::FAR, 0.0], [self::FAR, 0.0, self::FAR]);
        $over = $this->spot->room->lowestOverhead($this->spot->box->left, $this->spot->box->right(), $this->spot->piece->depth);
        if ($over !== null && $this->spot->box->limit === null) {
            $obstacles[] = new Obstacle(Text::of('motion.overhead'), [-self::FAR, -self::FAR, $mm($over)], [self::FAR, self::FAR, self::FAR * 2]);
        }
        foreach ($this->neighbours as $neighbour) {
            $obstacles[] = Obstacle::of(Text::of('motion.neighbour', name: $neighbour->name), $neighbour->block);
        }
        $stays = fn (PlacedThing $t): bool => $t->isSolid()
            && ! in_array($t->thing->treatment, [Treatment::TakeOff, Treatment::Notch, Treatment::CutThrough, Treatment::BringForward], true);
        array_push($obstacles, ...array_map(fn (PlacedThing $t): Obstacle => Obstacle::of($t->name(), $t->block),
            array_values(array_filter($this->spot->room->things, $stays))));

        return $obstacles;
    }

    /**
     * Of a lid or a flap that opens upward: weight, and mountings so far along it and about as far down the side.
     *
     * @param  list<Panel>  $parts
     * @return array<string, float|int|null>|null
     */
    private function struts(Mover $mover, float $opens, array $parts): ?array
    {
        if (! in_array($mover->kind, [MoverKind::Lid, MoverKind::Lift], true)) {
            return null;
        }
        $kg = $this->weight->of(...$parts);
        [$u, $v] = $mover->pivot;
        $far = max(array_map(fn (array $p): float => hypot($p[0] - $u, $p[1] - $v), $mover->shapes[0]));
        $isLid = $mover->kind === MoverKind::Lid;
        $own = $this->spot->piece->struts;
        $on = $far * $own->onFlap;
        // A lid lies level shut and opens upward; a lift door hangs straight down, and its struts stand behind it.
        [$shut, $open] = $isLid ? [0.0, abs($opens)] : [-90.0, abs($opens) - 90.0];
        $struts = new Struts($kg, $far / 2, $shut, $open, $on, $isLid ? $on * 0.9 : $on * -0.4, $on * ($isLid ? 0.9 : 1.1));

        return ['kg' => round($kg, 2), 'centre' => round($far / 2, 1), 'on_flap' => round($on, 1), 'share' => $own->onFlap, 'count' => $own->count,
            'harder' => $own->harder] + array_map(fn (?float $v): ?float => $v === null ? null : round($v, 1), $struts->ratings($own->count, $own->harder));
    }
}
