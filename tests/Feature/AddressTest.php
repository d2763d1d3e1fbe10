<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Mail;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** What a caller says this server is called is not believed. */
final class AddressTest extends TestCase
{
    #[TestWith(['GET', '/'])]
    #[TestWith(['GET', '/demo'])]
    #[TestWith(['GET', '/up'])]
    #[TestWith(['POST', '/api/forgotten'])]
    #[TestWith(['POST', '/api/account'])]
    #[TestWith(['GET', '/api/session'])]
    #[TestWith(['GET', '/nothing-here'])]
    public function test_another_host_gets_one_sentence_and_no_session(string $method, string $path): void
    {
        $this->demoOwner();
        self::mailbox();
        foreach (['evil.example', 'evil.example:8610', '127.0.0.1.evil.example', 'localhost.', 'xlocalhost'] as $host) {
            $answer = $this->asked($method, $path, $host);
            $answer->assertStatus(421);
            self::assertSame([], $answer->headers->getCookies(), $host);
            self::assertStringContainsString('INCASTRO_HOSTS', (string) $answer->getContent());
        }
        self::assertFalse(is_dir(storage_path('mail')), 'no letter is written');
        self::assertGuest();
    }

    #[TestWith(['127.0.0.1:8610'])]
    #[TestWith(['localhost'])]
    #[TestWith(['LOCALHOST:1234'])]
    #[TestWith(['[::1]:8610'])]
    #[TestWith(['bench.lee-shore.example'])]
    #[TestWith(['workshop.local'])]
    #[TestWith(['letters.lee-shore.example:443'])]
    public function test_its_own_addresses_are_answered(string $host): void
    {
        config(['app.hosts' => ' bench.lee-shore.example , workshop.local:8611,', 'app.url' => 'https://letters.lee-shore.example/']);
        $this->asked('GET', '/api/session', $host)->assertOk();
        $this->asked('GET', '/api/session', preg_match('/^[\[\d]/', $host) === 1 ? '[::2]:8610' : "evil.$host")->assertStatus(421);
    }

    /** A header that some put before a server is no host either. */
    public function test_letters_name_the_address_that_is_set(): void
    {
        $this->demoOwner();
        config(['app.url' => 'https://letters.lee-shore.example']);
        self::mailbox();
        $evil = ['HTTP_X_FORWARDED_HOST' => 'evil.example', 'HTTP_ACCEPT' => 'application/json'];
        $this->call('POST', '/api/forgotten', ['email' => 'wren@gannet-point.example'], server: $evil)->assertSuccessful();
        self::assertStringContainsString('https://letters.lee-shore.example/reset?', self::letter());
        self::mailbox();
        $household = $this->demoProject()->household_id;
        $this->actingAs($this->demoOwner());
        $this->call('POST', "/api/households/$household/invitations", ['email' => 'pell@lee-shore.example', 'role' => 'maker'], server: $evil)->assertSuccessful();
        self::assertStringContainsString('https://letters.lee-shore.example/join?', self::letter());
    }

    private static function mailbox(): void
    {
        config(['mail.default' => 'mailbox']);
        Mail::forgetMailers();
        File::deleteDirectory(storage_path('mail'));
    }

    private static function letter(): string
    {
        $letters = File::files(storage_path('mail'));
        self::assertCount(1, $letters);
        $letter = quoted_printable_decode($letters[0]->getContents());
        self::assertStringNotContainsString('evil', $letter);

        return $letter;
    }

    private function asked(string $method, string $path, string $host): TestResponse
    {
        return $this->call($method, "http://$host$path", ['email' => 'wren@gannet-point.example'], server: ['HTTP_ACCEPT' => 'application/json']);
    }
}
