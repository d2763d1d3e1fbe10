<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\HouseholdRequest;
use App\Http\Resources\HouseholdResource;
use App\Models\Household;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Support\Facades\DB;

/** Households one belongs to. */
final class HouseholdController
{
    public function index(Request $request): AnonymousResourceCollection
    {
        /** @var User $user */
        $user = $request->user();

        return HouseholdResource::collection($user->households()->with(['users', 'invitations'])->orderBy('name')->get());
    }

    public function store(HouseholdRequest $request): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        $household = DB::transaction(function () use ($request, $user): Household {
            $household = Household::query()->create(['name' => $request->string('name')->trim()->value()]);
            $household->users()->attach($user, ['role' => 'owner']);

            return $household;
        });

        return (new HouseholdResource($household->load(['users', 'invitations'])))->response()->setStatusCode(201);
    }

    public function update(HouseholdRequest $request, Household $household): HouseholdResource
    {
        $household->update(['name' => $request->string('name')->trim()->value()]);

        return new HouseholdResource($household->load(['users', 'invitations']));
    }
}
