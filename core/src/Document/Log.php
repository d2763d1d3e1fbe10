<?php

declare(strict_types=1);

namespace Incastro\Core\Document;

use Incastro\Core\Measure\Length;

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
     * @param  list<Checked>  $checked
     */
    public function __construct(public array $bought = [], public array $done = [], public array $begun = [], public array $sawn = [], public array $wrong = [], public array $asBuilt = [], public array $checked = [])
    {
    }

    /** Whether a part came out wrong on a begun sheet. */
    public function isSpoiled(string $begun, string $part): bool
    {
        return array_filter($this->wrong, fn (CutWrong $w): bool => $w->begun === $begun && $w->part === $part) !== [];
    }

    /** @return array{Length|null, Length|null} length and width of a piece as it came off the saw, where somebody measured it; the last time counts */
    public function sizeOf(string $begun, string $part): array
    {
        $length = $width = null;
        foreach ([...$this->wrong, ...$this->asBuilt] as $fact) {
            if ($fact->begun === $begun && $fact->part === $part) {
                [$length, $width] = [$fact->length ?? $length, $fact->width ?? $width];
            }
        }

        return [$length, $width];
    }

    /** @return array<string, array{length: Length|null, width: Length|null, thickness: Length|null}> finished parts as they were made, the last reading of each size */
    public function measured(): array
    {
        $measured = [];
        foreach (array_filter($this->asBuilt, fn (AsBuilt $a): bool => $a->begun === null) as $fact) {
            $before = $measured[$fact->part] ?? ['length' => null, 'width' => null, 'thickness' => null];
            $measured[$fact->part] = ['length' => $fact->length ?? $before['length'], 'width' => $fact->width ?? $before['width'], 'thickness' => $fact->thickness ?? $before['thickness']];
        }

        return $measured;
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

        // A sheet whose cuts were all taken back was never begun.
        $begun = array_filter($begun, fn (Begun $b): bool => isset($sawn[$b->id]));

        return new self(
            array_values(array_filter($facts, fn (Fact $f): bool => $f instanceof Bought)),
            array_values(array_filter($facts, fn (Fact $f): bool => $f instanceof StepDone)),
            $begun,
            $sawn,
            array_values(array_filter($facts, fn (Fact $f): bool => $f instanceof CutWrong)),
            array_values(array_filter($facts, fn (Fact $f): bool => $f instanceof AsBuilt)),
            array_values(array_filter($facts, fn (Fact $f): bool => $f instanceof Checked)),
        );
    }
}
