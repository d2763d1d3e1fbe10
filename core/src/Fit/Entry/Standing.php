<?php

declare(strict_types=1);

namespace Incastro\Core\Fit\Entry;

use Incastro\Core\Document\Model\Along;
use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\Treatment;
use Incastro\Core\Envelope\Box;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Measure\Length;
use Incastro\Core\Survey\PlacedThing;
use Incastro\Core\Survey\Room;
use Incastro\Core\Survey\Surface;

/** The section in which a box is raised and slid to its place, from the rebuilt room and what stands in it. */
final readonly class Standing
{
    private const STRIP_MM = 60;

    /** Two stretches of what is overhead that differ by no more than this are one. */
    private const STRAIGHT_MM = 0.3;

    /** Of a room before a slope, where nobody has read it. */
    private const USUAL_ROOM_MM = 2400.0;

    /** @param  float|null  $roomMm  height of the room before the space, where it was read */
    public function __construct(private Room $room, private Box $box, private ?float $roomMm)
    {
    }

    /** @param  list<string>  $without  things that are taken off for it */
    public function section(Block $place, array $without = []): Section
    {
        $blocks = [];
        foreach ($this->blocking($place) as $placed) {
            if (! in_array($placed->thing->id, $without, true)) {
                $b = $placed->block;
                $blocks[] = [self::mm($b->corner->y), self::mm($b->corner->z),
                    self::mm($b->corner->y->plus($b->size->y)), self::mm($b->corner->z->plus($b->size->z))];
            }
        }
        $plinth = self::mm($this->box->bottom->minus($this->box->floor));
        $base = $plinth > 0.0 && $place->corner->z->equals($this->box->bottom)
            ? [self::mm($place->corner->y->plus($place->size->y)) - 50.0, self::mm($this->box->bottom) - $this->floor()] : null;

        return new Section($this->overhead($place), [...$this->lower($blocks), ...$this->head($place)], $base, self::mm($this->box->rear));
    }

    /** Heights are counted from the floor that the box is raised on. */
    public function floor(): float
    {
        return self::mm($this->box->floor);
    }

    /**
     * Things that keep their place and share the run with the box; what stands in its very place is another rule's matter.
     *
     * @return list<PlacedThing>
     */
    public function blocking(Block $place): array
    {
        $gone = [Treatment::TakeOff, Treatment::Notch, Treatment::CutThrough, Treatment::BringForward, Treatment::BoxIn];
        $right = $place->corner->x->plus($place->size->x);

        return array_values(array_filter($this->room->things, fn (PlacedThing $t): bool => $t->isSolid() && ! in_array($t->thing->treatment, $gone, true)
            && $t->thing->face !== Face::Opening && $t->meetsRun($place->corner->x, $right)
            && ! ($t->meetsDepth($place->corner->y->plus($place->size->y)) && $t->meetsHeights($place->corner->z, $place->corner->z->plus($place->size->z)))));
    }

    /**
     * @param  list<array{float, float, float, float}>  $blocks
     * @return list<array{float, float, float, float}>
     */
    private function lower(array $blocks): array
    {
        $floor = $this->floor();

        return array_map(fn (array $b): array => [$b[0], $b[1] - $floor, $b[2], $b[3] - $floor], $blocks);
    }

    /** Width of the mouth of the space, mm; null where it has none, or nobody has read it. */
    public function mouth(): ?float
    {
        $shape = $this->room->shape;
        if (! $shape->knows(Surface::MouthLeft) || ! $shape->knows(Surface::MouthRight)) {
            return null;
        }
        $y = $this->room->sizes->depth->units;
        $least = INF;
        foreach ($this->room->stations() as $z) {
            $least = min($least, $shape->at(Surface::MouthRight, $y, $z->units) - $shape->at(Surface::MouthLeft, $y, $z->units));
        }

        return $least;
    }

    /** @return non-empty-list<array{float, float}> */
    private function overhead(Block $place): array
    {
        $far = self::mm($place->corner->y->plus($place->size->y)->plus($place->size->z)->plus($place->size->y)) + 600.0;
        $line = [[0.0, $this->at($place, 0.0)]];
        for ($y = (float) self::STRIP_MM; $y < $far + self::STRIP_MM; $y += self::STRIP_MM) {
            $line[] = [$y, $this->at($place, $y)];
        }

        return self::straightened($line);
    }

    /** Under a stair the room before it is as high as rooms are; a roof's slope goes on rising to that. */
    private function at(Block $place, float $y): float
    {
        $front = self::mm($this->room->sizes->depth);
        $along = $this->room->space->slope?->along;
        $before = $this->roomMm ?? ($along === null ? INF : self::USUAL_ROOM_MM);
        if ($along === Along::Run && $y > $front) {
            return $before;
        }
        $found = [];
        foreach ($along === Along::Run ? [$this->tallest()] : [0.0, 0.5, 1.0] as $share) {
            $x = $place->corner->x->units + $share * $place->size->x->units;
            $found[] = $this->room->overhead->at($x, ($along === null ? min($y, $front) : $y) * Length::PER_MM) - $this->floor();
        }

        return match (true) {
            $y <= $front => min($found),
            $along === null => $this->roomMm ?? min($found),
            default => min(min($found), $before),
        };
    }

    /** Where along the run a box under a stair is tallest: what it keeps to the slope it keeps everywhere. */
    private function tallest(): float
    {
        return ($this->box->limit->rise ?? 0.0) > 0.0 ? 1.0 : 0.0;
    }

    /** @return list<array{float, float, float, float}> what hangs over the mouth of the space */
    private function head(Block $place): array
    {
        if (! $this->room->shape->knows(Surface::MouthHead)) {
            return [];
        }
        $front = $this->room->sizes->depth;
        $x = $place->corner->x->units + intdiv($place->size->x->units, 2);
        $thick = $this->room->shape->knows(Surface::MouthDepth) ? $this->room->shape->at(Surface::MouthDepth, 0, 0) : 100.0;
        $under = $this->room->shape->at(Surface::MouthHead, $x, $front->units) - $this->floor();

        return [[self::mm($front), $under, self::mm($front) + $thick, $under + 3000.0]];
    }

    /**
     * @param  non-empty-list<array{float, float}>  $line
     * @return non-empty-list<array{float, float}>
     */
    private static function straightened(array $line): array
    {
        $kept = [$line[0]];
        $from = 0;
        for ($i = 2; $i < count($line); $i++) {
            for ($k = $from + 1; $k < $i; $k++) {
                $share = ($line[$k][0] - $line[$from][0]) / ($line[$i][0] - $line[$from][0]);
                if (abs($line[$from][1] + ($line[$i][1] - $line[$from][1]) * $share - $line[$k][1]) > self::STRAIGHT_MM) {
                    $kept[] = $line[$i - 1];
                    $from = $i - 1;
                    break;
                }
            }
        }

        return [...$kept, $line[count($line) - 1]];
    }

    private static function mm(Length $l): float
    {
        return (float) $l->millimetres();
    }
}
