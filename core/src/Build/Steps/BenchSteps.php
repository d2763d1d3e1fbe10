<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Steps;

use Incastro\Core\Assembly\Fastening\Bore;
use Incastro\Core\Build\Shopping\FinishNeeds;
use Incastro\Core\Design\Panel;
use Incastro\Core\Document\Model\FinishKind;
use Incastro\Core\Document\Model\FinishWhen;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Text;

/** What is done to boards before they are joined: banded, routed, drilled, tried dry, sanded, and finished where that comes first. */
final readonly class BenchSteps
{
    /** A coat takes another after so many hours, may be handled after a day (fieldbook §10, water-based; our own figure for handling). */
    public const RECOAT_H = 4.0;

    public const HANDLED_H = 24.0;

    public function __construct(private PlacedPiece $built, private Draft $draft)
    {
    }

    public function add(): void
    {
        $this->band();
        $this->rout();
        $this->drill();
    }

    public function finish(): void
    {
        $finish = $this->built->piece->finish;
        $parts = $this->finished();
        if ($finish->kind === FinishKind::None || $this->built->project->make->finish === FinishWhen::After || $parts === []) {
            return;
        }
        $last = $this->step(StepKind::Sand, $parts, [Text::of('number.grits')], count($parts));
        $this->benched($parts, $last);
        foreach ($this->coats() as $i => [$kind, $n]) {
            $step = $this->draft->add(new Step("$kind->value:{$this->built->piece->id}:$n", $kind, $this->built->piece->id,
                Text::of("step.$kind->value", n: $n, piece: $this->built->piece->name), $parts, numbers: $this->coatNumbers($kind), amount: count($parts)));
            $this->draft->graph->need($step, $last, $i === 0 ? 'sanded' : 'recoat', $i === 0 ? 0.0 : self::RECOAT_H);
            $last = $step;
        }
        $this->benched($parts, $last);
    }

    /** @return list<array{StepKind, int}> a primer, then as many coats as there are */
    private function coats(): array
    {
        $finish = $this->built->piece->finish;
        $primer = $finish->isPrimed() ? [[StepKind::Prime, 1]] : [];

        return [...$primer, ...array_map(fn (int $n): array => [StepKind::Coat, $n], range(1, FinishNeeds::coats($this->built->piece)))];
    }

    /** @return list<Text> */
    private function coatNumbers(StepKind $kind): array
    {
        $glued = $this->built->gluedJoints() !== [];

        return [...($glued ? [Text::of('number.mask')] : []), Text::of($kind === StepKind::Prime ? 'number.prime' : 'number.coat')];
    }

    private function band(): void
    {
        $parts = $this->parts(fn (Panel $p): bool => $p->banded !== []);
        $edges = array_sum(array_map(fn (string $p): int => count($this->built->panels[$p]->banded), $parts));
        if ($parts !== []) {
            $this->benched($parts, $this->step(StepKind::Band, $parts,
                [Text::of('number.band', n: $edges, thick: $this->built->project->workshop->banding)], $edges));
        }
    }

    private function rout(): void
    {
        $parts = $this->parts(fn (Panel $p): bool => $p->taken !== []);
        if ($parts === []) {
            return;
        }
        $counts = [];
        foreach ($parts as $part) {
            foreach ($this->built->panels[$part]->taken as $taken) {
                $counts[$taken->kind->value] = 1 + ($counts[$taken->kind->value] ?? 0);
            }
        }
        $numbers = array_map(fn (string $kind, int $n): Text => Text::of('number.taken', n: $n, what: Text::of("taken.$kind")), array_keys($counts), $counts);
        $this->benched($parts, $this->step(StepKind::Rout, $parts, $numbers, (int) array_sum($counts)));
    }

    private function drill(): void
    {
        $bores = array_values(array_filter($this->draft->fastened($this->built)->bores(), fn (Bore $b): bool => $b->kind->isDrilled()));
        $drilled = array_column(array_map(fn (Bore $b): array => [$b->part, true], $bores), 1, 0);
        $parts = $this->parts(fn (Panel $p): bool => isset($drilled[$p->id]));
        if ($parts !== []) {
            $this->benched($parts, $this->step(StepKind::Drill, $parts, Numbers::holes($bores), count($bores)));
        }
    }

    /**
     * @param  list<string>  $parts
     * @param  list<Text>  $numbers
     */
    private function step(StepKind $kind, array $parts, array $numbers, int $amount): string
    {
        $piece = $this->built->piece;
        $step = $this->draft->add(new Step("$kind->value:$piece->id", $kind, $piece->id,
            Text::of("step.$kind->value", piece: $piece->name), $parts, numbers: $numbers, amount: $amount));
        $this->draft->after($step, $parts, match ($kind) {
            StepKind::Band => 'cut', StepKind::Sand => 'drilled', default => 'banded',
        });

        return $step;
    }

    /** @param  list<string>  $parts */
    private function benched(array $parts, string $step): void
    {
        foreach ($parts as $part) {
            $this->draft->benched[$part] = $step;
        }
    }

    /**
     * @param  \Closure(Panel): bool  $is
     * @return list<string>
     */
    private function parts(\Closure $is): array
    {
        return array_values(array_map(fn (Panel $p): string => $p->id,
            array_filter($this->built->fit->panels, fn (Panel $p): bool => isset($this->draft->made[$p->id]) && $is($p))));
    }

    /** @return list<string> what takes a finish */
    private function finished(): array
    {
        return $this->parts($this->built->isFinished(...));
    }
}
