<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Project;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin Project */
final class ProjectResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'household' => $this->household->name,
            'household_id' => $this->household_id,
            'revision' => $this->revision,
            'updated_at' => $this->updated_at->toIso8601String(),
            'archived' => $this->archived_at !== null,
            'deleted' => $this->deleted_at !== null,
            'may_change' => $request->user()?->can('update', $this->resource) === true,
            'may_move' => $request->user()?->can('move', $this->resource) === true,
        ];
    }
}
