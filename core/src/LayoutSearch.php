<?php

declare(strict_types=1);

namespace Incastro\Core;

use Incastro\Core\Cut\Cutter;
use Incastro\Core\Cut\Improver;
use Incastro\Core\Cut\Nested;
use Incastro\Core\Cut\Placement;
use Incastro\Core\Measure\Length;

/** Looks for better layouts than the plan's, outside of planning. Bounded by a count; the same call gives the same answer. */
final class LayoutSearch
{
    /**
     * @param  array<array-key, mixed>  $document
     * @param  \Closure(array<string, mixed>, float): bool  $offer  layouts by material as a document holds them, share done;
     *                                                             false ends the search
     * @return array<string, mixed> the best layouts found, by material
     *
     * @throws Document\DocumentRejected when the document cannot be read
     */
    public static function improve(array $document, int $effort, int $seed, \Closure $offer): array
    {
        $cutting = Planner::cutting($document);
        $layouts = array_map(self::asLayout(...), $cutting->nested);
        $materials = count($cutting->nested);
        foreach (array_keys($cutting->nested) as $done => $id) {
            $items = Cutter::items($cutting->parts, $id);
            $goesOn = true;
            $report = function (Nested $best, float $share) use (&$layouts, &$goesOn, $id, $done, $materials, $offer): bool {
                $layouts[$id] = self::asLayout($best);

                return $goesOn = $offer($layouts, ($done + $share) / $materials);
            };
            $best = (new Improver($effort, $seed))->improve($items, $cutting->nested[$id], $report);
            $layouts[$id] = self::asLayout($best);
            if (! $goesOn || ! $offer($layouts, ($done + 1) / $materials)) {
                break;
            }
        }

        return $layouts;
    }

    /** @return array{sheets: list<list<array{part: string, x: Length, y: Length, turned: bool}>>} */
    private static function asLayout(Nested $nested): array
    {
        return ['sheets' => array_map(
            fn (array $sheet): array => array_map(fn (Placement $p): array => [
                'part' => $p->item, 'x' => Length::ofUnits($p->x), 'y' => Length::ofUnits($p->y), 'turned' => $p->turned,
            ], $sheet),
            $nested->sheets,
        )];
    }
}
