<?php

declare(strict_types=1);

/**
 * How long plan() takes for pieces of growing size whose layout was accepted, and whether it grows about in proportion.
 * usage: php support/bench/piece.php
 */
require __DIR__.'/../../vendor/autoload.php';
require __DIR__.'/WidePiece.php';

use Incastro\Core\Build\PieceWork;
use Incastro\Core\Build\Shopping\Shopper;
use Incastro\Core\Build\Steps\StepMaker;
use Incastro\Core\Checks\Built;
use Incastro\Core\Checks\Checker;
use Incastro\Core\Cut\Machining\Boring;
use Incastro\Core\Draw\AxonDrawer;
use Incastro\Core\Planner;

foreach ([3, 6, 12, 18, 19] as $bays) {
    $document = WidePiece::of($bays);
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
