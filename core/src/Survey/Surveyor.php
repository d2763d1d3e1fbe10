<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\ReadingKind;
use Incastro\Core\Document\Side;
use Incastro\Core\Document\Space;
use Incastro\Core\Document\Workshop;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Rounding;
use Incastro\Core\Measure\Unit;

/** Rebuilds a space from its readings, and says how well it is known for what is to stand in it. */
final readonly class Surveyor
{
    private Instruments $instruments;

    public function __construct(private Workshop $workshop, private Unit $unit = Unit::Millimetre)
    {
        $this->instruments = new Instruments($workshop);
    }

    public function survey(Space $space, ?Need $need = null): Room
    {
        $need ??= Need::wholeOf($space);
        $nodes = new Nodes(new Sizes($space), (float) $this->workshop->levelPerMetre->millimetres());
        $observations = (new Equations($nodes, $this->instruments))->of($space);
        $walls = Walls::numbered($nodes);
        $targets = (new Targets($nodes, $need))->all();
        $candidates = (new Candidates($nodes, $this->instruments, $need))->of($space);
        $adjustment = Collocation::solve($nodes, $observations);
        $exact = $adjustment->agrees();

        return new Room(
            $space,
            $nodes->sizes,
            $adjustment->shape,
            new Overhead($space, $adjustment->shape),
            $walls->placed($adjustment, $exact),
            ['left' => Length::zero(), 'right' => self::level($adjustment, $nodes->at(Surface::Floor, $nodes->sizes->width->units, $nodes->sizes->depth->units), $exact)],
            self::heads($space, $nodes, $adjustment, $exact),
            self::depths($space, $nodes, $adjustment, $exact),
            self::residualsByReading($adjustment),
            self::redundancyByReading($adjustment),
            (new Advisor($candidates, $adjustment))->of($targets),
            (new Contradictions($this->unit))->in($adjustment, $space),
        );
    }

    /** @return array<string, Length> what is overhead at the front, by side; empty where nobody has read a height */
    private static function heads(Space $space, Nodes $nodes, Adjustment $adjustment, bool $exact): array
    {
        $sizes = $nodes->sizes;
        $surface = $space->slope !== null ? Surface::Slope : Surface::Ceiling;
        if (! $adjustment->shape->knows($surface)) {
            return [];
        }
        $at = fn (int $x): Length => self::level($adjustment, $nodes->at($surface, $x, $sizes->depth->units), $exact);

        return ['left' => $at(0), 'right' => $at($sizes->width->units)];
    }

    /** @return array<string, Length> */
    private static function depths(Space $space, Nodes $nodes, Adjustment $adjustment, bool $exact): array
    {
        if ($space->taken(ReadingKind::Depth) === []) {
            return [];
        }
        $at = fn (int $x): Length => self::level($adjustment, $nodes->at(Surface::Front, $x, 0), $exact);

        return ['left' => $at(0), 'right' => $at($nodes->sizes->width->units)];
    }

    /** @param  array<int, float>  $sum */
    private static function level(Adjustment $adjustment, array $sum, bool $exact): Length
    {
        $mm = Sum::value($sum, $adjustment->state);

        return $exact ? Length::roundedFromMillimetres($mm, Rounding::Nearest) : Clip::nearest($mm);
    }

    /** @return array<string, float> */
    private static function redundancyByReading(Adjustment $adjustment): array
    {
        $least = [];
        foreach ($adjustment->residuals as $r) {
            $least[$r->reading] = min($least[$r->reading] ?? 1.0, $r->redundancy);
        }

        return $least;
    }

    /** @return array<string, array{mm: float, standardised: float}> */
    private static function residualsByReading(Adjustment $adjustment): array
    {
        $worst = [];
        foreach ($adjustment->residuals as $r) {
            if (abs($r->standardised) >= abs($worst[$r->reading]['standardised'] ?? 0.0)) {
                $worst[$r->reading] = ['mm' => $r->mm, 'standardised' => $r->standardised];
            }
        }

        return $worst;
    }
}
