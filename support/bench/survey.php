<?php

declare(strict_types=1);

/**
 * How honest the survey is, on made-up rooms whose true walls are known (seeded: the same rooms at every run).
 * usage: php support/bench/survey.php [rooms]
 */
require __DIR__.'/../../vendor/autoload.php';
require __DIR__.'/MadeUpRoom.php';
require __DIR__.'/SurveyTrial.php';

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

$rooms = (int) ($argv[1] ?? 2000);
$heights = [MadeUpRoom::LOW, 1200.0, MadeUpRoom::HIGH];
$plan = [];
foreach (['front', 'back'] as $plane) {
    foreach ($heights as $z) {
        $plan[] = ['kind' => 'width', 'plane' => $plane, 'z' => $z];
    }
}
foreach (['left', 'right'] as $side) {
    $plan[] = ['kind' => 'plumb', 'side' => $side, 'from_z' => $heights[0], 'z' => $heights[2]];
}
$plan[] = ['kind' => 'corner_angle', 'side' => 'left'];

// 1. Is the stated doubt true?
$errors = $stated = [];
$inside = 0;
for ($i = 0; $i < $rooms; $i++) {
    $room = new MadeUpRoom(new Randomizer(new Xoshiro256StarStar($i)));
    [$clear, $doubt] = SurveyTrial::of($room)->with($plan)->clearWidth();
    $errors[] = abs($clear - $room->clearWidth());
    $stated[] = $doubt;
    $inside += end($errors) <= $doubt ? 1 : 0;
}
sort($errors);
$p95 = $errors[(int) floor(0.95 * $rooms)];
printf("Clear width of %d rooms, 6 widths, 2 plumbs and a corner angle each: true within the stated ± in %.1f %% (aim 93–98)\n", $rooms, 100 * $inside / $rooms);
printf("  mean stated ± %.2f mm, 95th percentile of the true error %.2f mm, ratio %.2f (aim at most 1.2)\n",
    array_sum($stated) / $rooms, $p95, array_sum($stated) / $rooms / $p95);

// 2. Is a wrong reading found? Two or three takes of everything, walls within 3 mm of their planes.
$tried = $found = $blamed = $quiet = $clean = 0;
for ($i = 0; $tried < intdiv($rooms, 4) && $i < $rooms; $i++) {
    $chance = new Randomizer(new Xoshiro256StarStar(100_000 + $i));
    $room = new MadeUpRoom($chance, 3.0);
    if ($room->deviation() > 3.0) {
        continue;
    }
    $trial = SurveyTrial::of($room)->with([...$plan, ...$plan, ...($i % 2 ? $plan : [])]);
    if ($trial->leastRedundancy() < 0.5) {
        continue;
    }
    $clean++;
    $quiet += $trial->findings() === [] ? 1 : 0;
    $tried++;
    $error = (10 + 20 * $room->uniform()) * ($room->uniform() < 0.5 ? -1 : 1);
    [$wrong, $at] = $trial->planted($chance->getInt(0, count($plan) - 2), $error);
    $findings = $wrong->findings();
    $found += $findings !== [] ? 1 : 0;
    $blamed += $findings !== [] && $findings[0]->place->ref === $at ? 1 : 0;
}
printf("A planted error of 10 to 30 mm in %d rooms (every redundancy at least 0.5, walls within 3 mm): found in %.1f %%, the right reading first in %.1f %% (aim 90)\n",
    $tried, 100 * $found / max(1, $tried), 100 * $blamed / max(1, $tried));
printf("  the same %d rooms without one: nothing said in %.1f %%\n", $clean, 100 * $quiet / max(1, $clean));

// 3. Does the advice pay? One width to begin with, then as advised, or in a fixed order.
$count = 7;
$sums = ['advised' => array_fill(0, $count, [0.0, 0.0]), 'in order' => array_fill(0, $count, [0.0, 0.0])];
$some = intdiv($rooms, 10);
for ($i = 0; $i < $some; $i++) {
    foreach (array_keys($sums) as $way) {
        $room = new MadeUpRoom(new Randomizer(new Xoshiro256StarStar(200_000 + $i)));
        $trial = SurveyTrial::of($room)->with([$plan[0]]);
        for ($n = 0; $n < $count; $n++) {
            [$clear, $doubt] = $trial->clearWidth();
            $sums[$way][$n][0] += $doubt / $some;
            $sums[$way][$n][1] += ($clear - $room->clearWidth()) ** 2 / $some;
            $next = $way === 'advised' ? $trial->advised() : ($plan[$n + 1] ?? null);
            if ($next === null) {
                break;
            }
            $trial = $trial->with([$next]);
        }
    }
}
echo "Stated ± and true error (2 × root mean square), mm, after so many readings, as advised | in a fixed order:\n";
for ($n = 0; $n < $count; $n++) {
    printf("  %d: %5.1f %5.1f | %5.1f %5.1f\n", $n + 1, $sums['advised'][$n][0], 2 * sqrt($sums['advised'][$n][1]), $sums['in order'][$n][0], 2 * sqrt($sums['in order'][$n][1]));
}
