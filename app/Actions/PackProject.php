<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\PhotoFiles;
use App\Models\Project;

/** A project whole in one file: `project.json` and its photos, as docs/formats.md says. */
final class PackProject
{
    public const DOCUMENT = 'project.json';

    /** @return string the path of a temporary file that the caller takes away */
    public function of(Project $project): string
    {
        $path = tempnam(sys_get_temp_dir(), 'incastro-pack-') ?: throw new \RuntimeException('No temporary file could be made.');
        $zip = new \ZipArchive;
        if ($zip->open($path, \ZipArchive::OVERWRITE) !== true) {
            throw new \RuntimeException('The archive could not be begun.');
        }
        $zip->addFromString(self::DOCUMENT, json_encode(json_decode($project->document, false, 512, JSON_THROW_ON_ERROR), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n");
        foreach (PhotoIds::in($project->decoded()) as $id) {
            $photo = preg_match('/^[0-7][0-9A-HJKMNP-TV-Z]{25}$/', $id) === 1 ? PhotoFiles::read($project->id, $id) : null;
            if ($photo !== null) {
                $zip->addFromString("photos/$id.jpg", $photo);
                $zip->setCompressionName("photos/$id.jpg", \ZipArchive::CM_STORE);
            }
        }
        if (! $zip->close()) {
            throw new \RuntimeException('The archive could not be finished.');
        }

        return $path;
    }
}
