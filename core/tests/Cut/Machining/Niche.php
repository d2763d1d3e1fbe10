<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Cut\Machining;

use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;

/** A straight niche 1010 wide with 5 of play each side: a carcass 1000 × 2200 × 350 of 18 mm on a plinth of 100. */
final class Niche
{
    /**
     * @param  array<string, string>  $methods
     * @param  list<list<int|float|null>>  $bays  see Sample::bays
     * @return array<string, mixed>
     */
    public static function document(array $methods = [], array $bays = [[]]): array
    {
        $document = Sample::empty('mm');
        foreach ([100, 1200, 2300] as $n => $z) {
            $document = Sample::width($document, $n + 1, $z, 1010);
            $document = Sample::plumb($document, $n + 1, 'left', 100, $z === 100 ? 600 : $z, 0);
        }
        $document['methods'] = [...$document['methods'], ...$methods];

        return Sample::bays($document, $bays);
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  array<string, mixed>  $door
     * @return array<string, mixed>
     */
    public static function withDoor(array $document, int $bay, array $door): array
    {
        $document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::BOX]['bays'][Sample::id('BAY', $bay)]['door'] = ['kind' => 'hinged', ...$door];

        return $document;
    }

    /** @return array<string, mixed> the bench of the nth part of that name */
    public static function bench(Planned $plan, string $part, int $nth = 0): array
    {
        return $plan->plan['bench'][$plan->part($part, $nth)['id']];
    }

    /**
     * @param  array<string, mixed>  $bench
     * @return array<string, list<array{list<int|float>, list<int|float>}>> along and across of each row of a face or edge, by kind
     */
    public static function rows(array $bench, string $where): array
    {
        $found = [];
        foreach ([...$bench['faces'], ...$bench['edges']] as $side) {
            foreach (($side['face'] ?? '') === $where && isset($side['sides']) || ($side['edge'] ?? '') === $where ? $side['rows'] : [] as $row) {
                $found[$row['kind']][] = [$row['along'], $row['across']];
            }
        }

        return $found;
    }
}
