<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Household;
use App\Models\LibraryEntry;
use App\Words\Language;
use Illuminate\Support\Facades\DB;
use Incastro\Core\Document\Reading\DocumentRejected;
use Incastro\Core\Document\Reading\PlainText;
use Incastro\Core\Document\Reading\Problem;
use Incastro\Core\Exchange\Library\Entry;
use Incastro\Core\Measure\Text;
use Symfony\Component\HttpKernel\Exception\UnprocessableEntityHttpException;

/** Adds to a household's library; what has the kind and name of one already there takes its place. All of it or nothing. */
final class KeepLibrary
{
    /**
     * @param  non-empty-list<Entry>  $entries
     *
     * @throws DocumentRejected when a name or a note is no plain text
     * @throws UnprocessableEntityHttpException when the library would grow beyond what one household may keep
     */
    public function of(Household $household, array $entries): int
    {
        return DB::transaction(function () use ($household, $entries): int {
            Household::query()->whereKey($household->id)->lockForUpdate()->firstOrFail();
            foreach ($entries as $entry) {
                foreach (['/name' => $entry->name, '/note' => $entry->note] as $pointer => $said) {
                    PlainText::is($said) || throw DocumentRejected::because(new Problem($pointer, Text::of('document.unseen')));
                }
                LibraryEntry::query()->updateOrCreate(['household_id' => $household->id, 'kind' => $entry->what(), 'name' => $entry->name], ['entry' => $entry->kept()]);
            }
            $count = LibraryEntry::query()->where('household_id', $household->id)->count();
            if ($count > LibraryEntry::MOST) {
                throw new UnprocessableEntityHttpException(Language::say('The library would hold {0} entries; {1} are the most.', $count, LibraryEntry::MOST));
            }

            return count($entries);
        });
    }
}
