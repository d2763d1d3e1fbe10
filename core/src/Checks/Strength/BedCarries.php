<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Strength;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Design\Panel;
use Incastro\Core\Document\Model\FillKind;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Length;

/**
 * What carries a bed (fieldbook §7): 2.0 kN/m², people included. Slats give L/100 before they feel soft (our own figure), the rail in
 * front L/300. What the ledger behind hangs on is HangingLoad's.
 */
final class BedCarries implements Check
{
    private const DECK_N_MM2 = 2.0e-3;

    private const SLAT_PART = 100;

    private const RAIL_PART = 300;

    public function of(PlacedPiece $built): array
    {
        $findings = [];
        foreach ($built->design->cells as $id => $cell) {
            if ($cell->bay->fill->kind === FillKind::Bed) {
                $parts = array_filter($built->panels, fn (Panel $p): bool => $p->bay === $id);
                array_push($findings, ...array_filter([$this->slat($id, $parts, $built), $this->rail($id, $parts, $built)]));
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

        return $this->said('strength.slats_sag', $one,
            new Bending($clear, self::mm($one->width->value), self::mm($one->block->size->z),
                $built->madeOf($one)->along(), $pitch * self::DECK_N_MM2, false), self::SLAT_PART);
    }

    /** @param  array<string, Panel>  $parts */
    private function rail(string $bay, array $parts, PlacedPiece $built): ?Finding
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
        $length = self::mm($rail->length->value);

        return $this->said('strength.bed_rail_sags', $rail,
            new Bending($length, $inertia * 12 / $high($rail) ** 3, $high($rail), $built->madeOf($rail)->along(), $deck / 2 * self::DECK_N_MM2, false),
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
