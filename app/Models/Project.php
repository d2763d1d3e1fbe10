<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use Incastro\Core\Document\Model\Project as Read;
use Incastro\Core\Document\Reading\CanonicalJson;
use Incastro\Core\Document\Reading\Upgrade;

/**
 * A project: its document as canonical JSON and the number of its newest revision.
 *
 * @property string $id
 * @property string $household_id
 * @property string $owner_id
 * @property string $name
 * @property int $revision
 * @property string $document
 * @property string|null $sample  the room of the demo house that it is a copy of
 * @property Carbon $created_at
 * @property Carbon $updated_at
 * @property Carbon|null $archived_at
 * @property Carbon|null $deleted_at
 * @property Household $household
 * @property User|null $owner
 */
final class Project extends Model
{
    use HasUlids;
    use SoftDeletes;

    /** Days in which what was deleted can be brought back. */
    public const WAY_BACK = 30;

    /** @var array{string, Read}|null the document that was read, and what it is */
    private ?array $read = null;

    protected $table = 'projects';

    protected $fillable = ['id', 'household_id', 'owner_id', 'name', 'revision', 'document'];

    /** @return BelongsTo<Household, $this> */
    public function household(): BelongsTo
    {
        return $this->belongsTo(Household::class);
    }

    /** @return BelongsTo<User, $this> who began it */
    public function owner(): BelongsTo
    {
        return $this->belongsTo(User::class, 'owner_id');
    }

    /** @return HasMany<Revision, $this> */
    public function revisions(): HasMany
    {
        return $this->hasMany(Revision::class);
    }

    /** @return HasMany<LayoutSearch, $this> */
    public function layoutSearches(): HasMany
    {
        return $this->hasMany(LayoutSearch::class);
    }

    /** Its document was just read, and need not be read again to be planned. */
    public function readAs(Read $project): void
    {
        $this->read = [$this->document, $project];
    }

    /** What its document reads as; null where nobody has read it as it is now. */
    public function read(): ?Read
    {
        return $this->read !== null && $this->read[0] === $this->document ? $this->read[1] : null;
    }

    /** @return array<array-key, mixed> in today's form */
    public function decoded(): array
    {
        return Upgrade::toCurrent(CanonicalJson::decode($this->document));
    }

    /**
     * @param  Builder<self>  $query
     * @return Builder<self>
     */
    public function scopeOf(Builder $query, User $user): Builder
    {
        $query->whereIn('household_id', $user->households()->select('households.id'));

        return $query;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['archived_at' => 'datetime'];
    }
}
