<?php

declare(strict_types=1);

namespace Incastro\Core\Cut;

use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Taken;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Measure\Length;

/**
 * A part as it lies on the bench: lengths from its left or lower end, widths from its rear, left or lower edge, as it stands
 * in the piece. What is cut off its rectangle, the angle of a bevelled edge, and what is taken out of it.
 */
final readonly class PartShape
{
    private Axis $long;

    private Axis $wide;

    private Axis $thin;

    public function __construct(private Panel $panel)
    {
        [$this->long, $this->wide, $this->thin] = [$panel->inHouse($panel->long), $panel->inHouse($panel->wide()), $panel->inHouse($panel->thin)];
    }

    /** @return list<array{Length, Length}>|null corners along and across the grain; null for a rectangle */
    public function outline(): ?array
    {
        if ($this->panel->solid->isBlock() || $this->panel->solid->axis !== $this->thin) {
            return null;
        }
        $corner = $this->panel->block->corner;

        return array_map(function (Point $p) use ($corner): array {
            $at = $this->inSpace($p);

            return [$at[$this->long->value]->minus($corner->{$this->long->value}), $at[$this->wide->value]->minus($corner->{$this->wide->value})];
        }, $this->panel->solid->outline);
    }

    /**
     * Edges that are not square to the face: degrees from square (fieldbook §4).
     *
     * @return list<float>
     */
    public function bevels(): array
    {
        $solid = $this->panel->solid;
        if ($solid->isBlock() || $solid->axis === $this->thin) {
            return [];
        }
        $bevels = [];
        foreach ($solid->outline as $i => $p) {
            $q = $solid->outline[($i + 1) % count($solid->outline)];
            [$a, $b] = [$this->inSpace($p), $this->inSpace($q)];
            $through = $b[$this->thin->value]->minus($a[$this->thin->value])->units;
            $rest = 0;
            foreach ([$this->long, $this->wide] as $axis) {
                $rest += ($b[$axis->value]->minus($a[$axis->value])->units) ** 2;
            }
            // An edge that runs through the board and aside as well is bevelled.
            if (abs($through) > 40 && sqrt($rest) > 40 && abs($through) <= $this->panel->block->size->{$this->thin->value}->units) {
                $bevels[] = round(rad2deg(atan(sqrt($rest) / abs($through))), 2);
            }
        }

        return $bevels;
    }

    /** @return list<array{kind: string, along: Length, across: Length, length: Length, width: Length, depth: Length}> */
    public function taken(): array
    {
        return array_map(function (Taken $t): array {
            [$corner, $own] = [$t->block->corner, $this->panel->block->corner];
            $size = fn (Axis $a): Length => $t->block->size->{$a->value};
            $at = fn (Axis $a): Length => $corner->{$a->value}->minus($own->{$a->value});

            return ['kind' => $t->kind->value, 'along' => $at($this->long), 'across' => $at($this->wide), 'length' => $size($this->long), 'width' => $size($this->wide),
                'depth' => Length::least($size($this->thin), $this->panel->block->size->{$this->thin->value})];
        }, $this->panel->taken);
    }

    /** Tells parts apart that are not the same board on the bench: mirrored ones too. */
    public function key(): string
    {
        $taken = array_map(fn (Taken $t): string => $t->kind->value.self::numbers($t->block, $this->panel->block), $this->panel->taken);
        sort($taken);

        return json_encode([$this->outline(), $this->bevels(), $taken], JSON_THROW_ON_ERROR);
    }

    private static function numbers(Block $block, Block $own): string
    {
        $numbers = [];
        foreach (['x', 'y', 'z'] as $axis) {
            $numbers[] = $block->corner->$axis->units - $own->corner->$axis->units;
            $numbers[] = $block->size->$axis->units;
        }

        return implode(',', $numbers);
    }

    /** @return array<string, Length> */
    private function inSpace(Point $p): array
    {
        return match ($this->panel->solid->axis) {
            Axis::X => ['x' => $this->panel->solid->from, 'y' => $p->across, 'z' => $p->up],
            Axis::Y => ['x' => $p->across, 'y' => $this->panel->solid->from, 'z' => $p->up],
            Axis::Z => ['x' => $p->across, 'y' => $p->up, 'z' => $this->panel->solid->from],
        };
    }
}
