<?php

declare(strict_types=1);

namespace Tests;

use App\Actions\DemoHouse;
use App\Models\Household;
use App\Models\Project;
use App\Models\User;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as Base;
use Illuminate\Support\Str;

/** Against a real PostgreSQL; each test in a transaction of its own. */
abstract class TestCase extends Base
{
    use RefreshDatabase;

    /** Console output is real: no mocking library is needed. */
    public $mockConsoleOutput = false;

    protected bool $seed = false;

    public function createApplication(): Application
    {
        /** @var Application $app */
        $app = require __DIR__.'/../bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();

        return $app;
    }

    /** The rooms of the demo house as an account's own, at the addresses they came with. */
    protected function demoOwner(): User
    {
        $known = User::query()->where('email', 'wren@gannet-point.example')->first();
        if ($known !== null) {
            return $known;
        }
        $owner = User::query()->create(['name' => 'Wren Larkin', 'email' => 'wren@gannet-point.example', 'profile' => ['unit' => null]]);
        $house = Household::query()->create(['name' => 'Gannet Point Lookout']);
        $house->users()->attach($owner, ['role' => 'owner']);
        foreach (DemoHouse::rooms() as $room) {
            Project::query()->create(['id' => strtolower($room['id']), 'household_id' => $house->id, 'owner_id' => $owner->id, 'name' => $room['name'], 'revision' => 1, 'document' => $room['json']]);
        }

        return $owner;
    }

    protected function demoProject(): Project
    {
        return Project::query()->findOrFail('01jchartr00m0000000000eft1');
    }

    protected function stranger(): User
    {
        $user = User::query()->create(['name' => 'Ansel Pike', 'email' => 'ansel@elsewhere.example', 'profile' => []]);
        $home = Household::query()->create(['name' => 'Elsewhere']);
        $home->users()->attach($user, ['role' => 'owner']);

        return $user;
    }

    protected function viewer(): User
    {
        $user = User::query()->create(['name' => 'Tilde Moor', 'email' => 'tilde@gannet-point.example', 'profile' => []]);
        $this->demoProject()->household->users()->attach($user, ['role' => 'viewer']);

        return $user;
    }

    /**
     * @param  list<array<string, mixed>>  $ops
     * @return array<string, mixed>
     */
    protected function change(int $base, array $ops, ?string $id = null): array
    {
        return ['change_id' => $id ?? self::ulid(), 'base_revision' => $base, 'ops' => $ops];
    }

    /** @return array<string, mixed> */
    protected function set(mixed $value, string ...$path): array
    {
        return ['op' => 'set', 'path' => array_values($path), 'value' => $value];
    }

    protected static function ulid(): string
    {
        return strtoupper((string) Str::ulid());
    }

    protected function pieceId(Project $project): string
    {
        return (string) array_key_first($project->decoded()['pieces']);
    }
}
