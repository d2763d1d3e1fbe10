<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use App\Words\Language;
use Illuminate\Foundation\Http\FormRequest;

/** Taking an account away, by who knows its password. */
final class DeleteAccountRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user() instanceof User;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['password' => ['bail', 'required', 'string', 'current_password']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['password.*' => Language::say('The password is not this one; nothing was deleted.')];
    }
}
