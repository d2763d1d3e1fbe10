<?php

declare(strict_types=1);

namespace Incastro\Core\Document;

/** What has happened in making so far, as it was written down. */
final readonly class Log
{
    /**
     * @param  list<Bought>  $bought
     * @param  list<StepDone>  $done
     * @param  array<string, Begun>  $begun  sheets
     * @param  array<string, list<int>>  $sawn  which cuts were made, by begun sheet
     * @param  list<CutWrong>  $wrong
     * @param  list<AsBuilt>  $asBuilt
     */
    public function __construct(public array $bought = [], public array $done = [], public array $begun = [], public array $sawn = [], public array $wrong = [], public array $asBuilt = [])
    {
    }

    /** @param  list<Fact>  $facts  those that stand, oldest first */
    public static function of(array $facts): self
    {
        $begun = $sawn = [];
        foreach ($facts as $fact) {
            $begun += $fact instanceof Begun ? [$fact->id => $fact] : [];
            if ($fact instanceof Sawn) {
                $sawn[$fact->begun][] = $fact->cut;
            }
        }

        return new self(
            array_values(array_filter($facts, fn (Fact $f): bool => $f instanceof Bought)),
            array_values(array_filter($facts, fn (Fact $f): bool => $f instanceof StepDone)),
            $begun,
            $sawn,
            array_values(array_filter($facts, fn (Fact $f): bool => $f instanceof CutWrong)),
            array_values(array_filter($facts, fn (Fact $f): bool => $f instanceof AsBuilt)),
        );
    }
}
