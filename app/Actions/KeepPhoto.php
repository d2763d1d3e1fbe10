<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Photo;
use App\Models\PhotoFiles;
use App\Models\Project;
use App\Models\User;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** Draws a picture anew, so that nothing the camera noted of place and time is kept, and makes its thumbnail. */
final class KeepPhoto
{
    private const LONGEST = 2560;

    private const THUMB = 320;

    private const QUALITY = 85;

    /** Decoded it takes four bytes a pixel. */
    private const MOST_PIXELS = 40_000_000;

    private const KINDS = [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP, IMAGETYPE_GIF];

    /** Null when the bytes are no picture of a kind a camera makes, or one too large to be drawn anew. The same id sent twice is kept once. */
    public function keep(Project $project, User $user, string $id, string $bytes): ?Photo
    {
        $kept = Photo::query()->where(['project_id' => $project->id, 'id' => $id])->first();
        if ($kept !== null) {
            return $kept;
        }
        $size = @getimagesizefromstring($bytes);
        if ($size === false || ! in_array($size[2], self::KINDS, true) || $size[0] * $size[1] > self::MOST_PIXELS) {
            return null;
        }
        $picture = @imagecreatefromstring($bytes);
        if ($picture === false) {
            return null;
        }
        $picture = self::within($picture, self::LONGEST);
        PhotoFiles::keep($project->id, $id, false, self::jpeg($picture));
        try {
            PhotoFiles::keep($project->id, $id, true, self::jpeg(self::within($picture, self::THUMB)));
        } catch (HttpException $e) {
            PhotoFiles::drop($project->id, $id);
            throw $e;
        }

        return Photo::query()->create(['id' => $id, 'project_id' => $project->id, 'user_id' => $user->id,
            'width' => imagesx($picture), 'height' => imagesy($picture)]);
    }

    private static function within(\GdImage $picture, int $longest): \GdImage
    {
        $scale = min(1.0, $longest / max(imagesx($picture), imagesy($picture)));
        $scaled = $scale < 1.0 ? imagescale($picture, (int) round(imagesx($picture) * $scale), (int) round(imagesy($picture) * $scale)) : $picture;

        return $scaled === false ? $picture : $scaled;
    }

    private static function jpeg(\GdImage $picture): string
    {
        ob_start();
        imagejpeg($picture, null, self::QUALITY);

        return (string) ob_get_clean();
    }
}
