<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Strength;

use Incastro\Core\Assembly\Assembly;
use Incastro\Core\Assembly\Loads\Bending;
use Incastro\Core\Assembly\Wall\Capacity;
use Incastro\Core\Assembly\Wall\Hold;
use Incastro\Core\Assembly\Wall\WallFixing;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Checks\HoldingCheck;
use Incastro\Core\Design\Role;
use Incastro\Core\Document\Model\WallKind;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * What hangs on the wall: a box with nothing under it, a bed's ledger. The screws that it takes (down and out, at each no more than the sum
 * of both shares) against the room there is for them; where nobody knows what a screw holds in, it is held by nothing yet.
 */
final class HangingLoad implements HoldingCheck
{
    public function of(PlacedPiece $built, Assembly $assembly): array
    {
        $fixings = $assembly->wall($built->piece->id);
        $findings = [];
        foreach ($fixings as $fixing) {
            array_push($findings, ...array_filter([$fixing->isUnknown() ? $this->unknown($fixing, $built) : $this->short($fixing)]));
        }

        return $findings;
    }

    private function short(WallFixing $fixing): ?Finding
    {
        if ($fixing->load === null || ! $fixing->isShort()) {
            return null;
        }
        $place = new Place(WorkStage::Fit, $fixing->board->id);
        $args = ['part' => $fixing->board->name, 'what' => $fixing->load->what, 'kg' => (int) ceil($fixing->load->kg),
            'has' => $fixing->room, 'wanted' => $fixing->wanted];
        if ($fixing->board->role === Role::Ledger) {
            return FindingFactory::look('strength.ledger_screws', new Place(WorkStage::Piece, $fixing->board->id), 'ledger',
                ['part' => $fixing->board->name, 'wanted' => $fixing->wanted, 'studs' => $fixing->columns(),
                    'most' => intdiv($fixing->room, max(1, $fixing->columns()))]);
        }

        return $fixing->in() !== Hold::Anchor ? FindingFactory::look('strength.hanging_load', $place, 'hanging', $args)
            : FindingFactory::look('strength.anchors_many', $place, 'anchors',
                $args + ['each' => FindingFactory::tenths(($fixing->each->down ?? 0.0) / Bending::GRAVITY)]);
    }

    private function unknown(WallFixing $fixing, PlacedPiece $built): Finding
    {
        $load = $fixing->load ?? throw new \LogicException('Nothing hangs on it.');
        $args = ['part' => $fixing->board->name, 'what' => $load->what, 'kg' => (int) ceil($load->kg), 'why' => self::why($built)];
        $behind = Length::greatest(Length::zero(), $fixing->board->block->corner->y);
        $wants = fn (Capacity $each): string => $each->down === null ? '–'
            : (string) $load->wants($each, $fixing->board->block->extent(Axis::X)->units / Length::PER_MM);
        $would = ['lined' => $wants(Capacity::inStud($behind->plus(Length::fromMillimetres(12.7)), $built->madeOf($fixing->board))),
            'bare' => $wants(Capacity::inStud($behind, $built->madeOf($fixing->board))), 'brick' => $wants(Capacity::inBrick())];

        return new Finding('strength.held_unknown', Severity::Stop, new Place(WorkStage::Fit, $fixing->board->id),
            Text::of('strength.held_unknown', ...$args), Text::of('strength.held_unknown.remedy', ...$would), Text::of('source.hanging'));
    }

    /** What has to be found out. */
    private static function why(PlacedPiece $built): Text
    {
        $build = $built->room->space->build;

        return Text::of('held.'.match (true) {
            $build->kind === WallKind::Unknown => 'wall',
            $build->kind === WallKind::MetalStud => 'anchor',
            $built->box->studs === [] => 'studs',
            $build->lining === null => 'lining',
            default => 'between',
        });
    }
}
