<?php

declare(strict_types=1);

namespace Incastro\Core;

use Incastro\Core\Cut\Cutter;
use Incastro\Core\Cut\Improver;
use Incastro\Core\Cut\LaidSheet;
use Incastro\Core\Cut\Nested;
use Incastro\Core\Cut\Placement;
use Incastro\Core\Measure\Length;

/** Looks for better layouts than the plan's, outside of planning. Bounded by a count; the same call gives the same answer. */
final class LayoutSearch
{
    /**
     * @param  array<array-key, mixed>  $document
     * @param  \Closure(array<string, mixed>, float, list<string>): bool  $offer  layouts by material as a document holds them,
     *                                                                            share done, the materials whose layout is better
     *                                                                            than the plan's; false ends the search
     * @return array<string, mixed> the best layouts found, by material
     *
     * @throws Document\DocumentRejected when the document cannot be read
     */
    public static function improve(array $document, int $effort, int $seed, \Closure $offer): array
    {
        $cutting = Planner::cutting($document);
        $found = $cutting->nested;
        $materials = count($found);
        $say = function (float $share) use (&$found, $cutting, $offer): bool {
            $better = array_keys(array_filter($found, fn (Nested $n, string $id): bool => $n->isBetterThan($cutting->nested[$id]), ARRAY_FILTER_USE_BOTH));

            return $offer(array_map(self::asLayout(...), $found), $share, $better);
        };
        foreach (array_keys($cutting->nested) as $done => $id) {
            $items = Cutter::items($cutting->parts, $id);
            $goesOn = true;
            $report = function (Nested $best, float $share) use (&$found, &$goesOn, $id, $done, $materials, $say): bool {
                $found[$id] = $best;

                return $goesOn = $say(($done + $share) / $materials);
            };
            $found[$id] = (new Improver($effort, $seed))->improve($items, $cutting->nested[$id], $report);
            if (! $goesOn || ! $say(($done + 1) / $materials)) {
                break;
            }
        }

        return array_map(self::asLayout(...), $found);
    }

    /** @return array{sheets: list<list<array{part: string, x: Length, y: Length, turned: bool}>>} */
    private static function asLayout(Nested $nested): array
    {
        return ['sheets' => array_map(
            fn (LaidSheet $sheet): array => array_map(fn (Placement $p): array => [
                'part' => $p->item, 'x' => Length::ofUnits($p->x), 'y' => Length::ofUnits($p->y), 'turned' => $p->turned,
            ], $sheet->placements),
            $nested->sheets,
        )];
    }
}
