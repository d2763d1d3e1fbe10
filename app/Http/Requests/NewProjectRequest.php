<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\Starting;
use App\Models\Project;
use App\Models\User;
use App\Words\Language;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Incastro\Core\Document\Model\SpaceKind;
use Incastro\Core\Measure\Unit;

/** A name, a unit and a kind of space, for a project that begins with nothing measured. */
final class NewProjectRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('create', Project::class) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:120', new PlainName], 'unit' => ['required', 'in:mm,in'],
            'kind' => ['sometimes', Rule::enum(SpaceKind::class)], 'household' => ['sometimes', 'string', 'max:26']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => Language::say('The space needs a name of 1 to 120 characters.'),
            'kind.*' => Language::say('This kind of space is not known.'),
            'unit.*' => Language::say('The unit is mm or in.'),
        ];
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        $profile = $this->user() instanceof User ? $this->user()->profile : [];

        return Starting::document(Unit::from($this->string('unit')->value()), SpaceKind::from($this->string('kind', 'niche')->value()),
            $this->string('name')->trim()->value(), now()->toDateString(), (array) $profile);
    }
}
