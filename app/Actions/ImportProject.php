<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Household;
use App\Models\Project;
use App\Models\User;
use Incastro\Core\Document\Fields\UnknownKeys;
use Incastro\Core\Document\Model\Project as Read;
use Incastro\Core\Document\Reading\CanonicalJson;
use Incastro\Core\Document\Reading\ProjectReader;

/** Takes a project document in as a new project of a household; the whole document is read first. */
final class ImportProject
{
    /**
     * A document that was a file: nothing in it may be unknown.
     *
     * @param  array<array-key, mixed>  $document
     *
     * @throws \Incastro\Core\Document\Reading\DocumentRejected with everything wrong in it; nothing is kept then
     */
    public function fromFile(array $document, Household $household, User $owner): Project
    {
        $document['id'] = Starting::id();
        $read = ProjectReader::read($document);
        UnknownKeys::refuse($document);

        return self::kept($read, $document, $household, $owner);
    }

    /**
     * @param  array<array-key, mixed>  $document
     *
     * @throws \Incastro\Core\Document\Reading\DocumentRejected with everything wrong in it; nothing is kept then
     */
    public function from(array $document, Household $household, User $owner, ?string $id = null): Project
    {
        $document['id'] = $id ?? Starting::id();

        return self::kept(ProjectReader::read($document), $document, $household, $owner);
    }

    /** @param  array<array-key, mixed>  $document  as it was read */
    private static function kept(Read $read, array $document, Household $household, User $owner): Project
    {
        return Project::query()->create([
            'id' => strtolower($read->id),
            'household_id' => $household->id,
            'owner_id' => $owner->id,
            'name' => $read->name,
            'revision' => 1,
            'document' => CanonicalJson::encode($document),
        ]);
    }
}
