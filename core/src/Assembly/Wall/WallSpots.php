<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Wall;

use Incastro\Core\Design\Panel;
use Incastro\Core\Fit\WallBoards;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;

/**
 * Where screws through a board into the wall may stand. A stud of 38 takes one column, 24 from the board's edges and 25 apart: one screw in
 * a board under 73 high, two from 73, three from 98, four from 123. Elsewhere one beside another, no nearer than 100.
 */
final readonly class WallSpots
{
    /** Least heights for two, three and four in one column. */
    private const HIGH_MM = [73, 98, 123];

    private const EDGE_MM = 24;

    /** Between screws that hold in no stud: at most without a load, and at least. Our own figures. */
    private const PITCH_MM = 400;

    private const NEAREST_MM = 100;

    /** @param  list<Length>  $studs  behind the board; none where screws hold elsewhere */
    public function __construct(private Panel $board, private array $studs)
    {
    }

    public function room(): int
    {
        return $this->studs === [] ? 1 + intdiv($this->between(), self::NEAREST_MM * Length::PER_MM) : count($this->studs) * $this->rows();
    }

    /** @return int how many it takes whatever hangs on it: one in each stud, and two in one alone, on which it would turn */
    public function least(): int
    {
        return $this->studs !== [] ? max(count($this->studs), min(2, $this->room()))
            : min($this->room(), max(2, 1 + (int) ceil($this->between() / (self::PITCH_MM * Length::PER_MM))));
    }

    /** @return list<array{Length, Length}> x and z, column by column from the left, each from below; no more than there is room for */
    public function of(int $count): array
    {
        $count = max($this->least(), min($count, $this->room()));
        $columns = $this->studs === [] ? $this->spread($count) : $this->studs;
        $last = count($columns) - 1;
        // What is left over goes to the outer ones first.
        $outer = array_keys($columns);
        usort($outer, fn (int $a, int $b): int => abs(2 * $b - $last) <=> abs(2 * $a - $last));
        $more = array_flip(array_slice($outer, 0, $count % ($last + 1)));
        $spots = [];
        foreach ($columns as $i => $x) {
            foreach ($this->heights(intdiv($count, $last + 1) + (isset($more[$i]) ? 1 : 0)) as $z) {
                $spots[] = [$x, $z];
            }
        }

        return $spots;
    }

    private function rows(): int
    {
        $high = $this->board->block->extent(Axis::Z);

        return 1 + count(array_filter(self::HIGH_MM, fn (int $mm): bool => ! $high->isLessThan(Length::fromMillimetres($mm))));
    }

    /** Along the board from its first place to its last. */
    private function between(): int
    {
        return max(0, $this->board->block->extent(Axis::X)->units - 2 * WallBoards::END_MM * Length::PER_MM);
    }

    /** @return non-empty-list<Length> */
    private function spread(int $count): array
    {
        $from = $this->board->block->from(Axis::X)->plus(Length::fromMillimetres(WallBoards::END_MM));

        return $count < 2 ? [$this->board->block->middle(Axis::X)]
            : array_map(fn (int $i): Length => $from->plus(Length::ofUnits(intdiv($this->between() * $i, $count - 1))), range(0, $count - 1));
    }

    /** @return list<Length> */
    private function heights(int $n): array
    {
        $block = $this->board->block;
        if ($n < 2) {
            return $n === 1 ? [$block->middle(Axis::Z)] : [];
        }
        $edge = Length::fromMillimetres(self::EDGE_MM);
        [$from, $free] = [$block->from(Axis::Z)->plus($edge), $block->extent(Axis::Z)->minus($edge->times(2))->units];

        return array_map(fn (int $i): Length => $from->plus(Length::ofUnits(intdiv($free * $i, $n - 1))), range(0, $n - 1));
    }
}
