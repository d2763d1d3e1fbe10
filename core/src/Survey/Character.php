<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

/**
 * How the walls of a house are: how far they wander from their planes (a standard deviation, mm), over what reach (m), and how far out of plumb
 * they stand (in what is usual). Nobody knows before it is read, and nine readings are too few for one answer: all of a grid are held against what was
 * read, and each counts by how well it explains it (Bayes; weights before reading in `grid`). One character for the house: widths see only the sum of
 * two walls.
 */
final readonly class Character
{
    /** How likely each is taken to be before anything is read. */
    private const WANDERS = ['0.15' => 0.08, '0.5' => 0.17, '1' => 0.25, '2' => 0.25, '4' => 0.17, '8' => 0.08];

    /** Three heights do not tell them apart: they are alike. */
    private const REACHES = [0.4, 0.8, 1.6];

    /** What wanders less than a tape tells has no reach that could be told. */
    private const UNSEEN = 0.5;

    /** Its walls are as plumb as usual, or three times as crooked. */
    private const CROOKED = ['1' => 0.75, '3' => 0.25];

    private const USUAL_WANDER = 2.8;

    private const USUAL_REACH = 0.8;

    /** @param  float  $weight  before anything is read; of a grid they add up to 1 */
    public function __construct(public float $wander, public float $reach, public float $crooked = 1.0, public float $weight = 1.0)
    {
    }

    /** What readings are tested against each other by: a slip must not pass for a wavier wall. */
    public static function usual(): self
    {
        return new self(self::USUAL_WANDER, self::USUAL_REACH);
    }

    public function isOfUsualReach(): bool
    {
        return $this->reach === self::USUAL_REACH;
    }

    /** @return non-empty-list<self> */
    public static function grid(): array
    {
        $grid = [];
        foreach (self::CROOKED as $crooked => $as) {
            foreach (self::WANDERS as $wander => $weight) {
                $reaches = (float) $wander <= self::UNSEEN ? [self::USUAL_REACH] : self::REACHES;
                foreach ($reaches as $reach) {
                    $grid[] = new self((float) $wander, $reach, (float) $crooked, $as * $weight / count($reaches));
                }
            }
        }

        return $grid;
    }
}
