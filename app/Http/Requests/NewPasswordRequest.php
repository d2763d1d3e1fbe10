<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Words\Language;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rules\Password;

/** A new password, by who has the letter. */
final class NewPasswordRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['email' => ['required', 'email'], 'token' => ['required', 'string', 'max:200'], 'password' => ['required', 'string', Password::defaults()]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['email.*' => Language::say('This is no e-mail address; expected one like wren@example.org.'), 'token.*' => Language::say('The link is not whole; open it again from the letter.'),
            'password.required' => Language::say('A password is needed, of 10 to 200 characters.'), 'password.string' => Language::say('A password is needed, of 10 to 200 characters.'), 'password.min' => Language::say('The password is too short; expected 10 characters or more.'), 'password.max' => Language::say('The password is too long; expected 200 characters at most.')];
    }
}
