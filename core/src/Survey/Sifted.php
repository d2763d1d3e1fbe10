<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\Space;

/**
 * The readings reconciled with and without those that are more likely a slip than not. These wait, held against the rest, until they are taken again;
 * until then a wall may stand out just there, and the tighter room counts.
 */
final readonly class Sifted
{
    private const ASIDE = 0.5;

    /** Five times as likely a slip as any reading is before it is held against the others: in made-up rooms without a slip hardly one comes so far. */
    private const ASKED = 0.05;

    /** Two takes differ by chance by no more than so many of their limits. */
    private const CHANCE = 2.6;

    /** What is found all over a face may be found in another place, and is not quite the same there. */
    private const ELSEWHERE_MM = 5.0;

    /** More slips than this in one room and it is not known which they are. */
    private const MOST = 4;

    /**
     * @param  Adjustment  $adjustment  what counts
     * @param  Adjustment  $kept  without what is set aside
     * @param  Adjustment  $whole  of all that was read
     * @param  list<Observation>  $aside
     * @param  array<string, float>  $differing  by how much two takes of a reading differ, where it is more than chance: mm or degrees
     * @param  list<string>  $suspect  readings to be taken once more
     */
    private function __construct(
        public Adjustment $adjustment,
        public Adjustment $kept,
        public Adjustment $whole,
        public array $aside,
        public array $differing,
        public array $suspect,
    ) {
    }

    /**
     * @param  list<Observation>  $observations
     * @param  non-empty-list<Target>  $targets
     */
    public static function of(Nodes $nodes, array $observations, array $targets): self
    {
        $whole = $adjustment = Collocation::solve($nodes, $observations);
        [$kept, $aside] = [$observations, []];
        $odds = $adjustment->learned->slipped();
        while ($odds !== [] && max($odds) > self::ASIDE && count($aside) < self::MOST) {
            $aside[] = $slip = $adjustment->learned->observations[(int) array_search(max($odds), $odds, true)];
            $kept = array_values(array_filter($kept, fn (Observation $o): bool => $o !== $slip));
            $adjustment = Collocation::solve($nodes, $kept, $aside);
            $odds = $adjustment->learned->slipped();
        }
        $asked = array_filter($adjustment->learned->observations, fn (int $i): bool => $odds[$i] > self::ASKED, ARRAY_FILTER_USE_KEY);
        $standing = self::readings($kept);
        $waiting = array_values(array_filter($aside, fn (Observation $o): bool => ! in_array($o->reading, $standing, true)));
        $differing = self::differing($observations, $nodes->sizes->space);
        // A wall may stand out just where it was read; what only ties places together is left out.
        $there = array_values(array_filter($waiting, fn (Observation $o): bool => ! $nodes->sizes->space->readings[$o->reading]->kind->isAcross()));
        $with = count($there) === count($aside) ? $whole : Collocation::solve($nodes, [...$kept, ...$there]);
        $isTighter = $there !== [] && self::isTighter($with, $adjustment, $targets);

        return new self($isTighter ? $with : $adjustment, $adjustment, $whole, $aside, $differing,
            array_values(array_unique([...self::readings($waiting), ...array_keys($differing), ...self::readings($asked)])));
    }

    /** @param  non-empty-list<Target>  $targets */
    private static function isTighter(Adjustment $whole, Adjustment $kept, array $targets): bool
    {
        [, $without, $with] = self::changed($whole, $kept, $targets);

        return $with < $without;
    }

    /**
     * What changes most by what is set aside.
     *
     * @param  non-empty-list<Target>  $targets
     * @return array{string, float, float} its name, and how much it is without and with all that was read, mm
     */
    public static function changed(Adjustment $whole, Adjustment $kept, array $targets): array
    {
        [$with, $without] = [$whole->learned->mean(), $kept->learned->mean()];
        $changed = array_map(fn (Target $t): array => [$t->name, $t->value($without), $t->value($with)], $targets);
        usort($changed, fn (array $a, array $b): int => abs($b[2] - $b[1]) <=> abs($a[2] - $a[1]));

        return $changed[0];
    }

    /**
     * Two takes that differ by more than chance: which of them slipped a third one says.
     *
     * @param  list<Observation>  $observations
     * @return array<string, float> by how much, mm or degrees, by reading
     */
    private static function differing(array $observations, Space $space): array
    {
        $taken = [];
        foreach ($observations as $o) {
            $taken[$o->reading][] = $o;
        }
        $twice = array_filter($taken, fn (array $of, string $id): bool => count($of) === 2 && $id !== '', ARRAY_FILTER_USE_BOTH);
        $by = array_map(fn (array $of): float => abs($of[0]->value - $of[1]->value), $twice);
        $chance = fn (string $id): float => $space->readings[$id]->kind->findsPlace() ? self::ELSEWHERE_MM : self::CHANCE * sqrt(3.0) * $twice[$id][0]->sigma;

        return array_filter($by, fn (float $by, string $id): bool => $by > $chance($id), ARRAY_FILTER_USE_BOTH);
    }

    /**
     * @param  array<int, Observation>  $of
     * @return list<string>
     */
    private static function readings(array $of): array
    {
        return array_values(array_map(fn (Observation $o): string => $o->reading, $of));
    }
}
