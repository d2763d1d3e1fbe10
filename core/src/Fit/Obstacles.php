<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Design\Bench;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Taken;
use Incastro\Core\Design\TakenKind;
use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\Treatment;
use Incastro\Core\Envelope\Box;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Measure\Length;
use Incastro\Core\Survey\PlacedThing;
use Incastro\Core\Survey\Room;

/**
 * Lets the things in the way through the panels (fieldbook §5). A notch has the thing's section, its clearance on each side, and is
 * open toward the wall the piece is pushed to: what a panel passes on its way in is cut out of it too. What is to be reached or
 * brought forward gets an opening through whatever covers it.
 */
final class Obstacles
{
    /** How deep behind a panel a socket or a shut-off is still reached through it. */
    private const REACH_MM = 150;

    /** A plate or a grille covers so much of the panel round its opening. */
    private const COVERED_MM = 7;

    /** @var list<Passage> what was cut, and for what */
    public array $passages = [];

    public function __construct(private readonly Room $room, private readonly Box $box)
    {
    }

    /**
     * @param  list<Panel>  $panels
     * @return list<Panel>
     */
    public function cut(array $panels): array
    {
        foreach ($this->room->things as $placed) {
            $panels = match ($placed->thing->treatment) {
                Treatment::Notch, Treatment::BoxIn => array_map(fn (Panel $p): Panel => $this->notched($p, $placed), $panels),
                Treatment::CutThrough, Treatment::BringForward => array_map(fn (Panel $p): Panel => $this->opened($p, $placed), $panels),
                default => $panels,
            };
        }

        return $panels;
    }

    private function notched(Panel $panel, PlacedThing $placed): Panel
    {
        if ($panel->bought || $panel->role->moves() || ! $placed->thing->out->isPositive()) {
            return $panel;
        }
        $clear = Length::fromMillimetres($placed->thing->rule()->notchMm);
        $clear = $placed->thing->treatment === Treatment::BoxIn ? $clear->plus($panel->block->size->{$panel->inHouse($panel->thin)->value}) : $clear;
        $block = $this->swept($placed->block->grownBy($clear), $panel);

        return $this->take($panel, $placed, TakenKind::Notch, $block);
    }

    /** What covers a thing that is to be seen or reached from the room: a panel across the way from its face, near enough. */
    private function opened(Panel $panel, PlacedThing $placed): Panel
    {
        $out = self::outward($placed->thing->face);
        if ($panel->bought || $panel->role->moves() || $panel->inHouse($panel->thin) !== $out) {
            return $panel;
        }
        $through = $placed->thing->treatment === Treatment::CutThrough;
        $edge = Length::fromMillimetres($through ? $placed->thing->rule()->notchMm : -self::COVERED_MM);
        $reach = Length::fromMillimetres(self::REACH_MM);
        $block = $placed->block->grownBy($edge)->stretched($out, $reach, $reach);

        return $block->isEmpty() ? $panel : $this->take($panel, $placed, TakenKind::CutOut, $block);
    }

    /** The axis on which a thing stands out from what it is on. */
    private static function outward(Face $face): Axis
    {
        return match ($face) {
            Face::Left, Face::Right => Axis::X,
            Face::Floor, Face::Ceiling, Face::Slope => Axis::Z,
            Face::Back, Face::Opening => Axis::Y,
        };
    }

    private function take(Panel $panel, PlacedThing $placed, TakenKind $kind, Block $block): Panel
    {
        $own = $panel->block;
        $common = Bench::common($own, $block);
        if ($common === null) {
            return $panel;
        }
        // Through the board, however little of its thickness the thing enters.
        $thin = $panel->inHouse($panel->thin);
        // A shaving at the rim of an opening is in nobody's way.
        $slight = Length::fromMillimetres($kind === TakenKind::CutOut ? 2 : 0);
        foreach (Axis::cases() as $axis) {
            if ($axis !== $thin && ! $common->size->{$axis->value}->isGreaterThan($slight)) {
                return $panel;
            }
        }
        $taken = new Taken($kind, $common->along($thin, $own->corner->{$thin->value}, $own->size->{$thin->value}));
        $this->passages[] = new Passage($panel->id, $placed, $kind, $taken->block);

        return $panel->taking($taken);
    }

    /** A thing and all that a panel passes on its way to the wall: the way behind it, as far as the panel reaches. */
    private function swept(Block $thing, Panel $panel): Block
    {
        $own = $panel->block;
        if (! $panel->turned) {
            $behind = $thing->corner->y->minus($own->corner->y);

            return $thing->stretched(Axis::Y, Length::greatest(Length::zero(), $behind), Length::zero());
        }
        $isLeft = $own->corner->x->isLessThan($this->box->left->plus($this->box->width->value->half()));
        $before = $isLeft ? $thing->corner->x->minus($own->corner->x) : Length::zero();
        $after = $isLeft ? Length::zero() : $own->corner->x->plus($own->size->x)->minus($thing->corner->x)->minus($thing->size->x);

        return $thing->stretched(Axis::X, Length::greatest(Length::zero(), $before), Length::greatest(Length::zero(), $after));
    }
}
