<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A picture kept with a reading. Its bytes are two files: the picture and its thumbnail.
 *
 * @property string $id
 * @property string $project_id
 * @property string $user_id
 * @property int $width
 * @property int $height
 */
final class Photo extends Model
{
    public const UPDATED_AT = null;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $table = 'photos';

    protected $fillable = ['id', 'project_id', 'user_id', 'width', 'height'];

    public static function folder(string $project): string
    {
        return storage_path("app/photos/$project");
    }

    public static function path(string $project, string $id, bool $thumb = false): string
    {
        return self::folder($project)."/$id".($thumb ? '-thumb' : '').'.jpg';
    }
}
