<?php

declare(strict_types=1);

use Incastro\Core\Document\Model\SpaceKind;
use Incastro\Core\Document\Model\Starter;
use Incastro\Core\Document\Reading\CanonicalJson;
use Incastro\Core\Measure\Unit;
use Incastro\Core\Queries\LayoutSearch;

/** A long wall of cupboards with shelves and doors, so many bays wide and two bands high; 19 bays are 306 parts. Its layout is accepted. */
final class WidePiece
{
    private int $count = 0;

    /** @return array<array-key, mixed> a project document */
    public static function of(int $bays): array
    {
        return (new self)->document($bays);
    }

    private function newId(): string
    {
        return '01JBENCH'.str_pad(strtoupper(base_convert((string) ++$this->count, 10, 8)), 18, '0', STR_PAD_LEFT);
    }

    /** @return array<array-key, mixed> */
    private function document(int $bays): array
    {
        $newId = $this->newId(...);
        $document = (new Starter(Unit::Millimetre, $newId))->document(SpaceKind::Wall, 'Bench', '2026-11-24');
        $space = array_key_first($document['spaces']);
        $width = 520 * $bays + 20;
        foreach ($document['spaces'][$space]['readings'] as $id => $reading) {
            if ($reading['kind'] === 'width') {
                $document['facts'][$newId()] = ['kind' => 'take', 'reading' => $id, 'value' => $width, 'typed' => (string) $width];
            }
        }
        $bay = fn (int $i, string $hang): array => ['order' => sprintf('%03d', $i), 'fill' => ['kind' => 'shelves', 'shelves' => [$newId() => ['order' => 'a'], $newId() => ['order' => 'b'], $newId() => ['order' => 'c'], $newId() => ['order' => 'd']]],
            'door' => ['kind' => 'hinged', 'hang' => $hang]];
        $row = function (string $hang) use ($bays, $bay, $newId): array {
            $made = [];
            foreach (range(1, $bays) as $i) {
                $made[$newId()] = $bay($i, $hang);
            }

            return $made;
        };
        $id = array_key_first($document['pieces']);
        $document['pieces'][$id] = ['height' => 2100, 'depth' => 380, 'runs' => [$newId() => ['bands' => [
            $newId() => ['order' => 'a', 'kind' => 'plinth', 'height' => 90, 'set_back' => 40], $newId() => ['order' => 'b', 'kind' => 'box', 'height' => 800, 'bays' => $row('overlay')],
            $newId() => ['order' => 'c', 'kind' => 'box', 'bays' => $row('inset')],
        ]]]] + $document['pieces'][$id];
        foreach ($document['stock'] as $sheet => $material) {
            $document['stock'][$sheet]['sheet_length'] = 9900;
            $document['stock'][$sheet]['sheet_width'] = 2500;
        }
        $found = LayoutSearch::improve($document, 0, 1, fn (): bool => true);
        $document['layouts'] = json_decode(json_encode($found, JSON_THROW_ON_ERROR), true, 64, JSON_THROW_ON_ERROR);

        return CanonicalJson::decode(CanonicalJson::encode($document));
    }
}
