<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * A leftover on a household's rack; sizes in mm, the length along the grain.
 *
 * @property string $id
 * @property string $household_id
 * @property int $number
 * @property string $material
 * @property string $thickness
 * @property string $length
 * @property string $width
 * @property bool $grain
 * @property string|null $from_project
 * @property string|null $taken_by
 */
final class RackPiece extends Model
{
    use HasUlids;

    protected $table = 'rack_pieces';

    protected $fillable = ['household_id', 'number', 'material', 'thickness', 'length', 'width', 'grain', 'from_project', 'taken_by'];

    /** @var array<string, string> */
    protected $casts = ['grain' => 'boolean', 'number' => 'integer'];
}
