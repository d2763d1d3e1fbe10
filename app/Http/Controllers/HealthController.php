<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\RoomOnDisk;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

/** Whether the service can serve: database, queue and disk. */
final class HealthController
{
    public function __invoke(): JsonResponse
    {
        $checks = ['database' => $this->database(), 'queue' => $this->queue(), 'disk' => $this->disk()];

        return new JsonResponse($checks, in_array(false, $checks, true) ? 503 : 200);
    }

    private function database(): bool
    {
        try {
            return DB::scalar('select 1') === 1;
        } catch (\Throwable) {
            return false;
        }
    }

    /** A job that has waited two minutes means that no worker takes them. */
    private function queue(): bool
    {
        try {
            return ! DB::table('jobs')->whereNull('reserved_at')->where('available_at', '<', time() - 120)->exists();
        } catch (\Throwable) {
            return false;
        }
    }

    private function disk(): bool
    {
        return RoomOnDisk::isLeft();
    }
}
