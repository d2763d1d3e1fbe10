<?php

declare(strict_types=1);

/**
 * How long plan() takes for pieces of growing size whose layout was accepted, and whether it grows about in proportion.
 * usage: php support/bench/piece.php
 */
require __DIR__.'/../../vendor/autoload.php';

use Incastro\Core\Build\PieceWork;
use Incastro\Core\Build\Shopping\Shopper;
use Incastro\Core\Build\Steps\StepMaker;
use Incastro\Core\Checks\Built;
use Incastro\Core\Checks\Checker;
use Incastro\Core\Cut\Machining\Boring;
use Incastro\Core\Document\CanonicalJson;
use Incastro\Core\Document\SpaceKind;
use Incastro\Core\Document\Starter;
use Incastro\Core\Draw\AxonDrawer;
use Incastro\Core\LayoutSearch;
use Incastro\Core\Measure\Unit;
use Incastro\Core\Planner;

$count = 0;
$newId = function () use (&$count): string {
    return '01JBENCH'.str_pad(strtoupper(base_convert((string) ++$count, 10, 8)), 18, '0', STR_PAD_LEFT);
};

/** A long wall of cupboards with shelves and doors, so many bays wide and two bands high. */
$piece = function (int $bays) use ($newId): array {
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
};

foreach ([3, 6, 12, 18, 19] as $bays) {
    $document = $piece($bays);
    $plan = json_decode(Planner::plan($document)->toJson(), true, 64, JSON_THROW_ON_ERROR);
    $took = [];
    for ($i = 0; $i < 9; $i++) {
        $began = hrtime(true);
        Planner::plan($document);
        $took[] = (hrtime(true) - $began) / 1e6;
    }
    sort($took);
    $parts = count($plan['parts']);
    printf("plan of a piece of %3d parts, layout accepted (%s): middle %4.0f ms, slowest %4.0f ms, %.2f ms a part (aim: 300 parts under 200 ms)\n",
        $parts, implode('+', array_map(fn (array $m): string => count($m['sheets']).($m['accepted'] ? '' : ' not kept'), $plan['cut'])), $took[4], $took[8], $took[4] / $parts);
    [$project, $whole, $room, $design, $fit] = Planner::fitted($document, (string) array_key_first($document['pieces'])) ?? throw new LogicException('The bench piece has no width.');
    $work = new PieceWork($project, $whole, $room, $design, $fit, Boring::of($design, $fit));
    $cutting = Planner::cutting($document);
    foreach (['shopping list' => fn (): mixed => (new Shopper($project))->list([$work], $cutting), 'order of work' => fn (): mixed => json_encode((new StepMaker($project))->make([$work], $cutting)), 'picture in the round' => fn (): mixed => json_encode(AxonDrawer::draw($fit->panels))] as $what => $do) {
        $took = [];
        for ($i = 0; $i < 5; $i++) {
            $began = hrtime(true);
            $do();
            $took[] = (hrtime(true) - $began) / 1e6;
        }
        sort($took);
        printf("  its %s: middle %4.1f ms\n", $what, $took[2]);
    }
    $built = new Built($project, $whole, $room, $fit, $design, Boring::of($design, $fit));
    $checks = [];
    for ($i = 0; $i < 9; $i++) {
        $began = hrtime(true);
        (new Checker)->piece($built);
        $checks[] = (hrtime(true) - $began) / 1e6;
    }
    sort($checks);
    printf("  its findings, %d rules: middle %4.1f ms, slowest %4.1f ms (aim: 300 parts under 100 ms)\n", count(Checker::RULES), $checks[4], $checks[8]);
}
