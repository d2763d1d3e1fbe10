<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use Illuminate\Foundation\Http\FormRequest;
use Incastro\Core\Measure\Length;

/** Where a part is wanted on a sheet, in mm from the full sheet's corner. */
final class PlaceRequest extends FormRequest
{
    public function authorize(): bool
    {
        $project = $this->route('project');

        return $project instanceof Project && $this->user()?->can('update', $project) === true;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'material' => ['required', 'string', 'max:26'],
            'part' => ['required', 'string', 'max:200'],
            'sheet' => ['required', 'integer', 'between:0,500'],
            'x' => ['required', 'numeric', 'between:-20000,20000'],
            'y' => ['required', 'numeric', 'between:-20000,20000'],
            'turned' => ['required', 'boolean'],
            'locked' => ['required', 'boolean'],
        ];
    }

    /** @return array{part: string, sheet: int, x: Length, y: Length, turned: bool, locked: bool} */
    public function place(): array
    {
        return [
            'part' => $this->string('part')->toString(),
            'sheet' => $this->integer('sheet'),
            'x' => Length::ofUnits((int) round($this->float('x') * Length::PER_MM)),
            'y' => Length::ofUnits((int) round($this->float('y') * Length::PER_MM)),
            'turned' => $this->boolean('turned'),
            'locked' => $this->boolean('locked'),
        ];
    }
}
