<?php

declare(strict_types=1);

use Incastro\Core\Document\Facts\Take;
use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\ReadingKind;
use Incastro\Core\Measure\Length;
use Incastro\Core\Survey\Equations;
use Incastro\Core\Survey\Instruments;
use Incastro\Core\Survey\Nodes;
use Incastro\Core\Survey\Sizes;

/** A made-up room whose surfaces are known everywhere, and what a reading in it says. */
final class TrueRoom
{
    /** @param  array<string, Closure(float, float, string): float>  $surfaces  value in mm over the surface's two axes in mm */
    public function __construct(private readonly array $surfaces, private readonly Project $project)
    {
    }

    /** @return array<string, mixed> a take, as a document holds it */
    public function take(string $id, string $unit): array
    {
        $space = array_values($this->project->spaces)[0];
        $reading = $space->readings[$id];
        $nodes = new Nodes(new Sizes($space), 0.5);
        if ($reading->kind === ReadingKind::SlidEdge) {
            return ['kind' => 'take', 'reading' => $id] + $this->slid($reading->on() === Face::Left ? 'left' : 'right', $nodes->sizes, $unit);
        }
        $found = $this->found($reading, $nodes);
        if ($reading->kind->isAngle()) {
            return ['kind' => 'take', 'reading' => $id, 'deg' => round($found, 1), 'typed' => (string) round($found, 1)];
        }
        $mm = $unit === 'mm' ? round($found * 2) / 2 : round($found / 25.4 * 32) / 32 * 25.4;
        $typed = $unit === 'mm' ? (string) $mm : self::inches($mm);

        return ['kind' => 'take', 'reading' => $id, 'value' => Length::fromMillimetres(round($mm, 6))->millimetres(), 'typed' => $typed];
    }

    private function found(Reading $reading, Nodes $nodes): float
    {
        if ($reading->kind->value === 'slope_start') {
            return $this->surfaces['slope_start'](0.0, 0.0, '');
        }
        $guess = new Take('', $reading->id, Length::fromMillimetres(1000), null, '', null, null);
        // A diagonal is an equation only once a height is read; here the truth is known.
        $equation = (new Equations($nodes, new Instruments($this->project->workshop)))->equation($reading, $guess)
            ?? throw new LogicException("{$reading->kind->value} says nothing here.");
        $state = [];
        for ($i = 0; $i < $nodes->count(); $i++) {
            [$surface, $place] = $nodes->place($i);
            $state[] = $this->at($surface->value, $place[0] * 1000, $place[1] * 1000) - $this->origin($surface->value, $place[0] * 1000, $nodes->sizes);
        }

        return $equation->predict($state)[0];
    }

    /**
     * What stands furthest from straight of an edge as long as the wall is read high, held upright, on either of its sides' edges and in the middle.
     *
     * @return array<string, mixed> value, typed, and where: how high, how far from the back
     */
    private function slid(string $side, Sizes $sizes, string $unit): array
    {
        [$depth, $low, $high] = [(float) $sizes->depth->millimetres(), (float) $sizes->lowest()->millimetres(), (float) $sizes->stations[count($sizes->stations) - 1]->millimetres()];
        $into = $side === 'left' ? 1 : -1;
        $most = [0.0, $depth, $low];
        foreach ([0.0, $depth / 2, $depth] as $y) {
            [$foot, $head] = [$this->at($side, $y, $low), $this->at($side, $y, $high)];
            for ($z = $low; $z < $high; $z += 50) {
                $proud = $into * ($this->at($side, $y, $z) - $foot - ($head - $foot) * ($z - $low) / ($high - $low));
                $most = abs($proud) > abs($most[0]) + 1e-6 ? [$proud, $y, $z] : $most;
            }
        }
        $mm = $unit === 'mm' ? round($most[0] * 2) / 2 : round($most[0] / 25.4 * 32) / 32 * 25.4;
        $written = fn (float $mm): string|int|float => Length::fromMillimetres(round($mm, 6))->millimetres();
        $whole = fn (float $mm): float => $unit === 'mm' ? round($mm) : round($mm / 25.4) * 25.4;

        return ['value' => $written($mm), 'typed' => $unit === 'mm' ? (string) $mm : self::inches($mm)]
            + ($mm === 0.0 ? [] : ['y' => $written($whole($most[1])), 'z' => $written($whole($most[2]))]);
    }

    private function at(string $surface, float $a, float $b): float
    {
        return ($this->surfaces[$surface] ?? fn (): float => $surface === 'edge' ? 5.0 : 0.0)($a, $b, '');
    }

    /** Where the frame's origin lies in the made-up room, along the surface's own axis. */
    private function origin(string $surface, float $x, Sizes $sizes): float
    {
        [$depth, $low, $width] = [(float) $sizes->depth->millimetres(), (float) $sizes->lowest()->millimetres(), (float) $sizes->width->millimetres()];
        if (in_array($surface, ['floor', 'ceiling', 'slope', 'mouth_head', 'step'], true)) {
            return $this->at('floor', 0.0, $depth);
        }
        if (in_array($surface, ['back', 'front', 'breast_front', 'edge'], true)) {
            [$left, $right] = [$this->at('back', 0.0, $low), $this->at('back', $width, $low)];

            return $left + ($right - $left) * $x / $width;
        }

        return $surface === 'mouth_depth' ? 0.0 : $this->at('left', $depth, $low);
    }

    private static function inches(float $mm): string
    {
        $units = (int) round(abs($mm) / 25.4 * 32);
        [$whole, $rest] = [intdiv($units, 32), $units % 32];
        $below = 32;
        while ($rest > 0 && $rest % 2 === 0) {
            [$rest, $below] = [intdiv($rest, 2), intdiv($below, 2)];
        }

        return ($mm < 0 ? '-' : '').trim(($whole > 0 || $rest === 0 ? $whole : '').($rest > 0 ? " $rest/$below" : ''));
    }
}
