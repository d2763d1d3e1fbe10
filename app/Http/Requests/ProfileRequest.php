<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\Starting;
use Illuminate\Foundation\Http\FormRequest;
use Incastro\Core\Document\ProjectReader;
use Incastro\Core\Document\SpaceKind;
use Incastro\Core\Measure\Unit;

/** How a person reads numbers, and the saw, instruments and sheets that their new projects begin with. */
final class ProfileRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'unit' => ['nullable', 'in:mm,in'],
            'workshop' => ['array'],
            'sheets' => ['array', 'max:20'],
            'sheets.*' => ['array'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['*' => 'A profile holds a unit (mm or in), a workshop and a list of sheets.'];
    }

    /**
     * What was given, once a project made from it can be read.
     *
     * @return array<string, mixed>
     *
     * @throws \Incastro\Core\Document\DocumentRejected when saw, instruments or sheets make no sense
     */
    public function profile(): array
    {
        /** @var array<string, mixed> $given */
        $given = $this->safe(['unit', 'workshop', 'sheets']);
        ProjectReader::read(Starting::in(Unit::Millimetre, $given)->document(SpaceKind::Niche, 'Profile', '2000-01-01'));

        return $given;
    }
}
