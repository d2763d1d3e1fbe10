<?php

declare(strict_types=1);

namespace Tests\Running;

/** An archive of `./incastro backup`, taken apart, changed as somebody else would, and packed again with checksums that fit. */
final class Archive
{
    private string $folder;

    public function __construct(private readonly string $path)
    {
        $this->folder = dirname($path).'/'.bin2hex(random_bytes(6));
        mkdir("$this->folder/parts", 0700, true);
        self::run(['tar', '-C', "$this->folder/parts", '-xf', $path]);
    }

    public function __destruct()
    {
        self::run(['rm', '-rf', $this->folder]);
    }

    /** @param  \Closure(string): string  $changed */
    public function with(string $part, \Closure $changed): self
    {
        $file = "$this->folder/parts/$part";
        file_put_contents($file, $changed((string) @file_get_contents($file)));

        return $this;
    }

    public function without(string $part): self
    {
        unlink("$this->folder/parts/$part");

        return $this;
    }

    /** @param  \Closure(string): void  $changed  given the folder with a file a table */
    public function withTables(\Closure $changed): self
    {
        self::run(['tar', '-C', $this->folder, '-xzf', "$this->folder/parts/tables.tar.gz"]);
        $changed("$this->folder/tables");
        self::run(['tar', '-C', $this->folder, '-czf', "$this->folder/parts/tables.tar.gz", 'tables']);

        return $this;
    }

    /** @param  list<string>|null  $listed  the parts whose checksums are told; all where null */
    public function packed(?array $listed = null): string
    {
        $parts = array_values(array_diff(scandir("$this->folder/parts") ?: [], ['.', '..', 'checksums']));
        $sums = array_map(fn (string $part): string => hash_file('sha256', "$this->folder/parts/$part")."  $part\n", $listed ?? $parts);
        file_put_contents("$this->folder/parts/checksums", implode('', $sums));
        $to = substr($this->path, 0, -4).'-'.bin2hex(random_bytes(4)).'.tar';
        self::run(['tar', '-C', "$this->folder/parts", '-cf', $to, 'checksums', ...$parts]);

        return $to;
    }

    /** @param  list<string>  $command */
    private static function run(array $command): void
    {
        $process = proc_open($command, [['file', '/dev/null', 'r']], $pipes);
        if (! is_resource($process) || proc_close($process) !== 0) {
            throw new \RuntimeException('This failed: '.implode(' ', $command));
        }
    }
}
