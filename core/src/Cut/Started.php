<?php

declare(strict_types=1);

namespace Incastro\Core\Cut;

use Incastro\Core\Document\Begun;
use Incastro\Core\Document\Layout;
use Incastro\Core\Document\Project;
use Incastro\Core\Measure\Length;

/**
 * Sheets that were begun: laid as they were then, whatever the plan has become. What was cut wrong is spoiled and no part any more.
 */
final readonly class Started
{
    /** Before a placement that is spoiled. */
    public const SPOILED = 'spoiled ';

    public function __construct(private Project $project)
    {
    }

    /** @return array<string, true> parts that lie on a begun sheet and are not spoiled */
    public function parts(): array
    {
        $parts = [];
        foreach ($this->project->log->begun as $begun) {
            foreach ($begun->parts as $part) {
                $parts += $this->project->log->isSpoiled($begun->id, Orders::partOf($part['part'])) ? [] : [Orders::partOf($part['part']) => true];
            }
        }

        return $parts;
    }

    /** Before whatever else is cut from the material. */
    public function with(string $material, Stock $stock, ?Nested $rest): ?Nested
    {
        $own = array_filter($this->project->log->begun, fn (Begun $b): bool => $b->material === $material);
        if ($own === []) {
            return $rest;
        }
        $sheets = array_map(fn (Begun $b): LaidSheet => $this->sheet($b, $stock), array_values($own));
        $bought = count(array_filter($sheets, fn (LaidSheet $s): bool => ! $s->kind->inHand));

        return $rest === null ? new Nested($stock, $sheets, [], 0)
            : new Nested($stock, [...$sheets, ...$rest->sheets], $rest->unplaced, $rest->fewestSheets() === null ? $rest->leastCost + array_sum(array_map(fn (LaidSheet $s): int => $stock->cost($s->kind), $sheets)) : $rest->leastCost + $bought, $rest->roomier === null ? null : new Nested($stock, [...$sheets, ...$rest->roomier->sheets], $rest->roomier->unplaced, $rest->roomier->leastCost));
    }

    /** A layout without what lies on begun sheets; null where nothing else is in it. */
    public function rest(?Layout $layout): ?Layout
    {
        if ($layout === null || $this->project->log->begun === []) {
            return $layout;
        }
        $begun = $this->parts();
        $sheets = array_map(fn (array $s): array => ['parts' => array_values(array_filter($s['parts'], fn (array $p): bool => ! isset($begun[Orders::partOf($p['part'])])))] + $s, $layout->sheets);
        $sheets = array_values(array_filter($sheets, fn (array $s): bool => $s['parts'] !== []));

        return $sheets === [] ? null : new Layout($layout->material, $sheets);
    }

    private function sheet(Begun $begun, Stock $stock): LaidSheet
    {
        $known = array_values(array_filter($stock->kinds, fn (SheetKind $k): bool => $begun->size === null ? $k === $stock->kinds[0] : $k->id === $begun->size))[0] ?? $stock->kinds[0];
        $kind = new SheetKind($known->id, $known->name, $begun->length->units, $begun->width->units, array_map(fn (Length $l): int => $l->units, $begun->trims), $known->priceCents, $known->limit, $known->inHand);
        $placements = array_map(fn (array $p): Placement => new Placement(($this->project->log->isSpoiled($begun->id, Orders::partOf($p['part'])) ? self::SPOILED.$begun->id.' ' : '').$p['part'], $p['x']->units, $p['y']->units, $p['length']->units, $p['width']->units, $p['turned']), $begun->parts);

        return new LaidSheet($kind, $placements ?: throw new \LogicException('A sheet was begun with nothing on it.'), array_map(fn (Placement $p): string => $p->item, $placements), $begun->id);
    }
}
