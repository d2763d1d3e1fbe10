<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Along;
use Incastro\Core\Document\Face;
use Incastro\Core\Document\Side;
use Incastro\Core\Document\SideKind;
use Incastro\Core\Measure\Length;

/**
 * The numbered unknowns: one for each place of a surface that a reading or a question touches. An unknown is an absolute
 * value in mm. Fixed by choice and no unknown (the frame of docs/frame.md): the left side at the front and lowest station (x = 0),
 * the back wall at that height at both ends (y = 0), the floor at the left front (z = 0).
 */
final class Nodes
{
    private const PER_METRE = 40_000_000;

    /** @var array<string, int> */
    private array $index = [];

    /** @var list<array{Surface, array{float, float}, string}> surface, place in metres, which one (straightedges and steps) */
    private array $places = [];

    /** @var list<list<array{float, array{float, float}}>> what each place is measured from */
    private array $from = [];

    /** @var list<float> mm */
    private array $mean = [];

    /** @var array<string, Prior> */
    private array $priors = [];

    public function __construct(public readonly Sizes $sizes, private readonly float $levelMmPerMetre)
    {
    }

    /**
     * @param  int  $a  units of 25 nm, as for the surface
     * @param  int  $b  units of 25 nm
     * @return array<int, float> one unknown; none where the frame fixes it
     */
    public function at(Surface $surface, int $a, int $b, string $of = ''): array
    {
        if ($this->isFixed($surface, $a, $b)) {
            return [];
        }
        $key = "{$surface->value} $a $b $of";
        if (! isset($this->index[$key])) {
            $this->index[$key] = count($this->places);
            $place = [$a / self::PER_METRE, $b / self::PER_METRE];
            $this->places[] = [$surface, $place, $of];
            $this->from[] = $this->fixedFrom($surface, $place);
            $this->mean[] = $this->meanAt($surface, $place, $of);
        }

        return [$this->index[$key] => 1.0];
    }

    public function count(): int
    {
        return count($this->places);
    }

    /** @return list<float> */
    public function mean(): array
    {
        return $this->mean;
    }

    /** @return array{Surface, array{float, float}, string} */
    public function place(int $i): array
    {
        return $this->places[$i];
    }

    /** Prior covariance of two unknowns, mm². */
    public function covariance(int $i, int $j): float
    {
        [$surface, $p, $of] = $this->places[$i];
        [$other, $q, $ofOther] = $this->places[$j];

        return $surface === $other && $of === $ofOther ? self::between($this->prior($surface, $of), [$p, $this->from[$i]], [$q, $this->from[$j]]) : 0.0;
    }

    /**
     * Prior covariances of any place of a surface with its unknowns, mm².
     *
     * @param  array{float, float}  $p  metres
     * @param  list<int>  $unknowns  of the same surface
     * @return list<float>
     */
    public function covariances(Surface $surface, string $of, array $p, array $unknowns): array
    {
        $prior = $this->prior($surface, $of);
        $from = [$p, $this->fixedFrom($surface, $p)];

        return array_map(fn (int $j): float => self::between($prior, $from, [$this->places[$j][1], $this->from[$j]]), $unknowns);
    }

    /**
     * Of the surface measured from the places the frame fixes: f(p) − Σ w(p)·f(g).
     *
     * @param  array{array{float, float}, list<array{float, array{float, float}}>}  $atP  the place in metres and what it is measured from
     * @param  array{array{float, float}, list<array{float, array{float, float}}>}  $atQ  the same
     */
    private static function between(Prior $prior, array $atP, array $atQ): float
    {
        [[$p, $fromP], [$q, $fromQ]] = [$atP, $atQ];
        $k = $prior->covariance($p, $q);
        foreach ($fromP as [$w, $g]) {
            $k -= $w * $prior->covariance($g, $q);
            foreach ($fromQ as [$v, $h]) {
                $k += $w * $v * $prior->covariance($g, $h);
            }
        }
        foreach ($fromQ as [$v, $h]) {
            $k -= $v * $prior->covariance($p, $h);
        }

        return $k;
    }

    /** @param  array{float, float}  $place  metres */
    public function meanAt(Surface $surface, array $place, string $of = ''): float
    {
        $mm = fn (Length $length): float => (float) $length->millimetres();
        $s = $this->sizes;

        return match ($surface) {
            Surface::Right => $mm($s->width),
            Surface::Front => $mm($s->depth),
            Surface::Ceiling => $mm($s->height),
            Surface::MouthLeft => 0.1 * $mm($s->width),
            Surface::MouthRight => 0.9 * $mm($s->width),
            Surface::MouthHead => 0.85 * $mm($s->height),
            Surface::MouthDepth => 20.0,
            Surface::BreastLeft => 0.3 * $mm($s->width),
            Surface::BreastRight => 0.7 * $mm($s->width),
            Surface::BreastFront => $mm($s->depth),
            Surface::Slope => $this->slopeAt($place),
            Surface::Edge => match (Straightedge::of($of)->face) {
                Face::Right => $mm($s->width),
                Face::Ceiling => $mm($s->height),
                Face::Slope => $this->sizes->slopeGuess()[0],
                default => 0.0,
            },
            Surface::Step, Surface::StepAt => 0.5 * $mm($s->height),
            default => 0.0,
        };
    }

    /** @param  array{float, float}  $place */
    private function slopeAt(array $place): float
    {
        [$low, $rise] = $this->sizes->slopeGuess();
        $slope = $this->sizes->space->slope;
        $width = (float) $this->sizes->width->millimetres() / 1000;
        $metres = $slope?->along === Along::Depth ? $place[1] : ($slope?->direction() === -1 ? $width - $place[0] : $place[0]);

        return $low + 1000 * $rise * $metres;
    }

    private function isFixed(Surface $surface, int $a, int $b): bool
    {
        $lowest = $this->sizes->lowest()->units;

        return match ($surface) {
            Surface::Left => $a === $this->sizes->depth->units && $b === $lowest,
            Surface::Back => $b === $lowest && ($a === 0 || $a === $this->sizes->width->units),
            Surface::Floor => $a === 0 && $b === $this->sizes->depth->units,
            default => false,
        };
    }

    /**
     * @param  array{float, float}  $p
     * @return list<array{float, array{float, float}}> weights and places of what is fixed
     */
    private function fixedFrom(Surface $surface, array $p): array
    {
        $metres = fn (Length $length): float => $length->units / self::PER_METRE;
        $s = $this->sizes;
        $lowest = $metres($s->lowest());
        $width = $metres($s->width);

        return match ($surface) {
            Surface::Left => [[1.0, [$metres($s->depth), $lowest]]],
            Surface::Back => [[1.0 - $p[0] / $width, [0.0, $lowest]], [$p[0] / $width, [$width, $lowest]]],
            Surface::Floor => [[1.0, [0.0, $metres($s->depth)]]],
            default => [],
        };
    }

    private function prior(Surface $surface, string $of): Prior
    {
        return $this->priors["{$surface->value} $of"] ??= match ($surface) {
            Surface::Left => self::sidePrior($this->sizes->space->side(Side::Left)),
            Surface::Right => self::sidePrior($this->sizes->space->side(Side::Right)),
            Surface::Back => Prior::backWall(),
            Surface::Floor, Surface::Ceiling, Surface::MouthHead => Prior::level(),
            Surface::Slope => Prior::slope($this->sizes->space->slope?->along === Along::Run),
            Surface::MouthLeft, Surface::MouthRight => Prior::jamb(),
            Surface::BreastLeft, Surface::BreastRight, Surface::BreastFront => Prior::breast(),
            Surface::Front => Prior::frontLine(),
            Surface::Edge => Prior::straightedge(Straightedge::of($of)->isLevelled, $this->levelMmPerMetre),
            Surface::Step, Surface::StepAt, Surface::MouthDepth => Prior::single(),
        };
    }

    private static function sidePrior(SideKind $kind): Prior
    {
        return match ($kind) {
            SideKind::Wall => Prior::wall(),
            SideKind::Open => Prior::mark(),
            SideKind::Appliance => Prior::appliance(),
        };
    }
}
