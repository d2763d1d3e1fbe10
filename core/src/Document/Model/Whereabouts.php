<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** Where in the document a bay is, at whatever level. */
final class Whereabouts
{
    /** @return list<string>|null its path from the root; null when the piece has no such bay */
    public static function ofBay(Piece $piece, string $bay): ?array
    {
        foreach ($piece->runs as $id => $run) {
            $path = self::inBands($run->bands, $bay, ['pieces', $piece->id, 'runs', $id, 'bands']);
            if ($path !== null) {
                return $path;
            }
        }

        return null;
    }

    /**
     * @param  array<string, Band>  $bands
     * @param  list<string>  $path
     * @return list<string>|null
     */
    private static function inBands(array $bands, string $wanted, array $path): ?array
    {
        foreach ($bands as $bandId => $band) {
            foreach ($band->bays as $id => $bay) {
                $here = [...$path, $bandId, 'bays', $id];
                $found = $id === $wanted ? $here : self::inBands($bay->bands, $wanted, [...$here, 'bands']);
                if ($found !== null) {
                    return $found;
                }
            }
        }

        return null;
    }
}
