<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Design\Design;
use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Design\Weight;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;

/** What a piece comes to: its boards, their weight, its joints, and the edges that are seen. */
final readonly class Totals
{
    public int $parts;

    /** Of all its boards and what is bought for them, nothing in it, g, to the nearest 100 g. */
    public int $grams;

    public int $joints;

    /** Banded, or faced with a frame. */
    public Length $banded;

    public Length $framed;

    /**
     * @param  list<Panel>  $panels
     * @param  int  $fixings  screws and dowels in its joints
     */
    public function __construct(array $panels, Design $design, Weight $weight, public int $fixings)
    {
        $own = array_filter($panels, fn (Panel $p): bool => ! $p->bought);
        $this->parts = count($own);
        [$banded, $framed] = [Length::zero(), Length::zero()];
        foreach ($own as $panel) {
            foreach ($panel->banded as $edge) {
                $banded = $banded->plus(self::edge($panel, $edge));
            }
            $framed = in_array($panel->role, [Role::Stile, Role::Rail, Role::Mullion], true) ? $framed->plus($panel->length->value) : $framed;
        }
        $this->grams = (int) (round($weight->of(...$panels) * 10) * 100);
        $this->joints = count(array_filter($design->joints,
            fn ($j): bool => ! in_array($j->kind, [JointKind::Clears, JointKind::Rests, JointKind::Pins], true)));
        [$this->banded, $this->framed] = [$banded, $framed];
    }

    /** @return array<string, mixed> */
    public function written(): array
    {
        return ['parts' => $this->parts, 'grams' => $this->grams, 'joints' => $this->joints,
            'fixings' => $this->fixings, 'banded' => $this->banded, 'framed' => $this->framed];
    }

    /** A banded edge's own length: along the grain, or across it. */
    public static function edge(Panel $panel, string $edge): Length
    {
        $across = match ($edge) {
            'front' => Axis::Y,
            'left', 'right' => Axis::X,
            default => Axis::Z,
        };

        return $across === $panel->long ? $panel->width->value : $panel->length->value;
    }
}
