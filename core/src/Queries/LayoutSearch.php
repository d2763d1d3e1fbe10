<?php

declare(strict_types=1);

namespace Incastro\Core\Queries;

use Incastro\Core\Cut\Nest\ByHand;
use Incastro\Core\Cut\Nest\Improver;
use Incastro\Core\Cut\Nest\LaidSheet;
use Incastro\Core\Cut\Nest\Nested;
use Incastro\Core\Cut\Nest\Orders;
use Incastro\Core\Cut\Nest\Placement;
use Incastro\Core\Cut\Nest\PlaceRefused;
use Incastro\Core\Document\Reading\DocumentRejected;
use Incastro\Core\Document\Reading\ProjectReader;
use Incastro\Core\Measure\Length;
use Incastro\Core\Planning\Planning;

/** Looks for better layouts than the plan's, outside of planning. Bounded by a count; the same call gives the same answer. */
final class LayoutSearch
{
    /**
     * @param  array<array-key, mixed>  $document
     * @param  \Closure(array<string, mixed>, float, list<string>, array<string, mixed>): bool  $offer  layouts by material as a
     *                          document holds them, share done, the materials whose layout is better than the plan's, and what
     *                          one sheet more would save by material (see trade); false ends the search
     * @return array<string, mixed> the best layouts found, by material
     *
     * @throws DocumentRejected when the document cannot be read
     */
    public static function improve(array $document, int $effort, int $seed, \Closure $offer): array
    {
        $project = ProjectReader::read($document);
        $cutting = (new Planning($document))->cutting();
        $found = $cutting->own;
        $materials = count($found);
        $say = function (float $share) use (&$found, $cutting, $offer): bool {
            $better = array_keys(array_filter($found, fn (Nested $n, string $id): bool => $n->isBetterThan($cutting->own[$id]), ARRAY_FILTER_USE_BOTH));

            return $offer(array_map(self::asLayout(...), $found), $share, $better, array_filter(array_map(self::trade(...), $found)));
        };
        foreach (array_keys($cutting->own) as $done => $id) {
            $orders = new Orders($project, $id, $cutting->open(), $cutting->started->boards($id));
            $items = $orders->itemsOf($cutting->own[$id]);
            $goesOn = true;
            $report = function (Nested $best, float $share) use (&$found, &$goesOn, $id, $done, $materials, $say, $orders): bool {
                $found[$id] = $orders->paired($best);

                return $goesOn = $say(($done + $share) / $materials);
            };
            $found[$id] = $orders->paired((new Improver($effort, $seed))->improve($items, $cutting->own[$id], $report));
            if (! $goesOn || ! $say(($done + 1) / $materials)) {
                break;
            }
        }

        return array_map(self::asLayout(...), $found);
    }

    /**
     * The layout of one material with a part put somewhere by hand.
     *
     * @param  array<array-key, mixed>  $document
     * @param  array{part: string, sheet: int, x: Length, y: Length, turned: bool, locked: bool}  $place
     * @return array{sheets: list<array<string, mixed>>} as a document holds it
     *
     * @throws DocumentRejected when the document cannot be read
     * @throws PlaceRefused when the part cannot lie there
     */
    public static function byHand(array $document, string $material, array $place): array
    {
        $cutting = (new Planning($document))->cutting();
        $now = $cutting->own[$material] ?? throw new PlaceRefused('no_part', $place['part']);
        $project = ProjectReader::read($document);
        // Begun sheets come first in the plan, and nothing is put on them or taken off.
        $begun = count(array_filter($cutting->nested[$material]->sheets ?? [], fn (LaidSheet $s): bool => $s->begun !== null));
        if ($place['sheet'] < $begun || isset($cutting->started->parts[$cutting->laid->part($place['part'])])) {
            throw new PlaceRefused('begun', $place['part']);
        }
        $orders = new Orders($project, $material, $cutting->open(), $cutting->started->boards($material));
        $wanted = new Placement($place['part'], $place['x']->units, $place['y']->units, 0, 0, $place['turned']);

        return self::asLayout((new ByHand($orders))->placed($now, $wanted, $place['sheet'] - $begun, $place['locked']));
    }

    /**
     * @return array{sheets: int, cents: int, settings: int, layout: array<string, mixed>}|null sheets more for fewer settings: what it costs, what it
     *     saves, and its layout
     */
    public static function trade(Nested $nested): ?array
    {
        $roomier = $nested->roomier;

        return $roomier === null || ! $nested->isWorthASheetMore($roomier) ? null : [
            'sheets' => count($roomier->sheets) - count($nested->sheets),
            'cents' => $roomier->cents() - $nested->cents(),
            'settings' => $nested->settings() - $roomier->settings(),
            'layout' => self::asLayout($roomier),
        ];
    }

    /** @return array{sheets: list<array<string, mixed>>} as a document holds it */
    public static function asLayout(Nested $nested): array
    {
        $own = $nested->stock->kinds[0]->id;

        return ['sheets' => array_map(fn (LaidSheet $sheet): array => ($sheet->kind->id === $own ? [] : ['size' => $sheet->kind->id]) + [
            'parts' => array_map(fn (Placement $p): array => [
                'part' => $p->item, 'x' => Length::ofUnits($p->x), 'y' => Length::ofUnits($p->y), 'turned' => $p->turned,
            ] + (in_array($p->item, $sheet->locked, true) ? ['locked' => true] : []), $sheet->placements),
        ], $nested->sheets)];
    }
}
