<?php

declare(strict_types=1);

/**
 * Writes the surveyed rooms of the demo house into database/demo: each room's true surfaces are made up here, and every
 * reading of its measuring list is what a tape would say there, to the millimetre or sixteenth. Same rooms at every run.
 * usage: php support/demo/make.php
 */
require __DIR__.'/../../vendor/autoload.php';
require __DIR__.'/rooms.php';
require __DIR__.'/TrueRoom.php';

use Incastro\Core\Document\Model\SpaceKind;
use Incastro\Core\Document\Model\Starter;
use Incastro\Core\Document\Reading\ProjectReader;
use Incastro\Core\Measure\Unit;
use Incastro\Core\Queries\Starters;

/**
 * Slid edges joined the measuring list after the rooms were made: they come last and have ids of their own, so that what was there keeps its ids.
 *
 * @param  array<string, mixed>  $document  whose ids are the first so many
 * @return array{array<string, mixed>, int} the same, and how many ids it takes without them
 */
function edgesLast(array $document, int $ids, Closure $newId): array
{
    global $count;
    $space = array_key_first($document['spaces']);
    $slid = array_keys(array_filter($document['spaces'][$space]['readings'], fn (array $r): bool => $r['kind'] === 'slid_edge'));
    [$from, $to, $edges] = [[], [], 7000];
    for ($n = 1, $kept = 0; $n <= $ids; $n++) {
        $count = $n - 1;
        $from[] = $id = $newId();
        $count = in_array($id, $slid, true) ? $edges++ : $kept++;
        $to[] = $newId();
    }
    $document = json_decode(strtr(json_encode($document), array_combine($from, $to)), true);
    $readings = $document['spaces'][$space]['readings'];
    uasort($readings, fn (array $a, array $b): int => ($a['kind'] === 'slid_edge') <=> ($b['kind'] === 'slid_edge'));
    $document['spaces'][$space]['readings'] = $readings;

    return [$document, $kept];
}

foreach (rooms() as $file => $room) {
    $count = 0;
    $newId = function () use (&$count, $room): string {
        return $room['ids'].str_pad(strtoupper(base_convert((string) ++$count, 10, 8)), 26 - strlen($room['ids']), '0', STR_PAD_LEFT);
    };
    $document = (new Starter(Unit::from($room['unit']), $newId))->document(SpaceKind::from($room['kind']), $room['name'], '2026-11-24');
    [$document, $count] = edgesLast($document, $count, $newId);
    $document['id'] = $room['id'];
    $document['workshop'] = array_replace($document['workshop'], $room['unit'] === 'mm' ? ['kerf' => 2.4, 'trim' => 8] : []);
    $space = array_key_first($document['spaces']);
    $document['spaces'][$space] = array_replace($document['spaces'][$space], ['name' => $room['space']], $room['also'] ?? []);
    $document += isset($room['shop']) ? ['shop' => $room['shop']] : [];
    $document += isset($room['house']) ? ['house' => $room['house']] : [];
    foreach ($room['way'] ?? [] as $i => $segment) {
        $document['way_in'][$newId()] = ['order' => sprintf('m%03d', $i)] + $segment;
    }
    foreach ($room['things'] ?? [] as $thing) {
        $document['spaces'][$space]['things'][$newId()] = ['order' => 't'] + $thing;
    }
    foreach ($room['studs'] ?? [] as $stud) {
        $document['spaces'][$space]['build']['studs'][$newId()] = $stud;
    }
    foreach ($room['more'] ?? [] as $reading) {
        $document['spaces'][$space]['readings'][$newId()] = ['order' => 'x'] + $reading;
    }
    if (isset($room['piece'])) {
        $piece = array_key_first($document['pieces']);
        $document['pieces'][$piece] = array_replace($document['pieces'][$piece], $room['piece']);
    }
    foreach ($document['stock'] as $id => $sheet) {
        $isBoard = $sheet['order'] === 'a';
        $document['stock'][$id]['price_cents'] = $isBoard ? 9400 : 4150;
        $document['stock'][$id]['thickness'] = $room['unit'] === 'mm' ? ($isBoard ? 17.6 : 6.2) : $sheet['thickness'];
    }
    // Twice over: where a tape lies follows from sizes that are known only after the first round.
    foreach ([1, 2] as $round) {
        $count = 1000;
        foreach ($document['spaces'][$space]['readings'] as $id => $reading) {
            $count = $reading['kind'] === 'slid_edge' ? max($count, 8000) : $count;
            $truth = new TrueRoom($room['true'], ProjectReader::read($document));
            $document['facts'][$newId()] = $truth->take($id, $room['unit']);
        }
    }
    if (isset($room['starter'])) {
        $count = 3000;
        foreach (Starters::fitted($document, $room['starter'], $space, $newId) as $op) {
            if ($op['op'] === 'remove') {
                unset($document['pieces'][$op['path'][1]]);
            } else {
                $document['pieces'][$op['path'][1]] = $op['value'];
            }
        }
    }
    // Ids of their own, so that what was there keeps its ids.
    $count = 6000;
    foreach (isset($room['way']) ? [] : ($room['reached'] ?? []) as $i => $segment) {
        $document['way_in'][$newId()] = ['order' => sprintf('m%03d', $i)] + $segment;
    }
    $document['pieces'] = array_map($room['decide'] ?? fn (array $piece): array => $piece, $document['pieces']);
    ProjectReader::read($document);
    $json = json_encode($document, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    file_put_contents(__DIR__."/../../database/demo/$file.json", str_replace('": []', '": {}', $json)."\n");
    echo "$file: ".count($document['facts'])." takes\n";
}
