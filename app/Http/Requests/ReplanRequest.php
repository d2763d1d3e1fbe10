<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use Illuminate\Foundation\Http\FormRequest;

/** What the person would have become of pieces instead, by begun sheet and the part each was laid as. */
final class ReplanRequest extends FormRequest
{
    public function authorize(): bool
    {
        $project = $this->route('project');

        return $project instanceof Project && $this->user()?->can('view', $project) === true;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'instead' => ['sometimes', 'array', 'max:200'],
            'instead.*' => ['array', 'max:500'],
            'instead.*.*' => ['required', 'string', 'max:160'],
        ];
    }

    /** @return array<string, array<string, string>> */
    public function instead(): array
    {
        /** @var array<string, array<string, string>> */
        return $this->array('instead');
    }
}
