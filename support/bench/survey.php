<?php

declare(strict_types=1);

/**
 * How honest the survey is: ten families of made-up rooms, each read as the advice asks until it says enough, and then held against the true walls.
 * Seeds are 0, 1, 2 … in every family; the law of errors is in survey/TrueRoom.php.
 * usage: ./incastro bench survey [ROOMS=1000 of each family]
 */
require __DIR__.'/../../vendor/autoload.php';
foreach (['Family', 'TrueRoom', 'Trial', 'Carcass', 'Tally'] as $class) {
    require __DIR__."/survey/$class.php";
}

use Incastro\Bench\Survey\Tally;

exit((new Tally(max(1, (int) ($argv[1] ?? 1000))))->run());
