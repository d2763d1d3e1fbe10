<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\InPlaceFiles;
use Illuminate\Filesystem\Filesystem;
use Tests\TestCase;

final class InPlaceFilesTest extends TestCase
{
    private string $path;

    protected function setUp(): void
    {
        parent::setUp();
        $this->path = tempnam(sys_get_temp_dir(), 'in-place') ?: self::fail('No file for the test.');
    }

    protected function tearDown(): void
    {
        unlink($this->path);
        parent::tearDown();
    }

    public function test_sessions_and_limits_write_with_it(): void
    {
        self::assertInstanceOf(InPlaceFiles::class, $this->app?->make('files'));
        self::assertInstanceOf(InPlaceFiles::class, $this->app->make(Filesystem::class));
    }

    public function test_what_is_written_over_is_gone_whether_longer_or_shorter(): void
    {
        $files = new InPlaceFiles;
        foreach (['long before', 'short', '', 'and longer than ever'] as $text) {
            self::assertSame(strlen($text), $files->put($this->path, $text, true));
            self::assertSame($text, $files->sharedGet($this->path));
        }
    }

    public function test_who_reads_waits_until_all_is_written(): void
    {
        $files = new InPlaceFiles;
        $writers = array_map(fn (string $letter): int => $this->writer($letter), ['a', 'b', 'c']);
        $seen = [];
        for ($i = 0; $i < 400; $i++) {
            $text = $files->sharedGet($this->path);
            self::assertMatchesRegularExpression('/^(a{900}|b{1300}|c{500})?$/', $text);
            $seen[$text[0] ?? ''] = true;
        }
        foreach ($writers as $pid) {
            pcntl_waitpid($pid, $status);
        }
        self::assertNotSame([], $seen);
    }

    public function test_a_folder_that_is_gone_is_told_as_before(): void
    {
        set_error_handler(fn (): bool => true);
        try {
            self::assertFalse((new InPlaceFiles)->put("$this->path.none/file", 'text', true));
        } finally {
            restore_error_handler();
        }
    }

    /** Another process that writes one of three texts again and again. */
    private function writer(string $letter): int
    {
        $pid = pcntl_fork();
        if ($pid === 0) {
            $text = str_repeat($letter, ['a' => 900, 'b' => 1300, 'c' => 500][$letter]);
            for ($i = 0; $i < 600; $i++) {
                (new InPlaceFiles)->put($this->path, $text, true);
            }
            posix_kill(posix_getpid(), SIGKILL);
        }

        return $pid;
    }
}
