<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Model\Band;
use Incastro\Core\Document\Model\Bay;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Slant;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Divides the inside of a case: a board between each two bands, dividers between bays, and what each bay holds. */
final class Rows
{
    /** @var array<string, Length> right edge by bay */
    private array $edges = [];

    /** @var list<array{x: Length, id: string, reaches: list<string>}> dividers of bands below that run on */
    private array $through = [];

    /** @var list<array{string, string}> */
    private array $pending = [];

    public function __construct(private readonly Bench $bench, private readonly Stuff $stuff, private readonly RunFrame $frame, private readonly ?Slant $under)
    {
    }

    /** @param  list<Row>  $rows  from the bottom up */
    public function make(Opening $o, array $rows): void
    {
        $z = $o->z;
        $floor = fn (Bay $bay, Length $x): ?string => $bay->openFloor && $o->ends === 2 ? null : ($o->floors[$bay->id] ?? $o->by->floor);
        foreach ($rows as $i => $row) {
            $board = $this->stuff->board($row->band);
            $division = $this->division($o, $row, $board);
            if (! $division->fits()) {
                return;
            }
            $heads = $this->heads($rows, $i, $z, $board->thickness);
            $isLast = $i === count($rows) - 1;
            $at = new RowPlace($row, $division, $z, $heads[$i], $floor, $i === 0, $isLast);
            $at->dividers = $this->dividers($at);
            $at->over = $isLast ? fn (Bay $b, Length $x): ?string => $o->by->head : $this->boardAbove($o, $at, $rows[$i + 1]);
            $this->raise($o, $at);
            foreach ($this->pending as [$stops, $divider]) {
                $this->bench->join($stops, $divider, JointKind::Screws, Axis::X);
            }
            $this->pending = [];
            $this->cells($o, $at);
            $z = $heads[$i]->plus($board->thickness);
            $floor = $at->over;
        }
    }

    /** A band without a carcass: its bays lie side by side with no board between. */
    public function stretch(Band $band, Opening $o, string $label, Figure $height): void
    {
        $division = new Division($band->bays, $o->x, new Uprights(0, Length::zero()), $this->frame->marks);
        $row = new Row($band, $label, $height);
        $this->report($row, $division);
        if (! $division->fits()) {
            return;
        }
        foreach ($division->openings as $id => $span) {
            $this->bench->openings[$id] = $span->size;
        }
        $none = fn (Bay $b, Length $x): ?string => null;
        $this->cells($o, new RowPlace($row, $division, $o->z, $o->z->plus($height->value), $none, true, true));
    }

    private function division(Opening $o, Row $row, Board $board): Division
    {
        $marks = $this->frame->marks->inside($this->edges, $board->thickness);
        $division = new Division($row->band->bays, $o->x, new Uprights($o->ends, $board->thickness), $marks);
        foreach ($division->openings as $id => $span) {
            $this->edges[$id] = $span->to();
            $this->bench->openings[$id] = $span->size;
        }
        $this->report($row, $division);

        return $division;
    }

    private function report(Row $row, Division $division): void
    {
        $first = array_key_first($row->band->bays) ?? $row->band->id;
        if ($division->over->isNegative()) {
            $this->bench->find(Finding::ofPiece('piece.bays_exceed', Severity::Stop, $first,
                Text::of('piece.bays_exceed', by: $division->over->absolute()))->measuring($division->over->absolute(), Length::zero()));
        } elseif (! $division->fits()) {
            $this->bench->find(Finding::ofPiece('piece.bays_do_not_fit', Severity::Stop, $first,
                Text::of('piece.bays_do_not_fit', n: count($row->band->bays))));
        } elseif (! $division->over->isZero()) {
            $this->bench->find(Finding::ofPiece('piece.bays_leave', Severity::Look, $first, Text::of('piece.bays_leave', by: $division->over))
                ->measuring($division->over, Length::zero()));
        }
        foreach (array_keys($division->lost) as $bay) {
            $this->bench->find(Finding::ofPiece('piece.mark_lost', Severity::Look, $bay, Text::of('piece.mark_lost')));
        }
    }

    /**
     * @param  list<Row>  $rows
     * @return array<int, Length> z of each row's head, from this row on
     */
    private function heads(array $rows, int $from, Length $z, Length $t): array
    {
        $heads = [];
        for ($i = $from; $i < count($rows); $i++) {
            $heads[$i] = $z->plus($rows[$i]->clear->value);
            $z = $heads[$i]->plus($t);
        }

        return $heads;
    }

    /**
     * The dividers of a row, those of bands below that run through it included.
     *
     * @return array<string, array{x: Length, id: string, new: bool, reaches: list<string>, head: Length}> by the bay to their left
     */
    private function dividers(RowPlace $at): array
    {
        $dividers = [];
        $row = $at->row;
        $ids = array_keys($row->band->bays);
        foreach (array_slice($ids, 0, -1) as $id) {
            $x = $at->division->openings[$id]->to();
            $from = array_values(array_filter($this->through, fn (array $d): bool => $d['x']->equals($x) && in_array($row->band->id, $d['reaches'], true)))[0]
                ?? null;
            $reaches = $from['reaches'] ?? $row->band->bays[$id]->through;
            $dividers[$id] = ['x' => $x, 'id' => $from['id'] ?? "$id:divider", 'new' => $from === null,
                'reaches' => $reaches, 'head' => $at->head];
        }

        return $dividers;
    }

    /**
     * The board over a row, in as many lengths as dividers run through it.
     *
     * @return \Closure(Bay, Length): string the one over a bay at an x
     */
    private function boardAbove(Opening $o, RowPlace $at, Row $next): \Closure
    {
        [$row, $z] = [$at->row, $at->head];
        $board = $this->stuff->board($row->band);
        $t = $o->ends === 2 ? $board->thickness : Length::zero();
        $over = [];
        $starts = [];
        [$from, $left, $id] = [$o->x->from->plus($t), $o->by->left, "{$row->band->id}:between"];
        $make = function (Length $to, ?string $right) use (&$from, &$left, &$id, &$over, &$starts, $o, $row, $board, $z): string {
            $span = Span::of($from, $to->minus($from), Text::of('piece.between_uprights'));
            $span = $o->by->left === $left && $o->by->right === $right ? new Span($from, $this->innerWidth($o, $board)) : $span;
            $panel = Maker::at($this->bench, $board)->banded($this->joints($row)->banded())
                ->level(new Named($id, Role::Between, PartName::in(Text::of('part.between'), $row->label)),
                    $this->joints($row)->letIn($span, $left, $right), $o->y, $z);
            $this->joints($row)->meet($panel->id, $left, Axis::X);
            $this->joints($row)->meet($panel->id, $right, Axis::X);
            $over[] = $panel->id;
            $starts[] = $from;

            return $panel->id;
        };
        $stopped = null;
        foreach ($row->band->bays as $bayId => $bay) {
            $divider = $at->dividers[$bayId] ?? null;
            if ($divider === null || ! in_array($next->band->id, $divider['reaches'], true)) {
                continue;
            }
            $this->stopped($make($divider['x'], null), $stopped, $divider['id']);
            $stopped = $divider['id'];
            [$from, $left, $id] = [$divider['x']->plus($board->thickness), null, "$bayId:between"];
            $this->through[] = ['x' => $divider['x'], 'id' => $divider['id'], 'reaches' => $divider['reaches']];
            $at->dividers[$bayId]['head'] = $z->plus($board->thickness)->plus($next->clear->value);
        }
        $this->stopped($make($o->x->to()->minus($t), $o->by->right), $stopped, null);

        return function (Bay $bay, Length $x) use ($over, $starts): string {
            $found = $over[0];
            foreach ($starts as $i => $start) {
                $found = $start->isGreaterThan($x) ? $found : $over[$i];
            }

            return $found;
        };
    }

    /** A board that stops at dividers that run through is screwed to them once they stand. */
    private function stopped(string $board, ?string ...$dividers): void
    {
        foreach (array_filter($dividers) as $divider) {
            $this->pending[] = [$board, $divider];
        }
    }

    private function innerWidth(Opening $o, Board $board): Figure
    {
        return $o->ends === 0 ? $o->x->size
            : $o->x->size->minus($board->thickness->times(2), Text::of('piece.two_sides', t: $board->thickness))->named(Text::of('piece.between_sides'));
    }

    private function raise(Opening $o, RowPlace $at): void
    {
        [$row, $z] = [$at->row, $at->z];
        $maker = Maker::at($this->bench, $this->stuff->board($row->band));
        $bays = array_values($row->band->bays);
        $joints = $this->joints($row);
        foreach ($bays as $i => $bay) {
            $divider = $at->dividers[$bay->id] ?? null;
            if ($divider === null || ! $divider['new']) {
                continue;
            }
            $onFloor = $at->isOpenToFloor($bay, $o) || $at->isOpenToFloor($bays[$i + 1], $o);
            $from = $onFloor ? $o->deep : $z;
            [$foot, $head] = [$onFloor ? null : $at->below($bay, $divider['x']),
                $divider['head']->equals($z->plus($row->clear->value)) ? $at->above($bay, $divider['x']) : null];
            $height = $head !== null && ! $onFloor ? new Span($z, $row->clear)
                : Span::of($from, $divider['head']->minus($from), Text::of('piece.through_height'));
            $panel = $maker->banded($joints->banded())
                ->upright(new Named($divider['id'], Role::Divider, PartName::in(Text::of('part.divider', n: $i + 1), $row->label)),
                    $divider['x'], $o->y, $joints->letIn($height, $foot, $head));
            if ($onFloor) {
                foreach (array_filter([$at->below($bay, $divider['x']),
                    $at->below($bays[$i + 1], $divider['x']->plus($this->stuff->board($row->band)->thickness))]) as $bottom) {
                    $this->bench->join($bottom, $panel->id, JointKind::Screws, Axis::X);
                }
            }
            $joints->meet($panel->id, $foot, Axis::Z);
            $joints->meet($panel->id, $head, Axis::Z);
        }
    }

    private function cells(Opening $o, RowPlace $at): void
    {
        [$row, $division, $z] = [$at->row, $at->division, $at->z];
        $left = $o->by->left;
        $number = 0;
        $count = count($row->band->bays);
        foreach ($row->band->bays as $bay) {
            $number++;
            $right = $at->dividers[$bay->id]['id'] ?? $o->by->right;
            $open = $at->isOpenToFloor($bay, $o);
            $from = $open ? $o->deep : $z;
            $height = $open ? $row->clear->plus($z->minus($o->deep), Text::of('piece.open_to_floor')) : $row->clear;
            $along = $this->under?->along === Axis::X ? $division->openings[$bay->id] : $o->y;
            [$height, $least] = $this->under === null ? [$height, null] : ClearHeight::under($this->under, $along, $from, $height);
            if ($least !== null && ! $height->value->isPositive()) {
                $left = $right;

                continue;
            }
            $board = $this->stuff->board($row->band);
            $cell = new Cell($bay, $o->prefix.$row->label.$number, $division->openings[$bay->id], $o->y, new Span($from, $height),
                new Bounding($left, $right, $at->below($bay, $division->openings[$bay->id]->from),
                    $at->above($bay, $division->openings[$bay->id]->from), $o->by->back), $bay->methods, $board, $this->stuff->back(),
                (new Mouths($o, $board, [$at->isLowest, $at->isLast]))
                    ->of($division->openings[$bay->id], $from, $height->value, [$number === 1, $number === $count]),
                $least ?? $height->value, $o->deep);
            $this->bench->cells[$bay->id] = $cell;
            $left = $right;
            if ($cell->mouth->x->value()->isLessThan(Length::fromMillimetres(20)) || $cell->mouth->z->value()->isLessThan(Length::fromMillimetres(20))) {
                $this->bench->find(Finding::ofPiece('piece.mouth_small', Severity::Stop, $bay->id, Text::of('piece.mouth_small', bay: $cell->label)));

                continue;
            }
            (new Bays($this->bench, $this->stuff, $this->frame, $this->under))->make($cell);
        }
    }

    private function joints(Row $row): RowJoints
    {
        return new RowJoints($this->bench, $row->band->methods);
    }
}
