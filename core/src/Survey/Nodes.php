<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\Along;
use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\SideKind;
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

    /** @var list<string> the surface and which one, by unknown */
    private array $keys = [];

    /** @var list<Tied> by unknown */
    private array $tied = [];

    /** @var list<float> mm */
    private array $mean = [];

    /** @var array<string, Straightedge> by name */
    private array $edges = [];

    /** @var array<string, Datum> by surface and which one */
    private array $datums = [];

    /** @var array<int, array<int, float>> covariances asked for before, mm² */
    private array $known = [];

    /** How the walls are taken to be. */
    private Character $character;

    public function __construct(public readonly Sizes $sizes, private readonly float $levelMmPerMetre)
    {
        $this->character = Character::usual();
    }

    /** The same unknowns of a house whose walls are otherwise; none is numbered in it that is not here. */
    public function as(Character $character): self
    {
        $same = clone $this;
        $same->character = $character;
        $same->datums = $same->known = [];
        $same->tied = array_map(fn (array $p): Tied => $same->datum($p[0], $p[2])->tied($p[1], $this->weights($p[0], $p[1])), $this->places);

        return $same;
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
            $this->keys[] = "{$surface->value} $of";
            $this->tied[] = $this->datum($surface, $of)->tied($place, $this->weights($surface, $place));
            $this->mean[] = $this->meanAt($surface, $place, $of);
        }

        return [$this->index[$key] => 1.0];
    }

    /**
     * @param  int  $along  where along it, units of 25 nm
     * @return array<int, float>
     */
    public function edge(Straightedge $edge, int $along): array
    {
        $this->edges[$edge->name] = $edge;

        return $this->at(Surface::Edge, $along, 0, $edge->name);
    }

    /** One that was laid, by its name. */
    public function straightedge(string $name): Straightedge
    {
        return $this->edges[$name];
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

    /**
     * All unknowns of a surface, where they are in metres.
     *
     * @return array<int, array{float, float}> by unknown
     */
    public function on(Surface $surface): array
    {
        return array_map(fn (array $p): array => $p[1], array_filter($this->places, fn (array $p): bool => $p[0] === $surface));
    }

    /** @return array{Surface, array{float, float}, string} */
    public function place(int $i): array
    {
        return $this->places[$i];
    }

    /** As `covariance`, worked out once: for who asks again and again. */
    public function known(int $i, int $j): float
    {
        return $this->known[$i][$j] ??= $this->covariance($i, $j);
    }

    /** Prior covariance of two unknowns, mm². */
    public function covariance(int $i, int $j): float
    {
        return $this->keys[$i] === $this->keys[$j] ? $this->datums[$this->keys[$i]]->covariance($this->tied[$i], $this->tied[$j]) : 0.0;
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
        $datum = $this->datum($surface, $of);
        $at = $datum->tied($p, $this->weights($surface, $p));

        return array_map(fn (int $j): float => $datum->covariance($at, $this->tied[$j]), $unknowns);
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
            Surface::Edge => match ($this->straightedge($of)->face) {
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

    private function datum(Surface $surface, string $of): Datum
    {
        return $this->datums["{$surface->value} $of"] ??= new Datum($this->prior($surface, $of), $this->points($surface));
    }

    /** @return list<array{float, float}> what the frame fixes of a surface, in metres */
    private function points(Surface $surface): array
    {
        [$lowest, $width, $depth] = array_map(self::metres(...), [$this->sizes->lowest(), $this->sizes->width, $this->sizes->depth]);

        return match ($surface) {
            Surface::Left => [[$depth, $lowest]],
            Surface::Back => [[0.0, $lowest], [$width, $lowest]],
            Surface::Floor => [[0.0, $depth]],
            default => [],
        };
    }

    /**
     * @param  array{float, float}  $p  metres
     * @return list<float> of each point
     */
    private function weights(Surface $surface, array $p): array
    {
        $width = self::metres($this->sizes->width);

        return match ($surface) {
            Surface::Left, Surface::Floor => [1.0],
            Surface::Back => [1.0 - $p[0] / $width, $p[0] / $width],
            default => [],
        };
    }

    private static function metres(Length $length): float
    {
        return $length->units / self::PER_METRE;
    }

    private function prior(Surface $surface, string $of): Prior
    {
        return match ($surface) {
            Surface::Left => $this->sidePrior(Side::Left),
            Surface::Right => $this->sidePrior(Side::Right),
            Surface::Back => Prior::backWall()->wandering($this->character),
            Surface::Floor, Surface::Ceiling, Surface::MouthHead => Prior::level(),
            Surface::Slope => Prior::slope($this->sizes->space->slope?->along === Along::Run),
            Surface::MouthLeft, Surface::MouthRight => Prior::jamb(),
            Surface::BreastLeft, Surface::BreastRight, Surface::BreastFront => Prior::breast()->wandering($this->character),
            Surface::Front => Prior::frontLine(),
            Surface::Edge => Prior::straightedge($this->straightedge($of)->isLevelled, $this->levelMmPerMetre),
            Surface::Step, Surface::StepAt, Surface::MouthDepth => Prior::single(),
        };
    }

    private function sidePrior(Side $side): Prior
    {
        return match ($this->sizes->space->side($side)) {
            SideKind::Wall => Prior::wall()->wandering($this->character)->stepping(WallStep::on($this->sizes->space, $side)),
            SideKind::Open => Prior::mark(),
            SideKind::Appliance => Prior::appliance(),
        };
    }
}
