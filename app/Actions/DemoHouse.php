<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\RoomOnDisk;
use App\Models\Household;
use App\Models\Project;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Incastro\Core\Document\Reading\CanonicalJson;

/**
 * Gannet Point Lookout, the demo house. Who looks round it does so in a copy of their own, as a guest without an address or a password; guest and copy
 * go after a day. Nobody's own work is ever in a house that others change.
 */
final class DemoHouse
{
    public const NAME = 'Gannet Point Lookout';

    /** Where one comes in. */
    public const FIRST = 'chart-room-left-niche';

    public const HOURS = 24;

    /** Whose the one house was that everybody shared, before each had a copy. */
    public const SHARED = 'wren@gannet-point.example';

    /** @var array<string, array{name: string, json: string, id: string}> each room is read once a process */
    private static array $rooms = [];

    /** A new guest with a copy of the house; null where as many are open as this server keeps, or its disk is nearly full. */
    public function open(): ?User
    {
        if (! RoomOnDisk::isLeft() || User::query()->whereNotNull('guest_until')->count() >= config()->integer('incastro.demo_guests')) {
            return null;
        }

        return DB::transaction(function (): User {
            $guest = new User(['name' => 'Wren Larkin', 'email' => strtolower(Starting::id()).'@guest.invalid', 'profile' => ['unit' => null]]);
            $guest->forceFill(['guest_until' => now()->addHours(self::HOURS)])->save();
            $house = Household::query()->create(['name' => self::NAME]);
            $house->users()->attach($guest, ['role' => 'owner']);
            Project::query()->insert(self::copies($guest, $house));

            return $guest;
        });
    }

    /** A room of the house that somebody is in. */
    public function room(User $guest, string $sample): ?Project
    {
        return (new Project)->scopeOf(Project::query(), $guest)->where('sample', $sample)->first();
    }

    /** What a guest has begun or changed goes along into the household of the account they begin; the rest of the copy ends. */
    public function keep(User $guest, User $user, Household $to): void
    {
        DB::transaction(function () use ($guest, $user, $to): void {
            $own = self::own((new Project)->scopeOf(Project::query(), $guest))->pluck('id');
            DB::table('projects')->whereIn('id', $own)->update(['household_id' => $to->id, 'sample' => null]);
            PassOn::of($own, $guest, $user);
            (new DeleteAccount)->of($guest);
        });
    }

    /** @return int how many guests whose day is over were taken away, or all of them */
    public function sweep(bool $all = false): int
    {
        /** @var list<User> $gone */
        $gone = User::query()->whereNotNull('guest_until')->when(! $all, fn ($q) => $q->where('guest_until', '<', now()))->get()->all();
        array_map((new DeleteAccount)->of(...), $gone);

        return count($gone);
    }

    /**
     * Rooms that are not as they came: somebody's own work.
     *
     * @param  \Illuminate\Database\Eloquent\Builder<Project>  $projects
     * @return \Illuminate\Database\Eloquent\Builder<Project>
     */
    public static function own($projects)
    {
        return $projects->where(fn ($q) => $q->whereNull('sample')->orWhere('revision', '>', 1));
    }

    /** @return array<string, array{name: string, json: string, id: string}> by the name of the file; as it came, with the address it came with */
    public static function rooms(): array
    {
        if (self::$rooms === []) {
            foreach (glob(database_path('demo/*.json')) ?: [] as $file) {
                $document = CanonicalJson::decode((string) file_get_contents($file));
                self::$rooms[basename($file, '.json')] = ['name' => (string) $document['name'], 'json' => CanonicalJson::encode($document), 'id' => (string) $document['id']];
            }
        }

        return self::$rooms;
    }

    /** @return list<array<string, mixed>> */
    private static function copies(User $guest, Household $house): array
    {
        $rows = [];
        foreach (self::rooms() as $sample => $room) {
            $id = Starting::id();
            $rows[] = ['id' => strtolower($id), 'household_id' => $house->id, 'owner_id' => $guest->id, 'name' => $room['name'], 'revision' => 1, 'sample' => $sample,
                'document' => str_replace("\"id\":\"{$room['id']}\"", '"id":"'.$id.'"', $room['json']), 'created_at' => now(), 'updated_at' => now()];
        }

        return $rows;
    }
}
