<?php

declare(strict_types=1);

namespace Tests\Running;

/**
 * A copy of the whole program in a folder of a test's own, as somebody has it who built it once: it can be moved, closed to others,
 * and given to another user. What its commands fetch or build is seen, for the fetching programs in its path are ours.
 */
trait OwnTree
{
    use OwnState;

    /** Copied once for all tests of a class; each has it where it wants it, and leaves it as it was. */
    private static string $copy = '';

    private string $home;

    private string $tree;

    private string $tools;

    public static function setUpBeforeClass(): void
    {
        $root = dirname(__DIR__, 2);
        self::$copy = (string) tempnam('/tmp', 'incastro-copy.');
        unlink(self::$copy);
        mkdir(self::$copy.'/var', 0755, true);
        $words = ['sh', '-c', 'tar -C "$1" -cf - --exclude=./var --exclude=./.git --exclude=./node_modules . | tar -xf - -C "$2" && cp -R "$1/var/stamps" "$2/var" && ln -s "$1/node_modules" "$2/node_modules"'];
        proc_close(proc_open([...$words, 'sh', $root, self::$copy], [], $pipes) ?: self::fail('It cannot be copied.'));
    }

    public static function tearDownAfterClass(): void
    {
        exec('rm -rf '.escapeshellarg(self::$copy));
    }

    /** Where it is put in a test's folder. */
    private function tree(string $name = 'incastro'): void
    {
        $this->home = (string) tempnam('/tmp', 'incastro-tree.');
        unlink($this->home);
        $this->tree = "$this->home/$name";
        mkdir(dirname($this->tree), 0755, true);
        chmod($this->home, 0755);
        rename(self::$copy, $this->tree);
        chmod($this->tree, 0755);
        $this->tools = "$this->home/tools";
        mkdir($this->tools);
        $this->tool('composer', 'echo "composer $*" >>'.escapeshellarg("$this->home/fetched").'; exit 1');
        $this->tool('npm', 'echo "npm $*" >>'.escapeshellarg("$this->home/fetched").'; exit 1');
    }

    private function tool(string $name, string $does): void
    {
        file_put_contents("$this->tools/$name", "#!/bin/sh\n$does\n");
        chmod("$this->tools/$name", 0755);
    }

    /** What was fetched, a line for each time. */
    private function fetched(): string
    {
        return (string) @file_get_contents("$this->home/fetched");
    }

    /**
     * A command of the tree, by whom and in what surroundings the words before it say.
     *
     * @param  list<string>  $before
     */
    private function there(string $command, array $before = [], string $path = ''): string
    {
        return $this->ran([...$before, "$this->tree/incastro", ...explode(' ', $command)], $path);
    }

    /** @param  list<string>  $words */
    private function ran(array $words, string $path = ''): string
    {
        $out = tmpfile() ?: self::fail('No file.');
        $env = ['PATH' => $path === '' ? "$this->tools:".getenv('PATH') : $path, 'HOME' => $this->home, 'PORT' => (string) $this->port];
        $process = proc_open($words, [['file', '/dev/null', 'r'], $out, $out], $pipes, null, $env) ?: self::fail('It does not run.');
        proc_close($process);
        rewind($out);

        return (string) stream_get_contents($out);
    }

    private function takeTreeAway(): void
    {
        $this->there('stop');
        copy(dirname(__DIR__, 2).'/resources/css/app.css', "$this->tree/resources/css/app.css");
        $this->ran(['rm', '-rf', "$this->tree/var/run", "$this->tree/var/tools"]);
        $this->ran(['chown', '-R', posix_getuid().':'.posix_getgid(), $this->tree]);
        $this->ran(['chmod', '-R', 'a+rX', $this->tree]);
        rename($this->tree, self::$copy);
        $at = substr(hash('sha256', $this->tree), 0, 12);
        $this->ran(['rm', '-rf', $this->home, "/var/lib/incastro/$at", '/tmp/incastro-'.posix_getuid().'-'.substr(hash('sha256', "$this->tree/var/run"), 0, 12),
            '/tmp/incastro-'.posix_getuid().'-'.substr(hash('sha256', "/var/lib/incastro/$at/state"), 0, 12)]);
    }
}
