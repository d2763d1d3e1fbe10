<?php

declare(strict_types=1);

namespace Incastro\Core\Fit\Units;

use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Panels that are joined to one another before they go to their place, or one that goes there by itself. */
final readonly class Unit
{
    /** 1.5 mm. */
    public const SEEN = 60_000;

    public string $id;

    /** @param  non-empty-list<Panel>  $panels */
    public function __construct(public UnitKind $kind, public array $panels)
    {
        $this->id = $panels[0]->id;
    }

    /** @return non-empty-list<string> */
    public function ids(): array
    {
        return array_map(fn (Panel $p): string => $p->id, $this->panels);
    }

    /** As it is called in a step: by its piece, and by its letter where the piece has several. */
    public function name(Piece $piece): Text
    {
        $place = $this->panels[0]->name->key === 'part.in' ? $this->panels[0]->name->args['place'] ?? null : null;

        return is_string($place) ? Text::of('step.box', piece: $piece->name, place: $place) : Text::of('step.whole', piece: $piece->name);
    }

    public function has(string $panel): bool
    {
        return in_array($panel, $this->ids(), true);
    }

    public function role(): Role
    {
        return $this->panels[0]->role;
    }

    /** What holds all its boards. */
    public function block(): Block
    {
        $from = fn (Axis $axis): Length => Length::least(...array_map(fn (Panel $p): Length => $p->block->from($axis), $this->panels));

        return new Block(new Place3($from(Axis::X), $from(Axis::Y), $from(Axis::Z)),
            new Place3($this->extent(Axis::X), $this->extent(Axis::Y), $this->extent(Axis::Z)));
    }

    public function bottom(): Length
    {
        return Length::least(...array_map(fn (Panel $p): Length => $p->block->corner->z, $this->panels));
    }

    public function extent(Axis $axis): Length
    {
        return Length::greatest(...array_map(fn (Panel $p): Length => $p->block->to($axis), $this->panels))
            ->minus(Length::least(...array_map(fn (Panel $p): Length => $p->block->from($axis), $this->panels)));
    }

    /** One board stands on another: an underside on an upper side, within what a tape does not see. */
    public static function rests(Panel $upper, Panel $lower): bool
    {
        return abs($upper->block->from(Axis::Z)->units - $lower->block->to(Axis::Z)->units) <= self::SEEN
            && self::overlap($upper, $lower, Axis::X) && self::overlap($upper, $lower, Axis::Y);
    }

    /** Stands beside the other, side to side. */
    public function isBeside(self $other): bool
    {
        foreach ($this->panels as $a) {
            foreach ($other->panels as $b) {
                if ($a->block->to(Axis::X)->equals($b->block->from(Axis::X)) && self::overlap($a, $b, Axis::Y) && self::overlap($a, $b, Axis::Z)) {
                    return true;
                }
            }
        }

        return false;
    }

    private static function overlap(Panel $a, Panel $b, Axis $axis): bool
    {
        return $a->block->from($axis)->isLessThan($b->block->to($axis)) && $b->block->from($axis)->isLessThan($a->block->to($axis));
    }
}
