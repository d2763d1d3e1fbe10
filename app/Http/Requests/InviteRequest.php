<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Household;
use App\Words\Language;
use Illuminate\Foundation\Http\FormRequest;

/** Who is asked into a household, and as what. */
final class InviteRequest extends FormRequest
{
    use LowersAddress;

    public function authorize(): bool
    {
        $household = $this->route('household');

        return $household instanceof Household && $this->user()?->can('manage', $household) === true;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['email' => ['required', 'email', 'max:190'], 'role' => ['required', 'in:owner,maker,viewer']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['email.*' => Language::say('This is no e-mail address; expected one like wren@example.org.'), 'role.*' => Language::say('A member is an owner, a maker or a viewer.')];
    }
}
