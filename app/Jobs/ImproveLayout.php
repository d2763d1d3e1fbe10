<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\LayoutSearch;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;
use Incastro\Core\Queries\LayoutSearch as Search;

/** Runs a layout search, writing down each better layout and how far it has come; stops when told to. */
final class ImproveLayout implements ShouldQueue
{
    use Dispatchable, InteractsWithQueue, Queueable;

    public int $tries = 1;

    public int $timeout = 300;

    /** Nobody else's search waits longer than this for one: what is found by then stands. */
    private const LONGEST_S = 45;

    public function __construct(private readonly string $searchId)
    {
    }

    public function handle(): void
    {
        $search = LayoutSearch::query()->find($this->searchId);
        if ($search === null || $search->isOver()) {
            return;
        }
        $search->update(['status' => 'running']);
        Search::improve($search->project->decoded(), $search->effort, $search->seed, $this->report($search));
        LayoutSearch::query()->whereKey($search->id)->where('status', 'running')->update(['status' => 'done', 'percent' => 100]);
    }

    public function failed(): void
    {
        LayoutSearch::query()->whereKey($this->searchId)->update(['status' => 'failed']);
    }

    /** @return \Closure(array<string, mixed>, float, list<string>, array<string, mixed>): bool */
    private function report(LayoutSearch $search): \Closure
    {
        $until = microtime(true) + self::LONGEST_S;

        return function (array $layouts, float $share, array $better, array $trades) use ($search, $until): bool {
            // Only a search that is still running is written to: a cancel that came in between stands.
            $running = LayoutSearch::query()->whereKey($search->id)->where('status', 'running')->update([
                'percent' => min(99, (int) round(100 * $share)),
                'layouts' => json_encode($layouts, JSON_THROW_ON_ERROR),
                'better' => json_encode($better, JSON_THROW_ON_ERROR),
                'trades' => json_encode((object) $trades, JSON_THROW_ON_ERROR),
            ]);

            return $running === 1 && microtime(true) < $until;
        };
    }
}
