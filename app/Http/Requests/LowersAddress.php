<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** An e-mail address is one address however it is typed. */
trait LowersAddress
{
    protected function prepareForValidation(): void
    {
        $email = $this->input('email');
        if (is_string($email)) {
            $this->merge(['email' => mb_strtolower(trim($email))]);
        }
    }
}
