<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Household;
use App\Words\Language;
use Illuminate\Foundation\Http\FormRequest;

/** What a household is called. */
final class HouseholdRequest extends FormRequest
{
    public function authorize(): bool
    {
        $household = $this->route('household');

        return $household === null || ($household instanceof Household && $this->user()?->can('manage', $household) === true);
    }

    /** @return array<string, list<string|PlainName>> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:80', new PlainName]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.*' => Language::say('The household needs a name of 1 to 80 characters.')];
    }
}
