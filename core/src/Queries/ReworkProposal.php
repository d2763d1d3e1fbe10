<?php

declare(strict_types=1);

namespace Incastro\Core\Queries;

use Incastro\Core\Cut\Begun\BegunSheet;
use Incastro\Core\Cut\Begun\MadePiece;
use Incastro\Core\Cut\Begun\ReworkSection;
use Incastro\Core\Cut\Begun\Serving;
use Incastro\Core\Cut\Begun\Worth;
use Incastro\Core\Cut\Cutting;
use Incastro\Core\Cut\Nest\Item;
use Incastro\Core\Cut\Nest\LaidSheet;
use Incastro\Core\Cut\Nest\Nested;
use Incastro\Core\Cut\Nest\Rect;
use Incastro\Core\Cut\Part;
use Incastro\Core\Document\Change\Change;
use Incastro\Core\Document\Change\Changes;
use Incastro\Core\Document\Facts\CutWrong;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Document\Model\Rework;
use Incastro\Core\Document\Reading\DocumentRejected;
use Incastro\Core\Measure\Length;
use Incastro\Core\Planning\Planning;

/**
 * Works a change through with what is cut already: what becomes of every piece that is not what the plan wants of it, what is cut anew
 * and from what, and what that costs. It only proposes; taking it means applying its operations.
 */
final readonly class ReworkProposal
{
    /** A piece becomes another part where at most half as much again comes off it; from a larger one more may be had by cutting. */
    private const MOST_WASTE = 0.5;

    private Project $project;

    private Planning $planning;

    private Cutting $cutting;

    /** @var array<string, string> how far each part is */
    private array $states;

    /** @var list<MadePiece> cut pieces that somebody has to decide about */
    private array $open;

    /** @var array<string, true> sheets that are to be cut no further */
    private array $closing;

    /** @param  array<array-key, mixed>  $document */
    private function __construct(private array $document)
    {
        $this->planning = new Planning($document);
        $this->project = $this->planning->project;
        $this->cutting = $this->planning->cutting();
        $this->states = $this->planning->parts()->states();
        $this->open = array_values(array_filter($this->cutting->started->pieces, fn (MadePiece $p): bool => $p->isCut && $p->isOpen()));
        $this->closing = $this->closing();
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @param  array<string, array<string, string>>  $instead  what the person would have become of a piece instead, by begun sheet and the part it was laid as
     * @return array{ops: list<array{op: string, path: list<string>, value: mixed}>, rows: list<array<string, mixed>>, anew: list<array<string, mixed>>,
     *     before: array<string, int>, after: array<string, int>}
     *
     * @throws DocumentRejected when the document cannot be read
     */
    public static function propose(array $document, array $instead = []): array
    {
        $self = new self($document);
        $uses = $self->uses($instead);
        $ops = $self->operations($uses);
        $after = $ops === [] ? $self->planning : new Planning(Changes::apply($document, Change::of($ops))->document);
        $unspoiled = $self->unspoiled();

        return [
            'ops' => $ops,
            'rows' => $self->rows($uses),
            'anew' => $self->anew($after),
            'before' => self::effort($unspoiled === null ? $self->planning : new Planning($unspoiled)),
            'after' => self::effort($after),
        ];
    }

    /** @return array<string, int> sheets to buy or bought, cents of all that is to be bought, minutes of work left */
    private static function effort(Planning $planning): array
    {
        $sheets = array_merge(...array_map(fn (Nested $n): array => $n->sheets, array_values($planning->cutting()->nested)), ...[[]]);

        return ['sheets' => count(array_filter($sheets, fn (LaidSheet $s): bool => ! $s->kind->inHand)),
            'cents' => $planning->shopping()->totalCents(), 'minutes' => $planning->schedule()->minutes];
    }

    /** @return array<array-key, mixed>|null the document as if nothing had come out wrong that was not worked through yet; null where nothing has */
    private function unspoiled(): ?array
    {
        $open = array_filter($this->project->log->wrong, fn (CutWrong $w): bool => ! isset($this->project->rework[$w->begun]->uses[$w->part]));
        $struck = array_map(fn (CutWrong $w): array => ['op' => 'strike', 'path' => ['facts', $w->id], 'value' => null], array_values($open));

        return $struck === [] ? null : Changes::apply($this->document, Change::of($struck))->document;
    }

    /** @return array<string, true> sheets on which something not cut yet is not what is wanted there now */
    private function closing(): array
    {
        $closing = [];
        foreach ($this->cutting->started->pieces as $piece) {
            $isRight = $piece->serving?->worth === Worth::Right;
            $closing += $piece->isCut || $isRight || $piece->isSpoiled ? [] : [$piece->begun => true];
        }

        return $closing;
    }

    /**
     * @param  array<string, array<string, string>>  $instead
     * @return list<array{MadePiece, string}> what becomes of each open piece
     */
    private function uses(array $instead): array
    {
        $uses = $loose = [];
        foreach ($this->open as $i => $piece) {
            $said = $instead[$piece->begun][$piece->item] ?? null;
            $uses[$i] = $said ?? ($piece->serving?->worth === Worth::Trim ? (string) $piece->serves : null);
            $loose += $uses[$i] === null ? [$i => $piece] : [];
        }
        $become = $this->matched($loose, array_filter($uses));

        return array_map(fn (int $i, MadePiece $p): array => [$p, $uses[$i] ?? $become[$i] ?? $this->rest($p)], array_keys($this->open), $this->open);
    }

    /** A piece nobody drilled or finished yet is worth cutting from, where it is large enough. */
    private function rest(MadePiece $piece): string
    {
        return $this->isPlain($piece) && ! ($piece->isSpoiled && ! $piece->isMeasured) && $piece->rect->isWorthKeeping() ? Rework::STOCK : Rework::LOST;
    }

    private function isPlain(MadePiece $piece): bool
    {
        $state = $piece->serves === null ? 'cut' : ($this->states[$this->cutting->laid->part($piece->serves)] ?? 'cut');

        return in_array($state, ['to_cut', 'cut'], true);
    }

    /**
     * Loose pieces become parts that are still to be cut, those first that waste least.
     *
     * @param  array<int, MadePiece>  $loose
     * @param  array<int, string>  $taken  parts that pieces become by what was said
     * @return array<int, string>
     */
    private function matched(array $loose, array $taken): array
    {
        $pairs = [];
        foreach ($loose as $i => $piece) {
            foreach ($this->fitting($piece) as $part => $serving) {
                $pairs[] = [$serving->waste, $i, $part];
            }
        }
        sort($pairs);
        $become = [];
        foreach ($pairs as [, $i, $part]) {
            if (! isset($become[$i]) && ! in_array($part, [...$become, ...$taken], true)) {
                $become[$i] = $part;
            }
        }

        return $become;
    }

    /** @return array<string, Serving> parts still to be cut that the piece could become */
    private function fitting(MadePiece $piece): array
    {
        if (! $this->isPlain($piece) || ($piece->isSpoiled && ! $piece->isMeasured)) {
            return [];
        }
        $fitting = [];
        foreach ($this->wanted($piece->material) as $id => $item) {
            $serving = Serving::of($piece, $item, $this->project->workshop->partTolerance->units);
            $isOwn = $piece->serves === $id || ($piece->isSpoiled && $piece->item === $id);
            $fitting += $isOwn || $serving->worth === Worth::Short || $serving->waste > self::MOST_WASTE * $item->area() ? [] : [$id => $serving];
        }

        return $fitting;
    }

    /** @return array<string, Item> parts of the material that no piece serves as, or none that will do */
    private function wanted(string $material): array
    {
        $served = [];
        foreach ($this->cutting->started->pieces as $p) {
            $will = $p->serving !== null && $p->serving->worth !== Worth::Short && ($p->isCut || ! isset($this->closing[$p->begun]));
            $served += $will && $p->serves !== null ? [$this->cutting->laid->part($p->serves) => true] : [];
        }
        $open = array_filter($this->cutting->parts, fn (Part $p): bool => ! $p->panel->bought
            && $p->panel->material === $material && ! isset($served[$p->panel->id]));

        return array_column(array_map(
            fn (Part $p): array => [$p->panel->id, new Item($p->panel->id, $p->length->value->units, $p->width->value->units, ! $p->grainFixed)], $open), 1, 0);
    }

    /**
     * @param  list<array{MadePiece, string}>  $uses
     * @return list<array{op: string, path: list<string>, value: mixed}>
     */
    private function operations(array $uses): array
    {
        $set = fn (string $begun, mixed $value, string ...$path): array => ['op' => 'set',
            'path' => ['rework', $begun, ...array_values($path)], 'value' => $value];
        $ops = array_map(fn (string $begun): array => $set($begun, true, 'closed'), array_keys($this->closing));
        foreach ($uses as [$piece, $use]) {
            $ops[] = $set($piece->begun, $use, 'uses', $piece->item);
        }

        return $ops === [] ? [] : [...$ops, ...array_map(fn (string $begun): array => $set($begun, true, 'stock'), $this->leaving())];
    }

    /** @return list<string> begun sheets with something left to cut from, of materials of which something is still wanted */
    private function leaving(): array
    {
        $sheets = array_filter($this->cutting->started->sheets, fn (BegunSheet $s): bool => ! $s->rework->stock && $this->wanted($s->fact->material) !== []
            && (isset($this->closing[$s->fact->id]) || array_filter($s->rests(), fn (Rect $r): bool => $r->isWorthKeeping()) !== []));

        return array_map(strval(...), array_keys($sheets));
    }

    /**
     * @param  list<array{MadePiece, string}>  $uses
     * @return list<array<string, mixed>>
     */
    private function rows(array $uses): array
    {
        return array_map(fn (array $use): array => (new ReworkSection($this->cutting))
            ->piece($use[0]) + ['becomes' => $use[1], 'choices' => $this->choices($use[0], $use[1])], $uses);
    }

    /** @return list<array{use: string, over_length: Length|null, over_width: Length|null}> all that the piece could become, and what comes off it then */
    private function choices(MadePiece $piece, string $becomes): array
    {
        $own = $piece->serving?->worth === Worth::Trim ? [(string) $piece->serves => $piece->serving] : [];
        $choices = [];
        foreach ([...$own, ...$this->fitting($piece)] as $part => $serving) {
            $choices[$part] = ['use' => $part, 'over_length' => Length::ofUnits(max(0, $serving->overLength)),
                'over_width' => Length::ofUnits(max(0, $serving->overWidth))];
        }
        foreach ([...($this->isPlain($piece) && $piece->rect->isWorthKeeping() ? [Rework::STOCK] : []), Rework::LOST, $becomes] as $use) {
            $choices[$use] ??= ['use' => $use, 'over_length' => null, 'over_width' => null];
        }

        return array_values($choices);
    }

    /**
     * @return list<array{part: string, from: string|null}> what lay on begun sheets and is cut anew, and from what is left of which begun sheet; null from
     *     a whole one
     */
    private function anew(Planning $after): array
    {
        $before = array_filter($this->cutting->started->pieces, fn (MadePiece $p): bool => isset($this->states[$this->cutting->laid->part($p->item)]));
        $was = array_unique(array_map(fn (MadePiece $p): string => $this->cutting->laid->part($p->item), $before));
        $rows = [];
        foreach ($after->cutting()->nested as $nested) {
            foreach ($nested->sheets as $sheet) {
                foreach ($sheet->begun === null ? $sheet->placements : [] as $p) {
                    $part = $this->cutting->laid->part($p->item);
                    $rows += in_array($part, $was, true) ? [$part => ['part' => $part, 'from' => $sheet->kind->leftOf?->begun]] : [];
                }
            }
        }

        return array_values($rows);
    }
}
