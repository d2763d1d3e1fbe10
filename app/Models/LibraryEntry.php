<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Incastro\Core\Exchange\Library\Entry;
use Incastro\Core\Exchange\Library\EntryReader;

/**
 * A bought thing or a thing to store that a household added to the library. `kind` is `stored` for the latter.
 *
 * @property string $id
 * @property string $household_id
 * @property string $kind
 * @property string $name
 * @property array<string, mixed> $entry
 */
final class LibraryEntry extends Model
{
    use HasUlids;

    public const MOST = 5_000;

    protected $table = 'library_entries';

    protected $fillable = ['household_id', 'kind', 'name', 'entry'];

    /** @var array<string, string> */
    protected $casts = ['entry' => 'array'];

    public function read(): Entry
    {
        return EntryReader::read($this->entry);
    }
}
