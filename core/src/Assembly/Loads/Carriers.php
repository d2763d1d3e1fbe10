<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Loads;

use Incastro\Core\Assembly\Contact;
use Incastro\Core\Assembly\Fastening\Fastened;
use Incastro\Core\Assembly\Fastening\FastenerKind;
use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;

/**
 * What carries the level boards of a piece: what stands on edge under them, what holds their ends, and what hangs them on a back. Flat boards
 * under a board bend with it and carry nothing by themselves.
 */
final class Carriers
{
    /** What carries it reaches so far under it at least. */
    private const BEARING_MM = 30.0;

    /** Lower over the floor it is packed. */
    private const PACKED_MM = 30;

    /** At the ends of what lies on pins. */
    private const PLAY_MM = 5.0;

    /** A shorter stretch between two carriers is none. */
    private const GAP_MM = 5.0;

    private const HOLDS = [JointKind::Screws, JointKind::PocketScrews, JointKind::Dowels, JointKind::Dado, JointKind::Pins, JointKind::Groove];

    /** @var array<string, list<Contact>> by body */
    private array $touch = [];

    /** @var array<string, true> uprights fixed to a nailer, which the wall holds */
    private array $hangs = [];

    /** @var array<string, true> uprights that a back is screwed to */
    private array $backed = [];

    /** @param  list<Contact>  $contacts  between boards of the piece */
    public function __construct(private readonly PlacedPiece $built, array $contacts, Fastened $fastened)
    {
        foreach ($contacts as $contact) {
            $this->touch[$contact->first][] = $this->touch[$contact->second][] = $contact;
        }
        foreach ($fastened->of(FastenerKind::BackScrew) as $screw) {
            $this->backed[$screw->into ?? ''] = true;
        }
        foreach ($built->joints(JointKind::Screws, JointKind::PocketScrews) as [, , $one, $other]) {
            $this->hangs += $one->role === Role::Nailer ? [$other->id => true] : [];
        }
    }

    /** A back is screwed along it. */
    public function isBacked(Panel $board): bool
    {
        return isset($this->backed[$board->id]);
    }

    /** @return non-empty-list<Panel> the board first, then flat ones that it lies on */
    public function stack(Panel $board): array
    {
        $stack = [$board];
        foreach ($this->under($board) as [$lower]) {
            array_push($stack, ...(self::isFlat($lower) ? $this->stack($lower) : []));
        }

        return array_values(array_column(array_map(fn (Panel $p): array => [$p->id, $p], $stack), 1, 0));
    }

    /**
     * The stretches of a board between what carries it across an axis, and how far it runs on past the last; null where fewer than two
     * carry it so.
     *
     * @return list<Stretch>|null
     */
    public function stretches(Panel $board, Axis $along): ?array
    {
        if ($this->isOnFloor($board)) {
            return [];
        }
        $carried = [];
        foreach ($this->stack($board) as $layer) {
            array_push($carried, ...$this->carried($layer, $board, $along));
        }
        [$from, $to] = [self::mm($board->block->from($along)), self::mm($board->block->to($along))];
        // Of what carries a flat board under it, only what lies under this one.
        $carried = array_values(array_filter($carried, fn (array $c): bool => $c[1] >= $from - self::PLAY_MM && $c[0] <= $to + self::PLAY_MM));
        sort($carried);
        if (count($carried) < 2) {
            return null;
        }
        $stretches = [new Stretch($from, $carried[0][0], true)];
        $end = $carried[0][1];
        foreach ($carried as [$next, $last]) {
            $stretches[] = new Stretch($end, $next, false);
            $end = max($end, $last);
        }
        $stretches[] = new Stretch($end, $to, true);

        return array_values(array_filter($stretches, fn (Stretch $s): bool => $s->length() > self::GAP_MM));
    }

    /** @return list<Panel> boards on edge that run along under it, from one of its carriers to the other, and bend with it */
    public function ribs(Panel $board, Axis $along): array
    {
        $long = $board->block->extent($along);

        return array_values(array_map(fn (array $u): Panel => $u[0], array_filter($this->under($board), fn (array $u): bool => ! self::isFlat($u[0])
            && $u[1]->block()->extent($along)->times(5)->isGreaterThan($long->times(4)))));
    }

    /** It lies so close over the floor that packers carry it. */
    private function isOnFloor(Panel $board): bool
    {
        return ! $this->built->piece->up()->isPositive() && ! $board->role->moves()
            && $board->block->from(Axis::Z)->minus($this->built->box->floor)->isLessThan(Length::fromMillimetres(self::PACKED_MM));
    }

    /** Something on edge runs along under the front edge, or a flat rail does. */
    public function hasFrontEdge(Panel $board): bool
    {
        $across = $board->inHouse(Axis::Y);
        $isUpper = $board->facing($across, true) === 'front';
        $edge = $isUpper ? $board->block->to($across) : $board->block->from($across);
        $near = Length::fromMillimetres(60);
        foreach ($this->under($board) as [$lower, $contact]) {
            $reaches = $isUpper ? ! $lower->block->to($across)->isLessThan($edge->minus($near))
                : ! $lower->block->from($across)->isGreaterThan($edge->plus($near));
            $along = $contact->block()->extent($board->inHouse(Axis::X));
            if ($reaches && $along->times(2)->isGreaterThan($board->block->extent($board->inHouse(Axis::X)))) {
                return true;
            }
        }

        return false;
    }

    /** @return list<array{float, float}> from where to where along the axis one of the layers is carried */
    private function carried(Panel $layer, Panel $board, Axis $along): array
    {
        $found = [];
        foreach ($this->under($layer) as [$lower, $contact]) {
            $area = $contact->block();
            $across = $along === Axis::X ? Axis::Y : Axis::X;
            $isAcross = self::mm($area->extent($across)) >= min(self::BEARING_MM, self::mm($layer->block->extent($across)) / 2);
            // What runs along under all of it carries it across, not along.
            $runs = $area->extent($along)->times(5)->isGreaterThan($layer->block->extent($along)->times(4));
            if (! self::isFlat($lower) && $isAcross && ! $runs) {
                $found[] = [self::mm($area->from($along)), self::mm($area->to($along))];
            }
        }
        foreach ($this->built->design->joints as $joint) {
            if ($joint->first === $layer->id && $joint->axis === $along && in_array($joint->kind, self::HOLDS, true)) {
                $upright = $this->built->panels[$joint->second] ?? null;
                $found = $upright === null ? $found : [...$found, [self::mm($upright->block->from($along)), self::mm($upright->block->to($along))]];
            }
        }

        return [...$found, ...$this->hung($layer, $along)];
    }

    /** @return list<array{float, float}> a bottom hangs on the dividers over it that a back or a nailer holds */
    private function hung(Panel $layer, Axis $along): array
    {
        $found = [];
        foreach ($layer->role === Role::Bottom ? $this->touch[$layer->id] ?? [] : [] as $contact) {
            $upper = $this->built->panels[$contact->other($layer->id)] ?? null;
            $isHeld = $upper !== null && (isset($this->backed[$upper->id]) || isset($this->hangs[$upper->id]));
            if ($isHeld && $contact->axis() === Axis::Z && $contact->runsUpFrom($layer->id)) {
                $found[] = [self::mm($contact->block()->from($along)), self::mm($contact->block()->to($along))];
            }
        }

        return $found;
    }

    /** @return list<array{Panel, Contact}> what a board lies on */
    private function under(Panel $board): array
    {
        $found = [];
        foreach ($this->touch[$board->id] ?? [] as $contact) {
            $lower = $this->built->panels[$contact->other($board->id)] ?? null;
            if ($lower !== null && $contact->axis() === Axis::Z && ! $contact->runsUpFrom($board->id) && ! $contact->isLetIn
                && ($board->role->moves() || ! $lower->role->moves() || $lower->role === Role::BoxPart)) {
                $found[] = [$lower, $contact];
            }
        }

        return $found;
    }

    private static function isFlat(Panel $panel): bool
    {
        return $panel->inHouse($panel->thin) === Axis::Z;
    }

    private static function mm(Length $length): float
    {
        return $length->units / Length::PER_MM;
    }
}
