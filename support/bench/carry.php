<?php

declare(strict_types=1);

/**
 * How long it takes to answer whether a piece goes in, for each piece of the demo house (aim: the largest within 2 s).
 * usage: php support/bench/carry.php
 */
require __DIR__.'/../../vendor/autoload.php';

use Incastro\Core\Queries\EntrySearch;

$slowest = ['', 0.0];
foreach (glob(__DIR__.'/../../database/demo/*.json') ?: [] as $file) {
    $document = json_decode((string) file_get_contents($file), true, 512, JSON_THROW_ON_ERROR);
    foreach ($document['pieces'] as $id => $piece) {
        $began = hrtime(true);
        $answer = EntrySearch::of($document, $id);
        $ms = (hrtime(true) - $began) / 1e6;
        printf("%-28s %-20s %5.0f ms  %s\n", basename($file, '.json'), $piece['name'], $ms, implode(', ', array_column($answer, 'verdict')));
        $slowest = $ms > $slowest[1] ? [$piece['name'], $ms] : $slowest;
    }
}
printf("slowest: %s, %.0f ms (aim: under 2000)\n", ...$slowest);
