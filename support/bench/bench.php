<?php

declare(strict_types=1);

/**
 * How long an edit takes from request to new plan, and how long and how well sheets are laid.
 * Prints the middle and the slowest of many; nothing here passes or fails.
 */

require __DIR__.'/../../vendor/autoload.php';

use Incastro\Core\Cut\Improver;
use Incastro\Core\Cut\Item;
use Incastro\Core\Cut\Nester;
use Incastro\Core\Cut\Stock;

final class Bench
{
    private string $cookies;

    public function __construct(private readonly string $base)
    {
        $this->cookies = (string) tempnam(sys_get_temp_dir(), 'bench');
    }

    public function run(): void
    {
        $this->edits();
        $this->nesting();
        unlink($this->cookies);
    }

    private function edits(): void
    {
        $this->ask('GET', '/demo');
        preg_match('/csrf-token" content="([^"]+)"/', $this->ask('GET', '/'), $m);
        $token = $m[1] ?? throw new RuntimeException('The page gave no token.');
        $id = '01jchartr00m0000000000eft1';
        $project = json_decode($this->ask('GET', "/api/projects/$id"), true, 512, JSON_THROW_ON_ERROR);
        $reading = array_key_first(array_values($project['document']['spaces'])[0]['readings']);
        $took = [];
        for ($i = 0; $i < 60; $i++) {
            $mm = 1048 + ($i % 9) / 10;
            $body = json_encode(['change_id' => $this->ulid(), 'base_revision' => $project['revision'] + $i, 'ops' => [
                ['op' => 'append', 'path' => ['facts', $this->ulid()], 'value' => ['kind' => 'take', 'reading' => $reading, 'value' => $mm, 'typed' => (string) $mm]],
            ]], JSON_THROW_ON_ERROR);
            $began = hrtime(true);
            $answer = $this->ask('POST', "/api/projects/$id/changes", $body, $token);
            $took[] = (hrtime(true) - $began) / 1e6;
            if (! str_contains($answer, '"plan":')) {
                throw new RuntimeException('The edit was refused: '.substr($answer, 0, 300));
            }
        }
        printf("edit of a reading, answered with its new plan (demo project, %d edits): middle %.0f ms, 95th %.0f ms, slowest %.0f ms (aim: under 150)\n",
            count($took), $this->quantile($took, 0.5), $this->quantile($took, 0.95), max($took));
    }

    private function nesting(): void
    {
        $stock = new Stock('bench', 2440 * 40_000, 1220 * 40_000, 6 * 40_000, 128_000);
        foreach ([25, 50, 100, 250] as $n) {
            foreach ([0, 10] as $effort) {
                $took = $sheets = $bounds = [];
                for ($seed = 1; $seed <= 4; $seed++) {
                    $items = $this->cupboards($n, $seed);
                    $began = hrtime(true);
                    $nested = Nester::nest($items, $stock);
                    $nested = (new Improver($effort, 1))->improve($items, $nested, fn (): bool => true);
                    $took[] = (hrtime(true) - $began) / 1e6;
                    $sheets[] = count($nested->sheets);
                    $bounds[] = $nested->lowerBound;
                }
                printf("nesting %3d parts, effort %2d: middle %5.0f ms, slowest %5.0f ms; sheets %s against bounds %s\n",
                    $n, $effort, $this->quantile($took, 0.5), max($took), implode(' ', $sheets), implode(' ', $bounds));
            }
        }
    }

    /** @return list<Item> sides, shelves and rails of cupboards in a row, sizes to the millimetre */
    private function cupboards(int $n, int $seed): array
    {
        mt_srand($seed);
        $items = [];
        while (count($items) < $n) {
            [$h, $d, $w] = [mt_rand(700, 2300), mt_rand(250, 580), mt_rand(350, 950)];
            foreach ([[$h, $d, false], [$h, $d, false], [$w, $d, false], [$w, $d, false], [$w, $d - 10, false], [$w, 90, true], [$w, 100, true], [$h - 100, intdiv($w, 2), false]] as [$l, $b, $free]) {
                $items[] = new Item(sprintf('P%04d', count($items)), $l * 40_000, $b * 40_000, $free);
            }
        }

        return array_slice($items, 0, $n);
    }

    private function ask(string $method, string $path, ?string $body = null, ?string $token = null): string
    {
        $curl = curl_init($this->base.$path);
        curl_setopt_array($curl, [
            CURLOPT_RETURNTRANSFER => true, CURLOPT_CUSTOMREQUEST => $method, CURLOPT_COOKIEJAR => $this->cookies, CURLOPT_COOKIEFILE => $this->cookies,
            CURLOPT_HTTPHEADER => ['Accept: '.($body === null ? '*/*' : 'application/json'), 'Content-Type: application/json', ...($token === null ? [] : ["X-CSRF-TOKEN: $token"])],

        ]);
        if ($body !== null) {
            curl_setopt($curl, CURLOPT_POSTFIELDS, $body);
        }
        $answer = (string) curl_exec($curl);
        curl_close($curl);

        return $answer;
    }

    private function ulid(): string
    {
        return strtoupper((string) Symfony\Component\Uid\Ulid::generate());
    }

    /** @param  non-empty-list<float>  $values */
    private function quantile(array $values, float $q): float
    {
        sort($values);

        return $values[(int) floor($q * (count($values) - 1))];
    }
}

(new Bench($argv[1] ?? 'http://127.0.0.1:8610'))->run();
