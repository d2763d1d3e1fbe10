<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Password;

/** A new person and the household they begin. */
final class SignUpRequest extends FormRequest
{
    public function authorize(): bool
    {
        return config()->boolean('incastro.sign_up');
    }

    protected function prepareForValidation(): void
    {
        $this->merge(['email' => mb_strtolower(trim($this->string('email')->value()))]);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'email' => ['required', 'email', 'max:190', Rule::unique(User::class)],
            'password' => ['required', 'string', Password::defaults()],
            'household' => ['sometimes', 'nullable', 'string', 'max:80'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'Your name is needed, of 1 to 80 characters.',
            'email.unique' => 'There is an account with this address; sign in, or ask for a new password.',
            'email.*' => 'This is no e-mail address; expected one like wren@example.org.',
            'password.*' => 'The password is too short; expected 10 characters or more.',
            'household.*' => 'The household’s name is too long; expected 80 characters at most.',
        ];
    }
}
