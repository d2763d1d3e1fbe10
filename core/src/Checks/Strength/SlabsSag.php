<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Strength;

use Incastro\Core\Assembly\Assembly;
use Incastro\Core\Assembly\Loads\Bending;
use Incastro\Core\Assembly\Loads\Carriers;
use Incastro\Core\Assembly\Loads\Stretch;
use Incastro\Core\Assembly\Wall\WallLoads;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Checks\HoldingCheck;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Document\Fields\Limit;
use Incastro\Core\Document\Model\BandKind;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * Tops, desks, seats and bed decks between what stands under them on edge (fieldbook §7): a seat, and what is low enough to be stood on,
 * bears 1.35 kN at one place, a deck 2.0 kN/m², on another top somebody leans with 0.5 kN (our own figures). Flat rails and tops under a
 * board bend with it. More than L/200 is told, and of what runs on past its last carrier a hundredth; the limit may be set otherwise. What
 * one person in the worst place would break is a stop.
 */
final class SlabsSag implements HoldingCheck
{
    private const LEAN_N = 500.0;

    /** Lower than this a top is stood on. */
    private const STOOD_ON_MM = 600;

    /** All of a strip so narrow bends with what runs on edge under it. */
    private const NARROW_MM = 150.0;

    /** A shorter overhang is none. */
    private const OVERHANG_MM = 100.0;

    public function of(PlacedPiece $built, Assembly $assembly): array
    {
        $kinds = self::kinds($built);
        $carriers = $assembly->carriers($built->piece->id);
        $findings = [];
        foreach ($built->boards(Role::Slab, Role::Lid) as $board) {
            $kind = $board->role === Role::Lid ? BandKind::Seat : $kinds[$board->element ?? ''] ?? BandKind::Top;
            // A further layer is told with the lowest.
            $isUpper = array_filter($carriers->stack($board), fn (Panel $p): bool => $p !== $board && $p->role === $board->role) !== [];
            if (! $isUpper && ! $board->turned && ! $board->bought && isset($built->project->stock[$board->material])) {
                array_push($findings, ...$this->ofBoard($board, $kind, $built, $carriers));
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function ofBoard(Panel $board, BandKind $kind, PlacedPiece $built, Carriers $carriers): array
    {
        $bending = $this->bending($board, $kind, $built, $carriers);
        $findings = $bending === null ? [] : [$this->sags($board, $kind, $bending, $built), $this->breaks($board, $bending, $built)];
        foreach ($carriers->stretches($board, Axis::X) ?? [] as $stretch) {
            $findings[] = $stretch->overhangs && $stretch->length() >= self::OVERHANG_MM ? $this->overhangs($board, $kind, $stretch, $built) : null;
        }

        return array_values(array_filter($findings));
    }

    private function sags(Panel $board, BandKind $kind, Bending $bending, PlacedPiece $built): ?Finding
    {
        $parts = $built->project->limit(Limit::TopSags);
        if ($bending->sag() * $parts <= $bending->length * (1 + 1e-9)) {
            return null;
        }
        [$sag, $limit] = [FindingFactory::up($bending->sag()), FindingFactory::down($bending->length / $parts)];
        $code = ['seat' => 'strength.seat_sags', 'deck' => 'strength.deck_sags'][$kind->value] ?? 'strength.top_sags';

        return new Finding($code, Severity::Look, new Place(WorkStage::Piece, $board->id),
            Text::of($code, part: $board->name, sag: $sag, span: FindingFactory::down($bending->length), limit: $limit),
            Text::of('strength.slab.remedy', thick: FindingFactory::up($bending->thicknessFor($bending->length / $parts)),
                halved: FindingFactory::up($bending->cut(2)->sag())), Text::of('source.strength_slab'), $sag, $limit);
    }

    private function breaks(Panel $board, Bending $bending, PlacedPiece $built): ?Finding
    {
        [$stress, $safe] = [$bending->stress(), $built->madeOf($board)->bends()];

        return $stress <= $safe ? null : FindingFactory::look('strength.board_breaks', new Place(WorkStage::Piece, $board->id), 'strength_slab',
            ['part' => $board->name, 'span' => FindingFactory::up($bending->length), 'stress' => FindingFactory::tenths($stress),
                'safe' => FindingFactory::tenths($safe)])->graded(Severity::Stop);
    }

    /** The way of the two in which it is stiffer, over its longest stretch; null where nothing is known to carry it, or it lies all along. */
    private function bending(Panel $board, BandKind $kind, PlacedPiece $built, Carriers $carriers): ?Bending
    {
        $ways = [];
        foreach ([Axis::X, Axis::Y] as $along) {
            $stretches = $carriers->stretches($board, $along);
            $between = array_filter($stretches ?? [], fn (Stretch $s): bool => ! $s->overhangs);
            if ($stretches !== null && $between === []) {
                return null;
            }
            $longest = $between === [] ? null : max(array_map(fn (Stretch $s): float => $s->length(), $between));
            array_push($ways, ...($longest === null ? [] : [$this->over($longest, $board, $along, new Laid($kind, $built, $carriers))]));
        }
        usort($ways, fn (Bending $a, Bending $b): int => $a->sag() / $a->length <=> $b->sag() / $b->length);

        return $ways[0] ?? null;
    }

    private function over(float $span, Panel $board, Axis $along, Laid $laid): Bending
    {
        $built = $laid->built;
        $material = $built->project->stock[$board->material];
        $across = $along === Axis::X ? Axis::Y : Axis::X;
        $mm = fn (Length $l): float => $l->units / Length::PER_MM;
        [$wide, $t] = [$mm($board->block->extent($across)), $mm(self::thickness($board, $built))];
        $point = $this->placed($laid->kind, $board, $built);
        $strip = $point > 0.0 ? Bending::strip($wide, $span, ! $laid->carriers->hasFrontEdge($board)) : $wide;
        $own = $strip * $t * $material->density * 1e-9 * Bending::GRAVITY;
        $inertia = $strip * $t ** 3;
        foreach ($laid->carriers->stack($board) as $layer) {
            $isOther = $layer->role !== $board->role && $layer->inHouse($layer->long) === $along;
            $inertia += $isOther ? min($strip, $mm($layer->block->extent($across))) * $mm($layer->block->size->z) ** 3 : 0.0;
            foreach ($wide < self::NARROW_MM ? $laid->carriers->ribs($layer, $along) : [] as $rib) {
                $inertia += $mm($rib->thickness()) * $mm($rib->block->size->z) ** 3;
            }
        }
        $stiffness = $along === $board->inHouse($board->long) ? $material->madeOf->along() : $material->madeOf->across();

        return new Bending($span, $strip, ($inertia / $strip) ** (1 / 3), $stiffness,
            $own + ($laid->kind === BandKind::Deck ? $strip * WallLoads::DECK_N_MM2 : 0.0), false, 0.0, $point);
    }

    private function overhangs(Panel $board, BandKind $kind, Stretch $stretch, PlacedPiece $built): ?Finding
    {
        $mm = fn (Length $l): float => $l->units / Length::PER_MM;
        [$a, $t] = [$stretch->length(), $mm(self::thickness($board, $built))];
        $strip = Bending::strip($mm($board->block->size->y), $a, true);
        $madeOf = $built->madeOf($board);
        $sag = $this->placed($kind, $board, $built) * $a ** 3 / (3 * $madeOf->along() * $strip * $t ** 3 / 12);
        $limit = $a * 2 / $built->project->limit(Limit::TopSags);

        return $sag <= $limit * (1 + 1e-9) ? null : FindingFactory::look('strength.top_overhangs', new Place(WorkStage::Piece, $board->id), 'strength_slab',
            ['part' => $board->name, 'by' => FindingFactory::down($a), 'sag' => FindingFactory::up($sag), 'limit' => FindingFactory::down($limit)])
            ->measuring(FindingFactory::up($sag), FindingFactory::down($limit));
    }

    /** N at the worst place of it. */
    private function placed(BandKind $kind, Panel $board, PlacedPiece $built): float
    {
        $isLow = $board->block->to(Axis::Z)->minus($built->box->floor)->isLessThan(Length::fromMillimetres(self::STOOD_ON_MM));

        return match (true) {
            $kind === BandKind::Deck => 0.0,
            $kind === BandKind::Seat, $isLow => Bending::PERSON_N,
            default => self::LEAN_N,
        };
    }

    /** Its layers are screwed to one another, as one. */
    private static function thickness(Panel $board, PlacedPiece $built): Length
    {
        $top = $board->block->to(Axis::Z);
        foreach ($built->boards($board->role) as $next) {
            if ($next->block->corner->z->equals($top) && $next->block->corner->x->equals($board->block->corner->x)
                && $next->block->size->x->equals($board->block->size->x)) {
                return $board->block->size->z->plus(self::thickness($next, $built));
            }
        }

        return $board->block->size->z;
    }

    /** @return array<string, BandKind> of slabs, by band */
    private static function kinds(PlacedPiece $built): array
    {
        $kinds = [];
        foreach ($built->piece->runs as $run) {
            foreach ($run->bands as $id => $band) {
                $kinds[$id] = $band->kind;
            }
        }

        return $kinds;
    }
}
