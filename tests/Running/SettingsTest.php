<?php

declare(strict_types=1);

namespace Tests\Running;

use Dotenv\Dotenv;
use Dotenv\Repository\RepositoryBuilder;
use PHPUnit\Framework\TestCase;

/** What a person writes into the settings file stands before what the start command writes. */
final class SettingsTest extends TestCase
{
    public function test_a_setting_of_a_persons_own_is_the_one_that_is_read(): void
    {
        $read = self::written("# mine\nCACHE_STORE=redis\nSESSION_DRIVER=redis\nDB_HOST=db.lee-shore.example\nINCASTRO_DEMO=false\nAPP_URL=https://bench.lee-shore.example\n");
        self::assertSame(['redis', 'redis', 'database', 'db.lee-shore.example', 'false', 'https://bench.lee-shore.example'],
            array_map(fn (string $name): ?string => $read[$name] ?? null, ['CACHE_STORE', 'SESSION_DRIVER', 'QUEUE_CONNECTION', 'DB_HOST', 'INCASTRO_DEMO', 'APP_URL']));
    }

    public function test_without_any_the_usual_ones_hold(): void
    {
        $read = self::written(null);
        self::assertSame(['file', 'file', 'database', 'true'], array_map(fn (string $name): ?string => $read[$name] ?? null, ['CACHE_STORE', 'SESSION_DRIVER', 'QUEUE_CONNECTION', 'INCASTRO_DEMO']));
    }

    /** @return array<string, string|null> as the application reads them */
    private static function written(?string $settings): array
    {
        $state = sys_get_temp_dir().'/incastro-settings-'.bin2hex(random_bytes(4));
        mkdir($state);
        if ($settings !== null) {
            file_put_contents("$state/settings", $settings);
        }
        $script = 'set -eu; hash_files() { echo hash; }; . support/run/state.sh; APP_KEY=k DB_APP_PASSWORD=p write_settings 8610 5610 true; grep -q . "$STATE/.env"';
        exec('cd '.escapeshellarg(dirname(__DIR__, 2)).' && STATE='.escapeshellarg($state).' APP='.escapeshellarg($state).' bash -c '.escapeshellarg($script).' 2>&1', $said, $code);
        self::assertSame(0, $code, implode("\n", $said));
        $read = Dotenv::create(RepositoryBuilder::createWithNoAdapters()->make(), $state, '.env')->load();
        array_map(unlink(...), [...(glob("$state/*") ?: []), "$state/.env"]);
        rmdir($state);

        return $read;
    }
}
