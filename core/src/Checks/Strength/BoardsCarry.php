<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Strength;

use Incastro\Core\Assembly\Assembly;
use Incastro\Core\Assembly\Loads\Bending;
use Incastro\Core\Assembly\Loads\Carriers;
use Incastro\Core\Assembly\Loads\Stretch;
use Incastro\Core\Assembly\Stowed;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Checks\HoldingCheck;
use Incastro\Core\Design\BoughtAs;
use Incastro\Core\Design\Cell;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Document\Fields\Limit;
use Incastro\Core\Document\Model\FillKind;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;

/**
 * What carries besides shelves and tops: the bottom of a box under what is kept in it, slats of a shelf, treads under one person (1.35 kN,
 * L/200; our own figure) and hanging rails under 40 kg of clothes a metre (steel tube 25 × 1.5; L/200, our own figures).
 */
final class BoardsCarry implements HoldingCheck
{
    private const TREAD_PART = 200;

    /** Steel tube 25 × 1.5: π/64 · (25⁴ − 22⁴) mm⁴, and its modulus. */
    private const TUBE_I = 7_676.0;

    private const STEEL_N_MM2 = 210_000.0;

    private const CLOTHES_KG_M = 40.0;

    /** From here on a hanging rail has a bracket in its middle. */
    private const BRACKET_MM = 1_000.0;

    private const RAIL_PART = 200;

    public function of(PlacedPiece $built, Assembly $assembly): array
    {
        $carriers = $assembly->carriers($built->piece->id);
        $findings = [];
        foreach ($built->design->cells as $id => $cell) {
            array_push($findings, ...array_filter([$this->bottom($cell, $built, $carriers), $this->slat($cell, $built, $carriers)]));
        }
        foreach ($built->boards(Role::BoxPart, Role::Ladder, Role::Board) as $panel) {
            array_push($findings, ...($panel->boughtAs === BoughtAs::Tube ? $this->rail($panel) : $this->tread($panel, $built, $carriers)));
        }

        return $findings;
    }

    /** The bottom of a bay, between what is under it, along or across: the stiffer way carries. */
    private function bottom(Cell $cell, PlacedPiece $built, Carriers $carriers): ?Finding
    {
        $board = $built->panels[$cell->by->floor ?? ''] ?? null;
        if ($board === null || $board->role !== Role::Bottom || $board->turned) {
            return null;
        }
        $levels = count($built->inBay($cell->bay->id, Role::Shelf)) + 1;
        $size = [self::mm($cell->x->value()), self::mm($cell->y->value())];
        $load = Stowed::onEach($cell, $built, $levels, $size) * Bending::GRAVITY / ($size[0] * $size[1]);
        $ways = [];
        foreach ([Axis::X, Axis::Y] as $i => $along) {
            $stretches = $carriers->stretches($board, $along);
            $reach = $i === 0 ? [self::mm($cell->x->from), self::mm($cell->x->to())] : [self::mm($cell->y->from), self::mm($cell->y->to())];
            $own = array_filter($stretches ?? [], fn (Stretch $s): bool => ! $s->overhangs && min($s->to, $reach[1]) - max($s->from, $reach[0]) > 1.0);
            if ($stretches !== null && $own === []) {
                return null;
            }
            $span = $own === [] ? null : max(array_map(fn (Stretch $s): float => $s->length(), $own));
            array_push($ways, ...($span === null ? [] : [$this->strip($carriers->stack($board), $along, $span, [$size[1 - $i], $load, $built])]));
        }
        usort($ways, fn (Bending $a, Bending $b): int => $a->sag() / $a->length <=> $b->sag() / $b->length);

        return $ways === [] || $load <= 0.0 ? null : $this->sags($board, $ways[0], $built, $cell->bay->id);
    }

    /**
     * The board, and flat ones that it lies on, which bend with it.
     *
     * @param  non-empty-list<Panel>  $stack
     * @param  array{float, float, PlacedPiece}  $under  how wide, N/mm² on it, and the piece
     */
    private function strip(array $stack, Axis $along, float $span, array $under): Bending
    {
        [$wide, $load, $built] = $under;
        $board = $stack[0];
        $t = array_sum(array_map(fn (Panel $p): float => self::mm($p->thickness()) ** 3, $stack)) ** (1 / 3);
        $madeOf = $built->madeOf($board);
        $own = $t * ($built->project->stock[$board->material]->density ?? 0) * 1e-9 * Bending::GRAVITY;
        $stiffness = $along === $board->inHouse($board->long) ? $madeOf->along() : $madeOf->across();

        return new Bending($span, $wide, $t, $stiffness, $wide * ($load + $own));
    }

    /** Each slat of a shelf bears its share. */
    private function slat(Cell $cell, PlacedPiece $built, Carriers $carriers): ?Finding
    {
        $slats = $cell->bay->fill->kind === FillKind::Bed ? [] : $built->inBay($cell->bay->id, Role::Slat);
        $first = $slats[0] ?? null;
        if ($first === null) {
            return null;
        }
        $alike = array_filter($slats, fn (Panel $p): bool => $p->block->from(Axis::Z)->equals($first->block->from(Axis::Z)));
        $levels = intdiv(count($slats), max(1, count($alike))) + 1;
        $size = [self::mm($cell->x->value()), self::mm($cell->y->value())];
        $kg = Stowed::onEach($cell, $built, $levels, $size) / count($alike);
        $between = array_filter($carriers->stretches($first, $first->inHouse($first->long)) ?? [], fn (Stretch $s): bool => ! $s->overhangs);
        $span = $between === [] ? $size[0] : max(array_map(fn (Stretch $s): float => $s->length(), $between));
        $t = self::mm($first->thickness());
        $bending = new Bending($span, self::mm($first->width->value), $t, $built->madeOf($first)->along(), $kg * Bending::GRAVITY / $size[0]);

        return $this->sags($first, $bending, $built, $cell->bay->id);
    }

    /** @return list<Finding> a level board that is stepped on */
    private function tread(Panel $board, PlacedPiece $built, Carriers $carriers): array
    {
        if (preg_match('/:(tread|rung_\d+)$/', $board->id) !== 1) {
            return [];
        }
        $along = $board->inHouse($board->long);
        $between = array_filter($carriers->stretches($board, $along) ?? [], fn (Stretch $s): bool => ! $s->overhangs);
        $span = $between === [] ? self::mm($board->length->value) : max(array_map(fn (Stretch $s): float => $s->length(), $between));
        $width = Bending::strip(self::mm($board->width->value), $span, true);
        $bending = $this->ribbed(new Bending($span, $width, self::mm($board->thickness()), $built->madeOf($board)->along(), 0.0, false, 0.0,
            Bending::PERSON_N), $carriers->ribs($board, $along));
        $args = ['part' => $board->name, 'span' => FindingFactory::up($span)];
        if ($bending->stress() > $built->madeOf($board)->bends()) {
            return [FindingFactory::look('strength.board_breaks', new Place(WorkStage::Piece, $board->id), 'strength_slab',
                $args + ['stress' => FindingFactory::tenths($bending->stress()), 'safe' => FindingFactory::tenths($built->madeOf($board)->bends())])
                ->graded(Severity::Stop)];
        }

        return $bending->sag() * self::TREAD_PART <= $span ? [] : [FindingFactory::look('strength.tread_gives', new Place(WorkStage::Piece, $board->id),
            'strength_slab', $args + ['sag' => FindingFactory::up($bending->sag()), 'limit' => FindingFactory::down($span / self::TREAD_PART),
                'thick' => FindingFactory::up($bending->thicknessFor($span / self::TREAD_PART))])];
    }

    /**
     * With boards on edge under it that bend as far as it does: each takes its share by how stiff it is; told is the one that is stressed most.
     *
     * @param  list<Panel>  $ribs
     */
    private function ribbed(Bending $alone, array $ribs): Bending
    {
        $all = $alone->inertia();
        foreach ($ribs as $rib) {
            $all += self::mm($rib->thickness()) * self::mm($rib->block->size->z) ** 3 / 12;
        }
        $worst = $this->share($alone, $alone->inertia() / $all);
        foreach ($ribs as $rib) {
            [$wide, $high] = [self::mm($rib->thickness()), self::mm($rib->block->size->z)];
            $own = $this->share(new Bending($alone->length, $wide, $high, $alone->stiffness, 0.0, false, 0.0, $alone->point), $wide * $high ** 3 / 12 / $all);
            $worst = $own->stress() > $worst->stress() ? $own : $worst;
        }

        return $worst;
    }

    private function share(Bending $bending, float $share): Bending
    {
        return new Bending($bending->length, $bending->width, $bending->thickness, $bending->stiffness, 0.0, false, 0.0, $bending->point * $share);
    }

    /** @return list<Finding> */
    private function rail(Panel $rail): array
    {
        $length = self::mm($rail->length->value);
        $span = $length > self::BRACKET_MM ? $length / 2 : $length;
        $load = self::CLOTHES_KG_M / 1_000 * Bending::GRAVITY;
        $sag = 5 * $load * $span ** 4 / (384 * self::STEEL_N_MM2 * self::TUBE_I);

        return $sag * self::RAIL_PART <= $span ? [] : [FindingFactory::look('strength.rail_sags', new Place(WorkStage::Piece, $rail->id), 'strength',
            ['part' => $rail->name, 'span' => FindingFactory::down($span), 'sag' => FindingFactory::up($sag),
                'limit' => FindingFactory::down($span / self::RAIL_PART)])];
    }

    private function sags(Panel $board, Bending $bending, PlacedPiece $built, string $bay): ?Finding
    {
        if (ShelfSags::over($bending, $built, $board) <= 1.0) {
            return null;
        }
        $creep = $built->madeOf($board)->creep();
        [$sag, $limit] = [FindingFactory::up($bending->sag() * $creep),
            FindingFactory::down($bending->length * ShelfSags::IN_THE_END / $built->project->limit(Limit::ShelfSags))];

        return FindingFactory::look('strength.board_sags', Place::inPiece($bay), 'strength', ['part' => $board->name, 'sag' => $sag, 'limit' => $limit,
            'kg' => (int) round($bending->load * $bending->length / Bending::GRAVITY), 'span' => FindingFactory::down($bending->length),
            'halved' => FindingFactory::up($bending->cut(2)->sag() * $creep)])->measuring($sag, $limit);
    }

    private static function mm(Length $length): float
    {
        return $length->units / Length::PER_MM;
    }
}
