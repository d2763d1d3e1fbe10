<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Loads\Way;

/**
 * How the weight goes down: bodies that do not bend, held to one another by bonds that give a little, all alike at each point. Then every
 * body is in balance, and where more bonds hold it than it needs, the nearer ones bear more (levers; the way of least work).
 */
final class Statics
{
    private const MM = 1_000.0;

    /** A bond is of stiffness 1 at each point: held by some, a body moves a few hundred times as far as one point would; held by none, 10⁸. */
    private const FAR = 1e6;

    private readonly Blocks $blocks;

    /** @var array<string, int> by body */
    private readonly array $index;

    /**
     * @param  array<string, array{float, float, float}>  $centres  of the bodies, mm
     * @param  list<Bond>  $bonds  between those, and to the house
     */
    public function __construct(private readonly array $centres, private readonly array $bonds)
    {
        $this->index = array_flip(array_keys($centres));
        $this->blocks = new Blocks(count($centres));
        foreach ($bonds as $bond) {
            foreach ($bond->points as $point) {
                $this->join($bond, $point);
            }
        }
        $this->blocks->eliminate();
    }

    /**
     * @param  list<Load>  $loads
     * @return list<list<array{float, float, float}>> by bond and its points: N that the body gets there; what holds it gets the opposite
     */
    public function forces(array $loads): array
    {
        $moves = $this->moves($loads);

        return array_map(fn (Bond $bond): array => array_map(fn (array $point): array => $this->force($bond, $point, $moves), $bond->points), $this->bonds);
    }

    /**
     * Bodies that no bond keeps from moving or turning, where the loads would have them do so: they go further than anything held does.
     *
     * @param  list<Load>  $loads
     * @return array<string, true>
     */
    public function slipping(array $loads): array
    {
        $far = array_sum(array_map(fn (Load $l): float => abs($l->force[0]) + abs($l->force[1]) + abs($l->force[2]), $loads)) * self::FAR;
        $moves = $this->moves($loads);

        return array_fill_keys(array_keys(array_filter($this->index, fn (int $i): bool => max(0.0, ...array_map(abs(...), $moves[$i])) > $far)), true);
    }

    /**
     * @param  list<Load>  $loads
     * @return array<int, list<float>> how far each body goes along x, y and z and turns about them
     */
    private function moves(array $loads): array
    {
        $right = array_fill(0, count($this->centres), array_fill(0, 6, 0.0));
        foreach ($loads as $load) {
            $i = $this->index[$load->body];
            $turns = self::cross($this->arm($load->body, $load->at), $load->force);
            $right[$i] = array_map(fn (float $sum, float $more): float => $sum + $more, $right[$i], [...$load->force, ...$turns]);
        }

        return $this->blocks->solve($right);
    }

    /**
     * @param  array{float, float, float}  $point
     * @param  array<int, list<float>>  $moves
     * @return array{float, float, float}
     */
    private function force(Bond $bond, array $point, array $moves): array
    {
        $own = $this->moved($bond->body, $point, $moves);
        $by = $bond->by === null ? [0.0, 0.0, 0.0] : $this->moved($bond->by, $point, $moves);

        return [$bond->ways[0] * ($by[0] - $own[0]), $bond->ways[1] * ($by[1] - $own[1]), $bond->ways[2] * ($by[2] - $own[2])];
    }

    /**
     * @param  array{float, float, float}  $point
     * @param  array<int, list<float>>  $moves
     * @return array{float, float, float}
     */
    private function moved(string $body, array $point, array $moves): array
    {
        $move = $moves[$this->index[$body]];
        $turn = self::cross([$move[3], $move[4], $move[5]], $this->arm($body, $point));

        return [$move[0] + $turn[0], $move[1] + $turn[1], $move[2] + $turn[2]];
    }

    /** @param  array{float, float, float}  $point */
    private function join(Bond $bond, array $point): void
    {
        $own = self::ways($this->arm($bond->body, $point));
        $by = $bond->by === null ? null : self::ways($this->arm($bond->by, $point));
        $i = $this->index[$bond->body];
        $this->blocks->add($i, $i, self::product($own, $own, $bond->ways, 1.0));
        if ($by !== null) {
            $j = $this->index[$bond->by];
            $this->blocks->add($j, $j, self::product($by, $by, $bond->ways, 1.0));
            $this->blocks->add($i, $j, self::product($own, $by, $bond->ways, -1.0));
            $this->blocks->add($j, $i, self::product($by, $own, $bond->ways, -1.0));
        }
    }

    /**
     * How a point moves with the six ways of its body: along x, y and z.
     *
     * @param  array{float, float, float}  $arm
     * @return array{list<float>, list<float>, list<float>}
     */
    private static function ways(array $arm): array
    {
        [$x, $y, $z] = $arm;

        return [[1.0, 0.0, 0.0, 0.0, $z, -$y], [0.0, 1.0, 0.0, -$z, 0.0, $x], [0.0, 0.0, 1.0, $y, -$x, 0.0]];
    }

    /**
     * @param  array{list<float>, list<float>, list<float>}  $a
     * @param  array{list<float>, list<float>, list<float>}  $b
     * @param  array{float, float, float}  $stiff
     * @return list<float>
     */
    private static function product(array $a, array $b, array $stiff, float $sign): array
    {
        $block = [];
        for ($r = 0; $r < 6; $r++) {
            for ($c = 0; $c < 6; $c++) {
                $block[] = $sign * ($stiff[0] * $a[0][$r] * $b[0][$c] + $stiff[1] * $a[1][$r] * $b[1][$c] + $stiff[2] * $a[2][$r] * $b[2][$c]);
            }
        }

        return $block;
    }

    /**
     * From the middle of a body, m.
     *
     * @param  array{float, float, float}  $at
     * @return array{float, float, float}
     */
    private function arm(string $body, array $at): array
    {
        $c = $this->centres[$body];

        return [($at[0] - $c[0]) / self::MM, ($at[1] - $c[1]) / self::MM, ($at[2] - $c[2]) / self::MM];
    }

    /**
     * @param  array{float, float, float}  $a
     * @param  array{float, float, float}  $b
     * @return array{float, float, float}
     */
    private static function cross(array $a, array $b): array
    {
        return [$a[1] * $b[2] - $a[2] * $b[1], $a[2] * $b[0] - $a[0] * $b[2], $a[0] * $b[1] - $a[1] * $b[0]];
    }
}
