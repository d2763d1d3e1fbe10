<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Strength;

use Incastro\Core\Assembly\Assembly;
use Incastro\Core\Assembly\Loads\Bending;
use Incastro\Core\Assembly\Wall\WallLoads;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Checks\HoldingCheck;
use Incastro\Core\Design\Panel;
use Incastro\Core\Document\Model\FillKind;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Length;

/**
 * What carries a bed (fieldbook §7): 2.0 kN/m², people included. Slats give L/100 before they feel soft (our own figure), the rail in
 * front L/300, and neither breaks under one person (1 kN on three slats, 2 kN on a rail; our own figures). What the ledger behind hangs on is
 * HangingLoad's.
 */
final class BedCarries implements HoldingCheck
{
    private const SLAT_PART = 100;

    /** One person, at one place. */
    private const PERSON_N = 2000.0;

    /** Of 1 kN through the mattress on the three nearest slats what one bears, over so much of it; for that short while more is safe (12 of 7). */
    private const SLAT_N = 1_000.0 / 3;

    private const SLAT_OVER_MM = 300.0;

    private const SLATS_SHORT = 12 / 7;

    /** Of slats in one length, on the rail in the middle. */
    private const CONTINUOUS = 1.25;

    private const RAIL_PART = 300;

    public function of(PlacedPiece $built, Assembly $assembly): array
    {
        $findings = [];
        foreach ($built->design->cells as $id => $cell) {
            if ($cell->bay->fill->kind === FillKind::Bed) {
                $parts = array_filter($built->panels, fn (Panel $p): bool => $p->bay === $id);
                array_push($findings, ...array_filter([$this->slat($id, $parts, $built), $this->rail($id, $parts, $built, $assembly)]),
                    ...$this->centre($parts["$id:centre_rail"] ?? null, $parts["$id:slat_1"] ?? null, $built, $assembly));
            }
        }

        return $findings;
    }

    /** @param  array<string, Panel>  $parts */
    private function slat(string $bay, array $parts, PlacedPiece $built): ?Finding
    {
        [$one, $next, $ledger] = [$parts["$bay:slat_1"] ?? null, $parts["$bay:slat_2"] ?? null, $parts["$bay:ledger_rear"] ?? null];
        if ($one === null || $next === null || $ledger === null) {
            return null;
        }
        [$along, $across] = [$one->inHouse($one->long)->value, $one->inHouse($one->wide())->value];
        $t = self::mm($ledger->block->size->{$along});
        $clear = isset($parts["$bay:centre_rail"]) ? (self::mm($one->block->size->{$along}) - 3 * $t) / 2 : self::mm($one->block->size->{$along}) - 2 * $t;
        $pitch = abs(self::mm($next->block->corner->{$across}->minus($one->block->corner->{$across})));

        [$wide, $thick] = [self::mm($one->width->value), self::mm($one->block->size->z)];
        // Evenly over the length that it bears on: M = P/4 · (L − l/2).
        $moment = self::SLAT_N / 4 * max(0.0, $clear - min(self::SLAT_OVER_MM, $clear) / 2);

        return $this->breaks($one, $clear, $moment / ($wide * $thick ** 2 / 6), $built->madeOf($one)->bends() * self::SLATS_SHORT)
            ?? $this->said('strength.slats_sag', $one, new Bending($clear, $wide, $thick, $built->madeOf($one)->along(), $pitch * WallLoads::DECK_N_MM2, false),
                self::SLAT_PART);
    }

    /** One person at the worst place bends it with more than is safe, N/mm². */
    private function breaks(Panel $part, float $span, float $stress, float $safe): ?Finding
    {
        return $stress <= $safe ? null : FindingFactory::look('strength.board_breaks', new Place(WorkStage::Piece, $part->id), 'strength_slab',
            ['part' => $part->name, 'span' => FindingFactory::up($span), 'stress' => FindingFactory::tenths($stress), 'safe' => FindingFactory::tenths($safe)])
            ->graded(Severity::Stop);
    }

    /**
     * The rail in the middle carries half the deck, 1.25 times that under slats that run over it, and one person at any place of its widest
     * span.
     *
     * @return list<Finding>
     */
    private function centre(?Panel $rail, ?Panel $slat, PlacedPiece $built, Assembly $assembly): array
    {
        if ($rail === null || $slat === null) {
            return [];
        }
        $span = self::widest($rail, $assembly);
        [$high, $thick] = [self::mm($rail->block->size->z), self::mm($rail->thickness())];
        $load = self::mm($slat->block->extent($slat->inHouse($slat->long))) / 2 * WallLoads::DECK_N_MM2 * self::CONTINUOUS;
        $inertia = $thick * $high ** 3 / 12;
        $sags = $this->said('strength.bed_rail_sags', $rail,
            new Bending($span, $inertia * 12 / $high ** 3, $high, $built->madeOf($rail)->along(), $load, false), self::RAIL_PART);
        [$stress, $safe] = [self::PERSON_N * $span / 4 / ($thick * $high ** 2 / 6), $built->madeOf($rail)->bends()];
        $breaks = $stress <= $safe ? null : FindingFactory::look('strength.centre_rail_breaks', new Place(WorkStage::Piece, $rail->id), 'strength_slab',
            ['part' => $rail->name, 'span' => FindingFactory::up($span), 'stress' => FindingFactory::tenths($stress), 'safe' => FindingFactory::tenths($safe)])
            ->graded(Severity::Stop);

        return array_values(array_filter([$sags, $breaks]));
    }

    /** mm between two supports of a rail: its ends, and what it stands on. */
    private static function widest(Panel $rail, Assembly $assembly): float
    {
        $along = $rail->inHouse($rail->long);
        $held = [[self::mm($rail->block->from($along)), self::mm($rail->block->from($along))],
            [self::mm($rail->block->to($along)), self::mm($rail->block->to($along))]];
        foreach ($assembly->footing->pairs as [$lower, $upper]) {
            if ($upper->id === $rail->id) {
                $held[] = [self::mm($lower->bounds->from($along)), self::mm($lower->bounds->to($along))];
            }
        }
        sort($held);
        [$widest, $to] = [0.0, $held[0][1]];
        foreach ($held as [$from, $end]) {
            [$widest, $to] = [max($widest, $from - $to), max($to, $end)];
        }

        return $widest;
    }

    /** @param  array<string, Panel>  $parts */
    private function rail(string $bay, array $parts, PlacedPiece $built, Assembly $assembly): ?Finding
    {
        [$rail, $ledger, $slat] = [$parts["$bay:bed_rail"] ?? null, $parts["$bay:ledger_front"] ?? null, $parts["$bay:slat_1"] ?? null];
        if ($rail === null || $ledger === null || $slat === null) {
            return null;
        }
        // Rail and ledger stand on edge and bend together: as one board as deep as it would take.
        $high = fn (Panel $p): float => self::mm($p->block->size->z);
        $thick = fn (Panel $p): float => self::mm($p->block->size->{$p->inHouse($p->thin)->value});
        $inertia = $thick($rail) * $high($rail) ** 3 / 12 + $thick($ledger) * $high($ledger) ** 3 / 12;
        $deck = self::mm($slat->block->size->{$slat->inHouse($slat->long)->value});
        $length = self::widest($rail, $assembly);
        // Of the two the higher one bends most.
        $stress = self::PERSON_N * $length / 4 * max($high($rail), $high($ledger)) / 2 / $inertia;

        return $this->breaks($rail, $length, $stress, $built->madeOf($rail)->bends()) ?? $this->said('strength.bed_rail_sags', $rail,
            new Bending($length, $inertia * 12 / $high($rail) ** 3, $high($rail), $built->madeOf($rail)->along(), $deck / 2 * WallLoads::DECK_N_MM2, false),
            self::RAIL_PART);
    }

    private function said(string $code, Panel $part, Bending $bending, int $parts): ?Finding
    {
        if ($bending->sag() * $parts <= $bending->length * (1 + 1e-9)) {
            return null;
        }
        [$sag, $limit] = [FindingFactory::up($bending->sag()), FindingFactory::down($bending->length / $parts)];

        return FindingFactory::look($code, new Place(WorkStage::Piece, $part->id), 'strength_slab',
            ['part' => $part->name, 'sag' => $sag, 'limit' => $limit, 'thick' => FindingFactory::up($bending->thicknessFor($bending->length / $parts))])
            ->measuring($sag, $limit);
    }

    private static function mm(Length $length): float
    {
        return $length->units / Length::PER_MM;
    }
}
