<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Facts;

use Incastro\Core\Measure\Length;

/** What has happened in making so far, as it was written down. */
final readonly class Log
{
    /** @var list<Bought> */
    public array $bought;

    /** @var list<StepDone> */
    public array $done;

    /** @var array<string, Begun> sheets */
    public array $begun;

    /** @var array<string, list<int>> which cuts were made, by begun sheet */
    public array $sawn;

    /** @var list<CutWrong> */
    public array $wrong;

    /** @var list<AsBuilt> */
    public array $asBuilt;

    /** @param  list<Fact>  $facts  those that stand, oldest first */
    public function __construct(private array $facts = [])
    {
        $begun = $sawn = [];
        foreach ($facts as $fact) {
            $begun += $fact instanceof Begun ? [$fact->id => $fact] : [];
            if ($fact instanceof Sawn) {
                $sawn[$fact->begun][] = $fact->cut;
            }
        }
        $this->sawn = $sawn;
        // A sheet whose cuts were all taken back was never begun.
        $this->begun = array_filter($begun, fn (Begun $b): bool => isset($sawn[$b->id]));
        $this->bought = $this->all(Bought::class);
        $this->done = $this->all(StepDone::class);
        $this->wrong = $this->all(CutWrong::class);
        $this->asBuilt = $this->all(AsBuilt::class);
    }

    /**
     * @template T of Fact
     *
     * @param  class-string<T>  $kind
     * @return list<T> oldest first
     */
    public function all(string $kind): array
    {
        return array_values(array_filter($this->facts, fn (Fact $f): bool => $f instanceof $kind));
    }

    /** Whether what is asked for before it is covered was written down or photographed. */
    public function isRecorded(string $about): bool
    {
        return array_filter([...$this->all(HiddenThing::class), ...$this->all(Picture::class)],
            fn (HiddenThing|Picture $f): bool => $f->about === $about) !== [];
    }

    /** Whether a part came out wrong on a begun sheet. */
    public function isSpoiled(string $begun, string $part): bool
    {
        return array_filter($this->wrong, fn (CutWrong $w): bool => $w->begun === $begun && $w->part === $part) !== [];
    }

    /** @return array<string, Crosscut> by part, the last cut of each */
    public function crosscuts(): array
    {
        return array_column(array_map(fn (Crosscut $c): array => [$c->part, $c], $this->all(Crosscut::class)), 1, 0);
    }

    /**
     * @return array<string, array{Length, Length}> boards that were cut in a step or off a stick, length and width as they were then, or as somebody
     *     measured since
     */
    public function boards(): array
    {
        $boards = array_merge(...array_map(fn (StepDone $d): array => $d->sizes, $this->done),
            ...[array_map(fn (Crosscut $c): array => [$c->length, $c->width], $this->crosscuts())]);
        $measured = $this->measured();

        return array_combine(array_keys($boards),
            array_map(fn (string $part, array $is): array => [$measured[$part]['length'] ?? $is[0], $measured[$part]['width'] ?? $is[1]],
                array_map(strval(...), array_keys($boards)), $boards));
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

    /**
     * @return array<string, array{length: Length|null, width: Length|null, thickness: Length|null}> finished parts as they were made, the last reading of
     *     each size
     */
    public function measured(): array
    {
        $measured = [];
        foreach (array_filter($this->asBuilt, fn (AsBuilt $a): bool => $a->begun === null) as $fact) {
            $before = $measured[$fact->part] ?? ['length' => null, 'width' => null, 'thickness' => null];
            $measured[$fact->part] = ['length' => $fact->length ?? $before['length'],
                'width' => $fact->width ?? $before['width'], 'thickness' => $fact->thickness ?? $before['thickness']];
        }

        return $measured;
    }
}
