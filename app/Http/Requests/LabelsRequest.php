<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use App\Print\LabelSheet;
use App\Print\Paper;
use App\Words\Language;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** How the stickers lie on their page. */
final class LabelsRequest extends FormRequest
{
    public function authorize(): bool
    {
        $project = $this->route('project');

        return $project instanceof Project && $this->user()?->can('view', $project) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'paper' => ['sometimes', Rule::in(['a4', 'letter'])],
            'columns' => ['required', 'integer', 'between:1,10'],
            'rows' => ['required', 'integer', 'between:1,30'],
            'width' => ['required', 'numeric', 'between:30,210'],
            'height' => ['required', 'numeric', 'between:15,297'],
            'left' => ['sometimes', 'numeric', 'between:0,100'],
            'top' => ['sometimes', 'numeric', 'between:0,100'],
            'gap_x' => ['sometimes', 'numeric', 'between:0,50'],
            'gap_y' => ['sometimes', 'numeric', 'between:0,50'],
            'from' => ['sometimes', 'integer', 'between:1,300'],
        ];
    }

    /** @return list<\Closure(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            $sheet = $this->sheet();
            if (! $sheet->fits()) {
                $validator->errors()->add('columns', Language::say('These stickers reach over the edge of the paper; expected columns × width and rows × height that fit the page.'));
            } elseif ($this->integer('from', 1) > $sheet->count()) {
                $validator->errors()->add('from', Language::say('There is no sticker {0} on a page of {1}.', $this->integer('from'), $sheet->count()));
            }
        }];
    }

    public function sheet(): LabelSheet
    {
        $mm = fn (string $key): float => (float) $this->string($key, '0')->toString();

        return new LabelSheet(Paper::from($this->string('paper', 'a4')->toString()), $this->integer('columns'), $this->integer('rows'),
            $mm('width'), $mm('height'), $mm('left'), $mm('top'), $mm('gap_x'), $mm('gap_y'));
    }
}
