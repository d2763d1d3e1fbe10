<?php

declare(strict_types=1);

namespace Tests;

/** One person at the doors of a served Incastro: cookies, the session's token, JSON. For tests of the running whole and for benchmarks. */
final class Door
{
    private readonly \CurlHandle $curl;

    public int $status = 0;

    public float $seconds = 0.0;

    public function __construct(private readonly string $base)
    {
        $this->curl = curl_init();
        curl_setopt_array($this->curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => '', CURLOPT_TIMEOUT => 30, CURLOPT_CONNECTTIMEOUT => 5, CURLOPT_ENCODING => '']);
    }

    public function demo(): self
    {
        $this->ask('GET', '/demo');

        return $this;
    }

    /** An account of its own, with a household of its own. */
    public function signUp(string $name): self
    {
        $this->ask('GET', '/api/session');
        $this->ask('POST', '/api/account', ['name' => $name, 'email' => strtolower($name).bin2hex(random_bytes(4)).'@lee-shore.example', 'password' => 'seven small harbours', 'household' => "$name at home"]);

        return $this;
    }

    /**
     * @param  array<string, mixed>|string|null  $body  an array as JSON, a text as it is
     * @return string the answer; its status is in `status`, 0 where there was none
     */
    public function ask(string $method, string $path, array|string|null $body = null, string $type = 'application/json'): string
    {
        $answer = curl_exec($this->prepared($method, $path, $body, $type));
        $this->status = (int) curl_getinfo($this->curl, CURLINFO_RESPONSE_CODE);
        $this->seconds = (float) curl_getinfo($this->curl, CURLINFO_TOTAL_TIME);

        return is_string($answer) ? $answer : '';
    }

    /**
     * A question ready to be asked, for who asks several at once.
     *
     * @param  array<string, mixed>|string|null  $body
     */
    public function prepared(string $method, string $path, array|string|null $body = null, string $type = 'application/json'): \CurlHandle
    {
        curl_setopt_array($this->curl, [
            CURLOPT_URL => $this->base.$path, CURLOPT_CUSTOMREQUEST => $method,
            CURLOPT_POSTFIELDS => is_array($body) ? json_encode($body, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE) : $body ?? '',
            CURLOPT_HTTPHEADER => ['Accept: application/json', "Content-Type: $type", 'X-XSRF-TOKEN: '.$this->token()],
        ]);

        return $this->curl;
    }

    /**
     * @param  array<string, mixed>|string|null  $body
     * @return array<array-key, mixed>
     */
    public function json(string $method, string $path, array|string|null $body = null, string $type = 'application/json'): array
    {
        $answer = json_decode($this->ask($method, $path, $body, $type), true);

        return is_array($answer) ? $answer : [];
    }

    private function token(): string
    {
        foreach ((array) curl_getinfo($this->curl, CURLINFO_COOKIELIST) as $cookie) {
            $fields = explode("\t", (string) $cookie);
            if (($fields[5] ?? '') === 'XSRF-TOKEN') {
                return urldecode($fields[6]);
            }
        }

        return '';
    }
}
