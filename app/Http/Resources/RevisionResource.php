<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Revision;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin Revision */
final class RevisionResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'number' => $this->number,
            'change_id' => $this->change_id,
            'touched' => $this->touched,
            'made_at' => $this->created_at->toIso8601String(),
        ];
    }
}
