<?php

declare(strict_types=1);

/**
 * Ten thousand random and mutated documents, changes, lists, drawings and lengths, and nonsense at every other door of a served Incastro: nothing may be answered with 500 or
 * worse, hang over two seconds, make a project that does not open again, or want more than 256 MB (php-fpm's limit: who wants more is answered with 500).
 * usage: ./incastro bench fuzz [--count=10000] [--seed=1]
 */

require __DIR__.'/../../vendor/autoload.php';
require __DIR__.'/Mutant.php';
require __DIR__.'/OtherDoors.php';

use Tests\Door;

$asked = ['count' => 10_000, 'seed' => 1];
foreach (array_slice($argv, 2) as $word) {
    preg_match('/^--(count|seed)=(\d+)$/', $word, $m) === 1 ? $asked[$m[1]] = (int) $m[2] : exit("\"$word\" is not known; expected --count=N or --seed=N.\n");
}
mt_srand($asked['seed']);
$mutant = new Mutant;
$door = (new Door($argv[1]))->signUp('Fuzz');
$opened = $door->json('POST', '/api/projects', $mutant->document());
$project = $opened['data']['id'] ?? exit("No project to begin with: $door->status.\n");
$space = (string) array_key_first($door->json('GET', "/api/projects/$project")['document']['spaces']);
// A project of its own, and a person who may be shut out of it without harm to the rest.
$other = (new Door($argv[1]))->signUp('Doors');
$others = new OtherDoors($mutant, (string) ($other->json('POST', '/api/projects', $mutant->document())['data']['id'] ?? ''), (string) ($other->json('GET', '/api/households')['data'][0]['id'] ?? ''));
$bad = $statuses = [];
$slowest = 0.0;
$ask = function (string $what, string $method, string $path, array|string|null $body = null, ?Door $by = null) use ($door, &$bad, &$statuses, &$slowest): array {
    $door = $by ?? $door;
    $answer = $door->ask($method, $path, $body);
    $statuses["$what $door->status"] = ($statuses["$what $door->status"] ?? 0) + 1;
    $slowest = max($slowest, $door->seconds);
    if ($door->status >= 500 || $door->status === 0 || $door->seconds > 2.0) {
        $bad[] = sprintf('%s %s: %d after %.1f s: %s', $what, $path, $door->status, $door->seconds, substr($answer, 0, 160));
        file_put_contents(sys_get_temp_dir().'/incastro-fuzz-'.count($bad).'.txt', is_array($body) ? json_encode($body, JSON_INVALID_UTF8_SUBSTITUTE) : (string) $body);
    }
    $read = json_decode($answer, true);

    return is_array($read) ? $read : [];
};
for ($n = 0; $n < $asked['count']; $n++) {
    switch ($n % 6) {
        case 0:
            $made = $ask('document', 'POST', '/api/projects', $mutant->mutatedDocument())['data']['id'] ?? null;
            if (is_string($made)) {
                $ask('plan', 'GET', "/api/projects/$made");
                $ask('deleted', 'DELETE', "/api/projects/$made");
            }
            break;
        case 1:
            $ask('change', 'POST', "/api/projects/$project/changes", $mutant->change());
            if ($ask('opened again', 'GET', "/api/projects/$project") === [] || $door->status !== 200) {
                exit("A change made a project that does not open: $door->status.\n");
            }
            break;
        case 2:
            $ask('list', 'POST', "/api/projects/$project/bring-in/".($n % 2 ? 'boards' : 'readings'), ['space' => $space, 'text' => $mutant->csv()]);
            break;
        case 3:
            $ask('drawing', 'POST', "/api/projects/$project/bring-in/outlines", ['unit' => ['mm', 'in', 'm'][$n % 3], 'text' => $mutant->dxf()]);
            break;
        case 4:
            $ask('other door', ...$others->one(), by: $other);
            break;
        default:
            $ask('length', 'POST', "/api/projects/$project/bring-in/readings", ['space' => $space, 'text' => '1;"'.str_replace('"', '""', $mutant->length()).'"']);
    }
}
ksort($statuses);
foreach ($statuses as $what => $count) {
    printf("  %-14s %5d\n", $what, $count);
}
printf("%d asked: %d answered with 500 or worse, or after more than 2 s; slowest %.2f s\n", array_sum($statuses), count($bad), $slowest);
foreach (array_slice($bad, 0, 12) as $line) {
    echo "  $line\n";
}
exit($bad === [] ? 0 : 1);
