<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use Illuminate\Foundation\Http\FormRequest;
use Incastro\Core\Document\Change\Change;

/** A change by someone who may change the project. Its shape is read by the core. */
final class ChangeRequest extends FormRequest
{
    public function authorize(): bool
    {
        $project = $this->route('project');

        return $project instanceof Project && $this->user()?->can('update', $project) === true;
    }

    /** @throws \Incastro\Core\Document\Reading\DocumentRejected when it is not a change */
    public function change(): Change
    {
        return Change::read($this->json()->all());
    }
}
