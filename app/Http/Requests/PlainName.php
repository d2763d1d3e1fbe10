<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Translation\PotentiallyTranslatedString;
use Incastro\Core\Document\Reading\PlainText;

/** A name shows itself and nothing else: said as whatever the field says of its name. */
final class PlainName implements ValidationRule
{
    /** @param  \Closure(string, string|null=): PotentiallyTranslatedString  $fail */
    public function validate(string $attribute, mixed $value, \Closure $fail): void
    {
        if (! is_string($value) || ! PlainText::is($value)) {
            $fail('plain');
        }
    }
}
