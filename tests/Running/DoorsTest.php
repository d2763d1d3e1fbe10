<?php

declare(strict_types=1);

namespace Tests\Running;

use PHPUnit\Framework\TestCase;

/** What the served whole says with every answer, and what it never says. */
final class DoorsTest extends TestCase
{
    use Served;

    public function test_every_answer_carries_what_keeps_a_page_to_itself(): void
    {
        foreach (['/', '/api/session', '/api/projects', '/build/manifest.json', '/nothing/here', '/index.php', '/.env', '/../.env'] as $path) {
            $headers = $this->headers($path);
            self::assertSame('nosniff', $headers['x-content-type-options'] ?? null, $path);
            self::assertSame('DENY', $headers['x-frame-options'] ?? null, $path);
            self::assertSame('same-origin', $headers['referrer-policy'] ?? null, $path);
            $policy = $headers['content-security-policy'] ?? '';
            foreach (["default-src 'self'", "script-src 'self'", "object-src 'none'", "base-uri 'none'", "frame-ancestors 'none'"] as $rule) {
                self::assertStringContainsString($rule, $policy, $path);
            }
            self::assertDoesNotMatchRegularExpression('/script-src[^;]*unsafe/', $policy);
            self::assertArrayNotHasKey('x-powered-by', $headers, $path);
            self::assertDoesNotMatchRegularExpression('/\d/', $headers['server'] ?? '', $path);
        }
    }

    public function test_no_page_holds_a_script_of_its_own(): void
    {
        $page = self::door()->ask('GET', '/');
        preg_match_all('/<script\b[^>]*>/', $page, $scripts);
        self::assertNotSame([], $scripts[0]);
        foreach ($scripts[0] as $script) {
            self::assertStringContainsString('src="/build/', str_replace((string) getenv('BASE_URL'), '', $script));
        }
        self::assertDoesNotMatchRegularExpression('/\son\w+=/', $page);
    }

    public function test_the_cookie_of_a_session_is_for_the_server_alone(): void
    {
        $cookies = array_filter(explode("\n", $this->headers('/api/session')['set-cookie'] ?? ''), fn (string $c): bool => str_starts_with($c, 'incastro_'));
        self::assertCount(1, $cookies);
        self::assertMatchesRegularExpression('/httponly/i', (string) reset($cookies));
        self::assertMatchesRegularExpression('/samesite=lax/i', (string) reset($cookies));
    }

    public function test_what_is_printed_is_printed_by_the_served_whole_too(): void
    {
        // Classes are linked before any request here, as in no other test.
        $door = self::door()->demo();
        $project = $door->json('GET', '/api/projects')['data'][0]['id'];
        foreach (['plan.pdf' => '%PDF-', 'shopping.pdf' => '%PDF-', 'parts.dxf' => '  0', 'parts.csv' => 'label,', 'work.ics' => 'BEGIN:VCALENDAR', 'small.svg' => '<', 'project.zip' => 'PK'] as $file => $begins) {
            $answer = $door->ask('GET', "/api/projects/$project/$file");
            self::assertSame(200, $door->status, $file);
            self::assertStringStartsWith($begins, ltrim($answer, "\u{FEFF}"), $file);
        }
    }

    public function test_a_change_without_the_sessions_token_is_refused(): void
    {
        $curl = curl_init(getenv('BASE_URL').'/api/forgotten');
        curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_POSTFIELDS => '{"email":"wren@gannet-point.example"}', CURLOPT_HTTPHEADER => ['Accept: application/json', 'Content-Type: application/json']]);
        $answer = json_decode((string) curl_exec($curl), true);
        self::assertSame(419, curl_getinfo($curl, CURLINFO_RESPONSE_CODE));
        self::assertIsString($answer['message']);
    }

    public function test_files_beside_the_application_are_not_served(): void
    {
        $door = self::door();
        foreach (['/.env', '/composer.json', '/storage/app/photos', '/artisan', '/../secrets', '/%2e%2e/secrets', '/build/../../.env', '/index.php/../.env', '/app/Models/User.php'] as $path) {
            $answer = $door->ask('GET', $path);
            self::assertStringNotContainsString('APP_KEY', $answer, $path);
            self::assertStringNotContainsString('<?php', $answer, $path);
            self::assertStringNotContainsString('"require"', $answer, $path);
        }
    }

    public function test_what_is_too_large_is_refused_before_it_is_read(): void
    {
        $door = self::door()->signUp('Large');
        $door->ask('POST', '/api/households', str_repeat(' ', 13_000_000));
        self::assertSame(413, $door->status);
    }

    public function test_secrets_are_for_the_service_alone_and_stand_in_no_log(): void
    {
        $state = self::state();
        self::assertSame('0600', substr(sprintf('%o', fileperms("$state/secrets")), -4));
        self::assertSame('0600', substr(sprintf('%o', fileperms("$state/.env")), -4));
        self::assertSame('0700', substr(sprintf('%o', fileperms($state)), -4));
        $door = self::door();
        $door->ask('GET', '/api/session');
        $door->ask('POST', '/api/sign-in', ['email' => 'nobody@lee-shore.example', 'password' => 'a very secret harbour']);
        $secrets = array_map(fn (string $l): string => substr((string) strstr($l, '='), 1), file("$state/secrets", FILE_IGNORE_NEW_LINES) ?: []);
        self::assertCount(5, array_filter($secrets, fn (string $s): bool => strlen($s) > 20));
        foreach (glob("$state/log/*") ?: [] as $log) {
            $text = (string) file_get_contents($log);
            foreach ([...$secrets, 'a very secret harbour'] as $secret) {
                self::assertFalse(str_contains($text, $secret), "A secret stands in $log.");
            }
        }
    }

    /** @return array<string, string> by name in lower case; several of one name on lines of their own */
    private function headers(string $path): array
    {
        $headers = [];
        $curl = curl_init(getenv('BASE_URL').$path);
        curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_PATH_AS_IS => true, CURLOPT_HEADERFUNCTION => function (\CurlHandle $c, string $line) use (&$headers): int {
            [$name, $value] = explode(':', $line, 2) + [1 => ''];
            $name = strtolower(trim($name));
            $headers[$name] = isset($headers[$name]) ? $headers[$name]."\n".trim($value) : trim($value);

            return strlen($line);
        }]);
        curl_exec($curl);

        return $headers;
    }
}
