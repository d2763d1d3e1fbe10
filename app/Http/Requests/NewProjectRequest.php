<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Str;
use Incastro\Core\Document\Starter;
use Incastro\Core\Measure\Unit;

/** A name and a unit, for a project that begins with an unmeasured niche. */
final class NewProjectRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('create', Project::class) === true;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:120'], 'unit' => ['required', 'in:mm,in']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'The niche needs a name of 1 to 120 characters.',
            'unit.*' => 'The unit is mm or in.',
        ];
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        $profile = $this->user() instanceof User ? $this->user()->profile : [];
        /** @var list<array<array-key, mixed>> $sheets */
        $sheets = array_values((array) ($profile['sheets'] ?? []));
        $starter = new Starter(Unit::from($this->string('unit')->value()), fn (): string => strtoupper((string) Str::ulid()),
            (array) ($profile['workshop'] ?? []), $sheets);

        return $starter->niche($this->string('name')->trim()->value(), now()->toDateString());
    }
}
