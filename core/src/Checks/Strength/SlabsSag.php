<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Strength;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Document\Fields\Limit;
use Incastro\Core\Document\Model\BandKind;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * Tops, desks, seats and bed decks between what carries them (fieldbook §7): a seat bears 1.35 kN at one place, a deck 2.0 kN/m², on a top
 * somebody leans with 0.5 kN (our own figure). More than L/200 is told; the limit may be set otherwise. Boards one on the other count as one.
 */
final class SlabsSag implements Check
{
    private const LEAN_N = 500.0;

    private const SEAT_N = 1_350.0;

    private const DECK_N_MM2 = 2.0e-3;

    public function of(PlacedPiece $built): array
    {
        $kinds = self::kinds($built);
        $findings = [];
        foreach ($built->boards(Role::Slab, Role::Lid) as $board) {
            $kind = $board->role === Role::Lid ? BandKind::Seat : $kinds[$board->element ?? ''] ?? BandKind::Top;
            $bending = $this->bending($board, $kind, $built);
            $parts = $built->project->limit(Limit::TopSags);
            if ($bending !== null && $bending->sag() * $parts > $bending->length * (1 + 1e-9)) {
                [$sag, $limit] = [FindingFactory::up($bending->sag()), FindingFactory::down($bending->length / $parts)];
                $code = ['seat' => 'strength.seat_sags', 'deck' => 'strength.deck_sags'][$kind->value] ?? 'strength.top_sags';
                $findings[] = new Finding($code, Severity::Look, new Place(WorkStage::Piece, $board->id),
                    Text::of($code, part: $board->name, sag: $sag, span: FindingFactory::down($bending->length), limit: $limit),
                    Text::of('strength.slab.remedy', thick: FindingFactory::up($bending->thicknessFor($bending->length / $parts)),
                        halved: FindingFactory::up($bending->cut(2)->sag())), Text::of('source.strength_slab'), $sag, $limit);
            }
        }

        return $findings;
    }

    private function bending(Panel $board, BandKind $kind, PlacedPiece $built): ?Bending
    {
        $material = $built->project->stock[$board->material] ?? null;
        $free = $board->role === Role::Lid ? $this->overBay($board, $built) : [Spans::along($board, $built), $board->width->value];
        if ($free === null || $free[0] === null || ! $free[0]->isPositive() || $material === null || $board->turned || $board->bought) {
            return null;
        }
        [$length, $depth, $t] = array_map(fn (Length $l): float => $l->units / Length::PER_MM, [$free[0], $free[1], Spans::thickness($board, $built)]);
        $own = $depth * $t * $material->density * 1e-9 * Bending::GRAVITY;

        return new Bending($length, $depth, $t, $material->madeOf->along(), $own + ($kind === BandKind::Deck ? $depth * self::DECK_N_MM2 : 0.0), false, 0.0,
            ['seat' => self::SEAT_N, 'deck' => 0.0][$kind->value] ?? self::LEAN_N);
    }

    /** @return array{Length, Length}|null a lid lies on all four edges of its bay: the shorter way carries, the other is how wide it is */
    private function overBay(Panel $lid, PlacedPiece $built): ?array
    {
        $cell = $built->under($lid);

        return $cell === null ? null : [Length::least($cell->x->value(), $cell->y->value()), Length::greatest($cell->x->value(), $cell->y->value())];
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
