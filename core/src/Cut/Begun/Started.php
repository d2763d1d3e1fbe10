<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Begun;

use Incastro\Core\Cut\Nest\Item;
use Incastro\Core\Cut\Nest\LaidParts;
use Incastro\Core\Cut\Nest\LaidSheet;
use Incastro\Core\Cut\Nest\Nested;
use Incastro\Core\Cut\Nest\Orders;
use Incastro\Core\Cut\Nest\Placement;
use Incastro\Core\Cut\Nest\Rect;
use Incastro\Core\Cut\Nest\SheetKind;
use Incastro\Core\Cut\Nest\Stock;
use Incastro\Core\Cut\Part;
use Incastro\Core\Document\Facts\Begun;
use Incastro\Core\Document\Model\LaidPart;
use Incastro\Core\Document\Model\Layout;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Document\Model\Rework;
use Incastro\Core\Measure\Length;

/**
 * Sheets that were begun: laid as they were then, whatever the plan has become, and what their pieces serve as now. A piece serves as
 * the part it was laid as until somebody decides otherwise (Rework); one that was cut wrong serves as none.
 */
final readonly class Started
{
    /** @var array<string, BegunSheet> */
    public array $sheets;

    /** @var list<MadePiece> */
    public array $pieces;

    /** @var array<string, Item> every part that is cut from a sheet, and its halves */
    private array $wanted;

    /** @var array<string, true> parts that lie on begun sheets, whole */
    public array $parts;

    /** @param  list<Part>  $parts */
    public function __construct(private Project $project, array $parts, private LaidParts $laid)
    {
        $this->sheets = array_map(fn (Begun $b): BegunSheet => new BegunSheet($b, $project),
            array_filter($project->log->begun, fn (Begun $b): bool => isset($project->stock[$b->material])));
        $this->wanted = $this->sheets === [] ? [] : self::items($parts);
        $this->pieces = $this->served();
        $this->parts = $this->covered($this->pieces);
    }

    /** Before whatever else is cut from the material. */
    public function with(string $material, Stock $stock, ?Nested $rest): ?Nested
    {
        $own = array_filter($this->sheets, fn (BegunSheet $b): bool => $b->fact->material === $material);
        $sheets = array_map($this->laid(...), array_values($own));
        if ($sheets === []) {
            return $rest;
        }
        $bought = count(array_filter($sheets, fn (LaidSheet $s): bool => ! $s->kind->inHand));

        return $rest === null ? new Nested($stock, $sheets, [], 0)
            : new Nested($stock, [...$sheets, ...$rest->sheets], $rest->unplaced,
                $rest->fewestSheets() === null ? $rest->leastCost + array_sum(array_map(fn (LaidSheet $s): int => $stock->cost($s->kind), $sheets))
                    : $rest->leastCost + $bought, $rest->roomier === null ? null
                    : new Nested($stock, [...$sheets, ...$rest->roomier->sheets], $rest->roomier->unplaced, $rest->roomier->leastCost));
    }

    /** A layout without what lies on begun sheets; null where nothing else is in it. */
    public function rest(?Layout $layout): ?Layout
    {
        if ($layout === null || $this->sheets === []) {
            return $layout;
        }
        $sheets = array_map(
            fn (array $s): array => ['parts' => array_values(array_filter($s['parts'], fn (array $p): bool => ! isset($this->parts[$p['part']->part])))] + $s,
            $layout->sheets);
        $sheets = array_values(array_filter($sheets, fn (array $s): bool => $s['parts'] !== []));

        return $sheets === [] ? null : new Layout($layout->material, $sheets);
    }

    /** How what is not begun lay when the last sheet of the material was begun: at the saw the others are not shuffled. */
    public function remembered(string $material): ?Layout
    {
        $own = array_filter($this->sheets, fn (BegunSheet $b): bool => $b->fact->material === $material && $b->fact->rest !== null);

        return $own === [] ? null : $this->rest(end($own)->fact->rest);
    }

    /** @return list<SheetKind> what is left of begun sheets of the material and is to be cut from, worth keeping and not begun itself */
    public function boards(string $material): array
    {
        $boards = [];
        foreach ($this->sheets as $sheet) {
            if ($sheet->fact->material !== $material) {
                continue;
            }
            $rests = $sheet->rework->closed || $sheet->rework->stock ? $sheet->rests() : [];
            foreach ([...$rests, ...$this->spare($sheet)] as $rect) {
                array_push($boards, ...($rect->isWorthKeeping() && ! $this->isTaken($sheet, $rect) ? [$sheet->board($rect)] : []));
            }
        }

        return $boards;
    }

    /** @return array<string, array{begun: string, length: Length, width: Length}> parts that are cut, as they were cut */
    public function cut(): array
    {
        $cut = [];
        foreach ($this->pieces as $piece) {
            if ($piece->isCut && $piece->serves !== null) {
                [$length, $width] = $piece->partSize();
                $cut[$this->laid->part($piece->serves)] = ['begun' => $piece->begun, 'length' => $length, 'width' => $width];
            }
        }

        return $cut;
    }

    /** @return list<Rect> its pieces that serve as no part and are to be cut from */
    private function spare(BegunSheet $sheet): array
    {
        $own = array_filter($this->pieces, fn (MadePiece $p): bool => $p->begun === $sheet->fact->id && $p->serves === null && $p->use === Rework::STOCK);

        return array_values(array_map(fn (MadePiece $p): Rect => new Rect($p->rect->x, $p->rect->y, $p->length, $p->width), $own));
    }

    /** A board that was left of the sheet is begun there. */
    private function isTaken(BegunSheet $sheet, Rect $rect): bool
    {
        foreach ($this->sheets as $other) {
            $from = $other->fact->leftOf;
            $kind = $other->laid->kind;
            if ($from !== null && $from->begun === $sheet->fact->id && $rect->overlaps(new Rect($from->x, $from->y, $kind->length, $kind->width))) {
                return true;
            }
        }

        return false;
    }

    /** As it lies: its parts as far as they are ever cut. */
    private function laid(BegunSheet $sheet): LaidSheet
    {
        $own = array_values(array_filter($this->pieces, fn (MadePiece $p): bool => $p->begun === $sheet->fact->id));
        $placements = array_map(fn (MadePiece $p): Placement => new Placement($p->id(),
            $p->rect->x, $p->rect->y, $p->rect->length, $p->rect->width, $p->serving->turned ?? $p->turned), $own);

        $ids = array_map(fn (Placement $p): string => $p->item, $placements);

        return new LaidSheet($sheet->laid->kind, $placements, $ids, $sheet->fact->id, $sheet, array_combine($ids, $own));
    }

    /**
     * @param  list<Part>  $parts
     * @return array<string, Item>
     */
    private static function items(array $parts): array
    {
        $items = [];
        foreach (array_filter($parts, fn (Part $p): bool => ! $p->panel->bought) as $part) {
            $whole = new Item($part->panel->id, $part->length->value->units, $part->width->value->units, ! $part->grainFixed);
            foreach ([$whole, ...Orders::halves($whole)] as $item) {
                $items[$item->id] = $item;
            }
        }

        return $items;
    }

    /** @return list<MadePiece> what was decided goes before what a piece was laid as */
    private function served(): array
    {
        $made = array_merge(...array_values(array_map($this->made(...), $this->sheets)), ...[[]]);
        $taken = [];
        foreach ([true, false] as $isDecided) {
            foreach ($made as $i => $piece) {
                $serves = $isDecided ? $piece->use : ($piece->use === null && ! $piece->isSpoiled ? $piece->item : null);
                if ($serves !== null && isset($this->wanted[$serves]) && ! isset($taken[$serves])) {
                    $taken[$serves] = true;
                    $made[$i] = $piece->serving($serves, Serving::of($piece, $this->wanted[$serves], $this->project->workshop->partTolerance->units));
                }
            }
        }

        $covered = $this->covered($made);

        return array_map(fn (MadePiece $p): MadePiece => $p->serves === null
            || isset($covered[$this->laid->part($p->serves)]) ? $p : $p->serving(null, null), $made);
    }

    /** @return list<MadePiece> */
    private function made(BegunSheet $sheet): array
    {
        $made = [];
        foreach ($sheet->laid->placements as $p) {
            $isFree = $sheet->isFree($p);
            if (! $isFree && $sheet->rework->closed) {
                continue;
            }
            [$length, $width] = $this->project->log->sizeOf($sheet->fact->id, $this->laid->part($p->item));
            [$x, $y] = $p->turned ? [$width, $length] : [$length, $width];
            $made[] = new MadePiece($sheet->fact->id, $p->item, $sheet->fact->material,
                new Rect($p->x, $p->y, $p->length, $p->width), $x->units ?? $p->length, $y->units ?? $p->width, $p->turned,
                $isFree, $this->project->log->isSpoiled($sheet->fact->id, $this->laid->part($p->item)),
                $length !== null || $width !== null, $sheet->rework->uses[$p->item] ?? null);
        }

        return $made;
    }

    /**
     * @param  list<MadePiece>  $pieces
     * @return array<string, true> a part in halves lies there when both do
     */
    private function covered(array $pieces): array
    {
        $serving = array_flip(array_filter(array_map(fn (MadePiece $p): ?string => $p->serves, $pieces)));
        $covered = [];
        foreach (array_keys($serving) as $item) {
            $part = $this->laid->part($item);
            $covered += isset($serving[$part])
                || (isset($serving[LaidPart::half($part, 1)->id], $serving[LaidPart::half($part, 2)->id])) ? [$part => true] : [];
        }

        return $covered;
    }
}
