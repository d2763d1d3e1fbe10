<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Machining;

use Incastro\Core\Assembly\Fastening\Bore;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\PanelOutline;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Geometry\View;
use Incastro\Core\Measure\Length;

/**
 * One face of a board as it lies on the bench with that face up, its grain from left to right: what is where in it, from its left
 * end and its lower edge. Seen from outside, so nothing is mirrored: with the house's axes left-handed, the axis across the
 * grain runs up when face and axes are an odd permutation of x, y, z, and down otherwise.
 */
final readonly class BoardFace
{
    private Axis $long;

    private Axis $wide;

    private Axis $thin;

    /** Whether the axis across the grain runs up. */
    private bool $runsUp;

    public function __construct(private Panel $board, public bool $upper)
    {
        [$this->long, $this->wide, $this->thin] = [$board->inHouse($board->long), $board->inHouse($board->wide()), $board->inHouse($board->thin)];
        $isEven = in_array($this->long->value.$this->wide->value.$this->thin->value, ['xyz', 'yzx', 'zxy'], true);
        $this->runsUp = $isEven !== $upper;
    }

    /** As it is called where the board stands: under and upper for a level one. */
    public function name(): string
    {
        $name = $this->board->facing($this->thin, $this->upper);

        return ['bottom' => 'under', 'top' => 'upper'][$name] ?? $name;
    }

    /** @return array{left: string, right: string, lower: string, upper: string} what lies at each side of the picture */
    public function sides(): array
    {
        return [
            'left' => $this->board->facing($this->long, false), 'right' => $this->board->facing($this->long, true),
            'lower' => $this->board->facing($this->wide, ! $this->runsUp), 'upper' => $this->board->facing($this->wide, $this->runsUp),
        ];
    }

    public function point(Place3 $p): Point
    {
        [$k, $j] = [$this->long->value, $this->wide->value];
        $b = $this->board->block;
        $across = $p->$j->minus($b->corner->$j);

        return new Point($p->$k->minus($b->corner->$k), $this->runsUp ? $across : $b->size->$j->minus($across));
    }

    /** @return array{x: Length, y: Length, length: Length, width: Length} */
    public function rectangle(Block $block): array
    {
        $p = $this->point($block->corner);
        $q = $this->point($block->corner->plus($block->size));

        return ['x' => $p->across, 'y' => Length::least($p->up, $q->up),
            'length' => $block->size->{$this->long->value}, 'width' => $block->size->{$this->wide->value}];
    }

    /** Whether a block reaches this face. */
    public function isOpen(Block $block): bool
    {
        $k = $this->thin->value;
        $b = $this->board->block;

        return $this->upper ? ! $block->corner->$k->plus($block->size->$k)->isLessThan($b->corner->$k->plus($b->size->$k))
            : ! $block->corner->$k->isGreaterThan($b->corner->$k);
    }

    public function isDrilledBy(Bore $bore): bool
    {
        return $bore->into === $this->thin && $bore->upward !== $this->upper;
    }

    /** @return list<list<Point>> outline and what goes through */
    public function loops(): array
    {
        $outline = new PanelOutline($this->board);
        $place = fn (Point $p): Place3 => match ($outline->view) {
            View::Front => new Place3($p->across, Length::zero(), $p->up),
            View::Side => new Place3(Length::zero(), $p->across, $p->up),
            View::Top => new Place3($p->across, $p->up->negated(), Length::zero()),
        };

        return array_map(fn (array $loop): array => array_map(fn (Point $p): Point => $this->point($place($p)), $loop), $outline->region->loops);
    }
}
