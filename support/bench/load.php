<?php

declare(strict_types=1);

/**
 * Fifty people at once for a minute: each edits their own project about every six seconds (seeded, exponential), four in five in demo niches, one in
 * five in the largest piece. Says errors, lost edits, latencies, requests a second, memory, and what the generator itself took.
 * usage: ./incastro bench load [--parts=306] [--people=50] [--seconds=60]
 */

require __DIR__.'/../../vendor/autoload.php';
require __DIR__.'/WidePiece.php';

use Incastro\Core\Document\Reading\CanonicalJson;
use Tests\Door;

/** One person: an account, a project, an edit in flight or the time of the next. */
final class Person
{
    public int $revision = 1;

    public int $acknowledged = 0;

    public float $due = 0.0;

    public float $sent = 0.0;

    public ?\CurlHandle $flying = null;

    public function __construct(public readonly Door $door, public readonly string $project, public readonly string $piece, public readonly bool $large)
    {
    }

    /** @return array<string, mixed> */
    public function edit(int $n): array
    {
        return ['change_id' => strtoupper(Symfony\Component\Uid\Ulid::generate()), 'base_revision' => $this->revision,
            'ops' => [['op' => 'set', 'path' => ['pieces', $this->piece, 'depth'], 'value' => 340 + $n % 40]]];
    }
}

final class Load
{
    /** @var list<Person> */
    private array $people = [];

    /** @var array{niche: list<float>, large: list<float>} ms */
    private array $took = ['niche' => [], 'large' => []];

    private int $errors = 0;

    private int $peak = 0;

    private float $taken = 0.0;

    public function __construct(private readonly string $base, private readonly int $count, private readonly float $seconds, private readonly string $large)
    {
        mt_srand(20261126);
    }

    public function run(): int
    {
        $niches = array_map(fn (string $n): string => (string) file_get_contents(__DIR__."/../../database/demo/$n.json"), ['chart-room-left-niche', 'chart-room-right-niche', 'signal-cabin-book-niche']);
        for ($i = 0; $i < $this->count; $i++) {
            $isLarge = $i % 5 === 4;
            $door = (new Door($this->base))->signUp("Person$i");
            $id = $door->json('POST', '/api/projects', self::own($isLarge ? $this->large : $niches[$i % 3], $i))['data']['id'] ?? throw new RuntimeException("No project for person $i: $door->status.");
            $this->people[] = new Person($door, $id, (string) array_key_first($door->json('GET', "/api/projects/$id")['document']['pieces']), $isLarge);
        }
        $this->alone();
        $own = hrtime(true);
        $taken = self::taken();
        $this->storm();
        $this->taken = self::taken() - $taken;
        $lost = 0;
        foreach ($this->people as $p) {
            $lost += (int) ($p->door->json('GET', "/api/projects/$p->project")['revision'] !== $p->acknowledged + 1);
        }
        $this->tell($lost, (hrtime(true) - $own) / 1e9);

        return $this->errors + $lost > 0 ? 1 : 0;
    }

    /** Nobody measures the same room as another: a first reading that is this person's, in tenths, so that nothing kept for one serves another. */
    private static function own(string $project, int $person): string
    {
        $document = json_decode($project, true, 64, JSON_THROW_ON_ERROR);
        foreach ($document['facts'] ?? [] as $id => $fact) {
            if ($fact['kind'] === 'take' && is_numeric($fact['value'] ?? null)) {
                $document['facts'][$id]['value'] += $person / 10;
                break;
            }
        }

        return CanonicalJson::encode($document);
    }

    /** What one edit takes with nobody else about: what this machine gives just now, to read the rest by. */
    private function alone(): void
    {
        foreach (['niche' => $this->people[0], 'large' => $this->people[4] ?? $this->people[0]] as $name => $p) {
            $took = [];
            for ($i = 0; $i < 9; $i++) {
                $p->door->ask('POST', "/api/projects/$p->project/changes", $p->edit($p->acknowledged));
                $took[] = $p->door->seconds * 1000;
                $p->revision++;
                $p->acknowledged++;
            }
            sort($took);
            printf("one edit alone, %s: middle %.0f ms\n", $name, $took[4]);
        }
    }

    private function storm(): void
    {
        $multi = curl_multi_init();
        $began = microtime(true);
        foreach ($this->people as $p) {
            $p->due = $began + self::pause();
        }
        while (($now = microtime(true)) < $began + $this->seconds || array_filter($this->people, fn (Person $p): bool => $p->flying !== null) !== []) {
            foreach ($this->people as $p) {
                if ($p->flying === null && $p->due <= $now && $now < $began + $this->seconds) {
                    $p->sent = $now;
                    $p->flying = $p->door->prepared('POST', "/api/projects/$p->project/changes", $p->edit($p->acknowledged));
                    curl_multi_add_handle($multi, $p->flying);
                }
            }
            curl_multi_exec($multi, $active);
            $this->take($multi);
            $this->wait($multi);
            $this->peak = max($this->peak, (int) (microtime(true) * 2) % 2 === 0 ? self::memory() : 0);
        }
    }

    /** Until something comes in or ten milliseconds are over; to ask for what is in flight where nothing is would return at once, again and again. */
    private function wait(CurlMultiHandle $multi): void
    {
        if (array_filter($this->people, fn (Person $p): bool => $p->flying !== null) === []) {
            usleep(10_000);
        } else {
            curl_multi_select($multi, 0.01);
        }
    }

    private function take(CurlMultiHandle $multi): void
    {
        while ($done = curl_multi_info_read($multi)) {
            foreach ($this->people as $p) {
                if ($p->flying !== $done['handle']) {
                    continue;
                }
                $this->took[$p->large ? 'large' : 'niche'][] = (microtime(true) - $p->sent) * 1000;
                $answer = (string) curl_multi_getcontent($p->flying);
                if ((int) curl_getinfo($p->flying, CURLINFO_RESPONSE_CODE) === 200 && preg_match('/^\{"revision":(\d+)/', $answer, $m) === 1) {
                    $p->revision = (int) $m[1];
                    $p->acknowledged++;
                } else {
                    $this->errors++;
                    fwrite(STDERR, curl_getinfo($p->flying, CURLINFO_RESPONSE_CODE).' '.substr($answer, 0, 200)."\n");
                }
                curl_multi_remove_handle($multi, $p->flying);
                $p->flying = null;
                $p->due = microtime(true) + self::pause();
            }
        }
    }

    private static function pause(): float
    {
        return -6.0 * log(1 - mt_rand() / (mt_getrandmax() + 1));
    }

    /** Seconds of processor time that other machines on the same hardware took from this one, so far. */
    private static function taken(): float
    {
        return preg_match('/^cpu(?:\s+\d+){7}\s+(\d+)/', (string) @file_get_contents('/proc/stat'), $m) === 1 ? (int) $m[1] / 100 : 0.0;
    }

    /** MB of all processes of php-fpm and the database of this server. */
    private static function memory(): int
    {
        static $last = [0.0, 0];
        if (microtime(true) - $last[0] < 1.0) {
            return $last[1];
        }
        $kb = 0;
        foreach (glob('/proc/[0-9]*/smaps_rollup') ?: [] as $file) {
            $line = (string) @file_get_contents(dirname($file).'/cmdline');
            if (str_contains($line, 'php-fpm') || str_contains($line, 'postgres')) {
                $kb += preg_match('/^Pss:\s+(\d+)/m', (string) @file_get_contents($file), $m) === 1 ? (int) $m[1] : 0;
            }
        }
        $last = [microtime(true), intdiv($kb, 1024)];

        return $last[1];
    }

    private function tell(int $lost, float $seconds): void
    {
        $all = [...$this->took['niche'], ...$this->took['large']];
        printf("%d people, %.0f s: %d edits, %.1f a second; errors %d, projects with a lost edit %d\n", $this->count, $this->seconds, count($all), count($all) / $this->seconds, $this->errors, $lost);
        foreach (['all' => $all] + $this->took as $name => $took) {
            sort($took);
            $at = fn (float $q): float => $took === [] ? 0.0 : $took[(int) floor($q * (count($took) - 1))];
            printf("  %-5s %4d: middle %4.0f ms, 95 %% under %4.0f ms, slowest %4.0f ms%s\n", $name, count($took), $at(0.5), $at(0.95), $at(1.0), $name === 'all' ? ' (aim: 95 % under 250)' : '');
        }
        $usage = getrusage() ?: [];
        printf("  memory of php-fpm and PostgreSQL at most %d MB; the generator took %.1f s of processor time, at low priority\n  other machines on this hardware took %.1f s of processor time from this one\n", $this->peak,
            ($usage['ru_utime.tv_sec'] ?? 0) + ($usage['ru_stime.tv_sec'] ?? 0) + (($usage['ru_utime.tv_usec'] ?? 0) + ($usage['ru_stime.tv_usec'] ?? 0)) / 1e6, $this->taken);
    }
}

$asked = ['parts' => 'demo', 'people' => '50', 'seconds' => '60'];
foreach (array_slice($argv, 2) as $word) {
    preg_match('/^--(parts|people|seconds)=(\w+)$/', $word, $m) === 1 ? $asked[$m[1]] = $m[2] : exit("\"$word\" is not known; expected --parts=N, --people=N or --seconds=N.\n");
}
$large = $asked['parts'] === 'demo' ? (string) file_get_contents(__DIR__.'/../../database/demo/chart-room-fireside.json') : CanonicalJson::encode(WidePiece::of(max(1, intdiv((int) $asked['parts'], 16))));
echo $asked['parts'] === 'demo' ? "largest piece: the chimney wall of the demo house\n" : "largest piece: about {$asked['parts']} parts\n";
exit((new Load($argv[1], (int) $asked['people'], (float) $asked['seconds'], $large))->run());
