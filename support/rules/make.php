<?php

declare(strict_types=1);

// Writes the section of docs/findings.md that is made from the code.

use Support\Rules\RuleList;

require __DIR__.'/../../vendor/autoload.php';
require __DIR__.'/RuleList.php';

$root = dirname(__DIR__, 2);
$words = json_decode((string) file_get_contents("$root/resources/lang/en.json"), true, 8, JSON_THROW_ON_ERROR);
$doc = (string) file_get_contents("$root/docs/findings.md");
$before = explode(RuleList::HEADING, $doc)[0];
file_put_contents("$root/docs/findings.md", rtrim($before)."\n\n".(new RuleList("$root/core/src/Checks", $words))->section());
