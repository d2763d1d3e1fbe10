<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Machining;

use Incastro\Core\Assembly\Fastening\Bore;
use Incastro\Core\Assembly\Fastening\BoreKind;
use Incastro\Core\Measure\Length;

/**
 * Holes alike gathered so that they are marked with few settings: each row is a grid, every distance along the board at every
 * distance across it. Pins of all shelves go together, other holes by the part they are for.
 *
 * @phpstan-type Marked array{bore: Bore, x: Length, y: Length}
 * @phpstan-type Row array{spots: non-empty-list<Marked>, along: list<Length>, across: list<Length>}
 */
final class BoreRows
{
    /**
     * @param  list<Marked>  $spots
     * @return list<Row>
     */
    public static function of(array $spots): array
    {
        $rows = [];
        foreach (self::by($spots, self::kind(...)) as $alike) {
            [$along, $across] = [self::distances($alike, 'x'), self::distances($alike, 'y')];
            if (count($along) * count($across) === count($alike)) {
                $rows[] = ['spots' => $alike, 'along' => $along, 'across' => $across];

                continue;
            }
            $across = count($across) <= count($along) ? 'y' : 'x';
            foreach (self::by($alike, fn (array $s): string => (string) $s[$across]->units) as $line) {
                $rows[] = ['spots' => $line, 'along' => self::distances($line, 'x'), 'across' => self::distances($line, 'y')];
            }
        }

        return $rows;
    }

    /** @param  Marked  $spot */
    private static function kind(array $spot): string
    {
        $bore = $spot['bore'];
        $isPin = $bore->kind === BoreKind::Pin || $bore->kind === BoreKind::SparePin;

        return implode(' ', [$bore->kind->value, $isPin ? '' : $bore->with, $bore->diameter->units, $bore->depth?->units, $bore->screw?->units]);
    }

    /**
     * @param  list<Marked>  $spots
     * @param  \Closure(Marked): string  $key
     * @return list<non-empty-list<Marked>>
     */
    private static function by(array $spots, \Closure $key): array
    {
        $groups = [];
        foreach ($spots as $spot) {
            $groups[$key($spot)][] = $spot;
        }

        return array_values($groups);
    }

    /**
     * @param  list<Marked>  $spots
     * @param  'x'|'y'  $of
     * @return list<Length> each once, the nearest first
     */
    private static function distances(array $spots, string $of): array
    {
        $units = array_values(array_unique(array_map(fn (array $s): int => $s[$of]->units, $spots)));
        sort($units);

        return array_map(Length::ofUnits(...), $units);
    }
}
