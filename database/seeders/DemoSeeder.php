<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\ImportProject;
use App\Models\Household;
use App\Models\User;
use Illuminate\Database\Seeder;
use Incastro\Core\Document\CanonicalJson;

/** Gannet Point Lookout: the demo house, its owner and its rooms. Running it again leaves what is there. */
final class DemoSeeder extends Seeder
{
    public const OWNER_EMAIL = 'wren@gannet-point.example';

    public const FIRST_PROJECT = '01JCHARTR00M0000000000EFT1';

    public function run(): void
    {
        if (User::query()->where('email', self::OWNER_EMAIL)->exists()) {
            return;
        }
        $owner = User::query()->create(['name' => 'Wren Larkin', 'email' => self::OWNER_EMAIL, 'profile' => ['unit' => null]]);
        $house = Household::query()->create(['name' => 'Gannet Point Lookout']);
        $house->users()->attach($owner, ['role' => 'owner']);
        foreach (glob(database_path('demo/*.json')) ?: [] as $file) {
            $document = CanonicalJson::decode((string) file_get_contents($file));
            (new ImportProject)->from($document, $house, $owner, is_string($document['id']) ? $document['id'] : null);
        }
    }
}
