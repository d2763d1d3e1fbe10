<?php

declare(strict_types=1);

/**
 * How long plan() takes for pieces of growing size whose layout was accepted, and whether it grows about in proportion.
 * usage: php support/bench/piece.php
 */
require __DIR__.'/../../vendor/autoload.php';
require __DIR__.'/WidePiece.php';

use Incastro\Core\Build\Shopping\Shopper;
use Incastro\Core\Build\Steps\StepMaker;
use Incastro\Core\Checks\Checker;
use Incastro\Core\Draw\AxonDrawer;
use Incastro\Core\Planner;
use Incastro\Core\Planning\Planning;

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
    $planning = new Planning($document);
    $built = array_values($planning->pieces())[0];
    $cutting = $planning->cutting();
    $shown = [
        'shopping list' => fn (): mixed => (new Shopper($planning->project))->list($planning->assembly(), $cutting),
        'order of work' => fn (): mixed => json_encode((new StepMaker($planning->project))->make($planning->assembly(), $cutting)),
        'picture in the round' => fn (): mixed => json_encode(AxonDrawer::draw($built->fit->panels)),
    ];
    foreach ($shown as $what => $do) {
        $took = [];
        for ($i = 0; $i < 5; $i++) {
            $began = hrtime(true);
            $do();
            $took[] = (hrtime(true) - $began) / 1e6;
        }
        sort($took);
        printf("  its %s: middle %4.1f ms\n", $what, $took[2]);
    }
    $checks = [];
    for ($i = 0; $i < 9; $i++) {
        $began = hrtime(true);
        (new Checker)->piece($built, $planning->assembly());
        $checks[] = (hrtime(true) - $began) / 1e6;
    }
    sort($checks);
    printf("  its findings, %d rules: middle %4.1f ms, slowest %4.1f ms (aim: 300 parts under 100 ms)\n", count(Checker::RULES), $checks[4], $checks[8]);
}
