<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\ReadingKind;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\SideKind;
use Incastro\Core\Measure\Length;

/**
 * A side that turns or leans further than walls do may be two surfaces with a step between them. That is asked, not guessed: first its middle is read;
 * where that does not lie on the line between the ends, where the edge is.
 *
 * @phpstan-type Place array{y: int, z: int, sum: array<int, float>}
 * @phpstan-type Line array{upright: bool, ends: array{Place, Place}, middles: list<array{Place, Place, Place, float}>}
 */
final readonly class Bends
{
    /** tan 1.5°, and 8 mm a metre. */
    private const TURN = 0.0262;

    private const LEAN = 0.008;

    /** A reading counts as its middle between these shares of the way. */
    private const MIDDLE = [0.2, 0.8];

    /** Of what a step would leave between the middle and the line. Of what a width says half is laid to the other side. */
    private const BENT = 0.4;

    /** @var array<string, list<Line>> by side */
    private array $lines;

    /** To be made before the readings are adjusted: it numbers every unknown that it asks for. */
    public function __construct(private Nodes $nodes)
    {
        $lines = [];
        foreach (Side::cases() as $side) {
            $isWall = $nodes->sizes->space->side($side) === SideKind::Wall;
            $lines[$side->value] = $isWall && $nodes->sizes->stations !== [] ? $this->lines($side) : [];
        }
        $this->lines = $lines;
    }

    /**
     * @param  array<int, float>  $mean  the room as learned, mm
     * @return list<Unread>
     */
    public function of(Side $side, array $mean): array
    {
        $lines = array_filter($this->lines[$side->value], fn (array $l): bool => ! WallStep::isAnswered($this->nodes->sizes->space, $side, $l['upright']));

        return array_values(array_filter(array_map(fn (array $l): ?Unread => $this->asked($side, $l, $mean), $lines)));
    }

    /**
     * @param  Line  $line
     * @param  array<int, float>  $mean
     */
    private function asked(Side $side, array $line, array $mean): ?Unread
    {
        [$from, $to] = $line['ends'];
        $span = Sum::value($to['sum'], $mean) - Sum::value($from['sum'], $mean);
        $run = hypot($to['y'] - $from['y'], $to['z'] - $from['z']);
        if (abs($span) * Length::PER_MM <= $run * ($line['upright'] ? self::TURN : self::LEAN)) {
            return null;
        }
        if ($line['middles'] === []) {
            return new Unread($side, Length::ofUnits(intdiv($from['z'] + $to['z'], 2)), Length::ofUnits(intdiv($from['y'] + $to['y'], 2)),
                Clip::nearest(abs($span)), $line['upright'] ? Missing::Turns : Missing::Leans);
        }
        foreach ($line['middles'] as [$middle, $begin, $end, $t]) {
            $off = abs(Sum::value($middle['sum'], $mean) - (1 - $t) * Sum::value($begin['sum'], $mean) - $t * Sum::value($end['sum'], $mean));
            if ($off > self::BENT * min($t, 1 - $t) * abs($span)) {
                return new Unread($side, Length::zero(), Length::zero(), Clip::nearest($off), $line['upright'] ? Missing::StepOut : Missing::StepUp);
            }
        }

        return null;
    }

    /** @return list<Line> out from the back, and up */
    private function lines(Side $side): array
    {
        $stations = $this->nodes->sizes->stations;
        [$low, $high, $depth] = [$stations[0]->units, $stations[count($stations) - 1]->units, $this->nodes->sizes->depth->units];
        $at = fn (int $y, int $z): array => ['y' => $y, 'z' => $z, 'sum' => $this->nodes->at(Surface::side($side), $y, $z)];
        $out = $up = [];
        foreach ($this->read($side) as [$y, $z]) {
            $t = $y / max(1, $depth);
            $out = self::isMiddle($t) ? [...$out, [$at($y, $z), $at(0, $z), $at($depth, $z), $t]] : $out;
            $t = ($z - $low) / max(1, $high - $low);
            $up = self::isMiddle($t) && in_array($y, [0, $depth], true) ? [...$up, [$at($y, $z), $at($y, $low), $at($y, $high), $t]] : $up;
        }
        $lines = [['upright' => true, 'ends' => [$at(0, $low), $at($depth, $low)], 'middles' => $out]];

        return $low === $high ? $lines : [...$lines, ['upright' => false, 'ends' => [$at($depth, $low), $at($depth, $high)], 'middles' => $up]];
    }

    private static function isMiddle(float $t): bool
    {
        return $t > self::MIDDLE[0] && $t < self::MIDDLE[1];
    }

    /** @return list<array{int, int}> where the side was read by a tape, a level or a rule behind an edge: units from the back and above the floor */
    private function read(Side $side): array
    {
        $sizes = $this->nodes->sizes;
        $of = fn (Reading $r): bool => match ($r->kind) {
            ReadingKind::Width => true,
            ReadingKind::Plumb, ReadingKind::Gap => $r->on() === Face::from($side->value),
            default => false,
        };

        return array_values(array_map(fn (Reading $r): array => [$sizes->y($r)->units, $r->z->units],
            array_filter($sizes->space->readings, fn (Reading $r): bool => $r->isTaken() && $of($r))));
    }
}
