<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;

/** The files that put it on a machine or into a container, as far as they can be looked at here. */
final class DeployTest extends TestCase
{
    public function test_the_unit_is_understood_and_gives_little_away(): void
    {
        if (trim((string) shell_exec('command -v systemd-analyze')) === '') {
            self::markTestSkipped('Not run: no systemd on this machine.');
        }
        // Where it would be installed there is nothing here: the same unit of this folder, for whoever runs the test.
        $root = dirname(__DIR__, 2);
        $folder = sys_get_temp_dir().'/incastro-unit-'.getmypid();
        mkdir($folder);
        $unit = str_replace(['/opt/incastro', 'User=incastro'], [$root, 'User=daemon'], (string) file_get_contents("$root/support/deploy/incastro.service"));
        file_put_contents("$folder/incastro.service", $unit);
        exec("systemd-analyze verify $folder/incastro.service 2>&1", $said, $code);
        $own = array_filter($said, fn (string $line): bool => str_contains($line, 'incastro.service'));
        exec("systemd-analyze security --offline=true --threshold=35 $folder/incastro.service 2>&1", $told, $exposed);
        exec('rm -rf '.escapeshellarg($folder));
        self::assertSame([0, []], [$code, $own], implode("\n", $said));
        self::assertSame(0, $exposed, implode("\n", array_slice($told, -3)));
    }

    /** What the container installs is what the command would. */
    public function test_the_container_has_the_packages_that_start_wants(): void
    {
        $root = dirname(__DIR__, 2);
        $file = (string) file_get_contents("$root/support/deploy/Containerfile");
        $asks = (string) file_get_contents("$root/support/run/packages.sh");
        preg_match_all("/\\|\\| echo '?([a-z][a-z0-9 -]+?)'?$/m", strstr($asks, '= browser', true) ?: '', $programs);
        preg_match_all('/\w+:(php-\w+)/', $asks, $modules);
        $wanted = [...explode(' ', implode(' ', $programs[1])), ...$modules[1]];
        self::assertGreaterThan(12, count($wanted));
        foreach ($wanted as $package) {
            self::assertMatchesRegularExpression('/[ \\n]'.preg_quote($package).'[ \\n]/', $file, $package);
        }
        self::assertMatchesRegularExpression('/^USER incastro$/m', $file, 'not as root');
        self::assertMatchesRegularExpression('/^HEALTHCHECK /m', $file);
        self::assertStringContainsString('"serve"', $file);
    }
}
