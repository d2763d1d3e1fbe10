<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Photo;
use App\Models\Project;
use App\Models\User;
use App\Words\Catalogue;
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
        $path = Photo::path($project->id, $id);
        self::write($picture, $path);
        try {
            self::write(self::within($picture, self::THUMB), Photo::path($project->id, $id, true));
        } catch (HttpException $e) {
            unlink($path);
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

    /**
     * Written beside and moved into place: a picture is there whole or not at all.
     *
     * @throws HttpException 507 when the disk takes no more
     */
    private static function write(\GdImage $picture, string $path): void
    {
        ob_start();
        imagejpeg($picture, null, self::QUALITY);
        $bytes = (string) ob_get_clean();
        if (! is_dir(dirname($path))) {
            @mkdir(dirname($path), 0770, true);
        }
        if (@file_put_contents("$path.part", $bytes) !== strlen($bytes) || ! @rename("$path.part", $path)) {
            @unlink("$path.part");
            throw new HttpException(507, Catalogue::english()->say('refused.disk_full'));
        }
    }
}
