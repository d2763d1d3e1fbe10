<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Model\Against;
use Incastro\Core\Document\Model\BackKind;
use Incastro\Core\Document\Model\Band;
use Incastro\Core\Document\Model\BandKind;
use Incastro\Core\Document\Model\Bay;
use Incastro\Core\Document\Model\FillKind;
use Incastro\Core\Document\Model\Front;
use Incastro\Core\Document\Model\TopJoint;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Stacks the bands of one run: heights first, then base, boxes, slabs and crown from the floor up. */
final class RunMaker
{
    /** @var list<CaseFront> */
    private array $fronts = [];

    private ?CaseSpec $below = null;

    private ?Band $previous = null;

    public function __construct(private readonly Bench $bench, private readonly Stuff $stuff,
        private readonly RunFrame $frame, private readonly Letters $letters)
    {
    }

    /** @return list<CaseFront> */
    public function make(): array
    {
        $heights = $this->heights();
        if ($heights === null) {
            return [];
        }
        $z = $this->frame->floor;
        $bands = array_values($this->frame->run->bands);
        $base = null;
        for ($i = 0; $i < count($bands); $i++) {
            $band = $bands[$i];
            $group = [$band];
            while (isset($bands[$i + 1]) && $bands[$i + 1]->joined && $band->kind->mayJoin()) {
                $group[] = $bands[++$i];
            }
            $tall = array_map(fn (Band $b): Figure => $heights[$b->id], $group);
            $height = array_reduce(array_slice($tall, 1), fn (Figure $sum, Figure $h): Figure => $sum->plus($h, Text::of('piece.band_above')), $tall[0]);
            $span = new Span($z, $height);
            if ($this->isBoxed($group)) {
                $this->case($group, $tall, $span, $base);
                $this->cover($group[0], $span->to(), $bands[$i + 1] ?? null);
                if ($base?->kind === BandKind::Plinth && $this->below !== null) {
                    (new Plinth($this->bench, $base, $this->below))->make();
                }
                $base = null;
            } else {
                $this->plain($band, $span, $bands[$i + 1] ?? null);
                $this->lids($band, $bands[$i + 1] ?? null);
            }
            $base = $band->kind->isBase() ? $band : ($this->isBoxed($group) ? null : $base);
            $z = $span->to();
            $this->previous = $band;
        }

        return $this->fronts;
    }

    private function lids(Band $band, ?Band $above): void
    {
        if ($band->lids && $above?->kind->covers() === true) {
            $this->bench->find(Finding::ofPiece('piece.lid_covered', Severity::Stop, $band->id, Text::of('piece.lid_covered')));
        }
    }

    /** Two rails hold sides apart but keep nothing out: something has to lie on them. */
    private function cover(Band $box, Length $top, ?Band $above): void
    {
        $beds = array_filter($above->bays ?? [], fn (Bay $b): bool => $b->fill->kind === FillKind::Bed);
        $isCovered = $above?->kind->covers() === true || $beds !== [];
        if ($box->methods->top === TopJoint::Rails && ! $isCovered) {
            $this->bench->find(Finding::ofPiece('piece.open_topped', Severity::Note, $box->id, Text::of('piece.open_topped', z: $top)));
        }
    }

    /** @param  non-empty-list<Band>  $group */
    private function isBoxed(array $group): bool
    {
        return array_filter($group, fn (Band $b): bool => $b->kind === BandKind::Box) !== [];
    }

    private function plain(Band $band, Span $z, ?Band $above): void
    {
        $before = array_keys($this->bench->panels);
        $slabs = new Slabs($this->bench, $this->stuff, $this->frame);
        match (true) {
            $band->kind->isSlab() => $slabs->slab($band, $z->from, $this->below, $above),
            $band->kind === BandKind::Crown => $slabs->crown($band, $z, $this->below),
            $band->kind === BandKind::Gap && $band->bays !== [] => $this->gap($band, $z),
            default => null,
        };
        if ($this->frame->limit !== null) {
            SlopeCut::plain($this->bench, $this->frame->limit, array_values(array_diff(array_keys($this->bench->panels), $before)));
        }
    }

    /** Bays with no boards around them. */
    private function gap(Band $band, Span $z): void
    {
        $depth = $band->depth ?? $this->frame->depth->value;
        $y = Span::of($this->frame->rear, $depth, Text::of('piece.depth_chosen'));
        $under = $this->frame->limit;
        (new Rows($this->bench, $this->stuff, $this->frame, $under))
            ->stretch($band, new Opening($this->frame->x, 0, $y, $z->from, new Bounding, $this->frame->floor, null), $this->letters->of($band), $z->size);
    }

    /**
     * @param  non-empty-list<Band>  $group
     * @param  non-empty-list<Figure>  $tall
     */
    private function case(array $group, array $tall, Span $z, ?Band $base): void
    {
        $board = $this->stuff->board($group[0]);
        $back = $this->stuff->back();
        $rows = [];
        foreach ($group as $i => $band) {
            $boards = $i === 0 ? 2 : 1;
            $why = $i === 0 && count($group) === 1 ? Text::of('piece.top_and_bottom', t: $board->thickness)
                : Text::of('piece.boards_of_band', n: $boards, t: $board->thickness);
            $rows[] = new Row($band, $this->letters->of($band),
                $tall[$i]->minus($board->thickness->times($boards), $why)->named(Text::of('piece.inner_height')));
        }
        foreach ($rows as $row) {
            if ($row->clear->value->isLessThan(Length::fromMillimetres(20))) {
                $this->bench->find(Finding::ofPiece('piece.bands_do_not_fit', Severity::Stop, $row->band->id,
                    Text::of('piece.bands_do_not_fit', by: Length::fromMillimetres(20)->minus($row->clear->value)))
                    ->measuring($row->clear->value, Length::zero()));

                return;
            }
        }
        [$rear, $depth] = $this->depth($group[0], $board, $back);
        if ($depth->value->isLessThan(Length::fromMillimetres(40))) {
            $this->bench->find(Finding::ofPiece('piece.too_shallow', Severity::Stop, $group[0]->id,
                Text::of('piece.too_shallow', has: $depth->value))->measuring($depth->value, Length::fromMillimetres(40)));

            return;
        }
        $this->behind($group[0], $rear);
        $toe = $base?->kind === BandKind::ToeKick ? $base : null;
        $this->below = new CaseSpec($rows, $this->frame->x, $z, $rear, $depth,
            $base === null ? $z->from : $this->frame->floor, $board, $back, $this->letters->of($group[0]), $toe,
            $this->previous === null ? $this->frame->hangs : $this->previous->kind === BandKind::Gap);
        $this->fronts[] = (new CaseMaker($this->bench, $this->stuff, $this->frame))->make($this->below);
    }

    /** What a band that stands at the front leaves behind it is named: storage, access, or leave it. */
    private function behind(Band $band, Length $rear): void
    {
        $deep = $rear->minus($this->frame->rear);
        if ($band->against === Against::Front && $deep->isGreaterThan(Length::fromMillimetres(60))) {
            $this->bench->find(Finding::ofPiece('piece.space_behind', Severity::Note, $band->id,
                Text::of('piece.space_behind', d: $deep, w: $this->frame->x->value())));
        }
    }

    /** @return array{Length, Figure} y of the sides' rear edges, and front to back of a side: the depth chosen, less face frame and applied back */
    private function depth(Band $band, Board $board, Board $back): array
    {
        $depth = $band->depth === null ? $this->frame->depth : Figure::of($band->depth, Text::of('piece.band_depth'), "$band->id/depth");
        $rear = $this->frame->rear;
        if ($band->depth !== null && $band->against === Against::Front) {
            $rear = $rear->plus($this->frame->depth->value)->minus($band->depth);
        }
        if ($band->methods->front === Front::FaceFrame) {
            $depth = $depth->minus($board->thickness, Text::of('piece.face_frame_thickness'));
        }
        if ($band->methods->back === BackKind::Applied) {
            $depth = $depth->minus($back->thickness, Text::of('piece.back_thickness'));
            $rear = $rear->plus($back->thickness);
        }

        return [$rear, $depth->named(Text::of('piece.carcass_depth'))];
    }

    /** @return array<string, Figure>|null the height of each band; null where they do not fit, which is said */
    private function heights(): ?array
    {
        $fixed = [];
        $rest = $this->frame->height;
        $sharing = [];
        foreach ($this->frame->run->bands as $id => $band) {
            $height = $band->kind->isSlab() ? $this->stuff->board($band)->thickness->times($band->layers) : $band->height;
            if ($height === null) {
                $sharing[] = $id;

                continue;
            }
            $fixed[$id] = Figure::of($height, Text::of("piece.height_of_{$band->kind->value}"), "$id/height");
            $rest = $rest->minus($height, Text::of($band->kind === BandKind::Plinth ? 'piece.plinth' : "piece.takes_{$band->kind->value}"), "$id/height");
        }
        $rest = $rest->trail === $this->frame->height->trail ? $rest : $rest->named(Text::of('fit.carcass_height'));
        if ($rest->value->isNegative() || ($sharing !== [] && $rest->value->isLessThan(Length::fromMillimetres(50)->times(count($sharing))))) {
            $short = Length::fromMillimetres(50)->times(max(1, count($sharing)))->minus($rest->value);
            $this->bench->find(Finding::ofPiece('piece.bands_do_not_fit', Severity::Stop, $this->frame->run->id,
                Text::of('piece.bands_do_not_fit', by: $short))->measuring($rest->value, Length::zero()));

            return null;
        }
        if ($sharing === [] && $rest->value->isPositive()) {
            $this->bench->find(Finding::ofPiece('piece.bands_leave_height', Severity::Note, $this->frame->run->id,
                Text::of('piece.bands_leave_height', by: $rest->value))->measuring($rest->value, Length::zero()));
        }
        $shares = match (count($sharing)) {
            0 => [],
            1 => [$rest],
            default => $rest->sharedInto(count($sharing), Text::of('piece.bands_share')),
        };

        return $fixed + array_combine($sharing, $shares);
    }
}
