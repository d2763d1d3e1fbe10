<?php

declare(strict_types=1);

/**
 * The plans of all demo documents, of every ready-made design in some of their rooms, and of 120 random documents, each as a hash; and
 * what is asked outside a plan of the demo documents. A change that is only a move leaves every hash as it was.
 * usage: php support/bench/plans.php [record | compare] [NAME]
 * `record` writes the hashes to support/bench/plans.json and the plans to var/plans; `compare` says which differ and where, and fails.
 */
require __DIR__.'/../../vendor/autoload.php';
require __DIR__.'/KnownPlans.php';

[$what, $only] = [$argv[1] ?? 'compare', $argv[2] ?? ''];
$hashes = __DIR__.'/plans.json';
$kept = dirname(__DIR__, 2).'/var/plans';
is_dir($kept) || mkdir($kept, 0777, true);
/** @var array<string, string> $before */
$before = is_file($hashes) ? json_decode((string) file_get_contents($hashes), true, 4, JSON_THROW_ON_ERROR) : [];
$now = [];
$differing = 0;
foreach (KnownPlans::all() as $name => $make) {
    if (! str_contains($name, $only)) {
        continue;
    }
    $json = $make();
    $now[$name] = substr(hash('sha256', $json), 0, 20);
    $file = $kept.'/'.preg_replace('/\W+/', '_', $name).'.json.gz';
    if ($what === 'record') {
        file_put_contents($file, gzencode($json, 4));
    } elseif (($before[$name] ?? '') !== $now[$name]) {
        $differing++;
        echo "$name differs\n";
        $was = is_file($file) ? json_decode((string) gzdecode((string) file_get_contents($file)), true, 512, JSON_THROW_ON_ERROR) : null;
        foreach (array_slice($was === null ? [] : KnownPlans::differences($was, json_decode($json, true, 512, JSON_THROW_ON_ERROR)), 0, 8) as $line) {
            echo "  $line\n";
        }
    }
}
if ($what === 'record') {
    file_put_contents($hashes, json_encode($now + ($only === '' ? [] : $before), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT)."\n");
    echo count($now)." plans recorded\n";
    exit(0);
}
echo count($now)." plans, $differing differ from support/bench/plans.json\n";
exit($differing === 0 ? 0 : 1);
