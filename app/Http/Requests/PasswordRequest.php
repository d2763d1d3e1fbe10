<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use App\Words\Language;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rules\Password;

/** A new password, by who knows the old one. */
final class PasswordRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user() instanceof User;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['current' => ['bail', 'required', 'string', 'current_password'], 'password' => ['required', 'string', Password::defaults()]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['current.*' => Language::say('The present password is not this one.'), 'password.required' => Language::say('A password is needed, of 10 to 200 characters.'), 'password.string' => Language::say('A password is needed, of 10 to 200 characters.'), 'password.min' => Language::say('The password is too short; expected 10 characters or more.'), 'password.max' => Language::say('The password is too long; expected 200 characters at most.')];
    }
}
