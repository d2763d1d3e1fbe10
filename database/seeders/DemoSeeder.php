<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Household;
use App\Models\Project;
use App\Models\User;
use Illuminate\Database\Seeder;
use Incastro\Core\Document\Reading\CanonicalJson;
use Incastro\Core\Document\Reading\ProjectReader;

/** Gannet Point Lookout: the demo house, its owner and its rooms. Running it again leaves what is there. */
final class DemoSeeder extends Seeder
{
    public const OWNER_EMAIL = 'wren@gannet-point.example';

    public const FIRST_PROJECT = '01JCHARTR00M0000000000EFT1';

    /** @var array<string, array{id: string, name: string, document: string}> each is read once, however often the house is laid out */
    private static array $read = [];

    public function run(): void
    {
        if (User::query()->where('email', self::OWNER_EMAIL)->exists()) {
            return;
        }
        $owner = User::query()->create(['name' => 'Wren Larkin', 'email' => self::OWNER_EMAIL, 'profile' => ['unit' => null]]);
        $house = Household::query()->create(['name' => 'Gannet Point Lookout']);
        $house->users()->attach($owner, ['role' => 'owner']);
        foreach (glob(database_path('demo/*.json')) ?: [] as $file) {
            ['id' => $id, 'name' => $name, 'document' => $document] = self::$read[$file] ??= self::read($file);
            Project::query()->create(['id' => $id, 'household_id' => $house->id, 'owner_id' => $owner->id, 'name' => $name, 'revision' => 1, 'document' => $document]);
        }
    }

    /** @return array{id: string, name: string, document: string} */
    private static function read(string $file): array
    {
        $document = CanonicalJson::decode((string) file_get_contents($file));
        $project = ProjectReader::read($document);

        return ['id' => strtolower($project->id), 'name' => $project->name, 'document' => CanonicalJson::encode($document)];
    }
}
