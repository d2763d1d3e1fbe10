<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Console;

/** Runs core/bin/incastro as a person would. */
final class CommandLine
{
    /** @return array{int, string, string} exit code, standard output, standard error */
    public static function run(string ...$arguments): array
    {
        $process = proc_open([PHP_BINARY, __DIR__.'/../../bin/incastro', ...$arguments], [['file', '/dev/null', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes);
        if (! is_resource($process)) {
            throw new \RuntimeException('The command line could not be started.');
        }
        $out = (string) stream_get_contents($pipes[1]);
        $error = (string) stream_get_contents($pipes[2]);

        return [proc_close($process), $out, $error];
    }

    /** @return array{int, string, string} */
    public static function nest(string $csv, string ...$options): array
    {
        return self::withFile($csv, fn (string $file): array => self::run('nest', $file, ...$options));
    }

    /** @return array{int, string, string} */
    public static function plan(string $json): array
    {
        return self::withFile($json, fn (string $file): array => self::run('plan', $file));
    }

    /**
     * @param  array{int, string, string}  $result
     * @return array<string, mixed>
     */
    public static function json(array $result): array
    {
        [$code, $out, $error] = $result;
        if ($code !== 0) {
            throw new \RuntimeException("exit $code: $error");
        }

        return json_decode($out, true, 64, JSON_THROW_ON_ERROR);
    }

    /**
     * @param  \Closure(string): array{int, string, string}  $use
     * @return array{int, string, string}
     */
    private static function withFile(string $text, \Closure $use): array
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'incastro');
        file_put_contents($file, $text);
        try {
            return $use($file);
        } finally {
            unlink($file);
        }
    }
}
