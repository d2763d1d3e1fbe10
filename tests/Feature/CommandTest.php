<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;

/** ./incastro refuses what it cannot do with one clear line, and begins nothing. */
final class CommandTest extends TestCase
{
    public function test_a_port_that_is_no_port_is_refused(): void
    {
        foreach (['abc', '80', '70000'] as $port) {
            [$code, $error] = self::incastro(['start'], ['PORT' => $port]);
            self::assertSame(1, $code);
            self::assertSame("incastro: PORT is \"$port\"; expected a number from 1024 to 65535.\n", $error);
        }
    }

    public function test_a_taken_port_is_refused_and_another_proposed(): void
    {
        $server = stream_socket_server('tcp://127.0.0.1:0');
        self::assertIsResource($server);
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($server, false), ':'), 1);
        [$code, $error] = self::incastro(['start'], ['PORT' => (string) $port]);
        self::assertSame(1, $code);
        self::assertStringContainsString("port $port is taken by another program; try PORT=".($port + 1), $error);
    }

    public function test_unknown_words_are_named(): void
    {
        self::assertStringContainsString('"fly" is not a command', self::incastro(['fly'])[1]);
        self::assertStringContainsString('"soup" is not a part of the tests', self::incastro(['test', 'soup'])[1]);
    }

    public function test_stopping_what_does_not_run_is_no_error(): void
    {
        self::assertSame(0, self::incastro(['stop'])[0]);
    }

    public function test_resetting_what_does_not_run_says_what_to_do(): void
    {
        self::assertSame([1, "incastro: start it first: ./incastro start\n"], self::incastro(['reset']));
    }

    /**
     * @param  list<string>  $arguments
     * @param  array<string, string>  $environment
     * @return array{int, string} exit code and standard error, in a state folder of its own
     */
    private static function incastro(array $arguments, array $environment = []): array
    {
        $state = sys_get_temp_dir().'/incastro-none-'.getmypid();
        $process = proc_open([__DIR__.'/../../incastro', ...$arguments], [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['pipe', 'w']],
            $pipes, null, ['INCASTRO_STATE' => $state] + $environment + getenv());
        self::assertIsResource($process);
        $error = (string) stream_get_contents($pipes[2]);
        $code = proc_close($process);
        self::assertDirectoryDoesNotExist($state);

        return [$code, $error];
    }
}
