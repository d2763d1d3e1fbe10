<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Household;
use App\Models\PhotoFiles;
use App\Models\Project;
use App\Models\User;
use App\Words\Language;
use Illuminate\Support\Facades\DB;
use Incastro\Core\Document\Reading\CanonicalJson;
use Symfony\Component\HttpKernel\Exception\UnprocessableEntityHttpException;

/**
 * Takes a packed project in: the document is read, each photo is drawn anew under a new id. All of it or nothing: what was written for a file
 * that turns out to be damaged is taken away again.
 */
final readonly class UnpackProject
{
    private const MOST_ENTRIES = 500;

    private const MOST_BYTES = 400_000_000;

    private const MOST_DOCUMENT = 8_000_000;

    private const MOST_PHOTO = 12_000_000;

    public function __construct(private ImportProject $import, private KeepPhoto $keep)
    {
    }

    /**
     * @throws UnprocessableEntityHttpException with one sentence, when the file is no packed project
     * @throws \Incastro\Core\Document\Reading\DocumentRejected when its document is wrong
     */
    public function from(string $path, Household $household, User $owner): Project
    {
        $zip = new \ZipArchive;
        if ($zip->open($path, \ZipArchive::RDONLY) !== true) {
            throw self::refused(Language::say('The file is damaged or no zip archive; expected a project packed by Incastro.'));
        }
        try {
            $photos = self::listed($zip);
            [$document, $ids] = PhotoIds::renewed(CanonicalJson::decode(self::bytes($zip, PackProject::DOCUMENT, self::MOST_DOCUMENT)));
            $wanted = array_intersect_key($photos, $ids);

            return $this->kept($zip, $document, array_map(fn (string $id): string => $ids[$id], array_combine(array_values($wanted), array_keys($wanted))), $household, $owner);
        } finally {
            $zip->close();
        }
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @param  array<string, string>  $photos  new id by name in the archive
     */
    private function kept(\ZipArchive $zip, array $document, array $photos, Household $household, User $owner): Project
    {
        $made = null;
        try {
            return DB::transaction(function () use ($zip, $document, $photos, $household, $owner, &$made): Project {
                $project = $this->import->fromFile($document, $household, $owner);
                $made = $project->id;
                foreach ($photos as $name => $id) {
                    if ($this->keep->keep($project, $owner, $id, self::bytes($zip, $name, self::MOST_PHOTO)) === null) {
                        throw self::refused(Language::say('{0} is no picture; expected a JPEG of the project.', $name));
                    }
                }

                return $project;
            });
        } catch (\Throwable $e) {
            if ($made !== null) {
                PhotoFiles::dropAll($made);
            }
            throw $e;
        }
    }

    /** @return array<string, string> names of photos in the archive by their id; anything else in it refuses the file */
    private static function listed(\ZipArchive $zip): array
    {
        $photos = [];
        $bytes = 0;
        if ($zip->numFiles > self::MOST_ENTRIES) {
            throw self::refused(Language::say('The archive holds more than {0} files; expected a project and its photos.', self::MOST_ENTRIES));
        }
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $entry = $zip->statIndex($i) ?: ['name' => '?', 'size' => 0];
            $bytes += $entry['size'];
            if ($bytes > self::MOST_BYTES) {
                throw self::refused(Language::say('Unpacked the archive would be larger than 400 MB; expected a project and its photos.'));
            }
            if (preg_match('#^photos/([0-7][0-9A-HJKMNP-TV-Z]{25})\.jpg$#', $entry['name'], $m) === 1) {
                $photos[$m[1]] = $entry['name'];
            } elseif ($entry['name'] !== PackProject::DOCUMENT && $entry['name'] !== 'photos/') {
                throw self::refused(Language::say('The archive holds "{0}"; expected project.json and a folder photos, and nothing else.', mb_strimwidth(mb_scrub($entry['name']), 0, 60, '…')));
            }
        }

        return $photos;
    }

    /** Never more than it may be, whatever the archive says of its size. */
    private static function bytes(\ZipArchive $zip, string $name, int $most): string
    {
        $stream = $zip->getStream($name);
        if ($stream === false) {
            throw self::refused(Language::say('The archive has no {0} that can be read; expected a project packed by Incastro.', $name));
        }
        $bytes = stream_get_contents($stream, $most + 1);
        fclose($stream);
        if ($bytes === false || strlen($bytes) > $most) {
            throw self::refused(Language::say('{0} is larger than {1} MB; expected less.', $name, intdiv($most, 1_000_000)));
        }

        return $bytes;
    }

    private static function refused(string $says): UnprocessableEntityHttpException
    {
        return new UnprocessableEntityHttpException($says);
    }
}
