<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\SignUp;
use App\Models\User;
use App\Words\Language;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Password;

/** A new person and the household they begin. */
final class SignUpRequest extends FormRequest
{
    use LowersAddress;

    public function authorize(): bool
    {
        return SignUp::isOpenTo($this);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80', new PlainName],
            // By letter nobody learns here whose address has an account.
            'email' => ['required', 'email', 'max:190', ...SignUp::isByLetter() ? [] : [Rule::unique(User::class)]],
            'password' => ['required', 'string', Password::defaults()],
            'household' => ['sometimes', 'nullable', 'string', 'max:80', new PlainName],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => Language::say('Your name is needed, of 1 to 80 characters.'),
            'email.unique' => Language::say('There is an account with this address; sign in, or ask for a new password.'),
            'email.*' => Language::say('This is no e-mail address; expected one like wren@example.org.'),
            'password.required' => Language::say('A password is needed, of 10 to 200 characters.'), 'password.string' => Language::say('A password is needed, of 10 to 200 characters.'), 'password.min' => Language::say('The password is too short; expected 10 characters or more.'), 'password.max' => Language::say('The password is too long; expected 200 characters at most.'),
            'household.*' => Language::say('The household’s name is too long or no plain text; expected 80 characters at most.'),
        ];
    }
}
