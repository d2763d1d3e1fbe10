<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Fastening;

use Incastro\Core\Design\Design;
use Incastro\Core\Design\Joint;
use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\Panel;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Measure\Length;

/** Holes for shelf pins (fieldbook §6: 5 mm, 32 mm apart): a pin's top is the shelf's underside; two spare heights up and two down. */
final readonly class PinFasteners
{
    private const DIAMETER_MM = 5;

    private const PITCH_MM = 32;

    private const SPARES = [1, -1, 2, -2];

    /** From the shelf's front and rear edges. */
    private const IN_MM = 37;

    private const DEEPEST_MM = 10;

    /** Clear above and below a spare height, for the shelf to be of use there. */
    private const CLEAR_MM = 64;

    public function __construct(private Boards $boards, private Design $design)
    {
    }

    public function make(): void
    {
        foreach ($this->joints() as [$shelf, $upright, $axis]) {
            array_map($this->boards->add(...), $this->pair($shelf, $upright, $axis, 0));
        }
    }

    /** Left out where something else is in the way. */
    public function spares(): void
    {
        foreach ($this->joints() as [$shelf, $upright, $axis]) {
            $cell = $this->design->cells[$shelf->bay ?? ''] ?? null;
            $clear = Length::fromMillimetres(self::CLEAR_MM);
            if ($cell === null) {
                continue;
            }
            foreach (self::SPARES as $step) {
                $pair = $this->pair($shelf, $upright, $axis, $step);
                $z = $pair[0]->drive->at->z;
                if (! $z->minus($clear)->isLessThan($cell->z->from) && ! $z->plus($clear)->isGreaterThan($cell->z->to())
                    && $pair === array_values(array_filter($pair, $this->boards->isFree(...)))) {
                    array_map($this->boards->add(...), $pair);
                }
            }
        }
    }

    /** @return list<array{Panel, Panel, Axis}> each shelf with each upright its pins are in */
    private function joints(): array
    {
        $pins = array_filter($this->design->joints, fn (Joint $j): bool => $j->kind === JointKind::Pins);
        $found = [];
        foreach ($pins as $joint) {
            [$shelf, $upright] = [$this->boards->panel($joint->first), $this->boards->panel($joint->second)];
            if ($shelf !== null && $upright !== null) {
                $found[] = [$shelf, $upright, $joint->axis];
            }
        }

        return $found;
    }

    /** @return non-empty-list<Fastener> the rear and the front one */
    private function pair(Panel $shelf, Panel $upright, Axis $axis, int $step): array
    {
        [$k, $along] = [$axis->value, $axis === Axis::X ? 'y' : 'x'];
        $isAfter = $upright->block->corner->$k->isGreaterThan($shelf->block->corner->$k);
        $face = $isAfter ? $upright->block->corner->$k : $upright->block->corner->$k->plus($upright->block->size->$k);
        $diameter = Length::fromMillimetres(self::DIAMETER_MM);
        $z = $shelf->block->corner->z->minus($diameter->half())->plus(Length::fromMillimetres(self::PITCH_MM)->times(abs($step))->times($step <=> 0));
        [$from, $size] = [$shelf->block->corner->$along, $shelf->block->size->$along];
        $in = Length::least(Length::fromMillimetres(self::IN_MM), $size->splitInto(4)[0]);
        $at = fn (Length $p): Place3 => $axis === Axis::X ? new Place3($face, $p, $z) : new Place3($p, $face, $z);

        $hole = new Hole($step === 0 ? BoreKind::Pin : BoreKind::SparePin, $diameter, self::depth($upright->block->size->$k));

        return array_map(fn (Length $p): Fastener => Fastener::drilled($step === 0 ? FastenerKind::Pin : FastenerKind::SparePin, $shelf->id, null,
            [Bore::round($hole, $upright, $shelf->id, new Drill($at($p), $axis, $isAfter))]),
            [$from->plus($in), $from->plus($size)->minus($in)]);
    }

    /** Shelves on both sides of an upright at one height leave 2 mm between the pins. */
    private static function depth(Length $thickness): Length
    {
        $half = intdiv($thickness->minus(Length::fromMillimetres(2))->units, 2 * Length::PER_MM);

        return Length::fromMillimetres(min(self::DEEPEST_MM, max(1, $half)));
    }
}
