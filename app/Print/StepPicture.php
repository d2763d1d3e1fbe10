<?php

declare(strict_types=1);

namespace App\Print;

/**
 * The piece in the round as far as it is together, with the parts of one step dark. Which parts are there follows from the steps' scenes, as in
 * stages/make/steps.ts.
 *
 * @phpstan-import-type Step from PlanShapes
 */
final readonly class StepPicture
{
    private const FILLS = ['axon_top' => [250, 246, 236], 'axon_front' => [240, 222, 184], 'axon_side' => [230, 204, 152]];

    private const LIT = ['axon_top' => [205, 220, 234], 'axon_front' => [120, 160, 196], 'axon_side' => [96, 138, 178]];

    /** @param  array<string, mixed>  $plan */
    public function __construct(private \TCPDF $pdf, private array $plan)
    {
    }

    /** @param  list<Step>  $steps */
    public function draw(array $steps, int $index, float $x, float $y, float $width, float $height): void
    {
        $step = $steps[$index];
        $piece = $step['piece'] ?? $this->pieceOf($step['parts'][0] ?? '');
        $drawing = $piece === null ? null : PlanReader::drawing($this->plan, $piece, 'axon');
        [$there, $lit] = self::parts($steps, $index);
        $faces = array_values(array_filter($drawing['items'] ?? [], fn (array $i): bool => isset($there[$i['ref'] ?? ''])));
        $points = array_merge(...array_map(fn (array $f): array => $f['points'] ?? [], $faces), ...[[]]);
        if ($points === []) {
            return;
        }
        [$us, $vs] = [array_column($points, 0), array_column($points, 1)];
        $scale = min($width / max(1, max($us) - min($us)), $height / max(1, max($vs) - min($vs)));
        $place = fn (array $p): array => [$x + ($p[0] - min($us)) * $scale, $y + (max($vs) - $p[1]) * $scale];
        $this->pdf->SetLineStyle(['width' => 0.12, 'color' => [34, 38, 43], 'dash' => '0']);
        foreach ($faces as $face) {
            $fill = (isset($lit[$face['ref'] ?? '']) ? self::LIT : self::FILLS)[$face['layer']] ?? [255, 255, 255];
            $this->pdf->Polygon(array_merge(...array_map($place, $face['points'] ?? [])), 'DF', [], $fill);
        }
    }

    /**
     * @param  list<Step>  $steps
     * @return array{array<string, int>, array<string, int>} what is there, and what of it is lit
     */
    private static function parts(array $steps, int $index): array
    {
        $step = $steps[$index];
        $own = array_flip($step['parts']);
        $new = array_flip($step['places'] === [] ? $step['parts'] : $step['places']);
        $before = array_filter(array_slice($steps, 0, $index), fn (array $s): bool => $s['scene'] === 'room' && $s['piece'] === $step['piece']);

        return match ($step['scene']) {
            'shop' => [$own, $new],
            'room', 'held' => [$own + array_flip(array_merge(...array_column($before, 'parts'), ...[[]])), $own],
            'bench' => [$own, count($new) === count($own) ? [] : $new],
        };
    }

    private function pieceOf(string $part): ?string
    {
        foreach (PlanReader::parts($this->plan) as $own) {
            if ($own['id'] === $part) {
                return $own['piece'];
            }
        }

        return null;
    }
}
