<?php

declare(strict_types=1);

/**
 * How long an edit takes from request to new plan.
 * Prints the middle and the slowest of many; nothing here passes or fails.
 */

require __DIR__.'/../../vendor/autoload.php';
require __DIR__.'/WidePiece.php';

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
        $this->cached();
        unlink($this->cookies);
    }

    private function edits(): void
    {
        preg_match('#/projects/(\w+)/site#', $this->ask('GET', '/demo'), $to);
        preg_match('/csrf-token" content="([^"]+)"/', $this->ask('GET', '/'), $m);
        $token = $m[1] ?? throw new RuntimeException('The page gave no token.');
        $id = $to[1] ?? throw new RuntimeException('The demo house did not open.');
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

    /** A plan of about 300 parts, asked for again. */
    private function cached(): void
    {
        $door = (new Tests\Door($this->base))->signUp('Bench');
        $id = $door->json('POST', '/api/projects', Incastro\Core\Document\Reading\CanonicalJson::encode(WidePiece::of(19)))['data']['id'] ?? throw new RuntimeException("No project: $door->status.");
        $door->ask('GET', "/api/projects/$id/plan");
        $took = $again = [];
        for ($i = 0; $i < 30; $i++) {
            $bytes = strlen($door->ask('GET', "/api/projects/$id/plan"));
            $took[] = $door->seconds * 1000;
            $door->ask('GET', "/api/projects/$id/plan/cut");
            $again[] = $door->seconds * 1000;
        }
        printf("plan of 306 parts from the cache, %.1f MB: middle %.0f ms (aim: under 30); its sheets alone %.0f ms\n", $bytes / 1e6, $this->quantile($took, 0.5), $this->quantile($again, 0.5));
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
