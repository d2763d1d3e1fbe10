<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Facts\Take;
use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\ReadingKind;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\SideKind;
use Incastro\Core\Measure\Length;

/**
 * Where a side wall was read, and where nobody did: a bulge may stand wherever no reading, no laid edge is near. How near is a fixed distance: how
 * straight the wall seems elsewhere says nothing of it. Of a side with a step an edge finds the step alone, unless it is slid over either part by itself.
 */
final readonly class FaceRead
{
    private const NEAR_MM = 100;

    private const STEP_MM = 50;

    /** @var list<array{float, float}> read places, mm from the back and above the floor */
    private array $places;

    private bool $hasStep;

    /** @var list<Take> what slid edges found */
    private array $slid;

    public function __construct(private Sizes $sizes, private Side $side)
    {
        $readings = array_values(array_filter($sizes->space->readings, fn (Reading $r): bool => $r->isTaken()));
        $this->hasStep = WallStep::on($sizes->space, $side) !== [];
        $slid = array_filter($readings, fn (Reading $r): bool => $r->kind === ReadingKind::SlidEdge && $r->on()->value === $side->value
            && (! $this->hasStep || $r->step !== null));
        $this->slid = array_merge(...array_map(fn (Reading $r): array => $r->takes, array_values($slid)), ...[[]]);
        $this->places = array_merge(...array_map($this->placesOf(...), $readings), ...[[]]);
    }

    /** @return list<Unread> what of it is still to be read, for a piece of these heights whose edge takes up so much */
    public function unread(Reach $reach): array
    {
        $stretch = $this->slid === [] ? $this->stretch($reach->bottom, $reach->top) : null;
        $found = array_filter($this->slid, fn (Take $t): bool => $t->z !== null && ! $t->z->isLessThan($reach->bottom) && ! $t->z->isGreaterThan($reach->top));
        $proud = array_filter($found, fn (Take $t): bool => $t->number() > $reach->widthDoubtMm
            && ! $this->isWithin((float) $this->depthOf($t)->millimetres(), (float) $t->z?->millimetres()));
        $hollow = $this->wantsLaths() ? array_filter($found, fn (Take $t): bool => $t->number() < -$reach->widthDoubtMm) : [];

        return [...($stretch === null ? [] : [new Unread($this->side, $stretch[0], $stretch[1], null, $this->hasStep ? Missing::Parts : Missing::Stretch)]),
            ...$this->where($this->unplaced($reach), $this->hasStep ? Missing::NowhereInParts : Missing::Nowhere),
            ...$this->where($proud, Missing::Proud), ...$this->where($hollow, Missing::Hollow)];
    }

    /**
     * What an edge found further off than the piece takes up, where neither it nor another says where and no laths found the narrowest.
     *
     * @return array<int, Take>
     */
    private function unplaced(Reach $reach): array
    {
        $off = array_filter($this->slid, fn (Take $t): bool => abs($t->number()) > $reach->widthDoubtMm);
        $isSaid = array_filter($off, fn (Take $t): bool => $t->z !== null) !== [];

        return $isSaid || $this->sizes->space->taken(ReadingKind::Narrowest) !== [] ? [] : $off;
    }

    /** Laths reach from side to side, and nobody has slid them yet. */
    private function wantsLaths(): bool
    {
        $space = $this->sizes->space;
        $open = array_filter(Side::cases(), fn (Side $s): bool => $space->side($s) === SideKind::Open);

        return $open === [] && ! $space->kind->hasBreast() && $space->taken(ReadingKind::Narrowest) === [];
    }

    /**
     * @param  array<int, Take>  $found
     * @return list<Unread>
     */
    private function where(array $found, Missing $what): array
    {
        return array_values(array_map(
            fn (Take $t): Unread => new Unread($this->side, $t->z ?? Length::zero(), $this->depthOf($t), $t->value?->absolute(), $what), $found));
    }

    private function depthOf(Take $take): Length
    {
        return Length::least($take->y ?? $this->sizes->depth, $this->sizes->depth);
    }

    /** @return array{Length, Length}|null the longest stretch of heights that has a place nobody read near; null where there is none */
    private function stretch(Length $bottom, Length $top): ?array
    {
        $longest = $begun = null;
        for ($z = $bottom->units; ; $z = min($top->units, $z + self::STEP_MM * Length::PER_MM)) {
            $isOpen = ! $this->isNear($z / Length::PER_MM);
            $begun = $isOpen ? $begun ?? $z : null;
            if ($begun !== null && ($longest === null || $z - $begun > $longest[1] - $longest[0])) {
                $longest = [$begun, $z];
            }
            if ($z >= $top->units) {
                break;
            }
        }

        return $longest === null ? null : [Length::ofUnits($longest[0]), Length::ofUnits($longest[1])];
    }

    /** All places at a height, from the back to the front. */
    private function isNear(float $z): bool
    {
        $depth = (float) $this->sizes->depth->millimetres();
        for ($y = 0.0; $y <= $depth; $y += self::STEP_MM) {
            if (! $this->isWithin($y, $z)) {
                return false;
            }
        }

        return true;
    }

    private function isWithin(float $y, float $z): bool
    {
        return array_filter($this->places, fn (array $p): bool => hypot($p[0] - $y, $p[1] - $z) <= self::NEAR_MM) !== [];
    }

    /** @return list<array{float, float}> */
    private function placesOf(Reading $r): array
    {
        $at = fn (Length $z): array => [(float) $this->sizes->y($r)->millimetres(), (float) $z->millimetres()];

        return match ($r->kind) {
            ReadingKind::Width => [$at($r->z)],
            ReadingKind::Narrowest => array_values(array_map(fn (Take $t): array => [(float) $this->depthOf($t)->millimetres(), (float) $t->z?->millimetres()],
                array_filter($r->takes, fn (Take $t): bool => $t->z !== null))),
            ReadingKind::Flank => $r->side === $this->side ? [$at($r->z)] : [],
            ReadingKind::Plumb => $r->on()->value === $this->side->value ? [$at($r->fromZ), $at($r->z)] : [],
            ReadingKind::Gap => $this->edge($r),
            default => [],
        };
    }

    /**
     * A straightedge reaches to every place that a gap was read behind it, and over what lies between them.
     *
     * @return list<array{float, float}>
     */
    private function edge(Reading $of): array
    {
        if ($of->on() !== Face::from($this->side->value)) {
            return [];
        }
        $same = array_values(array_filter($this->sizes->space->readings, fn (Reading $r): bool => $r->isTaken() && $r->kind === ReadingKind::Gap
            && $r->on() === $of->on() && $r->edge === $of->edge && $r->along === $of->along));
        $ends = array_map(fn (Reading $r): array => [(float) $this->sizes->y($r)->millimetres(), (float) $r->z->millimetres()], $same);
        usort($ends, fn (array $a, array $b): int => $a <=> $b);
        [$from, $to] = [$ends[0], $ends[count($ends) - 1]];
        $steps = max(1, (int) ceil(hypot($to[0] - $from[0], $to[1] - $from[1]) / self::STEP_MM));

        return array_map(fn (int $i): array => [$from[0] + ($to[0] - $from[0]) * $i / $steps, $from[1] + ($to[1] - $from[1]) * $i / $steps], range(0, $steps));
    }
}
