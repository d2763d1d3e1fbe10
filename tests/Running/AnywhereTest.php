<?php

declare(strict_types=1);

namespace Tests\Running;

use PHPUnit\Framework\TestCase;
use Tests\Door;

/** It starts from any folder, under any umask, without a network, for anybody who may run it: each in a tree of the test's own. */
final class AnywhereTest extends TestCase
{
    use OwnTree {
        tearDown as private stateAway;
    }

    protected function tearDown(): void
    {
        $this->takeTreeAway();
        $this->stateAway();
    }

    public function test_in_a_path_with_spaces_and_letters_beyond_ascii_all_of_it_works(): void
    {
        $this->tree('Möbel für die Nische/In castro – 作り付け');
        self::assertStringContainsString('Incastro is running', $this->there('start'));
        [$door, $project] = $this->begun();
        self::assertStringStartsWith('%PDF', $door->ask('GET', "/api/projects/$project/plan.pdf"));
        $door->ask('POST', "/api/projects/$project/layout-searches");
        self::assertSame(202, $door->status);
        $archive = "$this->home/her own copy – ø.tar";
        self::assertStringContainsString($archive, $this->ran(["$this->tree/incastro", 'backup', $archive]));
        self::assertStringContainsString('Restored', $this->ran(["$this->tree/incastro", 'restore', $archive]));
        $this->until(fn (): bool => ($door->json('GET', "/api/projects/$project")['revision'] ?? null) === 1, "what was restored is not there: $door->status");
        self::assertStringContainsString('running and healthy', $this->there('doctor'));
        self::assertStringContainsString('has stopped', $this->there('stop'));
    }

    /** What was built belongs to what is in the folder, not to where it is. */
    public function test_a_folder_that_was_moved_fetches_and_builds_nothing_again(): void
    {
        $this->tree();
        rename($this->tree, "$this->home/moved");
        $this->tree = "$this->home/moved";
        self::assertStringContainsString('Incastro is running', $said = $this->there('start'));
        self::assertStringNotContainsString('Fetching', $said);
        self::assertStringNotContainsString('Building', $said);
        self::assertSame('', $this->fetched());
    }

    /** What has changed is built again, wherever it is: the stamps are no charm against that. */
    public function test_what_was_changed_in_it_is_built_again(): void
    {
        $this->tree();
        file_put_contents("$this->tree/resources/css/app.css", "\n/* another line */\n", FILE_APPEND);
        self::assertStringContainsString('the interface could not be built', $this->there('start'));
        self::assertStringContainsString('npm run build', $this->fetched());
    }

    public function test_a_folder_that_a_strict_umask_closed_to_others_is_served(): void
    {
        $this->tree();
        $this->ran(['chmod', '-R', 'go=', $this->tree]);
        $said = $this->there('start', ['sh', '-c', 'umask 077; exec "$@"', 'sh']);
        self::assertStringContainsString('Incastro is running', $said);
        [$door, $project] = $this->begun();
        self::assertSame(1, $door->json('GET', "/api/projects/$project")['revision'] ?? null);
        $door->ask('GET', '/build/manifest.json');
        self::assertSame(200, $door->status);
    }

    public function test_the_second_start_needs_no_network(): void
    {
        $this->tree();
        if (! str_contains($this->alone('echo it is alone'), 'it is alone')) {
            self::markTestSkipped('This machine gives no namespace without a network.');
        }
        $said = $this->alone(escapeshellarg("$this->tree/incastro").' start; php -r '.escapeshellarg('echo file_get_contents("http://127.0.0.1:'.$this->port.'/up") !== false ? "it answers" : "it does not";')
            .'; '.escapeshellarg("$this->tree/incastro").' stop');
        self::assertStringContainsString('Incastro is running', $said);
        self::assertStringContainsString('it answers', $said);
        self::assertStringContainsString('has stopped', $said);
        self::assertSame('', $this->fetched());
    }

    /** Whoever may not install is told the one line for whoever may. */
    public function test_an_ordinary_user_without_sudo_is_told_what_an_administrator_must_run(): void
    {
        $this->tree();
        $few = "$this->home/few";
        mkdir($few);
        foreach (array_merge(...array_map(fn (string $in): array => glob("$in/*") ?: [], ['/usr/bin', '/bin', '/usr/local/bin'])) as $program) {
            if (! in_array(basename($program), ['composer', 'sudo'], true)) {
                @symlink($program, "$few/".basename($program));
            }
        }
        $said = $this->there('start', self::ordinary(), $few);
        self::assertMatchesRegularExpression('/^incastro: .*ask an administrator to run: apt-get install -y --no-install-recommends composer$/m', $said);
        self::assertStringNotContainsString('Incastro is running', $said);
    }

    public function test_an_ordinary_user_with_all_that_is_needed_serves_it(): void
    {
        $this->tree();
        if (posix_getuid() === 0) {
            $this->ran(['chown', '-R', 'incastro:', $this->home]);
        }
        self::assertStringContainsString('Incastro is running', $this->there('start', self::ordinary()));
        [$door, $project] = $this->begun();
        self::assertSame(1, $door->json('GET', "/api/projects/$project")['revision'] ?? null);
        self::assertStringContainsString('has stopped', $this->there('stop', self::ordinary()));
    }

    /** The interface is built with a Node fetched beside; where it is built already, the old one is no hindrance. */
    public function test_an_older_node_gets_a_newer_one_for_building_only(): void
    {
        $this->tree();
        $this->tool('node', 'echo "18.1.0"; exit 1');
        self::assertStringContainsString('Incastro is running', $this->there('start'));
        self::assertSame('', $this->fetched());
        $this->there('stop');
        file_put_contents("$this->tree/resources/css/app.css", "\n/* another line */\n", FILE_APPEND);
        self::assertStringContainsString('or newer is needed to build the interface, and none could be installed', $this->there('start'));
        $real = trim((string) shell_exec('command -v node'));
        $this->tool('npm', 'case "$*" in "install --prefix"*) d=$3/node_modules/node-linux-'.(php_uname('m') === 'aarch64' ? 'arm64' : 'x64').'/bin; mkdir -p "$d"; ln -sf '
            .escapeshellarg($real).' "$d/node" ;; *) exec '.escapeshellarg(trim((string) shell_exec('command -v npm'))).' "$@" ;; esac');
        $said = $this->there('start');
        self::assertStringContainsString("This machine's Node is older than 20.19", $said);
        self::assertStringContainsString('Incastro is running', $said);
        self::assertFileExists("$this->tree/var/tools/bin/node");
    }

    public function test_a_path_that_no_server_can_be_told_of_is_refused_in_one_line(): void
    {
        $this->tree('a $HOME "away"');
        self::assertMatchesRegularExpression('/^incastro: the path of this folder has a .* in it.*\n\z/', $this->there('start'));
    }

    /** @return array{Door, string} somebody there, and a project of theirs */
    private function begun(): array
    {
        $door = (new Door("http://127.0.0.1:$this->port"))->signUp('Ragna');
        $document = (string) file_get_contents(dirname(__DIR__, 2).'/database/demo/chart-room-left-niche.json');

        return [$door, $door->json('POST', '/api/projects', $document)['data']['id'] ?? self::fail("No project: $door->status")];
    }

    /** Where there is no network but this machine's own. */
    private function alone(string $script): string
    {
        return $this->ran(['unshare', ...(posix_getuid() === 0 ? [] : ['-r']), '-n', 'sh', '-c', 'ip link set lo up || ifconfig lo up; '.$script]);
    }

    /** @return list<string> by whom who is not root: on a machine of root, the user that serves */
    private static function ordinary(): array
    {
        return posix_getuid() === 0 ? ['setpriv', '--reuid=incastro', '--regid=incastro', '--clear-groups'] : [];
    }
}
