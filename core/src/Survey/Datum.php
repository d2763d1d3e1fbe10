<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/**
 * A surface measured from the points the frame fixes on it: f(p) − Σ w(p)·f(g), g such a point. What a place has to do with each
 * of them is worked out once a place (Tied), as covariances are asked for every pair. Metres and mm².
 */
final readonly class Datum
{
    /** @var list<list<float>> of each point with each */
    private array $among;

    /** @param  list<array{float, float}>  $points  what the frame fixes of the surface, none for most */
    public function __construct(private Prior $prior, private array $points)
    {
        $this->among = array_map(fn (array $g): array => array_map(fn (array $h): float => $prior->covariance($g, $h), $points), $points);
    }

    /**
     * @param  array{float, float}  $p
     * @param  list<float>  $weights  of each point
     */
    public function tied(array $p, array $weights): Tied
    {
        return new Tied($p, $weights,
            array_map(fn (array $g): float => $this->prior->covariance($p, $g), $this->points),
            array_map(fn (array $g): float => $this->prior->covariance($g, $p), $this->points));
    }

    public function covariance(Tied $p, Tied $q): float
    {
        $k = $this->prior->covariance($p->place, $q->place);
        foreach ($p->weights as $i => $w) {
            $k -= $w * $q->from[$i];
            foreach ($q->weights as $j => $v) {
                $k += $w * $v * $this->among[$i][$j];
            }
        }
        foreach ($q->weights as $j => $v) {
            $k -= $v * $p->to[$j];
        }

        return $k;
    }
}
