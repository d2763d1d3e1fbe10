<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\Starting;
use App\Words\Language;
use App\Words\Reader;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Incastro\Core\Document\Fields\UnknownKeys;
use Incastro\Core\Document\Model\SpaceKind;
use Incastro\Core\Document\Reading\ProjectReader;
use Incastro\Core\Measure\Unit;

/** How a person reads numbers, and the saw, instruments and sheets that their new projects begin with. */
final class ProfileRequest extends FormRequest
{
    private const MOST_PRICES = 400;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'unit' => ['nullable', 'in:mm,in'],
            'fraction' => ['nullable', 'integer', Rule::in(Reader::FRACTIONS)],
            'paper' => ['nullable', 'in:a4,letter'],
            'currency' => ['nullable', 'regex:/^[A-Z]{3}$/'],
            'language' => ['nullable', Rule::in(Language::codes())],
            // No rule for what is in it: it is read as a project's own prices are.
            'prices' => ['nullable', 'array'],
            'workshop' => ['array'],
            'sheets' => ['array', 'max:20'],
            'sheets.*' => ['array'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'fraction.*' => Language::say('Inches are shown to 1/8, 1/16, 1/32 or 1/64.'),
            'paper.*' => Language::say('The paper is a4 or letter.'),
            'currency.*' => Language::say('A currency is three capital letters, such as EUR or USD.'),
            'language.*' => Language::say('This server does not speak that language.'),
            '*' => Language::say('A profile holds a unit (mm or in), a fraction, a paper, a currency, a language, prices, a workshop and a list of sheets.'),
        ];
    }

    /**
     * What was given, once a project made from it can be read.
     *
     * @return array<string, mixed>
     *
     * @throws \Incastro\Core\Document\Reading\DocumentRejected when saw, instruments, sheets or prices make no sense
     * @throws ValidationException when there are more prices than anybody has
     */
    public function profile(): array
    {
        /** @var array<string, mixed> $given */
        $given = $this->safe(['unit', 'fraction', 'paper', 'currency', 'language', 'prices', 'workshop', 'sheets']);
        if (count((array) (((array) ($given['prices'] ?? []))['lines'] ?? [])) > self::MOST_PRICES) {
            throw ValidationException::withMessages(['prices' => Language::say('No more than {0} prices are kept.', self::MOST_PRICES)]);
        }
        $begun = Starting::document(Unit::Millimetre, SpaceKind::Niche, 'Profile', '2000-01-01', $given);
        ProjectReader::read($begun);
        UnknownKeys::refuse($begun);

        return $given;
    }
}
