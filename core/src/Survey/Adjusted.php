<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\ReadingKind;
use Incastro\Core\Document\Model\Space;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Rounding;

/** The readings of a space reconciled, and what can be asked of that. */
final readonly class Adjusted
{
    private bool $exact;

    private Adjustment $adjustment;

    /** @param  non-empty-list<Target>  $targets  the clear width first */
    public function __construct(
        private Space $space,
        private Nodes $nodes,
        private Walls $walls,
        private array $targets,
        private Sifted $sifted,
        private Advisor $advisor,
        private Contradictions $contradictions,
    ) {
        $this->adjustment = $sifted->adjustment;
        $this->exact = $this->adjustment->agrees();
    }

    public function surveyed(): Surveyed
    {
        $sizes = $this->nodes->sizes;

        return new Surveyed(
            $sizes,
            $this->adjustment->shape,
            $this->walls->placed($this->adjustment, $this->exact),
            ['left' => Length::zero(), 'right' => $this->level(Surface::Floor, $sizes->width->units, $sizes->depth->units)],
            $this->heads(),
            $this->depths(),
            self::residualsByReading($this->sifted->kept),
            self::redundancyByReading($this->sifted->kept),
            $this->advisor->expected() + $this->expectedInstead(),
            array_map($this->advisor->weighed(...), $this->targets),
            $this->contradictions->in($this->sifted, $this->targets, $this->space),
        );
    }

    /** @param  list<string>  $open  targets that are not known well enough */
    public function advised(array $open): Advised
    {
        return new Advised($this->advisor->of(array_values(array_filter($this->targets, fn (Target $t): bool => in_array($t->name, $open, true)))));
    }

    public function narrower(string $name, float $than, int $rooms): int
    {
        $target = array_values(array_filter($this->targets, fn (Target $t): bool => $t->name === $name))[0];
        $drawn = (new Samples($this->adjustment->learned, $target->unknowns, null, intdiv($rooms, 2)))->states;

        return count(array_filter($drawn, fn (array $state): bool => $target->value($state) < $than));
    }

    /** @return array<string, Length> what is overhead at the front, by side; empty where nobody has read a height */
    private function heads(): array
    {
        $sizes = $this->nodes->sizes;
        $surface = $this->space->slope !== null ? Surface::Slope : Surface::Ceiling;

        return ! $this->adjustment->shape->knows($surface) ? []
            : ['left' => $this->level($surface, 0, $sizes->depth->units), 'right' => $this->level($surface, $sizes->width->units, $sizes->depth->units)];
    }

    /** @return array<string, Length> */
    private function depths(): array
    {
        return $this->space->taken(ReadingKind::Depth) === [] ? []
            : ['left' => $this->level(Surface::Front, 0, 0), 'right' => $this->level(Surface::Front, $this->nodes->sizes->width->units, 0)];
    }

    /**
     * @param  int  $a  units of 25 nm, as for the surface
     * @param  int  $b  units of 25 nm
     */
    private function level(Surface $surface, int $a, int $b): Length
    {
        $mm = Sum::value($this->nodes->at($surface, $a, $b), $this->adjustment->state);

        return $this->exact ? Length::roundedFromMillimetres($mm, Rounding::Nearest) : Clip::nearest($mm);
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

    /** @return array<string, Expected> by reading */
    private function expectedInstead(): array
    {
        $found = [];
        foreach ($this->sifted->kept->residuals as $r) {
            $found[$r->reading] = Expected::instead($this->space->readings[$r->reading], $r);
        }

        return array_filter($found);
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
