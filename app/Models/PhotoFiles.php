<?php

declare(strict_types=1);

namespace App\Models;

use App\Words\Catalogue;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Support\Facades\Storage;
use League\Flysystem\FilesystemException;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** The bytes of photos, a folder a project, wherever the disk `photos` is (config/filesystems.php). */
final class PhotoFiles
{
    /**
     * There whole or not at all.
     *
     * @throws HttpException 507 when the disk takes no more
     */
    public static function keep(string $project, string $id, bool $thumb, string $bytes): void
    {
        try {
            config('filesystems.disks.photos.driver') === 'local' ? self::place(Photo::path($project, $id, $thumb), $bytes) : self::disk()->put(self::name($project, $id, $thumb), $bytes);
        } catch (FilesystemException) {
            throw self::full();
        }
    }

    public static function read(string $project, string $id, bool $thumb = false): ?string
    {
        return self::disk()->exists(self::name($project, $id, $thumb)) ? self::disk()->get(self::name($project, $id, $thumb)) : null;
    }

    public static function drop(string $project, string $id, bool $thumb = false): void
    {
        self::disk()->delete(self::name($project, $id, $thumb));
    }

    public static function dropAll(string $project): void
    {
        self::disk()->deleteDirectory($project);
    }

    /** Both sizes, as far as they are there. */
    public static function copy(string $project, string $id, string $toProject, string $toId): void
    {
        foreach ([false, true] as $thumb) {
            $bytes = self::read($project, $id, $thumb);
            if ($bytes !== null) {
                self::keep($toProject, $toId, $thumb, $bytes);
            }
        }
    }

    /** Written beside and moved into place. */
    private static function place(string $path, string $bytes): void
    {
        if (! is_dir(dirname($path))) {
            @mkdir(dirname($path), 0770, true);
        }
        if (@file_put_contents("$path.part", $bytes) !== strlen($bytes) || ! @rename("$path.part", $path)) {
            @unlink("$path.part");
            throw self::full();
        }
    }

    private static function full(): HttpException
    {
        return new HttpException(507, Catalogue::own()->say('refused.disk_full'));
    }

    private static function name(string $project, string $id, bool $thumb): string
    {
        return "$project/$id".($thumb ? '-thumb' : '').'.jpg';
    }

    private static function disk(): Filesystem
    {
        return Storage::disk('photos');
    }
}
