<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use Illuminate\Foundation\Http\FormRequest;
use Incastro\Core\Document\CanonicalJson;

/** A project file as the body of the request. */
final class ImportRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('create', Project::class) === true;
    }

    /**
     * @return array<array-key, mixed>
     *
     * @throws \Incastro\Core\Document\DocumentRejected when it is not JSON, or not an object
     */
    public function document(): array
    {
        return CanonicalJson::decode((string) $this->getContent());
    }
}
