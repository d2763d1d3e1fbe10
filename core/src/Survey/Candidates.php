<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Facts\Take;
use Incastro\Core\Document\Model\Along;
use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\Plane;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\ReadingKind;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\SideKind;
use Incastro\Core\Document\Model\Space;
use Incastro\Core\Measure\Length;

/**
 * Readings that could be taken next: those on the list that are neither read nor out of reach, and the usual ones at good places.
 * What is read all over a face is asked for by rule, not by what it takes off the doubt (`Unread`).
 */
final readonly class Candidates
{
    private const STEP_UNITS = 50 * Length::PER_MM;

    public function __construct(private Nodes $nodes, private Instruments $instruments, private Reach $reach)
    {
    }

    /** @return list<array{reading: Reading, observation: Observation}> */
    public function of(Space $space): array
    {
        $equations = new Equations($this->nodes, $this->instruments);
        $found = [];
        foreach ([...array_values($space->readings), ...$this->usual($space)] as $reading) {
            $key = json_encode(ReadingWriter::shape($reading), JSON_THROW_ON_ERROR);
            if ($reading->isTaken() || $reading->kind->findsPlace() || $reading->unreached() !== null) {
                $found[$key] = null;
            }
            if (array_key_exists($key, $found)) {
                continue;
            }
            $observation = $equations->equation($reading, $this->guess($reading));
            $found[$key] = $observation !== null ? ['reading' => $reading, 'observation' => $observation] : null;
        }

        return array_values(array_filter($found));
    }

    /** About what such a take would say: only its size matters, for what the tape may be out by. */
    private function guess(Reading $reading): Take
    {
        $s = $this->nodes->sizes;
        $value = match ($reading->kind) {
            ReadingKind::Width, ReadingKind::BreastWidth, ReadingKind::MouthWidth => $s->width,
            ReadingKind::Height, ReadingKind::Knee, ReadingKind::MouthHeight => $s->height,
            ReadingKind::Depth => $s->depth,
            ReadingKind::CornerAngle, ReadingKind::SlopeAngle => null,
            default => Length::ofUnits(intdiv($s->width->units, 3)),
        };

        return new Take('', $reading->id, $value, $value === null ? 90.0 : null, '', null, null);
    }

    /** @return list<Reading> */
    private function usual(Space $space): array
    {
        $heights = $this->heights();
        [$low, $high] = [$heights[0], $heights[count($heights) - 1]];
        $usual = [];
        foreach ($heights as $z) {
            foreach (Plane::cases() as $plane) {
                $usual[] = self::reading(ReadingKind::Width, null, $plane, $z);
            }
        }
        foreach (Side::cases() as $side) {
            $usual[] = self::reading(ReadingKind::Height, $side);
            $usual[] = self::reading(ReadingKind::Height, $side, Plane::Back);
            $usual[] = self::reading(ReadingKind::Depth, $side);
            $usual[] = self::reading(ReadingKind::CornerAngle, $space->side($side) === SideKind::Open ? null : $side);
            foreach ($space->side($side) === SideKind::Open ? [] : array_slice($heights, 1) as $z) {
                $usual[] = new Reading('', ReadingKind::Plumb, $side, Plane::Front, null, $z, $low, []);
            }
        }
        $usual[] = new Reading('', ReadingKind::Plumb, null, Plane::Front, null, $high, $low, [], Face::Back);
        $usual[] = self::reading(ReadingKind::Level);
        $usual[] = new Reading('', ReadingKind::Level, Side::Left, Plane::Front, null, Length::zero(), Length::zero(), [], null, Along::Depth);

        return array_values(array_filter($usual, fn (Reading $r): bool => match ($r->kind) {
            ReadingKind::Plumb => ! $r->z->equals($r->fromZ),
            ReadingKind::CornerAngle => $r->side !== null,
            default => true,
        }));
    }

    /** @return non-empty-list<Length> stations, the ends of the piece and the middles between them, ascending */
    private function heights(): array
    {
        $marks = array_map(fn (Length $z): int => $z->units, $this->nodes->sizes->stations);
        foreach ([$this->reach->bottom->units, $this->reach->top->units] as $end) {
            $near = array_filter($marks, fn (int $z): bool => abs($z - $end) < 4 * self::STEP_UNITS);
            if ($near === []) {
                $marks[] = $end;
            }
        }
        sort($marks);
        $marks = array_values(array_unique($marks));
        $all = $marks;
        for ($i = 1; $i < count($marks); $i++) {
            if (8 * self::STEP_UNITS < $marks[$i] - $marks[$i - 1]) {
                $all[] = (int) round(($marks[$i] + $marks[$i - 1]) / 2 / self::STEP_UNITS) * self::STEP_UNITS;
            }
        }
        sort($all);

        return array_map(Length::ofUnits(...), array_values(array_unique($all))) ?: [$this->reach->bottom];
    }

    private static function reading(ReadingKind $kind, ?Side $side = null, Plane $plane = Plane::Front, ?Length $z = null): Reading
    {
        return new Reading('', $kind, $side, $plane, null, $z ?? Length::zero(), Length::zero(), []);
    }
}
